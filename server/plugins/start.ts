import { defineNitroPlugin } from 'nitropack/runtime'
import { closePool, closeReach } from '../db'
import { ready } from '../start/ready'
import { closeThreads } from '../work'

/** Migrates at once rather than at the first request; whoever asks before it is done waits for it. */
export default defineNitroPlugin((nitro) => {
  if (process.env.DATABASE_URL) ready().catch((error: Error) => console.error(`Database: ${error.message}`))
  nitro.hooks.hook('close', async () => {
    await closeThreads()
    await closeReach()
    await closePool()
  })
})
