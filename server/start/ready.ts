import { ensureStudio, getPool, migrate } from '../db'
import { DEMO_STUDIO, layDemo } from '../demo'
import { moveAccordionStudies } from './accordion'
import { shippedMigrations } from './migrations'
import { reshapeSyllabi } from './reshape'

let started: Promise<void> | undefined

async function start(): Promise<void> {
  const pool = getPool()
  await migrate(pool, await shippedMigrations())
  const demo = process.env.TACTUM_DEMO !== '0'
  const studio = await ensureStudio(pool, demo ? DEMO_STUDIO : { name: 'Your own studio', teacher: '' })
  await reshapeSyllabi(pool, studio)
  await moveAccordionStudies(pool, studio)
  if (demo) await layDemo(pool, studio)
}

/** Resolves when the database can be used. A failure is told to whoever waits, and tried again by the next. */
export function ready(): Promise<void> {
  started ??= start().catch((error: unknown) => {
    started = undefined
    throw error
  })
  return started
}
