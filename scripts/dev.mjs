// Development: our own database, and the application with hot reload.
import { spawn } from 'node:child_process'
import { ensureModules } from './lib/packages.mjs'
import { ROOT } from './lib/places.mjs'
import { startCluster } from './lib/postgres.mjs'
import { ended, fail } from './lib/run.mjs'

async function main() {
  await ensureModules()
  const cluster = process.env.DATABASE_URL ? null : await startCluster('cluster-dev')
  const env = { ...process.env, NUXT_TELEMETRY_DISABLED: '1', DATABASE_URL: process.env.DATABASE_URL ?? cluster.url }
  const args = ['--no-install', 'nuxt', 'dev', '--host', '127.0.0.1', ...process.argv.slice(2)]
  // a process group of its own: whatever it starts ends with it, and the database last
  const nuxt = spawn('npx', args, { cwd: ROOT, env, detached: true, stdio: ['ignore', 'inherit', 'inherit'] })
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => process.kill(-nuxt.pid, signal))
  process.exitCode = await ended(nuxt)
  await cluster?.stop()
}

await main().catch(fail)
