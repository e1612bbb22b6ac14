import http from 'node:http'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { newDatabase } from '../support/database'
import { asPage, call, freshSet, setOfMajors } from '../support/http'
import { overlapping, studiesOver } from '../support/overlapping'
import { atNight, NIGHT } from '../support/night'
import { ownService } from '../support/service'
import { fuzz, routes } from '../support/torture/fuzz'
import { wayTo } from '../support/torture/outage'

const study = async (tonic = 'C') =>
  (await call('/api/studies', 'POST', { recipe: { material: { tonic, kind: 'major' } } })).body
/** So many requests of any kind. */
const ASKED = NIGHT ? 400 : 200

/** Whether some work is done before other work: what is light waits for nothing heavy, however slow the machine is. */
async function overtakes(light: Promise<unknown>, heavy: Promise<unknown>): Promise<boolean> {
  const first = await Promise.race([light.then(() => 'light'), heavy.then(() => 'heavy')])
  return first === 'light'
}

describe('whatever is asked', () => {
  it('is answered, never by 500, and the server lives all the while', async () => {
    expect(routes().filter(({ schema }) => schema).length).toBeGreaterThan(15)
    // what hits changes what it hits: on data of its own, so that no other test meets it
    const port = await freePort()
    const server = await startServer({ port, databaseUrl: await newDatabase('any'), log: 'test-any.log' })
    try {
      const { bad, slowest, slowestHealth } = await fuzz(server.address, ASKED, Date.now() % 1e6)
      console.log(`${ASKED} requests: the slowest ${slowest} ms, health ${slowestHealth} ms`)
      expect(bad).toEqual([])
    } finally {
      await server.stop()
    }
  })

  it.each([
    ['a null character', 'POST', '/api/pupils', { name: 'a\0b', instrument: 'piano' }, 422, 'name'],
    ['half a letter', 'POST', '/api/pupils', { name: '\uD800', instrument: 'piano' }, 422, 'name'],
    ['nested 5,000 deep', 'POST', '/api/pupils', `${'['.repeat(5000)}${']'.repeat(5000)}`, 422, ''],
    ['a null character in the address', 'GET', '/api/syllabi/%00', undefined, 404, 'id'],
  ])('%s is refused, naming the field', async (_, method, path, body, status, field) => {
    expect(await call(path, method, body)).toMatchObject({ status, body: { path: field } })
  })

  it('a version beyond counting, a grade without a list', async () => {
    const { id, content } = await setOfMajors('Beyond', ['C'])
    const beyond = await call(`/api/sets/${id}`, 'PUT', { ...content, version: 2_147_483_648 })
    expect(beyond).toMatchObject({ status: 422, body: { path: 'version' } })
    const without = await call(`/api/sets/${id}`, 'PUT', { ...content, version: 2, gradeId: '5' })
    expect(without.status).toBeLessThan(500)
  })

  it('a body without a length, and too long, is told so', async () => {
    const { address } = ownService()
    const { hostname, port } = new URL(address)
    const status = await new Promise<number>((resolve, reject) => {
      const headers = { 'content-type': 'application/json', origin: address, 'transfer-encoding': 'chunked' }
      const request = http.request({ hostname, port, path: '/api/pupils', method: 'POST', headers }, (answer) =>
        resolve(answer.statusCode!),
      )
      request.on('error', reject)
      for (let at = 0; at < 30; at++) request.write('x'.repeat(100_000))
      request.end()
    })
    expect(status).toBe(413)
  })
})

