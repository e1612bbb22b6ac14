import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { dateOf, dayOf } from '#core/practice'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { countedWay } from '../support/queries'
import { newDatabase } from '../support/database'
import { asPage } from '../support/http'
import { ownService } from '../support/service'
import { atNight } from '../support/night'

/** Foreign keys as the database has them: table, columns, and the table that they point at. */
const FOREIGN_KEYS = `
  select conname as name, conrelid::regclass::text as table, confrelid::regclass::text as target,
    (select array_agg(attname::text order by place) from unnest(conkey) with ordinality as key (number, place)
      join pg_attribute on attrelid = conrelid and attnum = number) as columns,
    exists (select from pg_index where indrelid = conrelid and indpred is null and (
      -- its first columns are those of the key, in any order
      (select array_agg(number order by number) from unnest(conkey) as number) =
      (select array_agg(number order by number) from unnest((string_to_array(indkey::text, ' ')::int2[])[1:cardinality(conkey)]) as number)
      -- or it names one row by some of them
      or (indisunique and string_to_array(indkey::text, ' ')::int2[] <@ conkey))) as indexed
  from pg_constraint where contype = 'f' and connamespace = 'public'::regnamespace`
interface ForeignKey {
  readonly name: string
  readonly table: string
  readonly target: string
  readonly columns: readonly string[]
  readonly indexed: boolean
}

let pool: pg.Pool
let keys: ForeignKey[]
beforeAll(async () => {
  pool = new pg.Pool({ connectionString: ownService().databaseUrl })
  keys = (await pool.query<ForeignKey>(FOREIGN_KEYS)).rows
})
afterAll(() => pool.end())

describe('foreign keys of the database', () => {
  it('have an index each, so that deleting what they point at reads no table', () => {
    expect(keys.length).toBeGreaterThan(12)
    expect(keys.filter(({ indexed }) => !indexed).map(({ name }) => name)).toEqual([])
  })

  it('carry the studio, so that no row points at one of another studio', async () => {
    const { rows } = await pool.query<{ table: string }>(
      `select table_name as table from information_schema.columns
       where table_schema = 'public' and column_name = 'studio_id' and is_nullable = 'NO'`,
    )
    const ofStudios = new Set(rows.map(({ table }) => table))
    const tables = new Set(keys.map(({ table }) => table))
    expect([...tables].filter((table) => !ofStudios.has(table))).toEqual([])
    const within = keys.filter(({ target }) => target !== 'studio')
    expect(within.filter(({ columns }) => !columns.includes('studio_id')).map(({ name }) => name)).toEqual([])
  })

  it('are refused by the database where the studio is another', async () => {
    const client = await pool.connect()
    try {
      await client.query('begin')
      const { rows } = await client.query("insert into studio (name) values ('Elsewhere') returning id")
      const { rows: pupils } = await client.query('select id from pupil limit 1')
      const added = client.query("insert into study_set (studio_id, pupil_id, title) values ($1, $2, 'Not mine')", [
        rows[0].id,
        pupils[0].id,
      ])
      await expect(added).rejects.toMatchObject({ code: '23503' })
    } finally {
      await client.query('rollback')
      client.release()
    }
  })
})

