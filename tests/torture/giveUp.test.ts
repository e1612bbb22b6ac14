import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { setTimeout as pause } from 'node:timers/promises'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { newDatabase } from '../support/database'

const [ROUNDS, AT_ONCE, WITHIN] = [40, 12, 120]
let server: Awaited<ReturnType<typeof startServer>>
beforeAll(async () => {
  server = await startServer({
    port: await freePort(),
    databaseUrl: await newDatabase('giveup'),
    log: 'test-giveup.log',
  })
})
afterAll(() => server.stop())

/** A sheet that takes its time, left before it is there. */
async function leave(round: number, at: number): Promise<void> {
  const left = new AbortController()
  const studies = Array.from({ length: 8 }, (_, each) => ({
    recipe: {
      material: { tonic: 'CDEFGAB'[(each + at) % 7], kind: 'major' },
      hands: 'together',
      octaves: 1 + (round % 4),
    },
  }))
  const body = JSON.stringify({ sheet: 'studies', as: 'pdf', title: `${round} ${at}`, studies })
  const headers = { 'content-type': 'application/json', origin: server.address, 'x-page': `page ${at % 4}` }
  const asked = fetch(`${server.address}/api/paper`, { method: 'POST', body, headers, signal: left.signal })
  setTimeout(() => left.abort(), Math.random() * WITHIN)
  await asked.then((answer) => answer.arrayBuffer()).catch(() => undefined)
}

describe('a server whose askers leave at once', () => {
  it('lives through it, threads that are still starting among them, and answers the next', async () => {
    let ended = false
    void server.ended.then(() => (ended = true))
    for (let round = 0; round < ROUNDS; round++) {
      await Promise.all(Array.from({ length: AT_ONCE }, (_, at) => leave(round, at)))
      expect([round, ended]).toEqual([round, false])
    }
    await pause(1000)
    const answer = await fetch(`${server.address}/api/health`)
    expect([answer.status, ended]).toEqual([200, false])
  })
})
