import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { type Scope, settingsOf } from '../../server/db/scope'
import { SERVICE_ROLE } from '../../server/db/service'
import { fillStudio } from '../support/filledStudio'
import { type Asker, askingAs, call } from '../support/http'
import { account, joined, PASSWORD, signIn, signInServer } from '../support/people'
import { routes } from '../support/torture/fuzz'

/** Two studios, one with two teachers who each have everything that a teacher can have. */
let server: Awaited<ReturnType<typeof signInServer>>
let owner: Asker
let teacher: Asker & { readonly id: string }
let stranger: Asker
let pool: pg.Pool
let studios: { readonly own: number; readonly other: number }
/** Ids of what the owner has. */
let ids: Record<string, string>
/** A list of the owner's, as it stands. */
let list: object
let filled: Awaited<ReturnType<typeof fillStudio>>

const query = async (sql: string, values: unknown[] = []) => (await pool.query(sql, values)).rows
const one = async (sql: string): Promise<string> => (await query(`${sql} limit 1`))[0]!.id

beforeAll(async () => {
  server = await signInServer('test-walls.log')
  pool = new pg.Pool({ connectionString: server.databaseUrl })
  const made = async (studio: string, name: string) =>
    (await account(server.databaseUrl, ['owner', '--studio', studio, '--name', name, '--password-stdin'], PASSWORD))
      .answer!
  const [own, other] = [await made('North', 'Nora'), await made('South', 'Sol')]
  studios = { own: own.studio, other: other.studio }
  ;[owner, stranger] = [await signIn(server.address, 'Nora'), await signIn(server.address, 'Sol')]
  teacher = await joined(owner, 'Tam')
  // lists come with the demo; here each studio writes its own
  const { readFileSync } = await import('node:fs')
  const syllabus = JSON.parse(readFileSync('demo/syllabi/corvane-piano.json', 'utf8'))
  for (const who of [owner, stranger]) await askingAs(who, () => call('/api/syllabi', 'POST', syllabus))
  filled = await askingAs(owner, () => fillStudio('Walled'))
  await askingAs(teacher, () => fillStudio('Behind'))
  const lesson = { date: '2026-12-01', status: 'given', time: '16:00', minutes: 30, note: 'Well', movedTo: null }
  await askingAs(owner, () => call(`/api/pupils/${filled.pupil}/lesson`, 'PUT', { ...lesson, version: 0 }))
  await askingAs(owner, () => call(`/api/pupils/${filled.pupil}/week`, 'PUT', WEEK))
  await askingAs(owner, () => call(`/api/pupils/${filled.pupil}/link`, 'POST'))
  await askingAs(owner, () => call('/api/teachers', 'POST', { name: 'Una', role: 'teacher' }))
  list = (await askingAs(owner, () => call(`/api/syllabi/${filled.list}`))).body.syllabus
  const mine = `studio_id = ${own.studio} and teacher_id = '${own.teacher}'`
  ids = {
    pupils: filled.pupil,
    sets: filled.set,
    studies: filled.studies[0]!,
    syllabi: filled.list,
    exams: await one(`select id from exam where pupil_id = '${filled.pupil}'`),
    bin: await one(`select id from trash where ${mine}`),
    changes: await one(`select id from bulk_edit where ${mine}`),
    teachers: teacher.id,
    sessions: await one(`select id from session where ${mine}`),
    backups: '2026-12-01T00-00-00Z-manual.dump',
    studios: String(own.studio),
  }
})
afterAll(async () => {
  await pool.end()
  await server.stop()
})

const MAJOR = { material: { tonic: 'C', kind: 'major' } }
const WEEK = {
  ...{ from: '2026-12-01', note: '', version: 0 },
  lines: [
    {
      ...{
        id: randomUUID(),
        studyId: null,
        study: MAJOR,
        hands: 'right',
        octaves: 1,
        stage: null,
        tempo: 60,
        reach: 66,
      },
      ...{ minutes: 5, days: ['mon'], test: false, where: null, because: 'new', note: '' },
    },
  ],
}
const EXAM = () => ({ setId: ids.sets, seed: 1, marks: [[1]], notes: [], expected: ['x'] })
const AIM = { exam: '2027-03-01', minutesADay: 20, days: ['mon'], lesson: 'thu', away: [], pins: [], version: 1 }

