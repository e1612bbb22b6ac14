import isEqual from 'fast-deep-equal'
import { type ArchiveAdded, ARCHIVED_KINDS, type ArchivedKind, KINDS_WITH_IDS } from '#shared/archive'
import {
  addRows,
  allSyllabi,
  type Db,
  inTransaction,
  isEmptyStudio,
  isUnfit,
  listSetIds,
  nameStudio,
  type NewRows,
  type Pool,
  takenIds,
} from '../db'
import { refuse } from '../messages'
import type { OpenedArchive } from './read'
import { countsOf } from './write'

/** Ids that things have to take here, because another studio of this database has theirs. */
async function newIds(db: Db, studio: number, { rows }: OpenedArchive): Promise<Map<string, string>> {
  const found = new Map<string, string>()
  for (const kind of KINDS_WITH_IDS) {
    for (const [from, to] of await takenIds(db, studio, kind, rows[kind].ids)) found.set(from, to)
  }
  return found
}

const ANY_ID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g

/** The ids wherever they stand, in documents as in columns. */
const withIds = (text: string, ids: ReadonlyMap<string, string>): string =>
  ids.size === 0 ? text : text.replace(ANY_ID, (id) => ids.get(id) ?? id)

/** So long is the name of a list in an address, without a number behind it. */
const MAX_SLUG = 55
const withoutId = (document: object): object => ({ ...document, id: '' })

/**
 * The name that each list takes here: its own, unless another list has it. One that came before under another name is
 * found again by what it says.
 */
async function listNames(db: Db, studio: number, lists: OpenedArchive['lists']): Promise<Map<string, string>> {
  const here = new Map((await allSyllabi(db, studio)).map((list) => [list.document.id, list]))
  const names = new Map<string, string>()
  for (const { id, document, shipped } of lists) {
    for (let copy = 1; !names.has(id); copy++) {
      const name = copy === 1 ? id : `${id.slice(0, MAX_SLUG)}-${copy}`
      const other = here.get(name)
      const same = other && ((shipped && other.shipped) || isEqual(withoutId(other.document), withoutId(document)))
      if (!other || same) names.set(id, name)
    }
  }
  return new Map([...names].filter(([id, name]) => id !== name))
}

type Fields = Record<string, unknown>

/** Rows of a kind under the names that lists have here. */
function withNames(kind: ArchivedKind, text: string, names: ReadonlyMap<string, string>): string {
  if (names.size === 0) return text
  const name = (id: unknown): unknown => names.get(String(id)) ?? id
  const set = (row: Fields): Fields => ({ ...row, syllabus_id: name(row.syllabus_id) })
  const list = (row: Fields): Fields => ({ ...row, id: name(row.id) })
  const inDocument = (row: Fields): Fields => ({ ...list(row), document: list(row.document as Fields) })
  const binned = (row: Fields): Fields => {
    const document = row.document as Fields
    const sets = Array.isArray(document.sets) ? { sets: (document.sets as Fields[]).map(set) } : {}
    const own = row.what === 'set' ? { row: set(document.row as Fields) } : {}
    return { ...row, document: { ...document, ...sets, ...own } }
  }
  const learning = (row: Fields): Fields => {
    const own = row.learning as Fields | undefined
    return own?.courseId ? { ...row, learning: { ...own, courseId: name(own.courseId) } } : row
  }
  const change = { pupils: learning, sets: set, lists: inDocument, pastLists: inDocument, bin: binned }[kind as string]
  return change ? JSON.stringify((JSON.parse(text) as Fields[]).map(change)) : text
}

/** A studio that nothing was done in yet becomes the one that comes. */
async function takeName(db: Db, studio: number, { manifest }: OpenedArchive): Promise<void> {
  if (manifest.pupil === null && manifest.studio.name && (await isEmptyStudio(db, studio)))
    await nameStudio(db, studio, manifest.studio)
}

async function merge(db: Db, studio: number, archive: OpenedArchive, keepName: boolean): Promise<ArchiveAdded> {
  if (!keepName) await takeName(db, studio, archive)
  const [ids, names] = [await newIds(db, studio, archive), await listNames(db, studio, archive.lists)]
  const before = new Set(await listSetIds(db, studio))
  const added = new Map<ArchivedKind, number>()
  for (const kind of ARCHIVED_KINDS) {
    const { text, columns } = archive.rows[kind]
    const rows: NewRows = { columns, text: withNames(kind, withIds(text, ids), names) }
    // a set that was here keeps the studies that it has
    const ofSets = kind === 'setStudies' ? (await listSetIds(db, studio)).filter((id) => !before.has(id)) : undefined
    added.set(kind, await addRows(db, studio, kind, rows, ofSets))
  }
  return {
    studio: archive.manifest.studio.name,
    added: countsOf((kind) => added.get(kind)!),
    present: countsOf((kind) => archive.rows[kind].count - added.get(kind)!),
  }
}

/**
 * Brings an archive into a studio, beside what is there, whole or not at all. What is there already stays as it is and is
 * not brought a second time.
 * @param keepName whether an empty studio keeps its own name; otherwise it takes the archive's
 * @throws DomainError where its rows are none that can be stored
 */
export async function mergeArchive(
  pool: Pool,
  studio: number,
  archive: OpenedArchive,
  { keepName = false }: { readonly keepName?: boolean } = {},
): Promise<ArchiveAdded> {
  try {
    return await inTransaction(pool, (db) => merge(db, studio, archive, keepName))
  } catch (error) {
    if (isUnfit(error)) throw refuse('archive.unfit', { why: (error as Error).message }, 'file')
    throw error
  }
}
