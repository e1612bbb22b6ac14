import { ensureStudio, getPool, migrate } from '../db'
import { layDemo } from '../demo'
import { shippedMigrations } from './migrations'

let started: Promise<void> | undefined

async function start(): Promise<void> {
  const pool = getPool()
  await migrate(pool, await shippedMigrations())
  const studio = await ensureStudio(pool, { name: 'Kestrel Lane Music Rooms', teacher: 'Ilse Varga' })
  if (process.env.TACTUM_DEMO !== '0') await layDemo(studio)
}

/** Resolves when the database can be used. A failure is told to whoever waits, and tried again by the next. */
export function ready(): Promise<void> {
  started ??= start().catch((error: unknown) => {
    started = undefined
    throw error
  })
  return started
}
