import { type ScoreEvent, type ScoreNote, scoreOf, type ScoreStaff } from '../notation'
import { touchOf } from '../study'
import type { PlacedSign } from '../instrument'
import { type Bundle, isMinor, type Piece } from './piece'
import { END, endedAt, signsAt, STROKE_SIGNS } from './signs'

/** Signs before a note; the format takes signs that are said to hold to the bar line, as we do. */
const SIGNS: Record<number, string> = { [-2]: '__', [-1]: '_', 0: '=', 1: '^', 2: '^^' }
const MAJORS = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#']
const MINORS = ['Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#', 'G#', 'D#', 'A#']

const keyOf = ({ study }: Piece, fifths: number): string =>
  isMinor(study) ? `${MINORS[fifths + 7]}m` : MAJORS[fifths + 7]!

/** A letter and its octave: `c` is an octave over `C`, the C in the middle. */
function headOf({ pitch: { letter, octave }, sign }: ScoreNote): string {
  const own = octave >= 5 ? letter.toLowerCase() + "'".repeat(octave - 5) : letter + ','.repeat(4 - octave)
  return (sign === null ? '' : SIGNS[sign]!) + own
}

const UNITS = { whole: 32, half: 16, quarter: 8, eighth: 4, sixteenth: 2, 'thirty-second': 1 } as const

/** A length in thirty-seconds, the unit of the file; triplets are marked before them. */
const lengthOf = ({ written, dots }: ScoreEvent): string => {
  const units = UNITS[written] * (dots > 0 ? 1.5 : 1)
  return Number.isInteger(units) ? String(units) : `${units * 2}/2`
}

/** How many notes a group of triplets has, marked where it begins. */
const tripletFrom = (events: readonly ScoreEvent[], at: number): string => {
  if (events[at]!.tuplet !== 'begin') return ''
  const end = events.findIndex((event, place) => place >= at && event.tuplet === 'end')
  return `(3:2:${(end < 0 ? at : end) - at + 1}`
}

/** Beams: notes that share one stand together. */
const joins = ({ beams }: ScoreEvent): boolean => beams[0] === 'begin' || beams[0] === 'continue'

/** Signs stand before the note that they belong to. */
const SIGN_WRITER = {
  pedal: { down: '!ped!', anew: '!ped-up!!ped!', up: '!ped-up!' },
  words: (text: string) => `"^${text}"`,
}

function eventOf(events: readonly ScoreEvent[], at: number, staccato: boolean, signs: readonly PlacedSign[]): string {
  const event = events[at]!
  const space = joins(event) ? '' : ' '
  const before = tripletFrom(events, at)
  if (event.notes.length === 0) return `${before}z${lengthOf(event)}${space}`
  const marks = event.notes.flatMap(({ mark }) => (mark !== null && /^[1-5]$/.test(mark) ? [`!${mark}!`] : []))
  // what is no finger stands as a word over the note
  const words = event.notes.flatMap(({ mark }) => (mark !== null && !/^[1-5]$/.test(mark) ? [`"^${mark}"`] : []))
  const strokes = (event.step === null ? [] : (event.notes[0]!.strokeMarks ?? [])).map(
    (each) => `"_${STROKE_SIGNS[each]}"`,
  )
  const own = signsAt(signs, event.step, SIGN_WRITER)
  const touch = (event.accent ? '!accent!' : '') + (staccato && event.step !== null ? '.' : '')
  const heads = event.notes.map(headOf)
  const chord = heads.length > 1 ? `[${heads.join('')}]` : heads[0]!
  const tie = event.notes.some(({ tied }) => tied.to) ? '-' : ''
  const beneath = event.notes.flatMap(({ label }) => (label ? [`"_${label}"`] : []))
  return `${before}${[...own, ...words, ...beneath, ...strokes].join('')}${marks.join('')}${touch}${chord}${lengthOf(event)}${tie}${space}`
}

function staffLines(staff: ScoreStaff, voice: number, staccato: boolean, signs: readonly PlacedSign[]): string {
  let clef = staff.bars[0]?.events[0]?.writing.clef
  const bars = staff.bars.map(({ events }) =>
    events
      .map((event, at) => {
        const changes = event.writing.clef !== clef ? `[K:clef=${event.writing.clef}] ` : ''
        clef = event.writing.clef
        return changes + eventOf(events, at, staccato, signs)
      })
      .join('')
      .trim(),
  )
  const last = signsAt(signs, END, SIGN_WRITER).join('')
  return `[V:${voice}] ${bars.join(' | ')} ${last}|]`
}

function tuneOf(piece: Piece, number: number): string {
  const { study, title } = piece
  const score = scoreOf(study)
  const { recipe } = study
  const clefs = score.staves.map(
    (staff, at) => `V:${at + 1} clef=${staff.bars[0]?.events[0]?.writing.clef ?? 'treble'}`,
  )
  const count = score.staves.length
  return [
    `X:${number}`,
    `T:${title.replaceAll('♯', '#').replaceAll('♭', 'b')}`,
    `M:${score.beatsPerBar}/4`,
    'L:1/32',
    `Q:1/4=${recipe.tempo.bpm}`,
    ...(count > 1 ? ['%%score {1 | 2}'] : []),
    ...clefs,
    `K:${keyOf(piece, score.fifths)}`,
    ...score.staves.map((staff, at) =>
      staffLines(
        staff,
        at + 1,
        touchOf(recipe, staff.player) === 'staccato',
        at === 0 ? endedAt(score.signs, study.steps) : [],
      ),
    ),
  ].join('\n')
}

/** A study, or a set as tunes in their order, in ABC notation 2.1. */
export const writeAbc = ({ pieces }: Bundle): string =>
  `%abc-2.1\n${pieces.map((piece, at) => tuneOf(piece, at + 1)).join('\n\n')}\n`
