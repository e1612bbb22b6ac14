import type { TestProject } from 'vitest/node'
import { ensureBuild } from '../../scripts/lib/packages.mjs'
import { freePort, startCluster } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'

/** An application under test with its demo data, and the throw-away database behind it. */
export interface Service {
  readonly address: string
  readonly databaseUrl: string
}

declare module 'vitest' {
  interface ProvidedContext {
    /** One for each worker, so that files that run side by side do not see each other's studies. */
    services: readonly Service[]
  }
}

/** As many test files run at once. */
export const WORKERS = 2

/** The question of the first start is answered: the page is as it is every day after. */
async function throughFirstDoor(address: string): Promise<void> {
  const { name, teacher } = (await (await fetch(`${address}/api/studio`)).json()) as { name: string; teacher: string }
  const body = JSON.stringify({ name, teacher, settings: { welcomed: true } })
  const headers = { 'content-type': 'application/json', origin: address }
  await fetch(`${address}/api/studio`, { method: 'PUT', body, headers })
}

async function startService(which: number) {
  const cluster = await startCluster(`cluster-test-${process.pid}-${which}`, { throwAway: true })
  const log = `test-server-${which}.log`
  const server = await startServer({ port: await freePort(), databaseUrl: cluster.url, log })
  await throughFirstDoor(server.address)
  const stop = async (): Promise<void> => {
    await server.stop()
    await cluster.stop()
  }
  return { service: { address: server.address, databaseUrl: cluster.url }, stop }
}

/** The production build on throw-away clusters, for every test that needs the whole. */
export default async function setup(project: TestProject) {
  await ensureBuild()
  const started: Awaited<ReturnType<typeof startService>>[] = []
  for (let which = 0; which < WORKERS; which++) started.push(await startService(which))
  project.provide(
    'services',
    started.map(({ service }) => service),
  )
  return () => Promise.all(started.map(({ stop }) => stop()))
}
