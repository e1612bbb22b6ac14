import { describe, expect, it } from 'vitest'
import { gradeSet } from '#core/syllabus'
import { solverMeans } from '../../shared/solver'
import { asPage } from '../support/http'
import { overlapping, studiesOver } from '../support/overlapping'
import { ownService } from '../support/service'
import { measurements, minutes, named, pupil, served, timed } from '../support/torture/bench'
import { fuzz } from '../support/torture/fuzz'

const note = measurements()

describe('tortured', () => {
  it('by 10,000 requests to every route', { timeout: minutes(15) }, async () => {
    const { requests, bad, slowest, slowestHealth } = await fuzz(ownService().address, 10_000, 20261129)
    note(`${requests} requests: answers of 500, or over 5 s`, String(bad.length))
    note('the slowest of them; health meanwhile at the slowest', `${slowest} ms; ${slowestHealth} ms`)
    expect(bad).toEqual([])
  })

  it('by kills: what was acknowledged is there, and whole', { timeout: minutes(10) }, async () => {
    const { way, start } = await served()
    const acknowledged: string[] = []
    const KILLS = 20
    for (let kill = 0; kill < KILLS; kill++) {
      const server = await start()
      const saves = Array.from({ length: 40 }, async (_, at) => {
        const name = `P ${kill} ${at}`
        const answer = await asPage(server.address, '/api/pupils', 'POST', pupil(name)).catch(() => null)
        if (answer?.status === 201) acknowledged.push(name)
      })
      await new Promise((resolve) => setTimeout(resolve, 150 + kill * 25))
      process.kill(server.pid!, 'SIGKILL')
      await Promise.all(saves)
    }
    const server = await start()
    const there = new Set(await named(server.address))
    const lost = acknowledged.filter((name) => !there.has(name))
    note(`${acknowledged.length} saves acknowledged over ${KILLS} kills: lost`, String(lost.length))
    await server.stop()
    await way.close()
    expect(lost).toEqual([])
  })

  it('by two servers and two hundred writers on one version', { timeout: minutes(5) }, async () => {
    const { way, start } = await served()
    const servers = [await start(), await start()]
    const made = await asPage(servers[0]!.address, '/api/studies', 'POST', {
      recipe: { material: { tonic: 'C', kind: 'major' } },
    })
    const { id, recipe, version } = (await made.json()) as any
    const write = (at: number) =>
      asPage(servers[at % 2]!.address, `/api/studies/${id}`, 'PUT', {
        recipe: { ...recipe, tempo: { ...recipe.tempo, bpm: 40 + (at % 100) } },
        version,
      })
    const statuses = (await Promise.all(Array.from({ length: 200 }, (_, at) => write(at)))).map(({ status }) => status)
    const count = (status: number) => statuses.filter((each) => each === status).length
    note(
      '200 writers on one version: 200, 409, other',
      `${count(200)}, ${count(409)}, ${200 - count(200) - count(409)}`,
    )
    for (const server of servers) await server.stop()
    await way.close()
    expect([count(200), count(409)]).toEqual([1, 199])
  })

  it.each(['cut', 'silence'] as const)(
    'by thirty seconds without a database: %s',
    { timeout: minutes(3) },
    async (how) => {
      const { way, start } = await served()
      const server = await start()
      way[how]()
      const [until, took, statuses] = [Date.now() + 30_000, [] as number[], new Set<number>()]
      while (Date.now() < until) {
        const one = await timed(() => asPage(server.address, '/api/pupils', 'POST', pupil('During')))
        took.push(one.took)
        statuses.add(one.answer.status)
        const health = await timed(() => fetch(`${server.address}/api/health`))
        expect([health.answer.status, health.took < 250]).toEqual([200, true])
        await new Promise((resolve) => setTimeout(resolve, 200))
      }
      way.open()
      const back = await timed(() =>
        expect.poll(async () => (await fetch(`${server.address}/api/ready`)).status, { timeout: 20_000 }).toBe(200),
      )
      note(`database gone for 30 s (${how}): answers`, [...statuses].join(', '))
      note('the slowest; back after', `${Math.round(Math.max(...took))} ms; ${Math.round(back.took)} ms`)
      way.open()
      await server.stop()
      await way.close()
      expect([...statuses]).toEqual([503])
      expect(Math.max(...took)).toBeLessThan(3000)
    },
  )

  it('by lists whose forms overlap', { timeout: minutes(3) }, async () => {
    const means = await solverMeans()
    // the first is that of a thread that has just begun
    for (const [lines, studies] of [
      [4, 90],
      [8, 90],
      [12, 90],
      [40, 500],
    ] as const) {
      const [list, set] = [overlapping(lines), studiesOver(studies)]
      const times = [0, 1, 2].map(() => {
        const began = performance.now()
        const { gap } = gradeSet(list, 'g', set, undefined, means)
        return { took: performance.now() - began, gap }
      })
      const median = times.map(({ took }) => took).toSorted((a, b) => a - b)[1]!
      note(
        `${lines} lines, ${studies} studies, median of 3`,
        `${Math.round(median)} ms, gap ${JSON.stringify(times.at(-1)!.gap)}`,
      )
    }
  })

  it('by a set of heavy studies, and by files without end', { timeout: minutes(5) }, async () => {
    const { address } = ownService()
    const recipes = Array.from({ length: 120 }, (_, at) => ({
      material: { tonic: 'C', kind: 'major' },
      octaves: 3,
      hands: 'left',
      instrument: 'accordion',
      pattern: { walk: 'add-a-note' },
      tempo: { bpm: 40 + at },
    }))
    let slowestHealth = 0
    let over = false
    const watching = (async () => {
      while (!over) {
        slowestHealth = Math.max(slowestHealth, (await timed(() => fetch(`${address}/api/health`))).took)
        await new Promise((resolve) => setTimeout(resolve, 20))
      }
    })()
    const heavy = await timed(() => asPage(address, '/api/studies/batch', 'POST', { recipes }))
    note('120 heavy studies at once', `${heavy.answer.status} after ${Math.round(heavy.took)} ms`)
    const fewer = await timed(() => asPage(address, '/api/studies/batch', 'POST', { recipes: recipes.slice(0, 40) }))
    note('40 of them', `${fewer.answer.status} after ${Math.round(fewer.took)} ms`)
    const words = '1 2 3 4 '.repeat(240)
    const rows = Array.from({ length: 480 }, (_, at) => `"${words}${at}"`).join('\n')
    const file = await timed(() => asPage(address, '/api/syllabi/preview', 'POST', `words\n${rows}\n`))
    note('a file of 0.9 MB, each line as long as may be', `${file.answer.status} after ${Math.round(file.took)} ms`)
    over = true
    await watching
    note('health meanwhile at the slowest', `${Math.round(slowestHealth)} ms`)
    expect(heavy.answer.status).toBe(422)
    expect(fewer.answer.status).toBe(201)
  })
})