/** What a route is asked with, so that nothing but the wall refuses it; ids are those of somebody else's things. */
const BODIES: Readonly<Record<string, () => unknown>> = {
  'PUT /api/pupils/[id]': () => ({ name: 'Mine now', note: '' }),
  'PUT /api/pupils/[id]/archived': () => ({ archived: true }),
  'POST /api/pupils/[id]/erase': () => ({}),
  'PUT /api/pupils/[id]/lesson': () => ({
    ...{ date: '2026-12-02', status: 'given', time: '16:00', minutes: 30, note: '', movedTo: null, version: 0 },
  }),
  'PUT /api/pupils/[id]/preferences': () => ({ settings: { handSize: 'small' } }),
  'POST /api/pupils/[id]/record': () => ({ entries: [filled.entry()] }),
  'PUT /api/pupils/[id]/week': () => WEEK,
  'PUT /api/pupils/[id]/teacher': () => ({ teacherId: teacher.id }),
  'PUT /api/pupils/[id]/shares': () => ({ shares: [{ teacherId: teacher.id, until: null }] }),
  'PUT /api/sets/[id]': () => ({ ...filled.content, version: 2 }),
  'PUT /api/sets/[id]/aim': () => AIM,
  'POST /api/sets/[id]/mend': () => ({ atom: 'x', version: 2 }),
  'POST /api/sets/[id]/missing': () => ({ syllabusId: 'corvane-piano', gradeId: '1', version: 2 }),
  'POST /api/sets/[id]/order': () => ({ by: 'circle', version: 2 }),
  'POST /api/sets/[id]/restore': () => ({ studyIds: [], studies: [], remove: [], version: 2 }),
  'POST /api/sets/[id]/settle': () => ({ version: 2 }),
  'PUT /api/studies/[id]': () => ({ recipe: MAJOR, version: 1 }),
  'POST /api/syllabi/[id]/copy': () => ({ title: 'Mine', edition: '' }),
  'POST /api/teachers/[id]/leave': () => ({ teacherId: teacher.id }),
  'POST /api/sets': () => ({ title: 'Mine', pupilId: ids.pupils }),
  'POST /api/exams': EXAM,
}
/** Queries that a route needs, or that name somebody else's things. */
const QUERIES: Readonly<Record<string, () => string>> = {
  'DELETE /api/pupils/[id]/week': () => '?from=2026-12-01&version=1',
  'GET /api/sets/[id]/draw': () => '?seed=1',
  'GET /api/archive': () => `?pupil=${ids.pupils}`,
  'DELETE /api/studies/[id]': () => '?version=1',
}

const nameOf = ({ method, path }: { method: string; path: string }): string => `${method} ${path}`
const withId = () => routes().filter(({ path }) => path.includes('[id]'))
/** Where what an address names is shared by all who teach in a studio. */
const SHARED = ['studies', 'syllabi']
const thingOf = (path: string): string => path.split('/')[path.startsWith('/api/account') ? 3 : 2]!

async function askAll(who: Asker, which: ReturnType<typeof routes>) {
  const found: Record<string, number> = {}
  for (const each of which) {
    const id = ids[thingOf(each.path)]
    const name = nameOf(each)
    expect(id ?? 'no id', `an id for ${name}`).not.toBe('no id')
    const path = each.path.replace('[id]', id!) + (QUERIES[name]?.() ?? '')
    const body = BODIES[name]?.() ?? (['PUT', 'POST'].includes(each.method) ? syllabusBody(name) : undefined)
    found[name] = (await askingAs(who, () => call(path, each.method, body))).status
  }
  return found
}
/** Routes that take no more than an empty body, and the one that takes a whole list. */
const syllabusBody = (name: string): unknown => (name === 'PUT /api/syllabi/[id]' ? { syllabus: list, version: 1 } : {})
/** Everything that is in the studio, so that whatever changes shows. */
const everything = async (): Promise<string> => {
  const tables = await query(
    "select table_name as name from information_schema.columns where column_name = 'studio_id' and table_schema = 'public'",
  )
  const parts: string[] = []
  for (const { name } of tables.filter((each) => each.name !== 'session')) {
    const [{ rows }] = await query(
      `select coalesce(json_agg(t order by t::text), '[]')::text as rows from ${name} t where studio_id = $1`,
      [studios.own],
    )
    parts.push(rows)
  }
  return parts.join('\n')
}

describe('whoever has not signed in', () => {
  it('is asked to by every route but the doors, before anything is read', async () => {
    const closed = routes().filter(
      ({ path }) => !['/api/health', '/api/ready'].includes(path) && !path.startsWith('/api/session'),
    )
    expect(closed.length).toBeGreaterThan(80)
    for (const { method, path } of closed) {
      const body = method === 'GET' ? undefined : 'not even JSON'
      const answer = await askingAs({ address: server.address, cookie: '' }, () =>
        call(path.replace('[id]', ids.pupils!), method, body),
      )
      expect([`${method} ${path}`, answer.status]).toEqual([`${method} ${path}`, 401])
    }
  })
})

