import type { Accepted } from '#core/realise'
import { ARCHIVED_KINDS, type ArchivedKind } from '#shared/archive'
import type { StoredEntry } from '#shared/api'
import { contentOf } from '#shared/documents'
import type { ArchivedRows } from '../db'

/** Rows as they lie in an archive: columns of the database, as they are called there. Those that are read here are named. */
interface Row {
  readonly id: string
}
interface OfSet {
  readonly set_id: string
}
export interface StudyRow extends Row {
  readonly recipe: object
  readonly accepted: Accepted
}
export interface EntryRow extends Row {
  readonly pupil_id: string
  readonly study_id: string | null
  readonly corrects: string | null
  readonly added_at: string
  readonly document: object
}
interface WeekRow extends Row {
  readonly pupil_id: string
  readonly document: { readonly lines?: readonly { readonly studyId: string | null }[] }
}
interface SetRow extends Row {
  readonly pupil_id: string
  readonly syllabus_id: string | null
}
interface ListRow extends Row {
  readonly document: object
  readonly shipped: boolean
}

export interface Rows extends Readonly<Record<ArchivedKind, readonly object[]>> {
  readonly pupils: readonly (Row & {
    readonly name: string
    readonly learning?: { readonly courseId?: string | null }
  })[]
  readonly studies: readonly StudyRow[]
  readonly lists: readonly ListRow[]
  readonly pastLists: readonly Row[]
  readonly sets: readonly SetRow[]
  readonly setStudies: readonly (OfSet & { readonly study_id: string })[]
  readonly aims: readonly OfSet[]
  readonly exams: readonly (Row & { readonly pupil_id: string })[]
  readonly entries: readonly EntryRow[]
  readonly lessons: readonly (Row & { readonly pupil_id: string })[]
  readonly weeks: readonly WeekRow[]
}

export const parsedRows = (rows: ArchivedRows): Rows =>
  Object.fromEntries(ARCHIVED_KINDS.map((kind) => [kind, JSON.parse(rows[kind]) as object[]])) as unknown as Rows

export function entryOf({ id, study_id, corrects, added_at, document }: EntryRow): StoredEntry {
  const content = contentOf<Omit<StoredEntry, 'id' | 'studyId' | 'corrects' | 'addedAt'>>('entry', document)
  return { ...content, id, studyId: study_id, ...(corrects ? { corrects } : {}), addedAt: added_at }
}
