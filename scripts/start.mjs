// One command from a fresh machine to a running Tactum. Built-ins only: it runs before anything is installed.
import path from 'node:path'
import { parseArgs } from 'node:util'
import { ensureBuild, ensureModules } from './lib/packages.mjs'
import { claimFolder } from './lib/claim.mjs'
import { BACKUPS, DATA } from './lib/places.mjs'
import { ensurePostgres, keepAlive, startCluster } from './lib/postgres.mjs'
import { fail, say, Stop } from './lib/run.mjs'
import { checkPort, endLeftover, keepServing, startServer } from './lib/server.mjs'

function optionsGiven() {
  try {
    const { values } = parseArgs({
      options: { port: { type: 'string' }, 'no-demo': { type: 'boolean' }, data: { type: 'string' } },
    })
    const text = values.port ?? process.env.PORT ?? '3000'
    const port = Number(text)
    if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Stop(`“${text}” is not a port (1 to 65535).`)
    return { port, demo: !values['no-demo'] }
  } catch (error) {
    throw error instanceof Stop
      ? error
      : new Stop(`${/** @type {Error} */ (error).message} Known: --port N, --data FOLDER, --no-demo.`)
  }
}

const SERVER = path.join(DATA, 'server.pid')

async function main() {
  const { port, demo } = optionsGiven()
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
    running.push(claimFolder(port))
    await endLeftover(SERVER)
    await checkPort(port)
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end(0))
    let databaseUrl = process.env.DATABASE_URL
    let binaries
    // what may stop the start comes before what takes minutes
    if (!databaseUrl) await ensurePostgres()
    await ensureModules()
    await ensureBuild()
    if (!databaseUrl) {
      say('• starting the database …')
      const cluster = await startCluster('cluster', { running })
      databaseUrl = cluster.url
      binaries = cluster.bin
      void keepAlive(cluster, () => stopping)
    }
    say('• starting the server …')
    const options = { port, databaseUrl, demo, running, mark: SERVER, backups: BACKUPS, binaries }
    const server = await startServer(options)
    keepServing(server, options, () => stopping).catch((error) => stopping ?? lost(error))
    say(`\nTactum is ready: ${server.address}\n(Ctrl-C stops it.)`)
  } catch (error) {
    if (stopping) return
    await stopAll()
    fail(error)
  }
  function lost(error) {
    say(`\nTactum: ${error.message}`)
    return end(1)
  }
}

await main().catch(fail)
