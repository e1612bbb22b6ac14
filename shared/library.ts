import type { Recipe } from '#core/instrument'
import type { Message } from '#core/message'
import type { Accepted } from '#core/realise'

/** A study in a file that was read: how it was known, what it would be, or why it cannot be. */
export interface FoundInFile {
  readonly title: string
  /** Whether its fingers cannot be played, so that the engine's stand instead. */
  readonly unplayable: boolean
  readonly known: 'kept' | 'recognised' | 'listed'
  readonly message: Message | null
  readonly recipe: Recipe | null
  readonly wrong: Message | null
}

/** What a file is; nothing of it is stored. */
export interface FilePreview {
  readonly is: 'studies' | 'list'
  readonly title: string
  readonly found: readonly FoundInFile[]
}

/** A saved study: its recipe and the fingers that the teacher accepted. */
export interface Study {
  readonly id: string
  /** Made from its recipe. */
  readonly title: Message
  readonly recipe: Recipe
  readonly accepted: Accepted
  /** What is told of a study that an older Tactum stored; null where it means what it meant. */
  readonly told: Message | null
  readonly version: number
  readonly updatedAt: string
}

/** Where a study stands: in the library, out of the way, or thrown away but not gone. */
export type Shelf = 'library' | 'archive' | 'bin'

/** Letters of a tag at the most. */
export const MAX_TAG = 40
/** Tags that a study bears at the most. */
export const MAX_TAGS = 20
/** Studies that a set holds at the most. */
export const MAX_STUDIES = 500

/** A line of the library: what a study is found by. */
export interface StudyListing {
  readonly id: string
  readonly title: Message
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
