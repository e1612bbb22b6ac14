import type { Db } from './pool'

/** A pupil's own address, as it is stored. */
interface StoredLink {
  readonly sealed: string
  readonly madeAt: string
  readonly openedAt: string | null
}

export async function getLink(db: Db, studio: number, pupil: string): Promise<StoredLink | null> {
  const { rows } = await db.query<{ sealed: string; made_at: Date; opened_at: Date | null }>(
    'select sealed, made_at, opened_at from pupil_link where studio_id = $1 and pupil_id = $2',
    [studio, pupil],
  )
  const [row] = rows
  if (!row) return null
  return { sealed: row.sealed, madeAt: row.made_at.toISOString(), openedAt: row.opened_at?.toISOString() ?? null }
}

/** Gives a pupil an address; one that there was no longer opens anything. */
export const writeLink = (db: Db, studio: number, pupil: string, { hash, sealed }: { hash: Buffer; sealed: string }) =>
  db.query(
    `insert into pupil_link (studio_id, pupil_id, token_hash, sealed) values ($1, $2, $3, $4)
     on conflict (pupil_id) do update set token_hash = $3, sealed = $4, made_at = clock_timestamp(), opened_at = null`,
    [studio, pupil, hash, sealed],
  )

/** @returns false where there was none */
export async function deleteLink(db: Db, studio: number, pupil: string): Promise<boolean> {
  const { rowCount } = await db.query('delete from pupil_link where studio_id = $1 and pupil_id = $2', [studio, pupil])
  return rowCount === 1
}

/** Whose page an address opens; null where it opens none. */
export async function linkedPupil(db: Db, hash: Buffer): Promise<{ studio: number; pupil: string } | null> {
  const { rows } = await db.query<{ studio: number; pupil: string }>(
    'select studio_id as studio, pupil_id as pupil from pupil_link where token_hash = $1',
    [hash],
  )
  return rows[0] ?? null
}

export const linkOpened = (db: Db, hash: Buffer) =>
  db.query('update pupil_link set opened_at = clock_timestamp() where token_hash = $1', [hash])
