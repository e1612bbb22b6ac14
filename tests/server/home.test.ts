import { randomUUID } from 'node:crypto'
import { brotliCompressSync } from 'node:zlib'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { dateOf, dayOf } from '#core/practice'
import { asPage, call } from '../support/http'
import { ownService } from '../support/service'

const TODAY = new Date().toISOString().slice(0, 10)
const day = (from: number): string => dateOf(dayOf(TODAY)! + from)
const line = (tonic: string, some: object = {}) => ({
  ...{ id: randomUUID(), studyId: null, hands: 'right', octaves: 1, stage: null, tempo: 120, reach: 144, minutes: 4 },
  study: { material: { tonic, kind: 'major' }, hands: 'right', octaves: 1, tempo: { bpm: 60, notesPerBeat: 2 } },
  ...{ days: ['mon', 'tue'], test: false, where: null, because: 'new', note: '', ...some },
})
const LINES = [line('D', { note: 'Slowly <b>and</b> evenly' }), line('Eb', { where: { player: 'right', index: 3 } })]

let pupil: string
let path: string
const token = (): string => path.split('/').at(-1)!
const page = (address = path) => asPage(ownService().address, address)
const marks = (some: readonly object[], bearer = token()) =>
  call('/api/home/marks', 'POST', { marks: some }, { authorization: `Bearer ${bearer}` })
const mark = (some: object = {}) => ({
  ...{ id: randomUUID(), line: LINES[0]!.id, outcome: 'hesitated', tempo: 110, date: TODAY, ...some },
})
const record = async () => (await call(`/api/pupils/${pupil}/record`)).body.entries
beforeAll(async () => {
  pupil = (await call('/api/pupils', 'POST', { name: 'Ottla <R.>', instrument: 'piano', note: 'Private words' })).body
    .id
  const week = { from: day(-2), lines: LINES, note: 'Sing it first.', version: 0 }
  const saved = await call(`/api/pupils/${pupil}/week`, 'PUT', week)
  expect(saved.status).toBe(200)
  path = (await call(`/api/pupils/${pupil}/link`, 'POST')).body.path
})

describe('a pupil’s own page', () => {
  it('is a whole page before any program has come: every line with its music, and what was said', async () => {
    const answer = await page()
    const html = await answer.text()
    expect(answer.status).toBe(200)
    expect(html.match(/<svg[^>]*class="music"/g)!.length).toBeGreaterThanOrEqual(2)
    for (const said of [
      'Sing it first.',
      'D major',
      'E♭ major',
      'Slowly &lt;b&gt;and&lt;/b&gt; evenly',
      'Ottla &lt;R.&gt;',
    ])
      expect(html).toContain(said)
    expect(html).not.toContain('Private words')
    expect(html).not.toMatch(/<script(?![^>]*(src=|application\/json))/)
  })

  it('weighs little: with its program, its look and its faces less than 150 kB before sound', async () => {
    const html = await (await page()).text()
    const files = [...html.matchAll(/(?:href|src)="(\/_nuxt\/[^"]+)"/g)].map(([, file]) => file!)
    const css = await (await page(files.find((file) => file.endsWith('.css'))!)).text()
    const faces = [...css.matchAll(/url\(([^)]*latin-wght-normal[^)]*)\)/g)].map(([, file]) => file!)
    expect(faces.length).toBe(2)
    const sizes = [brotliCompressSync(html).length]
    for (const file of [...files, ...faces.map((face) => new URL(face, 'http://x/_nuxt/').pathname)]) {
      const bytes = new Uint8Array(await (await page(file)).arrayBuffer())
      sizes.push(file.endsWith('.woff2') ? bytes.length : brotliCompressSync(bytes).length)
    }
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(150_000)
  })

  it('is kept by no proxy and sends its address on to nobody', async () => {
    const { headers } = await page()
    expect(headers.get('cache-control')).toBe('private, no-store')
    expect(headers.get('referrer-policy')).toBe('no-referrer')
    expect(headers.get('content-security-policy')).toContain("script-src 'self'")
  })

  it('says when it was last opened, and the teacher sees no more', async () => {
    const before = Date.now()
    await page()
    const { link } = (await call(`/api/pupils/${pupil}/link`)).body
    expect(Object.keys(link).sort()).toEqual(['madeAt', 'openedAt', 'path'])
    expect(Date.parse(link.openedAt)).toBeGreaterThanOrEqual(before - 1)
    expect(link.path).toBe(path)
  })

  it('is in the database by a hash alone, and sealed', async () => {
    const client = new pg.Client(ownService().databaseUrl)
    await client.connect()
    const { rows } = await client.query('select pupil_link::text as row from pupil_link')
    await client.end()
    expect(rows.length).toBeGreaterThan(0)
    for (const { row } of rows) expect(row).not.toContain(token())
  })

  it('stands on the printed week as a code', async () => {
    const sheet = { sheet: 'lesson', pupil, as: 'pages' }
    const { pages } = (await call('/api/paper', 'POST', sheet)).body
    const drawn = pages.flatMap((each: { drawn: { kind: string; d?: string }[] }) => each.drawn)
    // a code of this length has some hundred squares, each a box of its own
    expect(
      drawn.some(({ kind, d = '' }: { kind: string; d?: string }) => kind === 'path' && d.split('Z').length > 200),
    ).toBe(true)
  })
})

