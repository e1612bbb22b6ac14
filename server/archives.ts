import type { ArchiveAdded, ArchiveSummary } from '#shared/archive'
import { mergeArchive } from './archive'
import { getPupil, getStudio, inSnapshot, type Pool, readStudioRows } from './db'
import { notFound } from './httpError'
import { today } from './clock'
import { thread } from './work'

/** Bytes of an archive that is brought in at the most. */
export const MAX_ARCHIVE = 250_000_000

/** A studio as one file, or one pupil of it. @throws HttpError 404 */
export async function exportArchive(pool: Pool, studio: number, pupil: string | null, language: string) {
  const found = await inSnapshot(pool, async (db) => {
    const one = pupil === null ? null : await getPupil(db, studio, pupil)
    if (pupil !== null && !one) throw notFound('pupil')
    const { name, teacher } = await getStudio(db, studio)
    return { rows: await readStudioRows(db, studio), studio: { name, teacher }, called: one?.name ?? name }
  })
  const { called, ...rest } = found
  const { file } = await thread('archive', {
    request: { ...rest, made: new Date().toISOString(), pupil },
    language,
  })
  return { file, name: `${called} ${today()}` }
}

/** What an archive would bring in. @throws DomainError where it is not whole */
export async function previewArchive(bytes: Uint8Array): Promise<ArchiveSummary> {
  const { manifest } = await thread('openArchive', { bytes, pupil: null })
  const { studio, made, pupil, counts } = manifest
  return { studio: studio.name, made, pupil, counts }
}

/** Brings an archive in, beside what is there. @throws DomainError where it is not whole: then nothing is */
export async function importArchive(pool: Pool, studio: number, bytes: Uint8Array): Promise<ArchiveAdded> {
  return mergeArchive(pool, studio, await thread('openArchive', { bytes, pupil: null }))
}
