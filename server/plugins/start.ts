import { defineNitroPlugin } from 'nitropack/runtime'
import { closePool, closeDbHealth } from '../db'
import { ready } from '../start/ready'
import { closeThreads } from '../work'

/** Migrates at once rather than at the first request; whoever asks before it is done waits for it. */
export default defineNitroPlugin((nitro) => {
  // a log that cannot be written, on a full disk, must not end the server
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined)
  if (process.env.DATABASE_URL) ready().catch((error: Error) => console.error(`Database: ${error.message}`))
  nitro.hooks.hook('close', async () => {
    await closeThreads()
    await closeDbHealth()
    await closePool()
  })
})
