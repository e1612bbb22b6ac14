import type { Studio } from '#shared/api'
import type { Db } from './pool'

/** The studio that this installation serves; it stands in every query, so that more can follow. */
export async function currentStudio(db: Db): Promise<number> {
  const { rows } = await db.query<{ id: number }>('select id from studio order by id limit 1')
  if (rows[0]) return rows[0].id
  throw new Error('The database holds no studio.')
}

export async function getStudio(db: Db, id: number): Promise<Studio> {
  const { rows } = await db.query<Studio>('select name, teacher from studio where id = $1', [id])
  return rows[0]!
}

/** Makes the one studio on first start. */
export async function ensureStudio(db: Db, studio: Studio): Promise<number> {
  await db.query('insert into studio (name, teacher) select $1, $2 where not exists (select 1 from studio)', [
    studio.name,
    studio.teacher,
  ])
  return currentStudio(db)
}
