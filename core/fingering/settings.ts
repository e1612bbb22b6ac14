import { type CommonRecipe, oneOf } from '../study'
import type { Pin } from './pin'

export const SCHOOLS = [
  'conservatory',
  'black-key-pivot',
  'one-fingering-for-all',
  'black-groups',
  'two-hand-tetrachords',
  'free-and-smooth',
] as const
export const FIRST_FINGERS = ['usual', 'pattern', 'two'] as const
export const LEFT_ARPEGGIOS = ['by-distance', 'always-four'] as const
export const CHROMATICS = ['one-three', 'fours', 'fives'] as const
/**
 * Whether every repeat of a figure keeps one shape of the hand, all but a first note that follows the repeat before by a
 * step and goes on to the next finger, or the line is fingered as it lies.
 */
export const REPEATS = ['alike', 'by-step', 'as-it-lies'] as const
export const HAND_SIZES = ['small', 'average', 'large'] as const

export type SchoolId = (typeof SCHOOLS)[number]
type FirstFinger = (typeof FIRST_FINGERS)[number]
type LeftArpeggio = (typeof LEFT_ARPEGGIOS)[number]
type Chromatic = (typeof CHROMATICS)[number]
type Repeats = (typeof REPEATS)[number]
export type HandSize = (typeof HAND_SIZES)[number]

/** Where schools and tables differ, the teacher's choice; each default and its reason stand in docs/schools.md. */
export interface FingeringSettings {
  readonly school: SchoolId
  /** What a black first note takes where the pattern gives 3 or 4: that finger, or 2; usually 2 in arpeggios only. */
  readonly firstFinger: FirstFinger
  /** Left hand in broken triads: 3 or 4 by how far the keys lie, or always 4. */
  readonly leftArpeggio: LeftArpeggio
  /** Chromatic scale: 1 and 3 with 2 between neighbouring white keys, groups of four, or of five. */
  readonly chromatic: Chromatic
  /** Figures and broken chords: one shape of the hand for every repeat, or as the line lies. */
  readonly repeats: Repeats
  /** How far the fingers reach. */
  readonly handSize: HandSize
}

/** What a line of keys is fingered from, whatever instrument has the keys. */
export interface FingeredRecipe extends CommonRecipe, FingeringSettings {
  readonly school: SchoolId
  readonly pins: readonly Pin[]
}

/** A study for fingers on a piano's keys. */
export interface FingerRecipe extends FingeredRecipe {
  readonly instrument: 'piano'
}

type FingeringInput = { readonly [field in keyof FingeringSettings]?: unknown }

/** The settings with their defaults. @throws DomainError naming the field */
export const completeFingering = (input: FingeringInput): FingeringSettings => ({
  school: oneOf(input.school ?? 'conservatory', SCHOOLS, 'school'),
  firstFinger: oneOf(input.firstFinger ?? 'usual', FIRST_FINGERS, 'firstFinger'),
  leftArpeggio: oneOf(input.leftArpeggio ?? 'by-distance', LEFT_ARPEGGIOS, 'leftArpeggio'),
  chromatic: oneOf(input.chromatic ?? 'one-three', CHROMATICS, 'chromatic'),
  repeats: oneOf(input.repeats ?? 'alike', REPEATS, 'repeats'),
  handSize: oneOf(input.handSize ?? 'average', HAND_SIZES, 'handSize'),
})
