import { dayOf } from '#core/practice'
import type { TeacherRole } from '#shared/people'
import {
  endSessions,
  getTeacher,
  handOverAll,
  insertInvitation,
  insertTeacher,
  inTransaction,
  isTaken,
  leaveStudio,
  loginNamed,
  type Pool,
  setPassword,
} from '../db'
import { HttpError, notFound } from '../httpError'
import { refuse } from '../messages'
import { door } from './identity'
import { checkPassword, hashed, isPassword } from './passwords'
import { hashOf, newToken } from './secrets'

/** Where an invitation is taken; the secret stands behind the sign that no browser sends on. */
const pathOf = (token: string): string => `/join#${token}`

/** Invites somebody to teach here. @throws DomainError naming the field */
export async function inviteTeacher(
  pool: Pool,
  studio: number,
  { name, role, until = null }: { name: string; role: TeacherRole; until?: string | null },
): Promise<{ id: string; path: string }> {
  if (until !== null && dayOf(until) === null) throw refuse('query.date', { field: 'until' }, 'until')
  const token = newToken()
  try {
    return await inTransaction(pool, async (db) => {
      const id = await insertTeacher(db, studio, { name, role, password: null, until })
      await insertInvitation(db, studio, id, hashOf(token))
      return { id, path: pathOf(token) }
    })
  } catch (error) {
    if (isTaken(error)) throw refuse('teacher.taken', {}, 'name')
    throw error
  }
}

/** A new one-time address for somebody who was invited, or has forgotten the password. @throws HttpError 404 */
export async function inviteAgain(pool: Pool, studio: number, id: string): Promise<{ path: string }> {
  const token = newToken()
  await inTransaction(pool, async (db) => {
    const teacher = await getTeacher(db, studio, id)
    if (!teacher || teacher.left) throw notFound('teacher')
    await insertInvitation(db, studio, id, hashOf(token))
  })
  return { path: pathOf(token) }
}

/** Somebody leaves: signed out everywhere, and the pupils go to another. @throws HttpError 404, 422 for the owner */
export async function teacherLeaves(pool: Pool, studio: number, id: string, to: string): Promise<{ pupils: number }> {
  return inTransaction(pool, async (db) => {
    const [leaving, heir] = [await getTeacher(db, studio, id), await getTeacher(db, studio, to)]
    if (!leaving || leaving.left || !heir || heir.left || id === to) throw notFound('teacher')
    if (!(await leaveStudio(db, studio, id))) throw refuse('teacher.owner', {}, 'id')
    await endSessions(db, studio, id)
    return { pupils: await handOverAll(db, studio, id, to) }
  })
}

/** Changes one's own password; every other session of it ends. @throws HttpError 401, DomainError */
export async function changePassword(
  { studio, teacher, session, name }: { studio: number; teacher: string; session: string; name: string },
  { current, password }: { current: string; password: string },
): Promise<void> {
  const login = await loginNamed(door(), name)
  if (!(await isPassword(login?.password ?? null, current)))
    throw new HttpError(422, refuse('sign-in.wrong', {}, 'current').toData())
  checkPassword(password, name)
  const hash = await hashed(password)
  await inTransaction(door(), async (db) => {
    await setPassword(db, studio, teacher, hash)
    await endSessions(db, studio, teacher, session)
  })
}
