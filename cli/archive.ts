import fs from 'node:fs'
import path from 'node:path'
import type { ArchiveCounts } from '#shared/archive'
import type { Wording } from '#shared/wording'
import { mergeArchive, openArchive, writeArchive } from '../server/archive'
import {
  currentStudio,
  ownerPool,
  getStudio,
  inSnapshot,
  insertStudio,
  inTransaction,
  migrate,
  type Migration,
  openStudio,
  type Pool,
  readStudioRows,
  studioIds,
  studioNamed,
} from '../server/db'
import { backUp, backupFolder } from '../server/backup'
import type { Options } from './keepingOptions'

/** The studio that is meant: of a name, or the one that the page opens; null where there is none. */
async function studioMeant(pool: Pool, name: string | undefined): Promise<number | null> {
  if (name !== undefined) return studioNamed(pool, name)
  return (await studioIds(pool)).length > 0 ? currentStudio(pool) : null
}

/** A copy is kept from before the schema changes. */
async function copyBefore(): Promise<void> {
  await backUp(backupFolder()!, 'before-migration')
}

const lackingStudio = (name: string | undefined): Error =>
  new Error(name === undefined ? 'The database holds no studio yet.' : `There is no studio “${name}”.`)

/** Writes a file whole or not at all. */
function writeWhole(file: string, bytes: Uint8Array): void {
  const unfinished = `${file}.part`
  try {
    fs.writeFileSync(unfinished, bytes)
    fs.renameSync(unfinished, file)
  } catch (error) {
    fs.rmSync(unfinished, { force: true })
    throw error
  }
}

/** `archive -- out FILE`: how many of each kind went into it. */
export async function archiveOut(
  { file, studio: name, pupil, lang = 'en' }: Options,
  migrations: readonly Migration[],
  words: Wording,
): Promise<ArchiveCounts & { readonly studio: string }> {
  const pool = ownerPool()
  await migrate(pool, migrations, copyBefore)
  const studio = await studioMeant(pool, name)
  if (studio === null) throw lackingStudio(name)
  const found = await inSnapshot(pool, async (db) => {
    const { name: called, teacher } = await getStudio(db, studio)
    return { rows: await readStudioRows(db, studio), studio: { name: called, teacher } }
  })
  const { file: bytes, counts } = writeArchive(
    { ...found, made: new Date().toISOString(), pupil: pupil ?? null },
    lang,
    words,
  )
  writeWhole(path.resolve(file), bytes)
  return { ...counts, studio: found.studio.name }
}

/** The studio that an archive goes into; where there is none of that name, or none at all, it is made. */
async function studioFor(pool: Pool, name: string | undefined, called: { name: string; teacher: string }) {
  const there = await studioMeant(pool, name)
  if (there !== null) return there
  return inTransaction(pool, async (db) => {
    const first = (await studioIds(db)).length === 0
    const id = await insertStudio(db, { ...called, name: name ?? called.name, isDemo: false })
    if (first) await openStudio(db, id)
    return id
  })
}

/** `archive -- in FILE`: how many of each kind were added, and how many were there already. */
export async function archiveIn({ file, studio: name, pupil }: Options, migrations: readonly Migration[]) {
  const opened = openArchive(fs.readFileSync(path.resolve(file)), pupil ?? null)
  const pool = ownerPool()
  await migrate(pool, migrations, copyBefore)
  const studio = await studioFor(pool, name, opened.manifest.studio)
  const { added, present } = await mergeArchive(pool, studio, opened, { keepName: name !== undefined })
  return { ...added, present, studio: (await getStudio(pool, studio)).name }
}
