import type { Db } from './pool'

/** Days for which an invitation can be used. */
const DAYS = 7

/** Makes a one-time address for a teacher; an earlier one no longer opens anything. */
export async function insertInvitation(db: Db, studio: number, teacher: string, hash: Buffer): Promise<void> {
  await db.query('delete from invitation where studio_id = $1 and teacher_id = $2', [studio, teacher])
  await db.query(
    `insert into invitation (studio_id, teacher_id, token_hash, expires_at)
     values ($1, $2, $3, now() + interval '${DAYS} days')`,
    [studio, teacher, hash],
  )
}

/** Whom an invitation is for. */
export interface Invited {
  readonly studio: number
  readonly studioName: string
  readonly teacher: string
  readonly name: string
}

/** Null where it was used, is too old, or there is none. */
export async function invitedBy(db: Db, hash: Buffer): Promise<Invited | null> {
  const { rows } = await db.query<Invited>(
    `select invitation.studio_id as studio, studio.name as "studioName", teacher.id as teacher, teacher.name
     from invitation join teacher on teacher.id = teacher_id and teacher.studio_id = invitation.studio_id
       join studio on studio.id = invitation.studio_id
     where token_hash = $1 and expires_at > now() and left_at is null`,
    [hash],
  )
  return rows[0] ?? null
}

/** Uses an invitation up. @returns false where it was used meanwhile */
export async function useInvitation(db: Db, hash: Buffer): Promise<boolean> {
  const { rowCount } = await db.query('delete from invitation where token_hash = $1', [hash])
  return rowCount === 1
}
