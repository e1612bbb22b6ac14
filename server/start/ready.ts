import { ownerPool, inTransaction, insertStudio, migrate, openStudio, type Pool, studioIds } from '../db'
import { backUp, backupFolder } from '../backup'
import { layDemo, layLaterBoards } from '../demo'
import { moveAccordionStudies } from './accordion'
import { shippedMigrations } from './migrations'
import { reshapeSyllabi } from './reshape'

let started: Promise<void> | undefined

/** The studio of a first start without the demo, until its teacher names it. */
const OWN = { name: 'Your own studio', teacher: '', isDemo: false }

/** A database that holds no studio gets its first: the demo's, or an empty one. Nothing is ever laid beside another. */
const ensureStudio = (pool: Pool): Promise<void> =>
  inTransaction(pool, async (db) => {
    // two servers that start together make one
    await db.query('lock table studio in share row exclusive mode')
    if ((await studioIds(db)).length > 0) return
    await openStudio(db, process.env.TACTUM_DEMO === '0' ? await insertStudio(db, OWN) : await layDemo(db))
  })

/** A copy is kept from before the schema changes; without it nothing does. */
async function copyBefore(): Promise<void> {
  const folder = backupFolder()
  if (folder) await backUp(folder, 'before-migration')
}

async function start(): Promise<void> {
  const pool = ownerPool()
  await migrate(pool, await shippedMigrations(), copyBefore)
  await reshapeSyllabi(pool)
  await moveAccordionStudies(pool)
  await ensureStudio(pool)
  await layLaterBoards(pool)
}

/** Resolves when the database can be used. A failure is told to whoever waits, and tried again by the next. */
export function ready(): Promise<void> {
  started ??= start().catch((error: unknown) => {
    started = undefined
    throw error
  })
  return started
}

/**
 * Does what puts another database in place of this one, such as a backup of it. Whoever asks meanwhile waits until it is
 * done and brought up to date. @throws what the work does; then the database is the one that it was
 */
export async function whileStopped(work: () => Promise<void>): Promise<void> {
  const done = work()
  started = done
    .catch(() => undefined)
    .then(start)
    .catch((error: unknown) => {
      started = undefined
      throw error
    })
  // whoever asks hears of it
  started.catch(() => undefined)
  await done
  await ready()
}
