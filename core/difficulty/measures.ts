/**
 * What makes a study hard, each as a number from 0 to 1, and the part of the index to which it adds. Ours, after what
 * teachers agree on and the order of graded lists (common practice, no source).
 */
export const MEASURES = {
  /** Black keys: some of them, and very many; a line that begins on one; more keys than one. */
  someBlacks: 'key',
  manyBlacks: 'key',
  blackStart: 'key',
  manyKeys: 'key',
  /** How much of the kind has to be kept in mind. */
  form: 'form',
  /** Begun on another note of its chord than the lowest. */
  inverted: 'form',
  /** The hand leaves its five keys; puts its thumb on black keys; turns in groups. */
  passes: 'shape',
  thumbOnBlack: 'shape',
  groups: 'shape',
  /** Small hands: more the wider the widest grip. */
  smallHand: 'shape',
  /** A pattern besides the plain line. */
  pattern: 'shape',
  /** Steps wider than a tone, within the hand and past the thumb. */
  leapsHeld: 'leaps',
  leapsPassed: 'leaps',
  /** Two notes struck together, and wider than a third; chords. */
  pairs: 'doubles',
  widePairs: 'doubles',
  blocks: 'doubles',
  /** Two hands at all; one crosses while the other does not; their thumbs do not meet; many pairs of fingers. */
  bothHands: 'together',
  crossesAlone: 'together',
  thumbsApart: 'together',
  fingerPairs: 'together',
  /** On different degrees at once; apart without being each other's mirror. */
  degreesApart: 'motion',
  unmirrored: 'motion',
  length: 'length',
  speed: 'speed',
  /** Detached notes; a touch for each hand. */
  staccato: 'touch',
  touchesApart: 'touch',
  /** Lengths that are not even, accents, a ladder. */
  uneven: 'rhythm',
  /** Left hand of an accordion: its board, how many buttons of it, and leaps over it. */
  board: 'board',
  boardButtons: 'board',
  boardLeaps: 'board',
  /** Mallets: one stick over the other, one stick twice, from row to row. */
  crossed: 'sticks',
  doubled: 'sticks',
  rows: 'sticks',
  fourMallets: 'sticks',
  rolls: 'rolls',
  damped: 'damping',
} as const satisfies Readonly<Record<string, string>>

export type Measure = keyof typeof MEASURES
export type Part = (typeof MEASURES)[Measure]
export type Measures = Readonly<Partial<Record<Measure, number>>>

/** Rises from 0 and never comes to 1; at `half` it is a half. */
export const rising = (value: number, half: number): number => value / (value + half)
