import { spawn } from 'node:child_process'
import fs from 'node:fs'
import net from 'node:net'
import path from 'node:path'
import { DATA, ROOT } from './places.mjs'
import { ended, lastLines, pause, Stop } from './run.mjs'

/** @throws Stop when something listens on the port already */
export function checkPort(port) {
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
    probe.listen(port, '127.0.0.1', () => probe.close(resolve))
  })
}

/**
 * Starts the built application and waits until it has its database.
 * @param {{ port: number, databaseUrl: string, demo?: boolean, log?: string, running?: { stop: () => Promise<void> }[] }}
 * options `running` is told how to stop it as soon as there is something to stop
 * @returns {Promise<{address: string, stop: () => Promise<void>, ended: Promise<number>}>}
 */
export async function startServer({ port, databaseUrl, demo = true, log: logName = 'server.log', running = [] }) {
  fs.mkdirSync(DATA, { recursive: true })
  const logFile = path.join(DATA, logName)
  const log = fs.openSync(logFile, 'w')
  const child = spawn(process.execPath, [path.join(ROOT, '.output/server/index.mjs')], {
    cwd: ROOT,
    detached: true,
    stdio: ['ignore', log, log],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      HOST: '127.0.0.1',
      NITRO_HOST: '127.0.0.1',
      PORT: String(port),
      NITRO_PORT: String(port),
      DATABASE_URL: databaseUrl,
      ...(demo ? {} : { TACTUM_DEMO: '0' }),
    },
  })
  const address = `http://127.0.0.1:${port}`
  const stop = async () => {
    child.kill('SIGTERM')
    const patience = setTimeout(() => child.kill('SIGKILL'), 5000)
    await ended(child)
    clearTimeout(patience)
  }
  running.push({ stop })
  try {
    await untilHealthy(address, child, logFile)
  } catch (error) {
    await stop()
    throw error
  }
  return { address, stop, ended: ended(child) }
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
