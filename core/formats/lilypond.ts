import { type ScoreEvent, type ScoreNote, scoreOf, type ScoreStaff } from '../notation'
import { touchOf } from '../study'
import type { PlacedSign } from '../instrument'
import { type Bundle, isMinor, type Piece } from './piece'
import { END, endedAt, signsAt, STROKE_SIGNS } from './signs'

const SIGNS: Record<number, string> = { [-2]: 'eses', [-1]: 'es', 0: '', 1: 'is', 2: 'isis' }
const MAJORS = ['ces', 'ges', 'des', 'aes', 'ees', 'bes', 'f', 'c', 'g', 'd', 'a', 'e', 'b', 'fis', 'cis']
const MINORS = ['aes', 'ees', 'bes', 'f', 'c', 'g', 'd', 'a', 'e', 'b', 'fis', 'cis', 'gis', 'dis', 'ais']
const LENGTHS = { whole: '1', half: '2', quarter: '4', eighth: '8', sixteenth: '16', 'thirty-second': '32' } as const

/** A note in the format's own letters: `c'` is the C in the middle. */
function headOf({ pitch: { letter, alteration, octave } }: ScoreNote): string {
  const up = octave - 3
  return letter.toLowerCase() + SIGNS[alteration]! + (up >= 0 ? "'".repeat(up) : ','.repeat(-up))
}

const lengthOf = ({ written, dots }: ScoreEvent): string => LENGTHS[written] + '.'.repeat(dots)

const BEAMS = { begin: '[', continue: '', end: ']', forward: '', backward: '' } as const

/** A finger at its own note; R and L stand over the note. */
const finger = ({ mark }: ScoreNote): string => (mark !== null && /^[1-5]$/.test(mark) ? `-${mark}` : '')

/** Signs of a pedal, and words over the notes, follow the note that they stand at. */
const SIGN_WRITER = {
  pedal: { down: '\\sustainOn', anew: '\\sustainOff\\sustainOn', up: '\\sustainOff' },
  words: (text: string) => `^"${text}"`,
}

function eventOf(event: ScoreEvent, staccato: boolean, signs: readonly string[]): string {
  if (event.notes.length === 0) return `r${lengthOf(event)}`
  const heads = event.notes.map((note) => headOf(note) + (event.notes.length > 1 ? finger(note) : ''))
  const chord = heads.length > 1 ? `<${heads.join(' ')}>` : heads[0]!
  const over = event.notes.flatMap(({ mark }) => (mark !== null && !/^[1-5]$/.test(mark) ? [`^"${mark}"`] : []))
  const beneath = event.notes.flatMap(({ label }) => (label ? [`_"${label}"`] : []))
  const strokes = (event.notes[0]!.strokeMarks ?? []).map((each) => `_"${STROKE_SIGNS[each]}"`)
  const words = [...over, ...beneath, ...(event.step === null ? [] : strokes), ...signs]
  return [
    chord + lengthOf(event),
    event.slashes > 0 ? `:${8 * 2 ** (event.slashes - 1)}` : '',
    event.notes.length === 1 ? finger(event.notes[0]!) : '',
    event.accent ? '->' : '',
    staccato && event.step !== null ? '-.' : '',
    ...words,
    event.notes.some(({ tied }) => tied.to) ? '~' : '',
    event.beams[0] ? BEAMS[event.beams[0]] : '',
  ].join('')
}

const OTTAVA = (by: number): string => `\\ottava #${by} `

function staffOf(staff: ScoreStaff, head: string, staccato: boolean, signs: readonly PlacedSign[]): string {
  let last = staff.bars[0]!.events[0]!.writing
  const first = `\\clef ${last.clef} ${head} ${last.ottava === 0 ? '' : OTTAVA(last.ottava)}`
  const bars = staff.bars.map(({ events }) =>
    events
      .map((event) => {
        const clef = event.writing.clef === last.clef ? '' : `\\clef ${event.writing.clef} `
        const ottava = event.writing.ottava === last.ottava ? '' : OTTAVA(event.writing.ottava)
        last = event.writing
        const opens = event.tuplet === 'begin' ? '\\tuplet 3/2 { ' : ''
        return `${clef}${ottava}${opens}${eventOf(event, staccato, signsAt(signs, event.step, SIGN_WRITER))}${event.tuplet === 'end' ? ' }' : ''}`
      })
      .join(' '),
  )
  const lifted = signsAt(signs, END, SIGN_WRITER).map((sign) => ` <>${sign}`)
  return `\\new Staff { ${first}\n  ${bars.join(' |\n  ')}${lifted.join('')} \\bar "|." }`
}

/** Text within quotes. */
const quoted = (text: string): string => `"${text.replaceAll('\\', '\\\\').replaceAll('"', '\\"')}"`

function scoreBlock(piece: Piece): string {
  const { study, title } = piece
  const score = scoreOf(study)
  const minor = isMinor(study)
  const key = `\\key ${(minor ? MINORS : MAJORS)[score.fifths + 7]} ${minor ? '\\minor' : '\\major'}`
  const head = `${key} \\time ${score.beatsPerBar}/4 \\tempo 4 = ${study.recipe.tempo.bpm}`
  const staves = score.staves.map((staff, at) =>
    staffOf(
      staff,
      head,
      touchOf(study.recipe, staff.player) === 'staccato',
      at === 0 ? endedAt(score.signs, study.steps) : [],
    ),
  )
  const group = staves.length > 1 ? `\\new PianoStaff <<\n${staves.join('\n')}\n>>` : staves[0]!
  return `\\score {\n${group}\n\\header { piece = ${quoted(title)} }\n\\layout { }\n\\midi { }\n}`
}

/** A study, or a set as scores in their order, as a LilyPond file. */
export const writeLilyPond = ({ title, pieces }: Bundle): string =>
  `\\version "2.24.0"\n\\header { title = ${quoted(title)} tagline = ##f }\n${pieces.map(scoreBlock).join('\n\n')}\n`
