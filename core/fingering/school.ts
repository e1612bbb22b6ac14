import type { Finger } from '../study'
import type { SchoolId } from './settings'

/** Everything that a fingering may cost. Prices are in points; none is negative. */
export const TERMS = [
  'thumb-on-black',
  'tonic-without-thumb',
  'little-finger-inside',
  'moved-thumb',
  'pass',
  'pass-at-white',
  'pass-by-two',
  'pass-by-five',
  'pass-at-end',
  'far-pass',
  'fourth-on-white',
  'four-before-three',
  'third-in-triad',
  'third-and-fourth',
  'black-off-group',
  'black-without-third',
  'white-without-thumb',
  'stretch',
  'skipped-finger',
  'hand-shape',
  'cramped',
  'finger-change',
  'slide',
  'shift',
  'shift-distance',
  'finger-again',
  'voice-crossed',
  'chord-opened',
  'five-on-black',
  'weak-finger',
  'thumb-left-out',
  'another-shape',
  'outer-again',
  'outer-slide',
  'double-shape',
  'double-end',
  'off-pattern',
  'end-off-pattern',
] as const
export type Term = (typeof TERMS)[number]

/** Distances between pairs of fingers in mm, by `span[lower finger][higher finger]`. */
export type Spans = Readonly<Record<number, Readonly<Record<number, number>>>>

/** A teaching school as data: what each term costs, and how far two fingers reach without effort. */
export interface School {
  readonly id: SchoolId
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

/** Width of a semitone on a keyboard with an octave of 164.5 mm. */
export const SEMITONE = 164.5 / 12

/** Keys a given number of semitones apart lie up to this much farther apart than so many twelfths of an octave, mm. */
export const UNEVEN = 8
