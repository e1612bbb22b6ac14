import { callMessage } from './messages'
import type { Message } from '../message'
import { KINDS, type KindId, leadsToKey, signatureOf, usualTonics } from '../material'
import { fifthsOf, type Note, noteName, parseNote, pitchClass } from '../pitch'
import { type Articulation, chromaticApart, type HandTouch, NOTES_PER_BEAT, type Tempo } from '../study'
import type { Chooser, Entry, EntryInput } from '../syllabus'
import type { Heard } from './heard'

const TWELVE = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B']
const isBlack = (name: string): boolean => name.length > 1

export function keysFrom(heard: Heard, tonics: readonly Note[], previous: string | null): EntryInput['keys'] | null {
  const { ask, signs, all } = heard
  if (ask.above) return previous === null ? null : { as: previous }
  if (ask.start && tonics.length === 0) return [noteName(ask.start)]
  if (ask.starts) {
    return TWELVE.filter((name) => ask.starts === 'all' || isBlack(name) === (ask.starts === 'black'))
  }
  if (tonics.length > 0) return [...new Set(tonics.map(noteName))]
  if (ask.signed) return TWELVE
  if (signs.length > 0) {
    const limit = (side: 'sharps' | 'flats') => Math.max(0, ...signs.map((each) => each[side] ?? 0))
    return { sharps: limit('sharps'), flats: limit('flats') }
  }
  return all ? TWELVE : null
}

/** Scales that are alike from every key, so that a list may leave the first note unsaid. */
export const startsAnywhere = (kinds: readonly KindId[]): boolean =>
  kinds.length > 0 && kinds.every((kind) => KINDS[kind].starts === 'anywhere')
export const ANY_START: readonly string[] = TWELVE

/** Most signs that a key has which boards ask by that name. */
const MOST_SIGNS = 6
/** The keys of a kind that have sharps, or flats, the fewest first. */
function signedKeys(kind: KindId, side: 'sharps' | 'flats', { signs: limits }: Heard): string[] {
  const most = limits.length > 0 ? Math.max(0, ...limits.map((each) => each[side] ?? 0)) : MOST_SIGNS
  const way = side === 'sharps' ? 1 : -1
  return usualTonics(KINDS[kind])
    .map((tonic) => ({ name: noteName(tonic), signs: way * signatureOf(tonic, KINDS[kind]) }))
    .filter(({ signs }) => signs > 0 && signs <= most)
    .sort((a, b) => a.signs - b.signs)
    .map(({ name }) => name)
}

/** All keys of a kind by their simpler names: “all keys” in minor are not those in major. */
export function spelled(keys: EntryInput['keys'], kind: KindId, heard: Heard): EntryInput['keys'] {
  if (!Array.isArray(keys) || (!heard.all && !heard.ask.starts && !heard.ask.signed)) return keys
  const { signature } = KINDS[kind]
  if (signature === null) return keys
  if (heard.ask.signed) return signedKeys(kind, heard.ask.signed, heard)
  const signs = (tonic: Note): number =>
    Math.abs(signature === null ? fifthsOf(tonic) : signatureOf(tonic, KINDS[kind]))
  return (keys as readonly string[]).map((name) => {
    const same = usualTonics(KINDS[kind]).filter((tonic) => pitchClass(tonic) === pitchClass(parseNote(name)))
    return noteName(same.sort((a, b) => signs(a) - signs(b))[0] ?? parseNote(name))
  })
}

const PER_QUARTER = {
  eighth: 0.5,
  'dotted-eighth': 0.75,
  quarter: 1,
  'dotted-quarter': 1.5,
  half: 2,
  'dotted-half': 3,
  whole: 4,
} as const

const tempoLeftOpen = (beat: string | undefined, notes: number | undefined): string[] => [
  ...(beat === undefined ? ['no-beat'] : []),
  ...(notes === undefined ? ['no-notes'] : []),
]

export function tempoFrom({ ask, change }: Heard): { tempo: EntryInput['tempo']; open: string[]; problems: Message[] } {
  const beat = ask.beat ?? 'quarter'
  const bpm = ask.bpm ?? change.tempo?.bpm
  const spoken = change.tempo?.notesPerBeat
  // “in quavers” counts against the beat: four of them fill a minim
  const perBeat = (spoken ?? 2) * PER_QUARTER[beat]
  const fits = (NOTES_PER_BEAT as readonly number[]).includes(perBeat)
  const open = bpm === undefined ? ['no-tempo'] : tempoLeftOpen(ask.beat, spoken)
  const problems = fits ? [] : [callMessage('asked.notes-to-beat')]
  const notesPerBeat = (fits ? perBeat : 2) as Tempo['notesPerBeat']
  const { kind, most } = ask
  return {
    tempo: {
      ...(beat === 'quarter' ? {} : { beat }),
      bpm: bpm ?? 60,
      notesPerBeat,
      ...(kind ? { kind } : {}),
      ...(most ? { most } : {}),
    },
    open,
    problems,
  }
}

