import { dayOf } from '#core/practice'
import type { PupilPeople, PupilShare } from '#shared/people'
import {
  getTeacher,
  handOver,
  inTransaction,
  listShares,
  listTeachers,
  type Pool,
  poolFor,
  teacherOfPupil,
  writeShares,
} from '../db'
import { HttpError, notFound } from '../httpError'
import { refuse } from '../messages'
import type { Identity } from './identity'

type AsTeacher = Extract<Identity, { kind: 'teacher' }>

/**
 * Lets through whoever a pupil is of, and the studio's owner; others who see the pupil may work, but not decide.
 * @throws HttpError 404 where the pupil is not to be seen, 403 where it is another's
 */
async function checkDecides(pool: Pool, asker: AsTeacher, pupil: string): Promise<void> {
  const { studio, role } = asker
  const all = role === 'owner' ? poolFor({ who: 'office', studio }) : pool
  if ((await teacherOfPupil(all, studio, pupil)) === undefined) throw notFound('pupil')
  await refuseShared(pool, asker, studio, pupil)
}

/** Refuses whoever only sees a pupil with another teacher; that there is none, its caller finds. @throws HttpError 403 */
export async function refuseShared(pool: Pool, asker: Identity, studio: number, pupil: string): Promise<void> {
  if (asker.kind !== 'teacher' || asker.role === 'owner') return
  const teacher = await teacherOfPupil(pool, studio, pupil)
  if (teacher !== undefined && teacher !== asker.teacher)
    throw new HttpError(403, refuse('pupil.shared', {}, 'id').toData())
}

/** Whose a pupil is, who else sees the pupil, and who could. @throws HttpError 404, 403 */
export async function peopleOf(pool: Pool, asker: AsTeacher, pupil: string): Promise<PupilPeople> {
  const { studio } = asker
  await checkDecides(pool, asker, pupil)
  const office = poolFor({ who: 'office', studio })
  const here = (await listTeachers(office, studio)).filter(({ left }) => !left)
  return {
    teacherId: (await teacherOfPupil(office, studio, pupil)) ?? null,
    shares: await listShares(office, studio, pupil),
    colleagues: here.map(({ id, name }) => ({ id, name })),
  }
}

/** A pupil goes to another teacher. @throws HttpError 404, 403 */
export async function handPupilOver(pool: Pool, asker: AsTeacher, pupil: string, to: string): Promise<void> {
  const { studio } = asker
  await checkDecides(pool, asker, pupil)
  await inTransaction(poolFor({ who: 'office', studio }), async (db) => {
    const teacher = await getTeacher(db, studio, to)
    if (!teacher || teacher.left) throw notFound('teacher')
    if (!(await handOver(db, studio, pupil, to))) throw notFound('pupil')
  })
}

/** Says who else sees a pupil, for good or until a day. @throws HttpError 404, 403; DomainError naming the field */
export async function sharePupil(
  pool: Pool,
  asker: AsTeacher,
  pupil: string,
  shares: readonly PupilShare[],
): Promise<void> {
  const { studio } = asker
  await checkDecides(pool, asker, pupil)
  shares.forEach(({ until }, at) => {
    if (until !== null && dayOf(until) === null) throw refuse('query.date', { field: 'until' }, `shares[${at}].until`)
  })
  await inTransaction(poolFor({ who: 'office', studio }), async (db) => {
    const here = new Set((await listTeachers(db, studio)).filter(({ left }) => !left).map(({ id }) => id))
    if (shares.some(({ teacherId }) => !here.has(teacherId))) throw notFound('teacher')
    await writeShares(db, studio, pupil, shares)
  })
}
