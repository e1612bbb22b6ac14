import type { PupilShare } from '#shared/people'
import type { Db } from './pool'

/** Whose a pupil is; null where it is nobody's, undefined where there is no such pupil. */
export async function teacherOfPupil(db: Db, studio: number, pupil: string): Promise<string | null | undefined> {
  const { rows } = await db.query<{ teacher_id: string | null }>(
    'select teacher_id from pupil where studio_id = $1 and id = $2',
    [studio, pupil],
  )
  return rows[0] ? rows[0].teacher_id : undefined
}

/** Who else sees a pupil, by name. */
export async function listShares(db: Db, studio: number, pupil: string): Promise<PupilShare[]> {
  const { rows } = await db.query<PupilShare>(
    `select teacher_id as "teacherId", to_char(pupil_share.until, 'YYYY-MM-DD') as until
     from pupil_share join teacher on teacher.id = teacher_id and teacher.studio_id = pupil_share.studio_id
     where pupil_share.studio_id = $1 and pupil_id = $2 order by teacher.name`,
    [studio, pupil],
  )
  return rows
}

/** Says anew who else sees a pupil. Run it in a transaction. */
export async function writeShares(db: Db, studio: number, pupil: string, shares: readonly PupilShare[]): Promise<void> {
  await db.query('delete from pupil_share where studio_id = $1 and pupil_id = $2', [studio, pupil])
  for (const { teacherId, until } of shares)
    await db.query('insert into pupil_share (studio_id, pupil_id, teacher_id, until) values ($1, $2, $3, $4)', [
      studio,
      pupil,
      teacherId,
      until,
    ])
}
