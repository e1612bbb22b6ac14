import type { Db } from './pool'

/** Takes the mark of what is laid down once; false where it was taken before, so that nothing a user changed comes back. */
export async function runOnce(db: Db, name: string): Promise<boolean> {
  const { rowCount } = await db.query('insert into shipped_data (name) values ($1) on conflict do nothing', [name])
  return rowCount === 1
}
