import { spawn } from 'node:child_process'
import { createHash, randomBytes } from 'node:crypto'
import fs from 'node:fs'
import net from 'node:net'
import path from 'node:path'
import { installDebian } from './packages.mjs'
import { DATA } from './places.mjs'
import { clearLeftover, runningOn, stateOf, versionOf } from './clusterFolder.mjs'
import { ended, lastLines, pause, run, say, Stop } from './run.mjs'

const LIBRARIES = '/usr/lib/postgresql'

/** Folders of PostgreSQL's programs, the latest version first; or that of one version. */
function findBinaries(version) {
  const versions = fs.existsSync(LIBRARIES) ? fs.readdirSync(LIBRARIES) : []
  return versions
    .filter((each) => !version || each === version)
    .sort((a, b) => Number(b) - Number(a))
    .map((each) => path.join(LIBRARIES, each, 'bin'))
    .find((bin) => fs.existsSync(path.join(bin, 'initdb')) && fs.existsSync(path.join(bin, 'postgres')))
}

/** The folder of PostgreSQL's programs, installed if need be and possible. @throws Stop */
export async function ensurePostgres() {
  const found = findBinaries()
  if (found) return found
  await installDebian('postgresql', 'Tactum needs a PostgreSQL server.')
  const installed = findBinaries()
  if (!installed) throw new Stop('PostgreSQL was installed, but its server is not where Debian puts it.')
  return installed
}

/** The programs of the version that wrote a database. @throws Stop where that is not installed */
async function binariesFor(home, state) {
  const latest = await ensurePostgres()
  if (state === 'new') return latest
  const version = versionOf(home)
  const own = findBinaries(version)
  if (own) return own
  throw new Stop(
    `The database in ${home} is one of PostgreSQL ${version}, which is not installed here. Nothing in it was touched. ` +
      `Install postgresql-${version}, or restore a backup into another folder: npm run restore -- FILE --data FOLDER`,
  )
}

/** PostgreSQL refuses to run as root: then it runs as its own system user. */
async function owner() {
  if (process.getuid?.() !== 0) return {}
  const { output } = await run('id', ['-u', 'postgres'])
  const group = await run('id', ['-g', 'postgres'])
  const [uid, gid] = [Number(output), Number(group.output)]
  if (!Number.isInteger(uid) || uid === 0) {
    throw new Stop('PostgreSQL does not run as root, and there is no system user “postgres” to run it as.')
  }
  return { uid, gid }
}

/** Whether another user can come into a folder: every folder above must let others through. */
function reachable(folder) {
  for (let place = folder; place !== path.dirname(place); place = path.dirname(place)) {
    const stat = fs.statSync(place, { throwIfNoEntry: false })
    if (stat && (stat.mode & 0o001) === 0) return false
  }
  return true
}

/** Where a cluster lives: beside the program, or under /var/lib where the program's folder is closed to its user. */
function homeFor(name, user) {
  const usual = path.join(DATA, name)
  if (user.uid === undefined || reachable(DATA) || fs.existsSync(usual)) return usual
  const elsewhere = path.join('/var/lib', `tactum-${createHash('sha256').update(DATA).digest('hex').slice(0, 8)}`, name)
  say(`• the database's user cannot enter this folder; its data goes to ${elsewhere}`)
  return elsewhere
}

/** Where the cluster of a name lives on this machine. */
export const clusterHome = async (name) => homeFor(name, await owner())

/** @returns {Promise<number>} */
export const freePort = () =>
  new Promise((resolve, reject) => {
    const server = net.createServer()
    server.once('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const { port } = /** @type {net.AddressInfo} */ (server.address())
      server.close(() => resolve(port))
    })
  })

async function initialise(bin, home, user) {
  say('• laying down the database …')
  const password = randomBytes(24).toString('hex')
  const file = path.join(home, 'password')
  fs.writeFileSync(file, password, { mode: 0o600 })
  if (user.uid !== undefined) fs.chownSync(file, user.uid, user.gid)
  const args = ['-D', path.join(home, 'data.new'), '-U', 'tactum', '--encoding=UTF8', '--locale=C.UTF-8']
  fs.rmSync(path.join(home, 'data.new'), { recursive: true, force: true })
  const made = await run(path.join(bin, 'initdb'), [...args, '--auth=scram-sha-256', `--pwfile=${file}`], {
    ...user,
    cwd: '/',
  })
  if (made.code !== 0) throw new Stop(`The database could not be laid down:\n${lastLines(made.output)}`)
  // renamed only when whole, so that an interrupted start begins again
  fs.renameSync(path.join(home, 'data.new'), path.join(home, 'data'))
}

function launch(bin, home, port, user) {
  const log = fs.openSync(path.join(home, 'postgres.log'), 'a')
  const settings = ['listen_addresses=127.0.0.1', 'unix_socket_directories=', 'max_connections=60']
  const args = ['-D', path.join(home, 'data'), '-p', String(port), ...settings.flatMap((each) => ['-c', each])]
  // a process group of its own: Ctrl-C reaches us alone, and we stop the server first
  const options = { ...user, cwd: '/', detached: true }
  const server = spawn(path.join(bin, 'postgres'), args, { ...options, stdio: ['ignore', log, log] })
  fs.closeSync(log)
  return server
}

