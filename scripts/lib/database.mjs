import { claimFolder } from './claim.mjs'
import { runningCluster, startCluster } from './postgres.mjs'

/**
 * The database of a command: that of `DATABASE_URL`, or of the data folder, which runs already or is started for as long
 * as the command takes.
 * @param {(database: { url: string, bin?: string }) => Promise<number>} work
 * @returns {Promise<number>} what the work returns
 * @throws Stop
 */
export async function onDatabase(work) {
  if (process.env.DATABASE_URL) return work({ url: process.env.DATABASE_URL })
  const other = await runningCluster('cluster')
  if (other) return work(other)
  /** @type {{ stop: () => Promise<void> }[]} */
  const running = [claimFolder()]
  try {
    return await work(await startCluster('cluster', { running }))
  } finally {
    for (const each of running.reverse()) await each.stop()
  }
}