describe('ids of another studio', () => {
  it('are answered by 404 on every route, and nothing is changed', async () => {
    const before = await everything()
    const found = await askAll(stranger, withId())
    expect(Object.entries(found).filter(([, status]) => status !== 404)).toEqual([])
    expect(await everything()).toBe(before)
  })

  it('open nothing in a query, a body or a header either', async () => {
    const before = await everything()
    const asked = (path: string, method = 'GET', body?: unknown, headers = {}) =>
      askingAs(stranger, () => call(path, method, body, headers))
    expect((await asked(`/api/archive?pupil=${ids.pupils}`)).status).toBe(404)
    expect((await asked('/api/pupils', 'GET', undefined, { 'x-studio': String(studios.own) })).status).toBe(404)
    expect((await asked(`/api/pupils?studio=${studios.own}`)).status).toBe(404)
    expect([404, 422]).toContain((await asked('/api/sets', 'POST', BODIES['POST /api/sets']!())).status)
    expect([404, 422]).toContain((await asked('/api/exams', 'POST', EXAM())).status)
    const some = { ids: [ids.studies], shelf: 'bin' }
    expect([404, 422]).toContain((await asked('/api/studies/shelf', 'PUT', some)).status)
    // what is not there is passed over in a list of many
    await asked('/api/studies/tags', 'PUT', { ids: [ids.studies], add: ['mine'], remove: [] })
    expect(await everything()).toBe(before)
  })

  it('are in no list', async () => {
    const lists = routes().filter(({ method, path }) => method === 'GET' && !path.includes('[id]'))
    for (const { path } of lists) {
      const { body } = await askingAs(stranger, () => call(path)).catch(() => ({ body: '' }))
      const text = JSON.stringify(body)
      const shown = Object.entries(ids).filter(
        ([kind, id]) => !['syllabi', 'studios', 'backups'].includes(kind) && text.includes(id),
      )
      expect([path, shown]).toEqual([path, []])
    }
  })
})

describe('another teacher of the same studio', () => {
  it('is answered by 404 wherever an address names a pupil of the other, or what goes with one', async () => {
    const walled = withId().filter(({ path }) => !SHARED.includes(thingOf(path)))
    const found = await askAll(teacher, walled)
    // what the owner alone may do is refused as such
    const forOwner = ['/api/teachers']
    const wrong = Object.entries(found).filter(
      ([name, status]) => status !== (forOwner.some((path) => name.includes(path)) ? 403 : 404),
    )
    expect(wrong).toEqual([])
  })

  it('sees a pupil who is shared, works with the pupil, and decides nothing; no longer than it was said', async () => {
    const share = (shares: object[]) =>
      askingAs(owner, () => call(`/api/pupils/${ids.pupils}/shares`, 'PUT', { shares }))
    const asked = (path: string, method = 'GET', body?: unknown) => askingAs(teacher, () => call(path, method, body))
    expect((await share([{ teacherId: randomUUID(), until: null }])).status).toBe(404)
    expect((await share([{ teacherId: teacher.id, until: '2026-02-30' }])).body.path).toBe('shares[0].until')
    await share([{ teacherId: teacher.id, until: null }])
    expect((await asked(`/api/sets/${ids.sets}`)).status).toBe(200)
    const entry = filled.entry()
    expect((await asked(`/api/pupils/${ids.pupils}/record`, 'POST', { entries: [entry] })).status).toBe(201)
    for (const [path, method, body] of [
      ['', 'DELETE', undefined],
      ['/erase', 'POST', {}],
      ['/archived', 'PUT', { archived: true }],
      ['/teacher', 'PUT', { teacherId: teacher.id }],
      ['/shares', 'PUT', { shares: [] }],
      ['/people', 'GET', undefined],
    ] as const)
      expect([path, (await asked(`/api/pupils/${ids.pupils}${path}`, method, body)).status]).toEqual([path, 403])
    await share([{ teacherId: teacher.id, until: '2020-01-01' }])
    expect((await asked(`/api/sets/${ids.sets}`)).status).toBe(404)
    await share([])
    expect((await asked(`/api/sets/${ids.sets}`)).status).toBe(404)
  })

  it('has a pupil who was handed over, and the one before has the pupil no more', async () => {
    const given = (await askingAs(teacher, () => call('/api/pupils', 'POST', { name: 'Given', instrument: 'piano' })))
      .body.id
    const { rows } = await pool.query("select id from teacher where name = 'Nora'")
    const handed = (who: Asker, to: string) =>
      askingAs(who, () => call(`/api/pupils/${given}/teacher`, 'PUT', { teacherId: to }))
    expect((await handed(stranger, teacher.id)).status).toBe(404)
    expect((await handed(teacher, rows[0].id)).status).toBe(200)
    expect((await askingAs(teacher, () => call(`/api/pupils/${given}/record`))).status).toBe(404)
    expect((await askingAs(owner, () => call(`/api/pupils/${given}/record`))).status).toBe(200)
    await askingAs(owner, () => call(`/api/pupils/${given}`, 'DELETE'))
  })

  it('sees the studies and lists of the studio, and only the own pupils', async () => {
    const { body: studies } = await askingAs(teacher, () => call('/api/studies'))
    expect(studies.map(({ id }: { id: string }) => id)).toContain(ids.studies)
    const { body: pupils } = await askingAs(teacher, () => call('/api/pupils'))
    expect(pupils.map(({ name }: { name: string }) => name)).toEqual(['Behind'])
    const { body: mine } = await askingAs(owner, () => call('/api/pupils'))
    expect(mine.map(({ name }: { name: string }) => name)).toEqual(['Walled'])
  })
})

