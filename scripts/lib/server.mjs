import { spawn } from 'node:child_process'
import fs from 'node:fs'
import net from 'node:net'
import path from 'node:path'
import { DATA, ROOT } from './places.mjs'
import { believed, writeMark } from './marks.mjs'
import { ended, lastLines, pause, say, Stop } from './run.mjs'
import { installationSecret } from './secret.mjs'

/** @throws Stop when something listens on the port already */
export function checkPort(port, host = '127.0.0.1') {
  return new Promise((resolve, reject) => {
    const probe = net.createServer()
    probe.once('error', (/** @type {NodeJS.ErrnoException} */ error) =>
      reject(
        new Stop(
          error.code === 'EADDRINUSE'
            ? `Port ${port} is taken by another program. Choose another: npm start -- --port ${port + 1}`
            : `Port ${port} cannot be used: ${error.message}`,
        ),
      ),
    )
    probe.listen(port, host, () => probe.close(resolve))
  })
}

/** An address that stands for all of a machine's. */
const isAnywhere = (host) => ['0.0.0.0', '::'].includes(host)
/** An address as it stands in another: with brackets, where it has colons. */
const named = (host) => (host.includes(':') ? `[${host}]` : host)

const ENTRY = path.join(ROOT, '.output/server/index.mjs')

/** Ends a server that an earlier start left over, when that was killed itself. `mark` is the file that names it. */
export async function endLeftover(mark) {
  const lives = () => believed(mark, ENTRY)?.pid
  const pid = lives()
  if (pid) {
    say('• stopping a server left over from an earlier run …')
    process.kill(pid, 'SIGTERM')
    for (let tries = 0; tries < 100 && lives(); tries++) await pause(50)
    if (lives()) process.kill(pid, 'SIGKILL')
    while (lives()) await pause(50)
  }
  fs.rmSync(mark, { force: true })
}

/** What a server is told by its environment. */
const environmentOf = ({ port, databaseUrl, demo, backups, binaries, host, signIn, firstOwner }) => ({
  ...process.env,
  NODE_ENV: 'production',
  HOST: host,
  NITRO_HOST: host,
  TACTUM_SECRET: installationSecret(),
  TACTUM_SIGN_IN: signIn ? '1' : '',
  ...(firstOwner ? { TACTUM_FIRST_OWNER: firstOwner } : {}),
  ...(isAnywhere(host) ? {} : { TACTUM_HOSTS: [process.env.TACTUM_HOSTS, host].filter(Boolean).join(',') }),
  PORT: String(port),
  NITRO_PORT: String(port),
  DATABASE_URL: databaseUrl,
  ...(demo ? {} : { TACTUM_DEMO: '0' }),
  ...(backups ? { TACTUM_BACKUPS: backups } : {}),
  ...(binaries ? { TACTUM_POSTGRES: binaries } : {}),
})

/**
 * Starts the built application and waits until it has its database.
 * @param {{ port: number, databaseUrl: string, demo?: boolean, log?: string, mark?: string, backups?: string,
 *   binaries?: string, host?: string, signIn?: boolean, firstOwner?: string, running?: { stop: () => Promise<void> }[], again?: boolean }} options `running` is told how to stop it as soon as
 *   there is something to stop; the file `mark` names it while it runs; copies of the database go to the folder `backups`,
 *   made by the programs of PostgreSQL in `binaries`; it listens at `host`, and asks who one is where `signIn` says so;
 *   `firstOwner` is the secret of the address at which its first owner is made
 * @returns {Promise<{address: string, pid: number | undefined, stop: () => Promise<void>, ended: Promise<number>}>}
 */
export async function startServer({
  port,
  databaseUrl,
  demo = true,
  log: logName = 'server.log',
  mark,
  backups,
  binaries,
  running = [],
  again = false,
  host = '127.0.0.1',
  signIn = process.env.TACTUM_SIGN_IN === '1',
  firstOwner,
}) {
  fs.mkdirSync(DATA, { recursive: true })
  const logFile = path.join(DATA, logName)
  // what it said before it ended by itself stays to be read
  const log = fs.openSync(logFile, again ? 'a' : 'w')
  const child = spawn(process.execPath, [ENTRY], {
    cwd: ROOT,
    detached: true,
    stdio: ['ignore', log, log],
    env: environmentOf({ port, databaseUrl, demo, backups, binaries, host, signIn, firstOwner }),
  })
  if (mark) writeMark(mark, { pid: child.pid, port })
  const address = `http://${isAnywhere(host) ? '127.0.0.1' : named(host)}:${port}`
  const stop = async () => {
    child.kill('SIGTERM')
    const patience = setTimeout(() => child.kill('SIGKILL'), 5000)
    await ended(child)
    clearTimeout(patience)
    if (mark) fs.rmSync(mark, { force: true })
  }
  running.push({ stop })
  try {
    await untilHealthy(address, child, logFile)
  } catch (error) {
    await stop()
    throw error
  }
  return { address, pid: child.pid, stop, ended: ended(child) }
}

/** So many ends within so many milliseconds are no accident. */
const [MAX_ENDS, WITHIN] = [5, 60_000]

/**
 * Starts a server that ended by itself again, at the same address, as often as it ends; pages that are open wait for it.
 * @param {{ ended: Promise<number> }} first the one that runs
 * @param {Parameters<typeof startServer>[0]} options as it was started
 * @param {() => unknown} isOver whether Tactum is being stopped
 * @throws Stop where it ends again and again, or does not start
 */
export async function keepServing(first, options, isOver) {
  /** @type {number[]} */
  let ends = []
  for (let server = first; ;) {
    await server.ended
    if (isOver()) return
    ends = [...ends.filter((at) => Date.now() - at < WITHIN), Date.now()]
    if (ends.length >= MAX_ENDS)
      throw new Stop(`The server ended by itself ${MAX_ENDS} times; see the logs in ${DATA}.`)
    say('\nTactum: the server ended by itself; starting it again …')
    server = await startServer({ ...options, again: true })
    if (isOver()) return
    say('• the server runs again.')
  }
}

async function untilHealthy(address, child, logFile) {
  let last = 'no answer'
  for (let tries = 0; tries < 120; tries++) {
    if (child.exitCode !== null) {
      throw new Stop(`The server did not start:\n${lastLines(fs.readFileSync(logFile, 'utf8'))}`)
    }
    try {
      const answer = await fetch(`${address}/api/ready`)
      if (answer.ok) return
      last = (await answer.json()).message
      // a database that is reached but refuses will not change its mind
      if (tries > 20) break
    } catch {
      // not listening yet
    }
    await pause(250)
  }
  throw new Stop(`The server cannot use its database: ${last}`)
}
