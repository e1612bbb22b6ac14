import type { Settings } from '#core/syllabus'
import type { Region } from '#words'

/** What holds for a whole studio, until a pupil or a study says otherwise. */
export interface StudioSettings {
  /** By which note values, dates and paper go; null where nobody said: as the browser has it. */
  readonly region: Region | null
  /** What is taught mostly, as the register has it; null where nobody said. */
  readonly instrument: string | null
  /** The make of it, as pupils' settings say it. */
  readonly make: Settings
  /** Whether the question at the first start was answered, or put away. */
  readonly welcomed: boolean
}
export const DEFAULT_STUDIO: StudioSettings = { region: null, instrument: null, make: {}, welcomed: false }

/** A studio, and how its data is kept safe, as the API tells it. */
export interface Studio {
  readonly id: number
  readonly name: string
  readonly teacher: string
  /** Whether the program made it up: it can be made anew, and stands apart from a teacher's own. */
  readonly isDemo: boolean
  readonly settings: StudioSettings
}

/** That a pupil was erased, and how much that was; not who. */
export interface Erasure {
  readonly id: string
  readonly erasedAt: string
  readonly sets: number
  readonly exams: number
  readonly entries: number
}

/** A copy of the whole database. */
export interface Backup {
  /** Of its file. */
  readonly name: string
  readonly made: string
  readonly bytes: number
  /** Why it was made: by itself, by hand, or before something that changes everything. */
  readonly reason: BackupReason
}
export type BackupReason = 'daily' | 'manual' | 'before-migration' | 'before-restore'

/** How the data is kept safe. */
export interface BackupState {
  /** Whether copies are made at all. */
  readonly on: boolean
  /** Where they lie. */
  readonly folder: string | null
  /** The latest first. */
  readonly backups: readonly Backup[]
  /** Why the last one failed; null where it did not. */
  readonly failed: string | null
}

/** A studio on a line. */
export interface StudioListing extends Studio {
  readonly pupils: number
  readonly studies: number
}
