import { setTimeout as pause } from 'node:timers/promises'
import pg, { type Pool, type PoolClient } from 'pg'

let pool: Pool | undefined

/** The process's one pool; `DATABASE_URL` says where. */
export function getPool(): Pool {
  if (!pool) {
    const connectionString = process.env.DATABASE_URL
    if (!connectionString) throw new Error('DATABASE_URL is not set.')
    // whoever finds all connections taken waits for one; that the database is gone is found out elsewhere (reach.ts)
    pool = new pg.Pool({ connectionString, max: 10, connectionTimeoutMillis: 15_000 })
    // an idle connection that the server drops must not end the process; the next query opens another
    pool.on('error', (error) => console.error(`Database connection lost: ${error.message}`))
    // nor one that is at work: what it was asked fails, and says so
    pool.on('connect', (client) => client.on('error', () => undefined))
  }
  return pool
}

export async function closePool(): Promise<void> {
  const closing = pool
  pool = undefined
  await closing?.end()
}

/**
 * Two transactions in each other's way (SQLSTATE 40001, 40P01), or one that points at what another has just taken away
 * (23503): it is undone, and may be tried again, and then finds that it is gone.
 */
const isSerializationFailure = (error: unknown): boolean =>
  ['40001', '40P01', '23503'].includes(String((error as { code?: unknown }).code))

/** What is written points at something that was taken away meanwhile (SQLSTATE 23503). */
export const isOrphan = (error: unknown): boolean => (error as { code?: unknown }).code === '23503'

/** What is to be stored is nothing that a table takes (SQLSTATE 22 and 23). */
export const isUnfit = (error: unknown): boolean => /^2[23]/.test(String((error as { code?: unknown }).code))

/** What is written has an id, or a name, that something else has already (SQLSTATE 23505). */
export const isTaken = (error: unknown): boolean => (error as { code?: unknown }).code === '23505'
const TRIES = 5

/**
 * Runs work in one transaction: all of it or nothing. What takes long is worked out before. Work that came into another's
 * way is undone and done again, so it does nothing outside the database.
 */
export async function inTransaction<T>(pool: Pool, work: (client: PoolClient) => Promise<T>): Promise<T> {
  for (let tried = 1; ; tried++) {
    try {
      return await once(pool, work)
    } catch (error) {
      if (!isSerializationFailure(error) || tried === TRIES) throw error
      await pause(Math.random() * 20 * 2 ** tried)
    }
  }
}

async function once<T>(pool: Pool, work: (client: PoolClient) => Promise<T>): Promise<T> {
  const client = await pool.connect()
  let broken: Error | undefined
  try {
    await client.query('begin')
    const result = await work(client)
    await client.query('commit')
    return result
  } catch (error) {
    // a connection that cannot even roll back is given up, and the first error thrown
    await client.query('rollback').catch((lost: Error) => (broken = lost))
    throw error
  } finally {
    client.release(broken)
  }
}

/** Runs reads that all see the database as it is at one moment. */
export function inSnapshot<T>(pool: Pool, work: (client: PoolClient) => Promise<T>): Promise<T> {
  return inTransaction(pool, async (client) => {
    await client.query('set transaction isolation level repeatable read, read only')
    return work(client)
  })
}

export type { Pool }

/** What queries run on: the pool, or the client of a transaction. */
export type Db = Pick<PoolClient, 'query'>
