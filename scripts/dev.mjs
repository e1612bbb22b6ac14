// Development: our own database, and the application with hot reload.
import { ensureModules } from './lib/packages.mjs'
import { ROOT } from './lib/places.mjs'
import { startCluster } from './lib/postgres.mjs'
import { fail, run } from './lib/run.mjs'
import { installationSecret } from './lib/secret.mjs'

async function main() {
  await ensureModules()
  // who is told to stop ends the command below, and the database after it
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => {})
  const cluster = process.env.DATABASE_URL ? null : await startCluster('cluster-dev')
  const env = {
    ...{ ...process.env, NUXT_TELEMETRY_DISABLED: '1', TACTUM_SECRET: installationSecret() },
    ...(cluster && { DATABASE_URL: cluster.url }),
  }
  const args = ['--no-install', 'nuxt', 'dev', '--host', '127.0.0.1', ...process.argv.slice(2)]
  const { code } = await run('npx', args, { cwd: ROOT, env, show: true })
  process.exitCode = code
  await cluster?.stop()
}

await main().catch(fail)