describe('a server on a database of its own', () => {
  let way: Awaited<ReturnType<typeof countedWay>>
  let server: Awaited<ReturnType<typeof startServer>>
  let own: pg.Pool
  const ask = async (path: string, method = 'GET', body?: unknown) => {
    const answer = await asPage(server.address, path, method, body)
    expect(answer.status, `${method} ${path}`).toBeLessThan(300)
    return (await answer.json()) as any
  }
  beforeAll(async () => {
    const url = await newDatabase('counted')
    own = new pg.Pool({ connectionString: url })
    way = await countedWay(url)
    server = await startServer({ port: await freePort(), databaseUrl: way.url, demo: false, log: 'test-counted.log' })
  })
  afterAll(async () => {
    await server.stop()
    await own.end()
    way.close()
  })

  /** A pupil with a set of one study, an aim and an entry of the record. */
  const exam = dateOf(dayOf(new Date().toISOString().slice(0, 10))! + 120)
  async function pupilWithAim(at: number): Promise<{ pupilId: string; setId: string }> {
    const { id: pupilId } = await ask('/api/pupils', 'POST', { name: `Pupil ${at}`, instrument: 'piano' })
    const { id: setId } = await ask('/api/sets', 'POST', { title: `Set ${at}`, pupilId })
    const recipe = { material: { tonic: 'C', kind: 'major' } }
    const { id: study } = await ask('/api/studies', 'POST', { recipe })
    const content = { title: `Set ${at}`, syllabusId: null, gradeId: null, studyIds: [study], version: 1 }
    await ask(`/api/sets/${setId}`, 'PUT', content)
    const days = { days: ['mon', 'wed'], lesson: 'thu', away: [] }
    await ask(`/api/sets/${setId}/aim`, 'PUT', { exam, minutesADay: 20, ...days, pins: [], version: 0 })
    const shown = { kind: 'lesson', outcome: 'right', tempo: 96, date: '2026-11-20' }
    await ask(`/api/pupils/${pupilId}/record`, 'POST', { entries: [{ id: randomUUID(), studyId: study, ...shown }] })
    return { pupilId, setId }
  }

  atNight('asks for a page with many rows no more than for one with few', async () => {
    const first = await pupilWithAim(0)
    for (let at = 1; at < 3; at++) await pupilWithAim(at)
    const pages = [
      '/api/progress',
      '/api/pupils',
      '/api/studies',
      '/api/syllabi',
      '/api/bin',
      '/api/exams',
      '/api/routes',
      `/api/sets/${first.setId}`,
      `/api/sets/${first.setId}/practice`,
      `/api/pupils/${first.pupilId}/record`,
    ]
    const counted = async () => {
      const counts: Record<string, number> = {}
      for (const page of pages) counts[page] = await way.during(() => ask(page))
      return counts
    }
    // what came true in the studio is read once a day
    await ask(`/api/sets/${first.setId}/practice`)
    const fresh = await counted()
    const stored = await way.during(() => ask('/api/progress'))
    for (let at = 3; at < 30; at++) await pupilWithAim(at)
    expect((await ask('/api/progress')).length).toBe(30)
    // worked out anew for all thirty
    await own.query('update aim set version = version + 1')
    expect(await counted()).toEqual(fresh)
    // what is remembered loads no set
    expect(await way.during(() => ask('/api/progress'))).toBe(stored)
    expect(stored).toBeLessThan(fresh['/api/progress']!)
  })

  it('restores from the bin over a column that came later and may not be empty', async () => {
    const { pupilId, setId } = await pupilWithAim(100)
    const bin = (await ask(`/api/pupils/${pupilId}`, 'DELETE')).bin
    for (const table of ['pupil', 'study_set', 'aim', 'record_entry', 'exam'])
      await own.query(`alter table ${table} add column came_later text not null default 'usual'`)
    await ask(`/api/bin/${bin}/restore`, 'POST', {})
    expect((await ask(`/api/sets/${setId}`)).studies).toHaveLength(1)
    expect((await ask(`/api/pupils/${pupilId}/record`)).entries).toHaveLength(1)
    const { rows } = await own.query('select came_later from pupil where id = $1', [pupilId])
    expect(rows).toEqual([{ came_later: 'usual' }])
  })

  it('takes a pupil with a long record to the bin and back whole', async () => {
    const { pupilId } = await pupilWithAim(200)
    await own.query(
      `insert into record_entry (id, studio_id, pupil_id, document)
       select gen_random_uuid(), studio_id, pupil_id, document from record_entry, generate_series(1, 500)
       where pupil_id = $1`,
      [pupilId],
    )
    const { bin } = await ask(`/api/pupils/${pupilId}`, 'DELETE')
    await ask(`/api/bin/${bin}/restore`, 'POST', {})
    expect((await ask(`/api/pupils/${pupilId}/record`)).entries).toHaveLength(501)
  })

  it('answers in the language that is asked for, of those that there are', async () => {
    const { pupilId, setId } = await pupilWithAim(300)
    const shown = async (path: string, headers: Record<string, string> = {}) =>
      (await fetch(server.address + path, { headers })).text()
    const pseudo = { 'accept-language': 'xx, en-x-pseudo;q=0.9' }
    expect(await shown('/api/sets/nowhere', pseudo)).toMatch(/"message":"(\w)\1/)
    expect(await shown('/api/sets/nowhere', { 'accept-language': 'xx' })).toMatch(/"message":"There is no/)
    for (const path of [`/api/sets/${setId}/calendar`, `/api/pupils/${pupilId}/export`]) {
      expect(await shown(`${path}?lang=en-x-pseudo`)).toMatch(/mmaajjoorr/)
      expect(await shown(path)).toMatch(/major/)
    }
  })
})
