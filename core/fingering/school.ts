import type { Finger } from '../study'
import type { SchoolId } from './settings'

/** Everything that a fingering may cost, each with its sentence. Prices are in points; none is negative. */
export const TERM_WORDS = {
  'thumb-on-black': 'a thumb on a black key',
  'tonic-without-thumb': 'a white first degree that does not take the thumb',
  'little-finger-inside': 'the little finger inside a run',
  'moved-thumb': 'a thumb that lies elsewhere on the way down',
  pass: 'a crossing of the thumb',
  'pass-at-white': 'a crossing whose other finger lies on a white key',
  'pass-by-two': 'a crossing of thumb and second finger',
  'pass-by-five': 'a crossing of thumb and little finger',
  'pass-at-end': 'a crossing to the outermost note, where the hand need not go on',
  'far-pass': 'each millimetre of a crossing beyond the relaxed one',
  'fourth-on-white': 'the fourth finger on a white key',
  'four-before-three': 'the long grip straight after a white tonic',
  'third-in-triad': 'the left third finger in a broken triad',
  'black-off-group': 'a black key without its finger of the group of two or three',
  'black-without-third': 'a black key without the third finger, in a chromatic run',
  'white-without-thumb': 'a white key without the thumb, in a chromatic run',
  stretch: 'each millimetre beyond a relaxed reach',
  'skipped-finger': 'a finger left out',
  'hand-shape': 'each millimetre away from the hand at rest, fingers over neighbouring white keys',
  cramped: 'a finger left out where the keys leave it no room',
  'finger-change': 'another finger on a key that is struck again',
  slide: 'one finger sliding from a black key to its neighbour',
  shift: 'the hand lifted to a new place',
  'shift-distance': 'each millimetre that the hand is carried',
  'finger-again': 'a finger needed again at once on another key, in double notes or where the hand moves',
  'voice-crossed': 'fingers crossed over in one voice of double notes',
  'chord-opened': 'chord fingers that lie closer together or farther apart than the keys',
  'five-on-black': 'the little finger on a black key in wide chords',
  'off-pattern': 'a finger that leaves the octave’s pattern',
  'end-off-pattern': 'an outermost finger that leaves the pattern',
} as const
export type Term = keyof typeof TERM_WORDS
export const TERMS = Object.keys(TERM_WORDS) as readonly Term[]

/** Distances between pairs of fingers in mm, by `span[lower finger][higher finger]`. */
export type Spans = Readonly<Record<number, Readonly<Record<number, number>>>>

/** A teaching school as data: what each term costs, and how far two fingers reach without effort. */
export interface School {
  readonly id: SchoolId
  readonly words: string
  readonly idea: string
  readonly weights: Readonly<Record<Term, number>>
  /** Relaxed reach between two fingers in mm along the keys. */
  readonly reach: Spans
  /** Reach within a chord, where the hand opens beforehand, mm. */
  readonly chordReach: Spans
  /** The widest two fingers can hold at all, mm. */
  readonly widest: Spans
  /** Least distance along the keys that a finger left out wants between its neighbours, mm. */
  readonly skipRoom: number
  /** Relaxed and widest distance from a finger to the thumb that passes it, mm. */
  readonly passReach: number
  readonly widestPass: number
  /** Fingers that may stand inside a run. */
  readonly inside: readonly Finger[]
  /**
   * Where a run's pattern comes from: its own octave; the same form on C, moved to every key; or nowhere, each run
   * being fingered for least effort as it comes.
   */
  readonly pattern: 'octave' | 'as-on-c' | 'none'
  /** Whether a finger may slide from a black key to the white one beside it. */
  readonly slides: boolean
}

export const FINGERS: readonly Finger[] = [1, 2, 3, 4, 5]

/** What costs more than this, a school rules out: it is tried only where nothing else serves. */
export const BEYOND = 900
