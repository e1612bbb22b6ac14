import { setTimeout as pause } from 'node:timers/promises'
import pg from 'pg'
import { inject } from 'vitest'
import type { Service } from './services'

/** Any number but that of the migrations. */
const LOCK = 1
const TRIES = 600

/** Takes a service until this process ends: the lock is the connection's, so that none is left behind by a crash. */
async function claim(service: Service): Promise<boolean> {
  const client = new pg.Client(service.databaseUrl)
  // the cluster may stop before this process does
  client.on('error', () => undefined)
  await client.connect()
  const { rows } = await client.query<{ mine: boolean }>('select pg_try_advisory_lock($1) as mine', [LOCK])
  const { mine } = rows[0]!
  if (!mine) await client.end()
  return mine
}

/** A worker that ends may hold its service a moment longer than its tests run. */
async function claimOne(): Promise<Service> {
  for (let tries = 0; tries < TRIES; tries++) {
    for (const service of inject('services')) if (await claim(service)) return service
    await pause(100)
  }
  throw new Error('Every service under test is taken.')
}

const own = await claimOne()

/** The application that this file's tests have to themselves. */
export const ownService = (): Service => own
