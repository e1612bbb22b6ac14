// Puts a copy of the database in place of what there is.
import { moveAside, stateOf } from './lib/clusterFolder.mjs'
import { keepingCommand } from './lib/keeping.mjs'
import { clusterHome } from './lib/postgres.mjs'
import { say } from './lib/run.mjs'

await keepingCommand('restore', async ({ replace }) => {
  if (process.env.DATABASE_URL) return
  const home = await clusterHome('cluster')
  try {
    stateOf(home)
  } catch (error) {
    if (!replace) throw error
    say(`• what was left of the database lies in ${moveAside(home)}`)
  }
})