describe('many at once', () => {
  it('move the same studies, in whatever order they name them', async () => {
    const ids = await Promise.all(Array.from({ length: 12 }, async () => (await study()).id as string))
    const moves = Array.from({ length: 60 }, (_, at) =>
      call('/api/studies/shelf', 'PUT', {
        ids: at % 2 ? ids : ids.toReversed(),
        shelf: at % 3 ? 'archive' : 'library',
      }),
    )
    const statuses = new Set((await Promise.all(moves)).map(({ status }) => status))
    expect([...statuses]).toEqual([200])
  })

  atNight('ask for the same grading, and it is done once', async () => {
    const list = { ...overlapping(12), id: `hard-${Date.now()}` }
    expect((await call('/api/syllabi', 'POST', list)).status).toBe(201)
    const { set } = await freshSet('Hard')
    const recipes = studiesOver(60)
    const { body: made } = await call('/api/studies/batch', 'POST', { recipes })
    const studyIds = made.studies.map(({ id }: { id: string }) => id)
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'Hard', syllabusId: null, gradeId: null, studyIds, version: 1 })
    const path = `/api/sets/${set.id}/report?syllabus=${list.id}&grade=g`
    const asking = Promise.all(Array.from({ length: 6 }, () => call(path)))
    expect(await overtakes(call('/api/health'), asking)).toBe(true)
    const required = await asking
    expect(new Set(required.map(({ status }) => status))).toEqual(new Set([200]))
    // on a busy machine the time may run out before the last tie is weighed
    expect(required[0]!.body.report.gap ?? { covered: 0, near: 0 }).toEqual({ covered: 0, near: 0 })
    // whoever asks for the same gets the same answer, remembered
    for (const each of [...required, await call(path)]) expect(each.body.report).toEqual(required[0]!.body.report)
  })
})

describe('lists without end', () => {
  const entry = (some: object) => ({
    ...{ id: 'e', words: 'x', keys: ['C'], kinds: ['major'], octaves: 1, tempo: { bpm: 60, notesPerBeat: 2 } },
    ...some,
  })
  const list = (entries: object[]) => ({
    ...{ format: 'tactum-syllabus/1', id: 'endless', title: 'Endless', board: 'B' },
    grades: [{ id: 'g', title: 'G', groups: [{ id: 'A', title: 'A', entries }] }],
  })

  it('are counted before they are made', async () => {
    const everything = {
      keys: { sharps: 7, flats: 7 },
      kinds: ['major', 'harmonic-minor', 'melodic-minor', 'natural-minor', 'major-arpeggio', 'minor-arpeggio'],
      hands: 'each',
      inversions: [0, 1, 2],
      articulations: ['legato', 'staccato'],
      lead: 'both',
    }
    const entries = Array.from({ length: 60 }, (_, at) => entry({ ...everything, id: `e${at}` }))
    const answer = await call('/api/syllabi', 'POST', list(entries))
    expect(answer.status).toBe(422)
    expect(answer.body.message).toMatch(/comes to \d+ items, more than/)
  })

  it('of keys that are those of another, and so on, are refused at once', async () => {
    const entries = Array.from({ length: 40 }, (_, at) =>
      entry({ id: `e${at}`, ...(at > 0 ? { keys: { as: `e${at - 1}` } } : {}) }),
    )
    const answer = await call('/api/syllabi', 'POST', list(entries))
    expect(answer).toMatchObject({ status: 422, body: { code: 'keys.steps' } })
  })

  it.each([
    ['prose', 'the candidate shall prepare with care any two of the scales listed below '.repeat(1300)],
    ['brackets', '('.repeat(100_000)],
    ['numbers', '1 2 3 4 '.repeat(12_000)],
  ])('of one line of %s, 100 KB, are not read, and the server lives on', async (_, words) => {
    const body = `words\n"${words}"\n`
    const reading = asPage(ownService().address, '/api/syllabi/preview', 'POST', body)
    expect((await call('/api/health')).status).toBe(200)
    const answer = await reading
    expect(((await answer.json()) as { problems: object[] }).problems).toHaveLength(1)
  })

  atNight('tell how far they are read, to whom wants to know, and are given up when nobody does', async () => {
    const rows = Array.from({ length: 600 }, (_, at) => `"${'D flat major, hands together; '.repeat(12)} ${at}"`)
    const body = `words\n${rows.join('\n')}\n`
    const { address } = ownService()
    const leaving = new AbortController()
    const lines = await fetch(`${address}/api/syllabi/preview`, {
      method: 'POST',
      body,
      headers: { origin: address, accept: 'application/x-ndjson' },
    })
    const formatted = (await lines.text())
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>)
    const soFar = formatted.flatMap((line) => (line.soFar ? [(line.soFar as number[])[0]!] : []))
    expect(soFar.length).toBeGreaterThan(5)
    expect(soFar).toEqual(soFar.toSorted((a, b) => a - b))
    expect(Object.keys(formatted.at(-1)!)).toEqual(['answer'])
    const left = fetch(`${address}/api/syllabi/preview`, {
      ...{ method: 'POST', body, signal: leaving.signal },
      headers: { origin: address, accept: 'application/x-ndjson' },
    }).then(async (answer) => answer.text())
    setTimeout(() => leaving.abort(), 50)
    await expect(left).rejects.toThrow()
  })

  it('of more lines than a list has are told so', async () => {
    const body = `group,words\n${Array.from({ length: 9000 }, (_, at) => `g${at},C major`).join('\n')}`
    const answer = await asPage(ownService().address, '/api/syllabi/preview', 'POST', body)
    const { problems } = (await answer.json()) as { problems: { message: { code: string } }[] }
    expect(problems.map(({ message }) => message.code)).toEqual(['error.csv.lines'])
  })
})

