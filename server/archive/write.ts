import { createHash } from 'node:crypto'
import { strToU8, zipSync } from 'fflate'
import { titleOf } from '#core/realise'
import { leanSyllabus, type Syllabus } from '#core/syllabus'
import type { Recipe } from '#core/instrument'
import { DomainError } from '#core/message'
import {
  ARCHIVE_FORMAT,
  ARCHIVED_KINDS,
  type ArchiveCounts,
  type ArchivedKind,
  type ArchiveManifest,
  MANIFEST,
} from '#shared/archive'
import { currentDocument } from '#shared/documents'
import { fileName, freeName } from '#shared/fileName'
import type { Wording } from '#shared/wording'
import type { ArchivedRows } from '../db'
import { serverMessage } from '../messages'
import { writtenFile } from '../music'
import { recordCsv } from '../recordCsv'
import { ofPupil } from './onePupil'
import { entryOf, parsedRows, type Rows, type StudyRow } from './rows'

/** What an archive is made of. */
export interface ArchiveRequest {
  readonly rows: ArchivedRows
  readonly studio: ArchiveManifest['studio']
  readonly made: string
  /** The one pupil that it is of; null for all. */
  readonly pupil: string | null
}

type Files = Record<string, string>
export type SoFar = (done: number, of: number) => void

export const countsOf = (count: (kind: ArchivedKind) => number): ArchiveCounts =>
  Object.fromEntries(ARCHIVED_KINDS.map((kind) => [kind, count(kind)])) as unknown as ArchiveCounts

/** A study in the formats that others read; one that cannot be played as it stands has its recipe alone. */
function studyFiles({ recipe: stored, accepted }: StudyRow, stem: string, language: string): Files {
  const recipe = currentDocument('study', stored) as unknown as Recipe
  const json = { [`studies/${stem}.json`]: `${JSON.stringify(recipe, null, 2)}\n` }
  try {
    const request = { format: 'musicxml', title: '', studies: [{ recipe, accepted }], strokes: true } as const
    return { ...json, [`music/${stem}.musicxml`]: String(writtenFile(request, language)) }
  } catch (error) {
    if (error instanceof DomainError) return json
    throw error
  }
}

function studiesOut(rows: Rows, language: string, words: Wording, soFar?: SoFar): Files {
  const files: Files = {}
  const taken = new Set<string>()
  rows.studies.forEach((row, at) => {
    const title = words.format(titleOf(currentDocument('study', row.recipe) as unknown as Recipe))
    Object.assign(files, studyFiles(row, freeName(fileName(title), '', taken), language))
    soFar?.(at + 1, rows.studies.length)
  })
  return files
}

function listsOut({ lists }: Rows): Files {
  const out = lists.map(({ id, document }) => [
    `lists/${id}.json`,
    `${JSON.stringify(leanSyllabus(document as Syllabus), null, 2)}\n`,
  ])
  return Object.fromEntries(out) as Files
}

/** A pupil's record as a table, for each who has one. */
function recordsOut({ pupils, entries }: Rows, words: Wording): Files {
  const files: Files = {}
  const taken = new Set<string>()
  for (const { id, name } of pupils) {
    const own = entries.filter(({ pupil_id }) => pupil_id === id)
    if (own.length > 0) files[`record/${freeName(fileName(name), '.csv', taken)}`] = recordCsv(own.map(entryOf), words)
  }
  return files
}

const sha256 = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

/**
 * A studio, or one pupil of it, as a ZIP of open files.
 * @returns the file, and how many of each kind are in it
 */
export function writeArchive(
  { rows, studio, made, pupil }: ArchiveRequest,
  language: string,
  words: Wording,
  soFar?: SoFar,
): { file: Uint8Array; counts: ArchiveCounts } {
  const parsed = pupil === null ? parsedRows(rows) : ofPupil(parsedRows(rows), pupil)
  const textOf = (kind: ArchivedKind): string =>
    pupil === null ? rows[kind] : `[${parsed[kind].map((row) => JSON.stringify(row)).join(',\n')}]\n`
  const counts = countsOf((kind) => parsed[kind].length)
  const texts: Files = {
    'README.txt': words.format(serverMessage('archive.readme', { studio: studio.name, made })),
    ...Object.fromEntries(ARCHIVED_KINDS.map((kind) => [`data/${kind}.json`, textOf(kind)])),
    ...listsOut(parsed),
    ...recordsOut(parsed, words),
    ...studiesOut(parsed, language, words, soFar),
  }
  const files = Object.fromEntries(Object.entries(texts).map(([name, text]) => [name, strToU8(text)]))
  const manifest: ArchiveManifest = {
    ...{ format: ARCHIVE_FORMAT, made, studio, pupil, counts },
    files: Object.fromEntries(Object.entries(files).map(([name, bytes]) => [name, sha256(bytes)])),
  }
  return { file: zipSync({ [MANIFEST]: strToU8(`${JSON.stringify(manifest, null, 2)}\n`), ...files }), counts }
}
