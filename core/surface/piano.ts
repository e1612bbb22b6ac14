/**
 * The keyboard of a piano in millimetres; x runs from the left edge of A0, y from the player's edge away.
 * Measures: common practice (white keys 23.5 mm, octave 164.5 mm); the black keys' offsets from the cracks
 * vary by maker and are from memory.
 */
export interface Key {
  readonly midi: number
  readonly black: boolean
  /** Middle of the key, mm. */
  readonly x: number
  readonly width: number
  /** Length of the key from its player's end, and where that end lies, mm. */
  readonly length: number
  readonly near: number
}

export const PIANO = { lowest: 21, highest: 108 } as const

const WHITE = { width: 23.5, length: 150 }
const BLACK = { width: 12, length: 95, near: 50 }
/** White keys below each pitch class from C; a black key counts those below its crack. */
const WHITES_BELOW = [0, 1, 1, 2, 2, 3, 4, 4, 5, 5, 6, 6]
const OFF_CRACK: Record<number, number> = { 1: -2.5, 3: 2.5, 6: -3.5, 8: 0, 10: 3.5 }
/** White keys below C0 on an imaginary keyboard that began there, so that A0 lies at 0. */
const WHITES_TO_A0 = 5

export const isBlack = (midi: number): boolean => OFF_CRACK[midi % 12] !== undefined

function keyFor(midi: number): Key {
  const pc = midi % 12
  const whites = 7 * (Math.floor(midi / 12) - 1) + WHITES_BELOW[pc]! - WHITES_TO_A0
  const offset = OFF_CRACK[pc]
  if (offset === undefined) {
    return { midi, black: false, x: (whites + 0.5) * WHITE.width, width: WHITE.width, length: WHITE.length, near: 0 }
  }
  return { midi, black: true, x: whites * WHITE.width + offset, ...BLACK }
}

const KEYS = Array.from({ length: 128 }, (_, midi) => keyFor(midi))

/** The key of a MIDI number. Keys beyond the piano's 88 have places too, so that ranges can be compared. */
export const keyAt = (midi: number): Key => KEYS[midi]!

/** Sideways distance between the middles of two keys, mm. */
export const keyDistance = (a: number, b: number): number => Math.abs(KEYS[a]!.x - KEYS[b]!.x)