const HAND_OPEN = 'hand'

/** One hand or the other, as whoever chooses: the examiner's choice means that each must be ready. */
function eitherHand(chooser: Chooser | undefined): { hands: Entry['hands']; open: string[] } {
  if (chooser === undefined) return { hands: 'either', open: [HAND_OPEN] }
  return { hands: chooser === 'candidate' ? 'either' : 'separate', open: [] }
}

export function handsFrom({ ask, hands, or, choosers }: Heard): { hands: Entry['hands']; open: string[] } {
  const together = hands.includes('together')
  const both = hands.includes('right') && hands.includes('left')
  if (ask.hands === 'either' || (both && (or.has('hands') || choosers.hands))) return eitherHand(choosers.hands)
  if (both || ask.hands === 'separate') return { hands: together ? 'each' : 'separate', open: [] }
  return { hands: ask.hands ?? hands[0] ?? 'together', open: [] }
}

/** Touches asked; where each hand has its own, that stands for both. */
export function touchFrom({ touches, change, or, choosers }: Heard): {
  articulations: Articulation[]
  touch?: HandTouch
  touchChooser: Chooser
  open: string[]
} {
  const { right, left } = change.touch ?? {}
  if (right && left) return { articulations: [], touch: { right, left }, touchChooser: 'candidate', open: [] }
  const articulations = [...new Set(touches)]
  if (articulations.length < 2) return { articulations, touchChooser: 'candidate', open: [] }
  if (choosers.touch) return { articulations, touchChooser: choosers.touch, open: [] }
  if (!or.has('touch')) return { articulations, touchChooser: 'both', open: [] }
  return {
    articulations,
    touchChooser: 'examiner',
    open: ['touch'],
  }
}

/** Who chooses among forms, and over how many keys. */
export function formFrom(
  heard: Heard,
  kinds: readonly KindId[],
  keys: EntryInput['keys'],
): Pick<Entry, 'chooser' | 'scope'> & { open: string[] } {
  const minors = kinds.filter((kind) => KINDS[kind].mode === 'minor')
  const several = minors.length > 1
  const { choosers, or, ask } = heard
  const chooser = choosers.forms ?? (several && or.has('forms') ? 'candidate' : several ? 'both' : 'examiner')
  const open: string[] = []
  if (several && or.has('forms') && !choosers.forms) open.push('form')
  const many = !Array.isArray(keys) || keys.length > 1
  if (several && chooser === 'candidate' && many && !ask.scope) {
    open.push('form-scope')
  }
  return { chooser, scope: ask.scope ?? 'key', open }
}

/** Semitones of the intervals that hands lie apart, by their sort. */
const EXACT = {
  third: { minor: 3, major: 4 },
  sixth: { minor: 8, major: 9 },
  tenth: { minor: 15, major: 16 },
} as const
/** In the chromatic scale hands keep one interval: whether another one is asked than it has here. */
const isOtherDistance = ({ exact, change: { interval } }: Heard, kinds: readonly KindId[]): boolean =>
  exact !== null &&
  interval !== undefined &&
  interval !== 'octave' &&
  kinds.some((kind) => KINDS[kind].base === 'chromatic') &&
  chromaticApart(interval) !== EXACT[interval][exact]

export function motionFrom(heard: Heard, hands: Entry['hands'], kinds: readonly KindId[]) {
  const { change, ask } = heard
  if (hands !== 'together' && hands !== 'each') return { open: [] }
  const { motion = 'similar', interval = 'octave', tonicHand = null } = change
  const contraryFrom = motion === 'contrary' ? (ask.handsFrom ?? change.contraryFrom ?? null) : null
  const open: string[] = []
  if (motion === 'contrary' && !contraryFrom) open.push('contrary-from')
  if (interval !== 'octave' && !tonicHand) open.push('tonic-hand')
  if (isOtherDistance(heard, kinds)) open.push('exact-distance')
  return { motion, interval, contraryFrom, tonicHand, open }
}

export function seventhFrom(heard: Heard, kinds: readonly KindId[]): { seventh: Entry['seventh']; open: string[] } {
  if (!kinds.some((kind) => KINDS[kind].ofKey !== null)) return { seventh: 'on', open: [] }
  if (heard.ask.seventh === 'of' || heard.of === 'of') return { seventh: 'of', open: [] }
  // of diminished sevenths there are but three: on the note is how they are named
  const open = heard.of === 'on' || !kinds.some((kind) => leadsToKey(KINDS[kind])) ? [] : ['seventh']
  return { seventh: 'on', open }
}
