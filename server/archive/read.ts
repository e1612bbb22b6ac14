import { createHash } from 'node:crypto'
import { strFromU8, unzipSync } from 'fflate'
import { DomainError } from '#core/message'
import {
  ARCHIVE_VERSION,
  ARCHIVED_KINDS,
  type ArchivedKind,
  type ArchiveManifest,
  KINDS_WITH_IDS,
  LATER_KINDS,
  MANIFEST,
} from '#shared/archive'
import { archiveSchema } from '#shared/archiveSchema'
import { currentDocument, type DocumentKind } from '#shared/documents'
import { checked, parsedJson } from '#shared/schemas'
import type { ArchivedRows, NewRows } from '../db'
import { refuse } from '../messages'
import { countsOf } from './write'
import { ofPupil } from './onePupil'
import { parsedRows, type Rows } from './rows'

/** Files of an archive, and bytes of all of them together as they are unpacked, at the most. */
const [MAX_FILES, MAX_UNPACKED] = [40_000, 1_500_000_000]

/** An archive that was read and found whole, ready to be brought in. */
export interface OpenedArchive {
  readonly manifest: ArchiveManifest
  readonly rows: Readonly<Record<ArchivedKind, NewRows & { readonly count: number; readonly ids: readonly string[] }>>
  /** Lists by their ids, to be held against those that there are. */
  readonly lists: readonly { readonly id: string; readonly document: object; readonly shipped: boolean }[]
}

/** @throws DomainError for what is no ZIP, torn, or more than is taken */
function unpacked(bytes: Uint8Array): Record<string, Uint8Array> {
  let [files, size] = [0, 0]
  const tooMuch = refuse('archive.size', { most: MAX_UNPACKED / 1_000_000 }, 'file')
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        files++
        size += originalSize
        if (files > MAX_FILES || size > MAX_UNPACKED) throw tooMuch
        return !name.endsWith('/')
      },
    })
  } catch (error) {
    if (error === tooMuch) throw error
    throw refuse('archive.torn', {}, 'file')
  }
}

/** @throws DomainError where there is none, or it is of a newer program */
function manifestOf(files: Record<string, Uint8Array>): ArchiveManifest {
  const bytes = files[MANIFEST]
  if (!bytes) throw refuse('archive.none', {}, 'file')
  const manifest = checked(archiveSchema, parsedJson(strFromU8(bytes)))
  const version = Number(/^tactum-archive\/(\d+)$/.exec(manifest.format)?.[1] ?? NaN)
  if (!(version >= 1)) throw refuse('archive.none', {}, 'file')
  if (version > ARCHIVE_VERSION) throw refuse('archive.newer', { version, known: ARCHIVE_VERSION }, 'format')
  return manifest
}

/** Every file that the archive names is there, and as it was written. @throws DomainError naming one that is not */
function checkSums(files: Record<string, Uint8Array>, manifest: ArchiveManifest): void {
  for (const kind of ARCHIVED_KINDS) {
    if (!manifest.files[`data/${kind}.json`] && !LATER_KINDS.includes(kind))
      throw refuse('archive.lacks', { file: `data/${kind}.json` }, 'files')
  }
  for (const [file, sum] of Object.entries(manifest.files)) {
    const bytes = files[file]
    if (!bytes) throw refuse('archive.lacks', { file }, 'files')
    if (createHash('sha256').update(bytes).digest('hex') !== sum) throw refuse('archive.changed', { file }, 'files')
  }
}

/** What kind of document rows hold, and in which column. */
const DOCUMENTS: Partial<Record<ArchivedKind, readonly [column: string, kind: DocumentKind]>> = {
  studies: ['recipe', 'study'],
  entries: ['document', 'entry'],
  aims: ['document', 'aim'],
  exams: ['document', 'exam'],
  lessons: ['document', 'lesson'],
  weeks: ['document', 'week'],
  routes: ['steps', 'route'],
  bin: ['document', 'trash'],
  bulkEdits: ['document', 'bulk-edit'],
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/** Each row is an object with the id that its kind has; each document is of a version that is known. @throws DomainError */
function checkRows(rows: Rows): void {
  for (const kind of ARCHIVED_KINDS) {
    const document = DOCUMENTS[kind]
    const hasId = (KINDS_WITH_IDS as readonly string[]).includes(kind)
    rows[kind].forEach((row, at) => {
      const path = `data/${kind}.json[${at}]`
      const columns = row as Readonly<Record<string, unknown>> | null
      if (typeof columns !== 'object' || columns === null) throw refuse('archive.row', { file: path }, path)
      if (hasId && !UUID.test(String(columns.id))) throw refuse('archive.row', { file: path }, path)
      if (document) checkDocument(columns[document[0]], document[1], path)
    })
  }
}

function checkDocument(value: unknown, kind: DocumentKind, path: string): void {
  if (typeof value !== 'object' || value === null) throw refuse('archive.row', { file: path }, path)
  try {
    currentDocument(kind, value)
  } catch (error) {
    throw error instanceof DomainError ? error.at(`${path}.${error.path}`) : error
  }
}

/** @throws DomainError where a file of rows is none */
function rowsIn(files: Record<string, Uint8Array>): Rows {
  const texts = ARCHIVED_KINDS.map((kind) => {
    const bytes = files[`data/${kind}.json`]
    const text = bytes ? strFromU8(bytes) : '[]'
    if (!Array.isArray(parsedJson(text))) throw refuse('archive.row', { file: `data/${kind}.json` }, 'files')
    return [kind, text] as const
  })
  return parsedRows(Object.fromEntries(texts) as unknown as ArchivedRows)
}

/**
 * Reads an archive and makes sure that it is whole; nothing is stored.
 * @param pupil brings in that pupil alone
 * @throws DomainError naming what is torn, changed, lacking or newer
 */
export function openArchive(bytes: Uint8Array, pupil: string | null): OpenedArchive {
  const files = unpacked(bytes)
  const manifest = manifestOf(files)
  checkSums(files, manifest)
  const all = rowsIn(files)
  checkRows(all)
  const rows = pupil === null ? all : ofPupil(all, pupil)
  const opened = ARCHIVED_KINDS.map((kind) => {
    const own = rows[kind]
    const ids = (KINDS_WITH_IDS as readonly string[]).includes(kind) ? own.map((row) => (row as { id: string }).id) : []
    const columns = [...new Set(own.flatMap((row) => Object.keys(row)))]
    return [kind, { text: JSON.stringify(own), columns, count: own.length, ids }]
  })
  return {
    manifest: { ...manifest, pupil: pupil ?? manifest.pupil, counts: countsOf((kind) => rows[kind].length) },
    rows: Object.fromEntries(opened) as OpenedArchive['rows'],
    lists: rows.lists.map(({ id, document, shipped }) => ({ id, document, shipped })),
  }
}
