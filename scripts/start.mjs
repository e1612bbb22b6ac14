// One command from a fresh machine to a running Tactum. Built-ins only: it runs before anything is installed.
import { randomBytes } from 'node:crypto'
import net from 'node:net'
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
      options: {
        port: { type: 'string' },
        host: { type: 'string' },
        'no-demo': { type: 'boolean' },
        data: { type: 'string' },
      },
    })
    const text = values.port ?? process.env.PORT ?? '3000'
    const port = Number(text)
    if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Stop(`“${text}” is not a port (1 to 65535).`)
    const host = values.host ?? '127.0.0.1'
    if (!['0.0.0.0', '::'].includes(host) && net.isIP(host) === 0)
      throw new Stop(`“${host}” is not an address of this machine, such as 192.168.1.20.`)
    const signIn = process.env.TACTUM_SIGN_IN === '1' || !LOOPBACK.includes(host)
    return { port, host, signIn, demo: !values['no-demo'] }
  } catch (error) {
    throw error instanceof Stop
      ? error
      : new Stop(`${/** @type {Error} */ (error).message} Known: --port N, --host ADDRESS, --data FOLDER, --no-demo.`)
  }
}

/** Where nobody else comes: no sign-in is asked there. */
const LOOPBACK = ['127.0.0.1', '::1']

/** Prints the one-time address of the first owner, where people sign in and there is none. */
async function sayFirstOwner(address, secret) {
  const { needsOwner } = await (await fetch(`${address}/api/session`)).json()
  if (needsOwner)
    say(`\nNobody can sign in yet. Make the studio’s owner at this address; it works once:\n${address}/owner#${secret}`)
}

const SERVER = path.join(DATA, 'server.pid')

async function main() {
  const { port, host, signIn, demo } = optionsGiven()
  const firstOwner = signIn ? randomBytes(16).toString('base64url') : undefined
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
    await checkPort(port, host)
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
    const where = { port, host, signIn, firstOwner, databaseUrl }
    const options = { ...where, demo, running, mark: SERVER, backups: BACKUPS, binaries }
    const server = await startServer(options)
    keepServing(server, options, () => stopping).catch((error) => stopping ?? lost(error))
    say(`\nTactum is ready: ${server.address}\n(Ctrl-C stops it.)`)
    if (firstOwner) await sayFirstOwner(server.address, firstOwner)
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
