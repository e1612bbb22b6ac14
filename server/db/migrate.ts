import { createHash } from 'node:crypto'
import type { PoolClient } from 'pg'
import type { Pool } from './pool'
import { admitService } from './service'

export interface Migration {
  /** File name; its number orders it. */
  readonly name: string
  readonly sql: string
}

/** The database was written by a newer program; it is left as it is. */
export class NewerSchema extends Error {
  constructor(readonly unknown: readonly string[]) {
    super(
      `This database was written by a newer Tactum, which has ${unknown.join(', ')}; this one does not. ` +
        'Nothing in it was touched. Start the newer Tactum, or restore a backup from before into another folder.',
    )
  }
}

/** Any number will do, so long as every instance asks for the same. */
const LOCK = 5_117_203

const checksum = (sql: string): string => createHash('sha256').update(sql).digest('hex')

/**
 * Brings the database up to date. Instances that start together wait for one another on an advisory lock; each
 * migration runs once, in a transaction with its record.
 * @param before what is done before a database that is there already is changed; if it fails, nothing is
 * @throws NewerSchema; Error when a migration that already ran has been changed since
 */
export async function migrate(
  pool: Pick<Pool, 'connect'>,
  migrations: readonly Migration[],
  before: () => Promise<void> = async () => undefined,
): Promise<string[]> {
  const client = await pool.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [LOCK])
    try {
      const done = await migrateLocked(client, migrations, before)
      await admitService(client)
      return done
    } finally {
      await client.query('select pg_advisory_unlock($1)', [LOCK])
    }
  } finally {
    client.release()
  }
}

async function migrateLocked(
  client: PoolClient,
  migrations: readonly Migration[],
  before: () => Promise<void>,
): Promise<string[]> {
  await client.query(
    `create table if not exists schema_migration (
       name text primary key, checksum text not null, applied_at timestamptz not null default now())`,
  )
  const { rows } = await client.query<{ name: string; checksum: string }>('select name, checksum from schema_migration')
  const applied = new Map(rows.map((row) => [row.name, row.checksum]))
  const unknown = rows.map(({ name }) => name).filter((name) => !migrations.some((each) => each.name === name))
  if (unknown.length > 0) throw new NewerSchema(unknown.toSorted())
  const isPending = ({ name }: Migration): boolean => !applied.has(name)
  if (applied.size > 0 && migrations.some(isPending)) await before()
  const done: string[] = []
  for (const migration of [...migrations].sort((a, b) => a.name.localeCompare(b.name))) {
    const known = applied.get(migration.name)
    if (known === undefined) {
      await apply(client, migration)
      done.push(migration.name)
    } else if (known !== checksum(migration.sql)) {
      throw new Error(`Migration ${migration.name} was changed after it ran; write a new one instead.`)
    }
  }
  return done
}

async function apply(client: PoolClient, { name, sql }: Migration): Promise<void> {
  await client.query('begin')
  try {
    await client.query(sql)
    await client.query('insert into schema_migration (name, checksum) values ($1, $2)', [name, checksum(sql)])
    await client.query('commit')
  } catch (error) {
    await client.query('rollback')
    throw new Error(`Migration ${name} failed: ${(error as Error).message}`, { cause: error })
  }
}
