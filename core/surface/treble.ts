import { isBlack, keyAt } from './piano'

/**
 * What an accordion's right hand plays: piano keys in several compasses, or buttons in three to five rows. Compasses of
 * the keyboards are common practice; those of 30 and of 22 keys vary by maker (from memory). Button keyboards vary most:
 * 52 notes from E3 are assumed.
 */
const KEYBOARDS = {
  'keys-45': { lowest: 52, highest: 96 },
  'keys-41': { lowest: 53, highest: 93 },
  'keys-37': { lowest: 53, highest: 89 },
  'keys-34': { lowest: 55, highest: 88 },
  'keys-30': { lowest: 55, highest: 84 },
  'keys-26': { lowest: 59, highest: 84 },
  'keys-25': { lowest: 60, highest: 84 },
  'keys-22': { lowest: 60, highest: 81 },
} as const
/** Keyboards and boards that are built together (common practice; makers differ). */
export const PAIRED_MAKES = [
  ['keys-22', 12],
  ['keys-26', 48],
  ['keys-34', 72],
  ['keys-37', 96],
  ['keys-41', 120],
] as const

const BUTTON_COMPASS = { lowest: 52, highest: 103 } as const

export const TREBLES = [
  'keys-45',
  'keys-41',
  'keys-37',
  'keys-34',
  'keys-30',
  'keys-26',
  'keys-25',
  'keys-22',
  'c-3',
  'c-4',
  'c-5',
  'b-3',
  'b-4',
  'b-5',
] as const
export type Treble = (typeof TREBLES)[number]
export type ButtonSystem = 'c' | 'b'

interface Compass {
  /** Lowest and highest note as written, MIDI. */
  readonly lowest: number
  readonly highest: number
}
export interface KeyTreble extends Compass {
  readonly id: Treble
  readonly plays: 'keys'
  readonly keys: number
}
export interface ButtonTreble extends Compass {
  readonly id: Treble
  readonly plays: 'buttons'
  readonly system: ButtonSystem
  readonly rows: number
}

/** A right-hand keyboard by its name. */
export function trebleOf(id: Treble): KeyTreble | ButtonTreble {
  const [kind, count] = id.split('-') as ['keys' | ButtonSystem, string]
  if (kind === 'keys') return { id, plays: 'keys', keys: Number(count), ...KEYBOARDS[id as keyof typeof KEYBOARDS] }
  return { id, plays: 'buttons', system: kind, rows: Number(count), ...BUTTON_COMPASS }
}

/**
 * A left hand’s free bass: the chord rows give single notes in real octaves, laid as a right hand’s buttons are. Thirty to
 * fifty-eight notes; where they begin, and whether the low ones lie by the chin, differs by maker (from memory).
 */
export interface FreeBass {
  readonly system: ButtonSystem
  readonly rows: number
  /** Lowest note as written, MIDI. */
  readonly lowest: number
  /** How many notes there are from it up, semitone by semitone. */
  readonly notes: number
  /** Where the low notes lie; by the chin the hand mirrors the right one. */
  readonly lows: 'chin' | 'floor'
}
export const FREE_SYSTEMS = ['c', 'b'] as const
export const FREE_ROWS = [3, 4, 5] as const
export const FREE_LOWS = ['chin', 'floor'] as const
export const FREE_NOTES = { least: 30, most: 58 } as const
export const FREE_LOWEST = { least: 24, most: 48 } as const
/** From E1 up, as large converters have it (common practice; uncertain). */
export const DEFAULT_FREE: FreeBass = { system: 'c', rows: 3, lowest: 28, notes: 58, lows: 'chin' }

/** A free bass as the buttons that a hand plays. */
export const freeBassOf = ({ system, rows, lowest, notes }: FreeBass): Omit<ButtonTreble, 'id'> => ({
  ...{ plays: 'buttons', system, rows, lowest, highest: lowest + notes - 1 },
})

/** Widths of a white key, mm: an accordion's usual one, and the narrower one of ladies' models (common practice). */
export const KEY_WIDTHS = { full: 20, ladies: 18.7 } as const
export type KeyWidth = keyof typeof KEY_WIDTHS
const PIANO_WIDTH = 23.5

/** How many of its own millimetres a piano's are on narrower keys: a hand reaches so much farther. */
export const reachOn = (width: KeyWidth): number => PIANO_WIDTH / KEY_WIDTHS[width]

/** A button of the right hand. */
export interface TrebleButton {
  /** From the edge in: 1 is outermost. */
  readonly row: number
  /** Along the keyboard in distances from one button to the next; C4 of the outermost row in the C-system lies at 0. */
  readonly place: number
  readonly midi: number
}

/** Between neighbours of a row, and between rows, mm (common practice; they vary a little by maker). */
export const BUTTON_PITCH = { along: 18.5, across: 15.5 } as const

/** The first of the outermost row: C4 in the C-system, B3 in the B-system. */
const FIRST: Record<ButtonSystem, number> = { c: 60, b: 59 }
/** What a row farther in adds beside three semitones to the button along it. */
const INWARD: Record<ButtonSystem, number> = { c: -0.5, b: 0.5 }
const NEAR = 1e-9

/**
 * The buttons of a note, outermost row first: three semitones to the button along a row, each row half a button on from
 * the one outside it. Rows four and five repeat the first two.
 */
export function trebleButtons({ system, rows }: Pick<ButtonTreble, 'system' | 'rows'>, midi: number): TrebleButton[] {
  return Array.from({ length: rows }, (_, at) => {
    const place = (midi - FIRST[system] - INWARD[system] * at) / 3
    return { row: at + 1, place: Math.round(2 * place) / 2, midi, off: place - at / 2 }
  })
    .filter(({ off }) => Math.abs(off - Math.round(off)) < NEAR)
    .map(({ row, place }) => ({ row, place, midi }))
}

/** Middle of a button, mm: along the keyboard toward the high notes, and in from the outermost row. */
export const buttonSpot = ({ row, place }: Pick<TrebleButton, 'row' | 'place'>): { x: number; y: number } => ({
  x: place * BUTTON_PITCH.along,
  y: (row - 1) * BUTTON_PITCH.across,
})

/** Every button of a keyboard, note by note. */
export function allTrebleButtons(treble: Omit<ButtonTreble, 'id'>): TrebleButton[] {
  const count = treble.highest - treble.lowest + 1
  return Array.from({ length: count }, (_, at) => trebleButtons(treble, treble.lowest + at)).flat()
}

/** Keys of a keyboard with their middles from its left end, true to scale, mm. */
export function trebleKeys({ lowest, highest }: Compass, width: KeyWidth) {
  const scale = 1 / reachOn(width)
  const from = keyAt(lowest).x
  return Array.from({ length: highest - lowest + 1 }, (_, at) => {
    const midi = lowest + at
    return { midi, black: isBlack(midi), x: (keyAt(midi).x - from) * scale, width: keyAt(midi).width * scale }
  })
}
