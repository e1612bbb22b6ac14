import { getPupil, getSyllabus, getThrownAway, inTransaction, type Pool, putBack } from './db'
import { refuse } from './messages'
import { notFound, Refusal } from './refusal'

/**
 * Puts a pupil, a set, a mock exam or a list back as it was.
 * @throws Refusal 404, or 409 where a list has its id by now, or what is put back belongs to a pupil in the bin
 */
export function takeBack(pool: Pool, studio: number, id: string): Promise<{ what: string; id: string }> {
  return inTransaction(pool, async (db) => {
    const kept = await getThrownAway(db, studio, id)
    if (!kept) throw notFound('thing')
    const { what, document } = kept
    const { row } = document
    if (what === 'syllabus' && (await getSyllabus(db, studio, row.id)))
      throw new Refusal(409, refuse('syllabus.exists', { id: row.id }, 'id').toFault())
    if (row.pupil_id && !(await getPupil(db, studio, row.pupil_id)))
      throw new Refusal(409, refuse('pupil.gone', {}, 'id').toFault())
    // a list that is gone meanwhile grades no set
    const graded = what === 'set' && row.syllabus_id ? await getSyllabus(db, studio, row.syllabus_id) : true
    const whole = graded ? document : { ...document, row: { ...row, syllabus_id: null, grade_id: null } }
    await putBack(db, studio, id, what, whole)
    return { what, id: row.id }
  })
}
