// One command from a fresh machine to a running Tactum. Built-ins only: it runs before anything is installed.
import fs from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { ensureBuild, ensureModules } from './lib/packages.mjs'
import { DATA } from './lib/places.mjs'
import { ensurePostgres, startCluster } from './lib/postgres.mjs'
import { fail, say, Stop } from './lib/run.mjs'
import { checkPort, endLeftover, startServer } from './lib/server.mjs'

function options() {
  try {
    const { values } = parseArgs({ options: { port: { type: 'string' }, 'no-demo': { type: 'boolean' } } })
    const text = values.port ?? process.env.PORT ?? '3000'
    const port = Number(text)
    if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Stop(`“${text}” is not a port (1 to 65535).`)
    return { port, demo: !values['no-demo'] }
  } catch (error) {
    throw error instanceof Stop
      ? error
      : new Stop(`${/** @type {Error} */ (error).message} Known: --port N, --no-demo.`)
  }
}

const CLAIM = path.join(DATA, 'start.pid')
const SERVER = path.join(DATA, 'server.pid')

/** Two starts on one data folder would fight over the database. */
function claimFolder() {
  fs.mkdirSync(DATA, { recursive: true })
  const pid = fs.existsSync(CLAIM) ? Number(fs.readFileSync(CLAIM, 'utf8')) : 0
  const file = `/proc/${pid}/cmdline`
  if (pid && pid !== process.pid && fs.existsSync(file) && fs.readFileSync(file, 'utf8').includes('start.mjs')) {
    throw new Stop(`Tactum is already running from this folder (process ${pid}).`)
  }
  fs.writeFileSync(CLAIM, String(process.pid))
  return { stop: async () => fs.rmSync(CLAIM, { force: true }) }
}

async function main() {
  const { port, demo } = options()
  /** @type {{ stop: () => Promise<void> }[]} */
  const running = []
  let stopping
  const stopAll = () =>
    (stopping ??= (async () => {
      for (const each of running.reverse()) await each.stop()
    })())
  const end = async (code) => {
    say('\n• stopping …')
    await stopAll()
    process.exit(code)
  }
  try {
    running.push(claimFolder())
    await endLeftover(SERVER)
    await checkPort(port)
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end(0))
    let databaseUrl = process.env.DATABASE_URL
    // what may stop the start comes before what takes minutes
    if (!databaseUrl) await ensurePostgres()
    await ensureModules()
    await ensureBuild()
    if (!databaseUrl) {
      say('• starting the database …')
      const cluster = await startCluster('cluster', { running })
      databaseUrl = cluster.url
      cluster.ended.then(() => stopping ?? lost('database'))
    }
    say('• starting the server …')
    const server = await startServer({ port, databaseUrl, demo, running, mark: SERVER })
    server.ended.then(() => stopping ?? lost('server'))
    say(`\nTactum is ready: ${server.address}\n(Ctrl-C stops it.)`)
  } catch (error) {
    if (stopping) return
    await stopAll()
    fail(error)
  }
  function lost(what) {
    say(`\nTactum: the ${what} ended by itself; see the logs in ${DATA}.`)
    return end(1)
  }
}

await main().catch(fail)