describe('what a pupil did', () => {
  it('stands in the record as the pupil’s own, once, however often it is sent', async () => {
    const one = mark()
    for (let times = 0; times < 3; times++)
      expect(await marks([one])).toEqual({ status: 200, body: { saved: [one.id], gone: [] } })
    await Promise.all([marks([one]), marks([one])])
    const own = (await record()).filter(({ id }: { id: string }) => id === one.id)
    expect(own).toHaveLength(1)
    expect(own[0]).toMatchObject({
      ...{ kind: 'home', by: 'pupil', outcome: 'hesitated', tempo: 110, date: TODAY, minutes: 4, hands: 'right' },
    })
  })

  it('shows on the page and in the next lesson’s “since last time”', async () => {
    await marks([mark({ outcome: 'right', date: day(-1) })])
    expect(await (await page()).text()).toContain('finished')
    const { body } = await call(`/api/pupils/${pupil}/lesson`)
    const week = body.before ?? body.week
    expect(week.lines.map(({ id }: { id: string }) => id)).toContain(LINES[0]!.id)
  })

  it('of a line that is gone is told apart; of a day that is not yet is refused', async () => {
    const stray = mark({ line: randomUUID() })
    const good = mark()
    expect((await marks([stray, good])).body).toEqual({ saved: [good.id], gone: [stray.id] })
    for (const date of [day(3), day(-60), '2026-02-30'])
      expect(await marks([good, mark({ date })])).toMatchObject({ status: 422, body: { path: 'marks[1].date' } })
    expect(await marks([mark({ tempo: 0 })])).toMatchObject({ status: 422, body: { path: 'marks[0].tempo' } })
    expect(await marks([])).toMatchObject({ status: 422, body: { path: 'marks' } })
  })

  it('is taken by nothing but the page’s own secret', async () => {
    for (const bearer of ['', 'x'.repeat(22), `${token().slice(0, -1)}_`])
      expect((await marks([mark()], bearer)).status).toBe(401)
    expect((await call('/api/home/marks', 'POST', { marks: [mark()] })).status).toBe(401)
  })
})

describe('a page that was closed', () => {
  it('opens nothing, by an old address, a made-up one, or of a pupil who comes no more', async () => {
    const old = path
    path = (await call(`/api/pupils/${pupil}/link`, 'POST')).body.path
    for (const address of [old, `/p/${'x'.repeat(22)}`, '/p/short', '/p/%00']) {
      const answer = await page(address)
      expect([address, answer.status]).toEqual([address, 404])
      expect(await answer.text()).toContain('Ask your teacher')
    }
    expect((await page()).status).toBe(200)
    await call(`/api/pupils/${pupil}/archived`, 'PUT', { archived: true })
    expect((await page()).status).toBe(404)
    await call(`/api/pupils/${pupil}/archived`, 'PUT', { archived: false })
    expect((await page()).status).toBe(200)
    await call(`/api/pupils/${pupil}/link`, 'DELETE')
    expect((await page()).status).toBe(404)
    expect((await marks([mark()])).status).toBe(401)
  })

  afterAll(async () => {
    await call(`/api/pupils/${pupil}`, 'DELETE')
  })
})