describe('the database', () => {
  /** Rows of a table that somebody sees. */
  async function seen(scope: Scope, sql: string): Promise<number> {
    const client = await pool.connect()
    try {
      await client.query(`begin; set local role ${SERVICE_ROLE}; ${settingsOf(scope)}`)
      return Number((await client.query(sql)).rows[0].count)
    } finally {
      await client.query('rollback')
      client.release()
    }
  }
  const tables = async (): Promise<string[]> =>
    (
      await query(
        "select table_name as name from information_schema.columns where column_name = 'studio_id' and table_schema = 'public'",
      )
    ).map(({ name }) => name)

  it('has a wall around every table of a studio, and a service that owns none', async () => {
    const rows = await query(
      `select relname as name, relrowsecurity as walled, pg_get_userbyid(relowner) as owner,
         (select count(*) from pg_policy where polrelid = pg_class.oid)::int as policies
       from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'`,
    )
    const open = rows.filter(({ walled, policies }) => !walled || policies === 0).map(({ name }) => name)
    expect(open.sort()).toEqual(['rate_limit', 'schema_migration', 'shipped_data'])
    expect(rows.filter(({ owner: who }) => who === SERVICE_ROLE)).toEqual([])
    const [role] = await query('select rolsuper, rolbypassrls, rolcanlogin from pg_roles where rolname = $1', [
      SERVICE_ROLE,
    ])
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcanlogin: false })
  })

  it('shows nobody a row of another studio, whoever asks', async () => {
    const scopes: Scope[] = [
      { who: 'office', studio: studios.other },
      { who: 'teacher', studio: studios.other, teacher: teacher.id },
      { who: 'pupil', studio: studios.other, pupil: ids.pupils! },
    ]
    for (const table of await tables()) {
      const there = await query(`select count(*)::int as count from ${table} where studio_id = $1`, [studios.own])
      expect([table, there[0].count > 0 || table === 'pupil_share']).toEqual([table, true])
      for (const scope of scopes)
        expect([
          table,
          scope.who,
          await seen(scope, `select count(*) from ${table} where studio_id = ${studios.own}`),
        ]).toEqual([table, scope.who, 0])
    }
  })

  it('shows a pupil the own record and week, and nothing that a teacher wrote elsewhere', async () => {
    const scope: Scope = { who: 'pupil', studio: studios.own, pupil: ids.pupils! }
    const counts: Record<string, number> = {}
    for (const table of await tables()) counts[table] = await seen(scope, `select count(*) from ${table}`)
    expect(
      Object.entries(counts)
        .filter(([, count]) => count > 0)
        .map(([table]) => table)
        .sort(),
    ).toEqual(['aim', 'exam', 'lesson', 'pupil', 'pupil_link', 'record_entry', 'set_item', 'study_set', 'week'])
    expect(counts.pupil).toBe(1)
  })

  it('shows nothing to whoever does not say who asks', async () => {
    for (const table of await tables())
      expect([table, await seen({ who: 'nobody' } as never, `select count(*) from ${table}`)]).toEqual([table, 0])
  })
})
