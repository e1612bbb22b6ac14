/** A studio as one file: a ZIP of open files. What it holds by kind, in the order in which it is brought in. */
export const ARCHIVED_KINDS = [
  ...(['pupils', 'studies', 'lists', 'pastLists', 'sets', 'setStudies', 'aims', 'exams', 'entries'] as const),
  ...(['lessons', 'weeks', 'routes', 'bin', 'bulkEdits', 'erasures'] as const),
] as const
export type ArchivedKind = (typeof ARCHIVED_KINDS)[number]

/** Kinds that archives of this version may lack, since they came later: they hold none of them. */
export const LATER_KINDS: readonly ArchivedKind[] = ['lessons', 'weeks']

/** Kinds whose rows have an id of their own, which must be nobody else's. */
export const KINDS_WITH_IDS = [
  ...(['pupils', 'studies', 'sets', 'exams', 'entries', 'lessons', 'weeks'] as const),
  ...(['bin', 'bulkEdits', 'erasures'] as const),
] as const satisfies readonly ArchivedKind[]

/** The version of archives that this program writes; it reads all up to it. */
export const ARCHIVE_VERSION = 1
export const ARCHIVE_FORMAT = `tactum-archive/${ARCHIVE_VERSION}`
/** What an archive says of itself. */
export const MANIFEST = 'archive.json'

/** How many of each kind. */
export type ArchiveCounts = Readonly<Record<ArchivedKind, number>>

/** What stands in `archive.json`. */
export interface ArchiveManifest {
  readonly format: string
  /** When it was made, ISO 8601. */
  readonly made: string
  readonly studio: { readonly name: string; readonly teacher: string; readonly settings?: object }
  /** The one pupil that it is of; null where it is of the whole studio. */
  readonly pupil: string | null
  readonly counts: ArchiveCounts
  /** SHA-256 of every other file, in hexadecimal, by its name. */
  readonly files: Readonly<Record<string, string>>
}

/** What an archive would bring in, or did. */
export interface ArchiveSummary {
  readonly studio: string
  readonly made: string
  readonly pupil: string | null
  readonly counts: ArchiveCounts
}

/** What was brought in, and how much of it was there already. */
export interface ArchiveAdded {
  readonly studio: string
  readonly added: ArchiveCounts
  readonly present: ArchiveCounts
}
