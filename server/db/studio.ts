import { DEFAULT_STUDIO, type StudioSettings } from '#shared/studio'
import type { Studio, StudioListing } from '#shared/api'
import { ARCHIVED_TABLES } from './archive'
import type { Db } from './pool'

/** The studio that the page opens: the one that was opened last. It stands in every query. */
export async function currentStudio(db: Db): Promise<number> {
  const { rows } = await db.query<{ id: number }>(
    'select id from studio order by opened_at desc nulls last, id limit 1',
  )
  if (rows[0]) return rows[0].id
  throw new Error('The database holds no studio.')
}

/** Whether there is a studio of this number. */
export async function hasStudio(db: Db, id: number): Promise<boolean> {
  const { rowCount } = await db.query('select from studio where id = $1', [id])
  return rowCount === 1
}

export async function getStudio(db: Db, id: number): Promise<Studio> {
  const { rows } = await db.query<Studio>(
    'select id, name, teacher, is_demo as "isDemo", settings from studio where id = $1',
    [id],
  )
  return { ...rows[0]!, settings: { ...DEFAULT_STUDIO, ...rows[0]!.settings } }
}

/** Every studio, the one that is open first. */
export async function listStudios(db: Db): Promise<StudioListing[]> {
  const { rows } = await db.query<StudioListing>(
    `select id, name, teacher, is_demo as "isDemo", settings,
       (select count(*)::int from pupil where studio_id = studio.id) as pupils,
       (select count(*)::int from study where studio_id = studio.id) as studies
     from studio order by opened_at desc nulls last, id`,
  )
  return rows
}

/** Studios by their order of making. */
export async function studioIds(db: Db): Promise<number[]> {
  const { rows } = await db.query<{ id: number }>('select id from studio order by id')
  return rows.map(({ id }) => id)
}

/** The latest studio of a name, as it is written; null where there is none. */
export async function studioNamed(db: Db, name: string): Promise<number | null> {
  const { rows } = await db.query<{ id: number }>(
    'select id from studio where name = $1 order by opened_at desc nulls last, id desc limit 1',
    [name],
  )
  return rows[0]?.id ?? null
}

/** A studio of a name that nobody signs in to, and that is no demo; null where there is none. */
export async function unownedStudio(db: Db, name: string): Promise<number | null> {
  const { rows } = await db.query<{ id: number }>(
    `select id from studio where name = $1 and not is_demo
       and not exists (select from teacher where studio_id = studio.id)
     order by opened_at desc nulls last, id limit 1`,
    [name],
  )
  return rows[0]?.id ?? null
}

/** Whether the database holds a studio; one that nothing was laid down in yet does not. */
export async function holdsStudio(db: Db): Promise<boolean> {
  const { rows } = await db.query<{ there: boolean }>("select to_regclass('studio') is not null as there")
  return rows[0]!.there && (await studioIds(db)).length > 0
}

/** A studio before it is made. */
type NewStudio = Pick<Studio, 'name' | 'teacher' | 'isDemo'> & { readonly settings?: Partial<StudioSettings> }

/** Makes a studio. It is not opened by that. */
export async function insertStudio(db: Db, { name, teacher, isDemo, settings = {} }: NewStudio): Promise<number> {
  const { rows } = await db.query<{ id: number }>(
    'insert into studio (name, teacher, is_demo, settings) values ($1, $2, $3, $4) returning id',
    [name, teacher, isDemo, settings],
  )
  return rows[0]!.id
}

/** Says what a studio is called, whose it is, and what holds for it; settings that are not named stay. */
export const nameStudio = (
  db: Db,
  id: number,
  { name, teacher, settings = {} }: Pick<Studio, 'name' | 'teacher'> & { readonly settings?: Partial<StudioSettings> },
) =>
  db.query('update studio set name = $2, teacher = $3, settings = settings || $4::jsonb where id = $1', [
    id,
    name,
    teacher,
    settings,
  ])

/** Opens a studio: pages show it from now on. @returns false where there is none */
export async function openStudio(db: Db, id: number): Promise<boolean> {
  const { rowCount } = await db.query('update studio set opened_at = clock_timestamp() where id = $1', [id])
  return rowCount === 1
}

/** Deletes all that the demo's studios hold, and the studios. A teacher's own are never deleted. */
export async function deleteDemo(db: Db): Promise<void> {
  // whatever points at something goes before it
  for (const table of ARCHIVED_TABLES.toReversed()) {
    await db.query(`delete from ${table} where studio_id in (select id from studio where is_demo)`)
  }
  await db.query('delete from studio where is_demo')
}