async function untilReady(bin, port, server, home) {
  for (let tries = 0; tries < 150; tries++) {
    if (server.exitCode !== null || server.signalCode !== null) return false
    const { code } = await run(path.join(bin, 'pg_isready'), ['-q', '-h', '127.0.0.1', '-p', String(port)])
    if (code === 0) return true
    await pause(100)
  }
  throw new Stop(`The database did not answer within 15 seconds; see ${path.join(home, 'postgres.log')}.`)
}

const addressOf = (home, port) =>
  `postgres://tactum:${fs.readFileSync(path.join(home, 'password'), 'utf8')}@127.0.0.1:${port}/tactum`

/**
 * Starts a cluster of our own on loopback, making it if there is none. What is there and is not whole stays as it is.
 * @param {string} name folder of the cluster
 * @param {{ throwAway?: boolean, running?: { stop: () => Promise<void> }[] }} [options] `throwAway` removes it when it
 * stops; `running` is told how to stop it before it is started
 * @returns {Promise<{url: string, bin: string, stop: () => Promise<void>, ended: () => Promise<number>,
 *   revive: () => Promise<void>}>}
 * @throws Stop
 */
export async function startCluster(name, { throwAway = false, running = [] } = {}) {
  const user = await owner()
  const home = homeFor(name, user)
  const state = stateOf(home)
  const bin = await binariesFor(home, state)
  fs.mkdirSync(home, { recursive: true })
  if (user.uid !== undefined) fs.chownSync(home, user.uid, user.gid)
  if (state === 'new') await initialise(bin, home, user)
  await clearLeftover(home)
  let server
  let stopping = false
  const stop = async () => {
    stopping = true
    server?.kill('SIGINT')
    if (server) await ended(server)
    if (throwAway) fs.rmSync(home, { recursive: true, force: true })
  }
  running.push({ stop })
  const port = await launchUntilReady(bin, home, user, (launched) => (server = launched))
  const url = addressOf(home, port)
  try {
    await ensureDatabase(bin, url)
  } catch (error) {
    await stop()
    throw error
  }
  const revive = async () => {
    await clearLeftover(home)
    const launched = (child) => {
      server = child
      if (stopping) child.kill('SIGINT')
    }
    if (!stopping) await launchUntilReady(bin, home, user, launched, port)
  }
  return { url, bin, stop, ended: () => ended(server), revive }
}

/** Milliseconds between tries to start a database again that ended by itself. */
const AGAIN = 3000

/**
 * Starts a cluster again, at the same address, whenever it ends by itself: on a full disk as soon as there is room. Whoever
 * asks meanwhile is told that it does not answer. @param {() => unknown} isOver whether it is meant to end
 */
export async function keepAlive(cluster, isOver) {
  for (;;) {
    await cluster.ended()
    if (isOver()) return
    say('\nTactum: the database ended by itself; starting it again …')
    while (!isOver()) {
      try {
        await cluster.revive()
        say('• the database runs again.')
        break
      } catch (error) {
        say(`• not yet: ${lastLines(/** @type {Error} */ (error).message, 3)}`)
        await pause(AGAIN)
      }
    }
  }
}

/** @throws Stop */
async function ensureDatabase(bin, url) {
  const { port, username, password } = new URL(url)
  const where = ['-h', '127.0.0.1', '-p', port, '-U', username]
  const env = { ...process.env, PGPASSWORD: password }
  const made = await run(path.join(bin, 'createdb'), [...where, 'tactum'], { env, cwd: '/' })
  if (made.code !== 0 && !made.output.includes('already exists')) {
    throw new Stop(`The database could not be opened:\n${lastLines(made.output)}`)
  }
}

/**
 * The cluster that runs already, for a command beside a running Tactum; null where none does.
 * @returns {Promise<{url: string, bin: string} | null>}
 */
export async function runningCluster(name) {
  const home = await clusterHome(name)
  const running = runningOn(home)
  return running && { url: addressOf(home, running.port), bin: await binariesFor(home, stateOf(home)) }
}

/** Old backends may hold the cluster for a moment after a hard end, so one failure is not the last word. */
async function launchUntilReady(bin, home, user, launched, samePort = 0) {
  for (let tries = 0; tries < 5; tries++) {
    const port = samePort || (await freePort())
    const server = launch(bin, home, port, user)
    launched(server)
    if (await untilReady(bin, port, server, home)) return port
    await pause(1000)
  }
  const log = fs.readFileSync(path.join(home, 'postgres.log'), 'utf8')
  const full = /No space left on device/.test(log.slice(-4000))
    ? '\nThe disk is full: make room, then start again.'
    : ''
  throw new Stop(`The database in ${home} does not start:\n${lastLines(log, 6)}${full}\nNothing in it was deleted.`)
}
