import { afterAll } from 'vitest'
import { freePort } from '../../../scripts/lib/postgres.mjs'
import { startServer } from '../../../scripts/lib/server.mjs'
import { newDatabase } from '../database'
import { wayTo } from './outage'

/** What a file of tortures has measured, printed when it is done. */
export function measurements() {
  const table: { what: string; measured: string }[] = []
  afterAll(() => console.table(table))
  return (what: string, measured: string): void => void table.push({ what, measured })
}

export const minutes = (count: number): number => count * 60_000
export const timed = async <T>(work: () => Promise<T>) => {
  const began = performance.now()
  const answer = await work()
  return { answer, took: performance.now() - began }
}
export const pupil = (name: string) => ({ name, instrument: 'piano' })

/** A server of its own behind a way that can be cut. */
export async function served() {
  const databaseUrl = await newDatabase('torture')
  const way = await wayTo(databaseUrl)
  const start = async () =>
    startServer({ port: await freePort(), databaseUrl: way.url, demo: false, log: 'torture.log' })
  return { way, start }
}

export const named = async (address: string): Promise<string[]> =>
  ((await (await fetch(`${address}/api/pupils`)).json()) as { name: string }[]).map(({ name }) => name)
