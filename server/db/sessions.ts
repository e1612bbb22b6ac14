import type { OpenSession, TeacherRole } from '#shared/people'
import type { Db } from './pool'

/** Days after which somebody who was not there has to sign in again, and whoever was there all the time. */
const [IDLE, LONGEST] = [14, 90]
const IS_OPEN = `session.seen_at > now() - interval '${IDLE} days' and session.made_at > now() - interval '${LONGEST} days'`

/** Who asks, by the cookie. */
export interface SessionHolder {
  readonly session: string
  readonly studio: number
  readonly teacher: string
  readonly name: string
  readonly role: TeacherRole
}

export async function insertSession(
  db: Db,
  { studio, teacher, hash, agent }: { studio: number; teacher: string; hash: Buffer; agent: string },
): Promise<void> {
  await db.query(`delete from session where teacher_id = $1 and not (${IS_OPEN})`, [teacher])
  await db.query('insert into session (studio_id, teacher_id, token_hash, agent) values ($1, $2, $3, $4)', [
    studio,
    teacher,
    hash,
    agent,
  ])
}

/** Whose a session is; null where it is over, or nobody's. */
export async function sessionHolder(db: Db, hash: Buffer): Promise<SessionHolder | null> {
  const { rows } = await db.query<SessionHolder & { isStale: boolean }>(
    `select session.id as session, session.studio_id as studio, teacher.id as teacher, name, role,
       seen_at < now() - interval '5 minutes' as "isStale"
     from session join teacher on teacher.id = teacher_id and teacher.studio_id = session.studio_id
     where token_hash = $1 and ${IS_OPEN} and left_at is null and (until is null or until >= current_date)`,
    [hash],
  )
  const [found] = rows
  if (!found) return null
  const { isStale, ...holder } = found
  if (isStale) await db.query('update session set seen_at = now() where id = $1', [holder.session])
  return holder
}

export const endSession = (db: Db, hash: Buffer) => db.query('delete from session where token_hash = $1', [hash])

/** Ends a teacher's sessions, but for one. @returns how many */
export async function endSessions(db: Db, studio: number, teacher: string, but: string | null = null): Promise<number> {
  const { rowCount } = await db.query(
    'delete from session where studio_id = $1 and teacher_id = $2 and id is distinct from $3::uuid',
    [studio, teacher, but],
  )
  return rowCount ?? 0
}

/** @returns false where this teacher has no such session */
export async function endSessionOf(db: Db, studio: number, teacher: string, id: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from session where studio_id = $1 and teacher_id = $2 and id = $3', [
    studio,
    teacher,
    id,
  ])
  return rowCount === 1
}

/** Where a teacher is signed in, the latest first. */
export async function listSessions(db: Db, studio: number, teacher: string, here: string): Promise<OpenSession[]> {
  const { rows } = await db.query<{ id: string; agent: string; made_at: Date; seen_at: Date }>(
    `select id, agent, made_at, seen_at from session
     where studio_id = $1 and teacher_id = $2 and ${IS_OPEN} order by seen_at desc`,
    [studio, teacher],
  )
  return rows.map(({ made_at, seen_at, ...row }) => ({
    ...row,
    madeAt: made_at.toISOString(),
    seenAt: seen_at.toISOString(),
    here: row.id === here,
  }))
}
