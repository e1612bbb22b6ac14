import type { TestProject } from 'vitest/node'
import { ensureBuild } from '../../scripts/lib/packages.mjs'
import { freePort, startCluster } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'

declare module 'vitest' {
  interface ProvidedContext {
    /** Address of the application under test, with its demo data. */
    address: string
    /** The throw-away database behind it. */
    databaseUrl: string
  }
}

/** A throw-away cluster and the production build on it, for every test that needs the whole. */
export default async function setup(project: TestProject) {
  await ensureBuild()
  const cluster = await startCluster(`cluster-test-${process.pid}`, { throwAway: true })
  const server = await startServer({ port: await freePort(), databaseUrl: cluster.url, log: 'test-server.log' })
  project.provide('address', server.address)
  project.provide('databaseUrl', cluster.url)
  return async () => {
    await server.stop()
    await cluster.stop()
  }
}