describe('pages of strangers', () => {
  const ask = (headers: Record<string, string>, body = '{"name":"Planted","instrument":"piano"}') => {
    const { hostname, port } = new URL(ownService().address)
    return new Promise<http.IncomingMessage>((resolve, reject) => {
      const request = http.request({ hostname, port, path: '/api/pupils', method: 'POST', headers }, (answer) =>
        resolve(answer.resume()),
      )
      request.on('error', reject)
      request.end(body)
    })
  }
  const json = { 'content-type': 'application/json' }
  const own = () => ({ origin: ownService().address })

  it.each([
    ['from elsewhere', () => ({ ...json, origin: 'https://elsewhere.example' }), 403],
    ['that says it is of elsewhere', () => ({ ...json, ...own(), 'sec-fetch-site': 'cross-site' }), 403],
    ['that does not say where it is from', () => json, 403],
    ['as plain text', () => ({ 'content-type': 'text/plain', ...own() }), 415],
    ['under another name', () => ({ ...json, host: 'rebound.example', origin: 'http://rebound.example' }), 421],
    ['of our own', () => ({ ...json, ...own() }), 201],
  ])('a change %s', async (_, headers, status) => {
    expect((await ask(headers() as Record<string, string>)).statusCode).toBe(status)
  })

  it('read nothing under another name, and frame nothing', async () => {
    const { hostname, port } = new URL(ownService().address)
    const got = (path: string, host?: string) =>
      new Promise<http.IncomingMessage>((resolve, reject) =>
        http
          .get({ hostname, port, path, headers: host ? { host } : {} }, (answer) => resolve(answer.resume()))
          .on('error', reject),
      )
    for (const path of ['/api/studio', '/', '/desk']) expect((await got(path, 'rebound.example')).statusCode).toBe(421)
    const { headers } = await got('/desk')
    expect(headers['content-security-policy']).toMatch(/script-src 'self' 'sha256-[^;]*;.*frame-ancestors 'none'/)
    expect(headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/)
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'referrer-policy': 'no-referrer',
    })
    expect(headers['x-powered-by']).toBeUndefined()
  })
})

describe('a database that is gone', () => {
  let way: Awaited<ReturnType<typeof wayTo>>
  let server: Awaited<ReturnType<typeof startServer>>
  beforeAll(async () => {
    way = await wayTo(await newDatabase('gone'))
    server = await startServer({ port: await freePort(), databaseUrl: way.url, demo: false, log: 'test-gone.log' })
  })
  afterAll(async () => {
    way.open()
    await server.stop()
    await way.close()
  })
  const ask = (path: string, method = 'GET', body?: unknown) => asPage(server.address, path, method, body)

  it.each(['cut', 'silence'] as const)('by %s is told, and found again', async (how) => {
    way[how]()
    const pupil = { name: 'Kept K.', instrument: 'piano' }
    for (const required of [ask('/api/studies'), ask('/api/pupils', 'POST', pupil), ask('/api/ready')]) {
      const answer = await required
      expect(answer.status).toBe(503)
      expect(answer.headers.get('retry-after')).toBe('2')
      expect(((await answer.json()) as { code: string }).code).toBe('database')
    }
    expect((await ask('/api/health')).status).toBe(200)
    way.open()
    await expect.poll(async () => (await ask('/api/ready')).status).toBe(200)
    expect((await ask('/api/studies')).status).toBe(200)
  })
})
