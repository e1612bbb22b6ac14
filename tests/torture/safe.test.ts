import { execFileSync, spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { asPage } from '../support/http'
import { ownService } from '../support/service'
import { measurements, minutes, named, pupil, served, timed } from '../support/torture/bench'
import { heavyWork } from '../support/torture/heavy'
import { smallDisk } from '../support/torture/smallDisk'

const note = measurements()
const isoDay = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)
const ENTRY = { kind: 'lesson', outcome: 'right', minutes: 2, tempo: 120, date: isoDay(-1) }
const AIM = { minutesADay: 20, days: ['mon'], lesson: 'thu', away: [], pins: [], version: 0, exam: isoDay(60) }
const counted = (values: readonly number[]) =>
  Object.fromEntries([...new Set(values)].map((value) => [value, values.filter((each) => each === value).length]))

describe('the data, tortured', () => {
  it('by throwing away while others save, on two servers', { timeout: minutes(10) }, async () => {
    const { way, start } = await served()
    const servers = [await start(), await start()]
    const any = (at: number) => servers[at % 2]!.address
    const send = async (at: number, path: string, method: string, body?: unknown) => {
      const answer = await asPage(any(at), path, method, body)
      return { status: answer.status, body: (await answer.json()) as any }
    }
    const counts = { acknowledged: 0, lost: 0, torn: 0, other: 0 }
    const ROUNDS = 60
    for (let round = 0; round < ROUNDS; round++) {
      const { id } = (await send(0, '/api/pupils', 'POST', pupil(`P ${round}`))).body
      const set = (await send(0, '/api/sets', 'POST', { title: 'Set', pupilId: id })).body
      const study = (await send(1, '/api/studies', 'POST', { recipe: { material: { tonic: 'C', kind: 'major' } } }))
        .body
      const content = { title: 'Set', syllabusId: null, gradeId: null, studyIds: [study.id] }
      await send(0, `/api/sets/${set.id}`, 'PUT', { ...content, version: 1 })
      const entry = () => ({ ...ENTRY, id: randomUUID(), studyId: study.id })
      const entries = Array.from({ length: 24 }, entry)
      const work = [
        ...entries.map((one, at) => () => send(at, `/api/pupils/${id}/record`, 'POST', { entries: [one] })),
        () => send(1, `/api/sets/${set.id}`, 'PUT', { ...content, title: 'Saved', version: 2 }),
        () => send(0, `/api/sets/${set.id}/aim`, 'PUT', AIM),
      ]
      const half = round % work.length
      const thrown = send(round, `/api/pupils/${id}`, 'DELETE')
      const answers = await Promise.all([...work.slice(half), ...work.slice(0, half)].map((each) => each()))
      const inOrder = [...answers.slice(work.length - half), ...answers.slice(0, work.length - half)]
      counts.other += inOrder.filter(({ status }) => ![200, 201, 404].includes(status)).length
      await send(0, `/api/bin/${(await thrown).body.bin}/restore`, 'POST', {})
      const record = (await send(1, `/api/pupils/${id}/record`, 'GET')).body.entries.map(
        (one: { id: string }) => one.id,
      )
      const kept = entries.filter((_, at) => inOrder[at]!.status === 201)
      counts.acknowledged += kept.length
      counts.lost += kept.filter((one) => !record.includes(one.id)).length
      const now = (await send(0, `/api/sets/${set.id}`, 'GET')).body
      const aim = (await send(0, `/api/sets/${set.id}/practice`, 'GET')).body.aim
      const isTorn = now.studies.length !== 1 || (now.title === 'Saved') !== (inOrder[24]!.status === 200)
      if (isTorn || (aim !== null) !== (inOrder[25]!.status === 200)) counts.torn++
    }
    note(
      `${ROUNDS} pupils thrown away while others saved: of ${counts.acknowledged} acknowledged lost; torn; other answers`,
      `${counts.lost}; ${counts.torn}; ${counts.other}`,
    )
    for (const server of servers) await server.stop()
    await way.close()
    expect([counts.lost, counts.torn, counts.other]).toEqual([0, 0, 0])
  })

  it('by heavy work of one beside light work of another', { timeout: minutes(5) }, async () => {
    const { address } = ownService()
    const { body: pupils } = { body: (await (await fetch(`${address}/api/pupils`)).json()) as any[] }
    const set = pupils.flatMap(({ sets }) => sets).find(({ syllabusId }) => syllabusId === 'corvane-piano')
    const as = (path: string) => fetch(`${address}${path}`, { headers: { 'x-page': 'light' } })
    const kinds = [
      () => as('/api/pupils'),
      () => as('/api/progress'),
      () => as(`/api/sets/${set.id}`),
      () => as(`/api/sets/${set.id}/report?syllabus=${set.syllabusId}&grade=${set.gradeId}`),
      () => as(`/api/sets/${set.id}/practice`),
    ]
    for (const kind of kinds) await (await kind()).arrayBuffer()
    const heavy = heavyWork(address)
    const took: number[] = []
    const until = Date.now() + 60_000
    for (let turn = 0; Date.now() < until; turn++) {
      const one = await timed(async () => (await kinds[turn % kinds.length]!()).arrayBuffer())
      took.push(one.took)
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
    await heavy.stop()
    const sorted = took.toSorted((a, b) => a - b)
    const share = (part: number) => Math.round(sorted[Math.floor((sorted.length - 1) * part)]!)
    note(
      `${took.length} light requests beside heavy work: median; p99; slowest`,
      `${share(0.5)}; ${share(0.99)}; ${share(1)} ms`,
    )
    note('heavy tasks done meanwhile, by their answer', JSON.stringify(counted(heavy.done)))
    expect(heavy.done.filter((status) => status >= 500 && status !== 503)).toEqual([])
  })

  it('by archives out and in under load, and 5,000 requests of memory', { timeout: minutes(15) }, async () => {
    const { way, start } = await served()
    const servers = [await start(), await start()]
    const [one, other] = servers.map(({ address }) => address) as [string, string]
    await asPage(one, '/api/studios/demo', 'POST', {})
    const memory = ({ pid }: { pid: number | undefined }) =>
      Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1000
    const paths = ['/api/pupils', '/api/studies', '/api/progress', '/api/syllabi', '/api/exams']
    const many = async (count: number) => {
      for (let at = 0; at < count; at += 20)
        await Promise.all(
          Array.from({ length: 20 }, async (_, n) =>
            (await fetch(servers[n % 2]!.address + paths[n % 5])).arrayBuffer(),
          ),
        )
    }
    const load = many(1000)
    const archives = await Promise.all(
      Array.from({ length: 4 }, async () => {
        const file = await (await fetch(`${one}/api/archive`)).arrayBuffer()
        const headers = { origin: other, 'content-type': 'application/zip' }
        const answer = await fetch(`${other}/api/archive`, { method: 'POST', headers, body: file })
        return { status: answer.status, body: (await answer.json()) as any }
      }),
    )
    await load
    const before = memory(servers[0]!)
    await many(5000)
    const after = memory(servers[0]!)
    note('archives out and in under load: answers', archives.map(({ status }) => status).join(', '))
    note('memory of a server before and after 5,000 requests', `${Math.round(before)}, ${Math.round(after)} MB`)
    const names = await named(one)
    for (const server of servers) await server.stop()
    await way.close()
    expect(archives.every(({ status, body }) => status === 200 && body.added.pupils === 0)).toBe(true)
    expect(new Set(names).size).toBe(names.length)
    // a leak of a kilobyte a request would be five megabytes; what is remembered of answers comes to less than this
    expect(after - before).toBeLessThan(60)
  })

  it('by a full disk, and a data folder that can only be read', { timeout: minutes(10) }, async () => {
    const place = `/tmp/tactum-small-${process.pid}`
    const disk = smallDisk(place, 320)
    if (!disk) return note('a full disk', 'not tried: this user may make no disk')
    const env = { ...process.env, TACTUM_DATA: place, DATABASE_URL: '' }
    const port = await freePort()
    const address = `http://127.0.0.1:${port}`
    const begin = () =>
      spawn('node', ['scripts/start.mjs', '--port', String(port)], { env, stdio: ['ignore', 'ignore', 'pipe'] })
    const ready = async () => (await fetch(`${address}/api/ready`).catch(() => null))?.status ?? 0
    let program = begin()
    try {
      await expect.poll(ready, { timeout: 60_000, interval: 500 }).toBe(200)
      const acknowledged: string[] = []
      const statuses = new Set<number>()
      const save = async (name: string) => {
        const { status } = (await asPage(address, '/api/pupils', 'POST', pupil(name)).catch(() => null)) ?? {
          status: 0,
        }
        statuses.add(status)
        if (status === 201) acknowledged.push(name)
        return status
      }
      disk.fill()
      // what room the database has of its own is used up first
      const bulk = Array.from({ length: 120 }, (_, at) => ({
        material: { tonic: 'C', kind: 'major' },
        tempo: { bpm: 40 + at },
      }))
      const until = Date.now() + 60_000
      let refused = 0
      for (let at = 0; Date.now() < until && refused < 5; at++) {
        const { status } = (await asPage(address, '/api/studies/batch', 'POST', { recipes: bulk }).catch(
          () => null,
        )) ?? { status: 0 }
        statuses.add(status)
        if (status === 503) refused++
        if (at % 5 === 0) await save(`Full ${at}`)
      }
      const health = await timed(() => fetch(`${address}/api/health`))
      disk.makeRoom()
      await expect.poll(ready, { timeout: 60_000, interval: 500 }).toBe(200)
      expect(await save('After')).toBe(201)
      const there = new Set(await named(address))
      const lost = acknowledged.filter((name) => !there.has(name))
      note(
        'a full disk: answers; health',
        `${[...statuses].join(', ')}; ${health.answer.status} after ${Math.round(health.took)} ms`,
      )
      note(`of ${acknowledged.length} pupils acknowledged on a full disk, lost`, String(lost.length))
      expect(lost).toEqual([])
      expect([...statuses].filter((status) => ![201, 503].includes(status))).toEqual([])
      expect(health.answer.status).toBe(200)
    } finally {
      program.kill('SIGTERM')
      await new Promise((resolve) => program.once('exit', resolve))
      disk.makeRoom()
    }
    execFileSync('mount', ['-o', 'remount,ro', place])
    program = begin()
    let said = ''
    program.stderr!.on('data', (chunk) => (said += chunk))
    const code = await new Promise((resolve) => program.once('exit', resolve))
    execFileSync('mount', ['-o', 'remount,rw', place])
    disk.close()
    note('a folder that can only be read', said.trim().split('\n').at(-1)!.slice(0, 100))
    expect([code, said]).toEqual([1, expect.stringMatching(/Tactum: .*cannot be used: it can only be read/)])
  })
})
