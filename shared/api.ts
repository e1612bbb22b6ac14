import type { Accepted } from '#core/realise'
import type { Recipe } from '#core/study'
import type { GradeReport, Placement, Syllabus } from '#core/syllabus'

/** A saved study: its recipe and the fingers that the teacher accepted. */
export interface Study {
  readonly id: string
  readonly title: string
  readonly recipe: Recipe
  readonly accepted: Accepted
  readonly version: number
  readonly updatedAt: string
}

/** Where a study stands: in the library, out of the way, or thrown away but not gone. */
export type Shelf = 'library' | 'archive' | 'bin'

/** Letters of a tag at the most. */
export const MOST_TAG = 40

/** A line of the library: what a study is found by. */
export interface StudyListing {
  readonly id: string
  readonly title: string
  readonly tags: readonly string[]
  readonly shelf: Shelf
  readonly instrument: string
  /** Null where the study is a list of pitches. */
  readonly tonic: string | null
  readonly kind: string | null
  readonly hands: string
  readonly bpm: number
  readonly updatedAt: string
  /** In how many sets it is, whose, and for which syllabi. */
  readonly sets: number
  readonly pupils: readonly string[]
  readonly syllabi: readonly string[]
}

export interface SetListing {
  readonly id: string
  readonly title: string
  readonly studies: number
  readonly syllabusId: string | null
  readonly gradeId: string | null
}

export interface Pupil {
  readonly id: string
  readonly name: string
  readonly instrument: 'piano' | 'accordion' | 'marimba'
  readonly note: string
  readonly sets: readonly SetListing[]
}

/** A pupil's set with its studies in order. */
export interface StudySet {
  readonly id: string
  readonly title: string
  readonly pupil: { readonly id: string; readonly name: string }
  readonly syllabusId: string | null
  readonly gradeId: string | null
  readonly studies: readonly Study[]
  readonly version: number
}

export interface SyllabusListing {
  readonly id: string
  readonly title: string
  readonly board: string
  readonly edition: string
  readonly shipped: boolean
  readonly grades: readonly { readonly id: string; readonly title: string; readonly atoms: number }[]
}

/** Where a set stands: against one grade, and in every syllabus on file. */
export interface SetReport {
  readonly report: GradeReport | null
  readonly placements: readonly { readonly id: string; readonly title: string; readonly placement: Placement }[]
}

export interface Studio {
  readonly name: string
  readonly teacher: string
}

export type { Syllabus }
