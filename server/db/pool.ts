import { setTimeout as pause } from 'node:timers/promises'
import pg, { type PoolClient } from 'pg'
import { settingsOf, type Scope } from './scope'
import { SERVICE_ROLE } from './service'

/** What queries run on: a pool, or the client of a transaction. */
export type Db = Pick<PoolClient, 'query'>

/** Connections, and what each transaction on them begins with. */
export interface Pool extends Db {
  connect(): Promise<PoolClient>
  /** Statements that stand after `begin`: in whose name it is. */
  readonly opening: string
}

function connections(max: number, options?: string): pg.Pool {
  const connectionString = process.env.DATABASE_URL
  if (!connectionString) throw new Error('DATABASE_URL is not set.')
  // whoever finds all connections taken waits for one; that the database is gone is found out elsewhere (dbHealth.ts)
  const made = new pg.Pool({ connectionString, max, connectionTimeoutMillis: 15_000, ...(options ? { options } : {}) })
  // an idle connection that the server drops must not end the process; the next query opens another
  made.on('error', (error) => console.error(`Database connection lost: ${error.message}`))
  // nor one that is at work: what it was asked fails, and says so
  made.on('connect', (client) => client.on('error', () => undefined))
  return made
}

let owners: pg.Pool | undefined
let service: pg.Pool | undefined

/** Connections of the owner of the tables, who is stopped by no wall: for the start and the terminal, never for a request. */
export function ownerPool(): Pool {
  owners ??= connections(3)
  const own = owners
  return { query: own.query.bind(own) as Db['query'], connect: () => own.connect(), opening: '' }
}

/** The connections of the service: a role that owns nothing, and sees no row until it says in whose name it asks. */
export const servicePool = (): pg.Pool => (service ??= connections(10, `-c role=${SERVICE_ROLE}`))

/** The service's connections, in somebody's name: every query is in a transaction that says so. */
export function poolFor(scope: Scope): Pool {
  const opening = settingsOf(scope)
  const pool: Pool = {
    connect: () => servicePool().connect(),
    opening,
    query: ((text: string, values?: unknown[]) =>
      once(pool, 'begin', (client) => client.query(text, values))) as Db['query'],
  }
  return pool
}

export async function closePool(): Promise<void> {
  const closing = [owners, service]
  owners = service = undefined
  for (const each of closing) await each?.end()
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
export async function inTransaction<T>(
  pool: Pool,
  work: (client: PoolClient) => Promise<T>,
  begin = 'begin',
): Promise<T> {
  for (let tried = 1; ; tried++) {
    try {
      return await once(pool, begin, work)
    } catch (error) {
      if (!isSerializationFailure(error) || tried === TRIES) throw error
      await pause(Math.random() * 20 * 2 ** tried)
    }
  }
}

async function once<T>(pool: Pool, begin: string, work: (client: PoolClient) => Promise<T>): Promise<T> {
  const client = await pool.connect()
  let broken: Error | undefined
  try {
    await client.query(`${begin};${pool.opening}`)
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
export const inSnapshot = <T>(pool: Pool, work: (client: PoolClient) => Promise<T>): Promise<T> =>
  inTransaction(pool, work, 'begin isolation level repeatable read, read only')
