import type { KindId } from '../material'
import type { Articulation, Course, Hand, Motion, Tempo } from '../study'

export const SYLLABUS_FORMAT = 'tactum-syllabus/1'
export const CHOOSERS = ['candidate', 'examiner'] as const
export const ENTRY_HANDS = ['together', 'right', 'left', 'separate'] as const
export const BEATS = ['eighth', 'quarter', 'dotted-quarter', 'half'] as const

/** Keys named one by one, or all whose signature has at most so many sharps and flats. */
export type Keys = readonly string[] | { readonly sharps: number; readonly flats: number }

/** One line of a printed list. */
export interface Entry {
  readonly id: string
  /** The requirement as printed. */
  readonly words: string
  readonly keys: Keys
  readonly kinds: readonly KindId[]
  /** Who picks among the kinds: `candidate`, one form to a key serves; `examiner`, all must be ready. */
  readonly chooser: (typeof CHOOSERS)[number]
  /** `separate`: each hand by itself, counted as two. */
  readonly hands: (typeof ENTRY_HANDS)[number]
  readonly motion: Motion
  readonly octaves: number
  readonly course: Course
  /** Touches that serve; none named, any does. */
  readonly articulations: readonly Articulation[]
  /** As printed; compared as notes a minute. */
  readonly tempo: Tempo & { readonly beat: (typeof BEATS)[number] }
}

export interface Group {
  readonly id: string
  readonly title: string
  /** All of its atoms, or any so many of them. */
  readonly rule: 'all' | { readonly any: number }
  readonly entries: readonly Entry[]
}

export interface Grade {
  readonly id: string
  readonly title: string
  readonly groups: readonly Group[]
}

export interface Syllabus {
  readonly format: typeof SYLLABUS_FORMAT
  readonly id: string
  readonly title: string
  readonly board: string
  readonly instrument: 'piano'
  readonly edition: string
  readonly grades: readonly Grade[]
}

/** One way to meet an atom. */
export interface Requirement {
  readonly tonic: string
  readonly kind: KindId
  readonly hands: 'together' | Hand
  readonly motion: Motion
  readonly octaves: number
  readonly course: Course
  readonly articulations: readonly Articulation[]
  readonly tempo: Entry['tempo']
}

/** The smallest thing that can be asked: any one of its variants meets it. */
export interface Atom {
  readonly id: string
  readonly group: string
  readonly entry: string
  readonly words: string
  readonly variants: readonly Requirement[]
}
