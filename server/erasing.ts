import type { Erasure } from '#shared/api'
import { eraseFromTrash, inTransaction, insertErasure, moveToTrash, type Pool, pupilTotals } from './db'
import { notFound } from './httpError'

/**
 * Erases a pupil with sets, aims, mock exams and record, out of the trash as well. Studies stay: they bear nobody's name.
 * What is remembered is that it happened, when, and how much it was. @throws HttpError 404
 */
export function erasePupil(pool: Pool, studio: number, id: string): Promise<Erasure> {
  return inTransaction(pool, async (db) => {
    const totals = await pupilTotals(db, studio, id)
    const moved = await moveToTrash(db, studio, 'pupil', id)
    const erased = await eraseFromTrash(db, studio, id)
    if (!moved && erased === 0) throw notFound('pupil')
    return insertErasure(db, studio, totals)
  })
}
