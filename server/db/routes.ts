import type { StoredRoute } from '#shared/api'
import { contentOf, stamped } from '#shared/documents'
import type { Db } from './pool'

const routeOf = (row: StoredRoute): StoredRoute => ({
  ...row,
  ...contentOf<Pick<StoredRoute, 'steps'>>('route', row.steps),
})

/** The ways through studies that a teacher has made otherwise. */
export async function listRoutes(db: Db, studio: number): Promise<StoredRoute[]> {
  const { rows } = await db.query<StoredRoute>(
    'select family, school, steps, version from route where studio_id = $1 order by family, school',
    [studio],
  )
  return rows.map(routeOf)
}

/** Writes a route over the version that was seen; 0 where there was none. @returns null where it has moved on */
export async function writeRoute(db: Db, studio: number, route: StoredRoute): Promise<StoredRoute | null> {
  const { family, school, steps, version } = route
  const { rows } = await db.query<StoredRoute>(
    version === 0
      ? `insert into route (studio_id, family, school, steps) values ($1, $2, $3, $4)
         on conflict do nothing returning family, school, steps, version`
      : `update route set steps = $4, version = version + 1
         where studio_id = $1 and family = $2 and school = $3 and version = $5
         returning family, school, steps, version`,
    [studio, family, school, JSON.stringify(stamped('route', { steps })), ...(version === 0 ? [] : [version])],
  )
  return rows[0] ? routeOf(rows[0]) : null
}

/** Goes back to the usual way, from the version that was seen. @returns false where it has moved on */
export async function deleteRoute(db: Db, studio: number, route: Omit<StoredRoute, 'steps'>): Promise<boolean> {
  const { family, school, version } = route
  const key = [studio, family, school]
  const { rowCount } = await db.query(
    'delete from route where studio_id = $1 and family = $2 and school = $3 and version = $4',
    [...key, version],
  )
  if (rowCount === 1) return true
  const { rows } = await db.query('select from route where studio_id = $1 and family = $2 and school = $3', key)
  return rows.length === 0
}
