import type { Trashed } from '#shared/api'
import { getSyllabus, getTrashed, holdPupil, inTransaction, isTaken, type Pool, restoreTrashed } from './db'
import { refuse } from './messages'
import { notFound, HttpError } from './httpError'

/**
 * Restores a pupil, a set, a mock exam or a list as it was.
 * @throws HttpError 404, or 409 where a list has its id by now, or what is restored belongs to a pupil in the trash
 */
export function restore(pool: Pool, studio: number, id: string): Promise<Pick<Trashed, 'what' | 'id'>> {
  return inTransaction(pool, async (db) => {
    const stored = await getTrashed(db, studio, id)
    if (!stored) throw notFound('thing')
    const { what } = stored
    const { row } = stored.document
    if (what === 'syllabus' && (await getSyllabus(db, studio, row.id)))
      throw new HttpError(409, refuse('syllabus.exists', { id: row.id }, 'id').toData())
    if (row.pupil_id && !(await holdPupil(db, studio, row.pupil_id)))
      throw new HttpError(409, refuse('pupil.gone', {}, 'id').toData())
    await restoreTrashed(db, studio, id, stored).catch((error: unknown) => {
      if (isTaken(error)) throw new HttpError(409, refuse('id.taken', {}, 'id').toData())
      throw error
    })
    return { what, id: row.id }
  })
}
