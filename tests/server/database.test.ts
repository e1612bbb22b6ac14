import { execFileSync } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { backUpDaily, backupState } from '../../server/backup'
import { migrate } from '../../server/db/migrate'
import { ensurePostgres, freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { newDatabase } from '../support/database'
import { asPage } from '../support/http'
import { atNight } from '../support/night'
import { ownService } from '../support/service'

const first = { name: '001_studio.sql', sql: readFileSync('server/db/migrations/001_studio.sql', 'utf8') }
let pools: pg.Pool[]

beforeAll(async () => {
  const connectionString = await newDatabase('migrations')
  pools = [1, 2, 3].map(() => new pg.Pool({ connectionString }))
})
afterAll(() => Promise.all(pools.map((pool) => pool.end())))

describe('migrations', () => {
  it('run once, however many servers start at once', async () => {
    const done = await Promise.all(pools.map((pool) => migrate(pool, [first])))
    expect(done.flat()).toEqual(['001_studio.sql'])
    expect(await migrate(pools[0]!, [first])).toEqual([])
  })

  it('stop when one that ran has been changed', async () => {
    await expect(migrate(pools[0]!, [{ ...first, sql: `${first.sql}\n-- changed` }])).rejects.toThrow(/was changed/)
  })

  it('leave nothing half done when one fails', async () => {
    const bad = { name: '002_bad.sql', sql: 'create table half (id int); select nonsense from nowhere;' }
    await expect(migrate(pools[0]!, [first, bad])).rejects.toThrow(/002_bad/)
    const { rows } = await pools[0]!.query(`select to_regclass('half') as half`)
    expect(rows[0].half).toBeNull()
    expect(await migrate(pools[0]!, [first, { name: '002_bad.sql', sql: 'create table half (id int)' }])).toEqual([
      '002_bad.sql',
    ])
  })
})

describe('a studio without the demo', () => {
  it('is empty, bears no invented name, and takes its first pupil', async () => {
    const url = await newDatabase('empty')
    const port = await freePort()
    const server = await startServer({ port, databaseUrl: url, demo: false, log: 'test-empty.log' })
    const get = async (path: string) => (await fetch(server.address + path)).json()
    expect(await get('/api/studio')).toMatchObject({ name: 'Your own studio', teacher: '', isDemo: false })
    for (const list of ['pupils', 'studies', 'syllabi']) expect(await get(`/api/${list}`)).toEqual([])
    await asPage(server.address, '/api/pupils', 'POST', { name: 'First F.', instrument: 'piano' })
    expect(await get('/api/pupils')).toMatchObject([{ name: 'First F.', sets: [] }])
    await server.stop()
  })
})

describe('a studio from before lists said who chooses', () => {
  const sqlOf = (name: string) => ({ name, sql: readFileSync(`server/db/migrations/${name}`, 'utf8') })

  it('keeps its lists and studies, which now say what silence meant', async () => {
    const url = await newDatabase('older')
    const pool = new pg.Pool({ connectionString: url })
    await migrate(pool, [first, sqlOf('002_keeping.sql')])
    const entry = { id: 'a', words: 'C major', keys: ['C'], kinds: ['major'], chooser: 'examiner', hands: 'together' }
    const shape = { motion: 'similar', octaves: 1, course: 'up-down', articulations: [] }
    const tempo = { beat: 'quarter', bpm: 60, notesPerBeat: 2 }
    const groups = [{ id: 'A', title: 'A', rule: { any: 1 }, entries: [{ ...entry, ...shape, tempo }] }]
    const list = {
      format: 'tactum-syllabus/1',
      id: 'older',
      title: 'Older',
      board: 'Older',
      instrument: 'piano',
      edition: '',
    }
    await pool.query("insert into studio (name) values ('Older studio')")
    await pool.query("insert into syllabus (studio_id, id, document) values (1, 'older', $1)", [
      { ...list, grades: [{ id: '1', title: 'One', groups }] },
    ])
    const { recipe } = realise({ material: { tonic: 'C', kind: 'major' }, motion: 'contrary' }, {}, 0)
    const { contraryFrom: _, ...before } = recipe
    await pool.query("insert into study (studio_id, title, recipe, accepted) values (1, 'C', $1, '{}')", [before])
    await pool.end()
    const server = await startServer({ port: await freePort(), databaseUrl: url, demo: false, log: 'test-older.log' })
    const get = async (path: string) => (await fetch(server.address + path)).json() as Promise<any>
    const { syllabus } = await get('/api/syllabi/older')
    expect(syllabus.grades[0].groups[0]).toMatchObject({ rule: { any: 1, of: 'items' }, draw: null })
    expect(syllabus.grades[0].groups[0].entries[0]).toMatchObject({ scope: 'key', open: [], pick: 'all' })
    const [study] = await get('/api/studies')
    expect((await get(`/api/studies/${study.id}`)).recipe).toEqual(recipe)
    await server.stop()
  })
})

describe('a studio from before there was an accordion', () => {
  const names = ['001_studio', '002_keeping', '003_grading', '004_register', '005_messages', '006_record']
  const files = names.map((name) => ({
    name: `${name}.sql`,
    sql: readFileSync(`server/db/migrations/${name}.sql`, 'utf8'),
  }))

  it('gives accordion pupils accordion studies, leaves others’ alone, and its lists ask what they asked', async () => {
    const url = await newDatabase('reeds')
    const pool = new pg.Pool({ connectionString: url })
    await migrate(pool, files)
    const ofPiano = (some: object) =>
      realise({ material: { tonic: 'F', kind: 'major' }, octaves: 2, ...some } as RecipeInput, {}, 0).recipe
    const one = async (sql: string, values: unknown[]) => (await pool.query<{ id: string }>(sql, values)).rows[0]!.id
    await pool.query("insert into studio (name) values ('Older studio')")
    const study = (recipe: object) =>
      one("insert into study (studio_id, recipe, accepted) values (1, $1, '{}') returning id", [recipe])
    const tempo = { bpm: 66, notesPerBeat: 2 }
    const [own, shared, low] = [
      await study(ofPiano({ hands: 'right', tempo })),
      await study(ofPiano({ hands: 'right' })),
      await study(ofPiano({ hands: 'right', octaves: 4 })),
    ]
    const pupil = (name: string, instrument: string) =>
      one('insert into pupil (studio_id, name, instrument) values (1, $1, $2) returning id', [name, instrument])
    const setOf = (pupilId: string) =>
      one("insert into study_set (studio_id, pupil_id, title) values (1, $1, 'Set') returning id", [pupilId])
    const put = (set: string, position: number, studyId: string) =>
      pool.query('insert into set_item (set_id, position, study_id) values ($1, $2, $3)', [set, position, studyId])
    const [reeds, keys] = [
      await setOf(await pupil('Reed R.', 'accordion')),
      await setOf(await pupil('Key K.', 'piano')),
    ]
    await put(reeds, 0, own)
    await put(reeds, 1, shared)
    await put(reeds, 2, low)
    await put(keys, 0, shared)
    await pool.end()
    const server = await startServer({ port: await freePort(), databaseUrl: url, demo: false, log: 'test-reeds.log' })
    const recipeOf = async (id: string) =>
      ((await (await fetch(`${server.address}/api/studies/${id}`)).json()) as { recipe: object }).recipe
    expect(await recipeOf(own)).toMatchObject({
      ...{ instrument: 'accordion', hands: 'right', octaves: 2, tempo },
      accordion: { treble: 'keys-41', left: { part: 'none' } },
    })
    expect(await recipeOf(shared)).toMatchObject({ instrument: 'piano' })
    // four octaves lie on no accordion: the study stays what it was
    expect(await recipeOf(low)).toMatchObject({ instrument: 'piano', octaves: 4 })
    await server.stop()
  })
})

describe('two servers on one database', () => {
  atNight('lay the demo down once and never again over a user’s changes', async () => {
    const url = await newDatabase('servers')
    const start = async () => startServer({ port: await freePort(), databaseUrl: url, log: 'test-twin.log' })
    const servers = await Promise.all([start(), start()])
    const pupils = async (at: number) => (await fetch(`${servers[at]!.address}/api/pupils`)).json() as Promise<any[]>
    expect((await pupils(0)).map((pupil) => pupil.name)).toEqual(['Marit A.', 'Joss P.', 'Oda L.', 'Teo R.'])
    expect(await pupils(1)).toEqual(await pupils(0))
    const [marit] = await pupils(0)
    await asPage(servers[0]!.address, `/api/sets/${marit.sets[0].id}`, 'DELETE')
    await servers[0]!.stop()
    const again = await start()
    servers[0] = again
    expect((await pupils(0))[0].sets).toHaveLength(marit.sets.length - 1)
    await Promise.all(servers.map((server) => server.stop()))
  })
})

describe('the daily backup', () => {
  it('is made once a day, and again when it is gone; what could not be made is said', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'daily-'))
    const before = { ...process.env }
    Object.assign(process.env, { DATABASE_URL: ownService().databaseUrl, TACTUM_POSTGRES: await ensurePostgres() })
    try {
      await backUpDaily(folder)
      await backUpDaily(folder)
      const [made, ...others] = readdirSync(folder)
      expect([made, others]).toEqual([expect.stringMatching(/\.daily\.dump$/), []])
      rmSync(path.join(folder, made!))
      await backUpDaily(folder)
      expect(readdirSync(folder)).toHaveLength(1)
      // a database that is not there: nothing half written, and why it failed
      rmSync(path.join(folder, readdirSync(folder)[0]!))
      process.env.DATABASE_URL = ownService().databaseUrl.replace(/tactum$/, 'nowhere')
      await backUpDaily(folder)
      expect([readdirSync(folder), (await backupState()).failed]).toEqual([[], expect.stringContaining('nowhere')])
    } finally {
      process.env = before
      rmSync(folder, { recursive: true, force: true })
    }
  })
})

describe('a database from before, with a folder for backups', () => {
  it('is copied before its schema changes, and nothing changes where it cannot be', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'before-'))
    const url = await newDatabase('copied')
    const pool = new pg.Pool({ connectionString: url })
    const older = readdirSync('server/db/migrations').sort().slice(0, 9)
    await migrate(
      pool,
      older.map((name) => ({ name, sql: readFileSync(`server/db/migrations/${name}`, 'utf8') })),
    )
    await pool.query("insert into studio (name) values ('Older studio')")
    const ran = async () => (await pool.query('select from schema_migration')).rowCount
    const common = { databaseUrl: url, demo: false, log: 'test-copied.log', binaries: await ensurePostgres() }
    // a file stands where the folder should be
    const blocked = path.join(folder, 'blocked')
    writeFileSync(blocked, '')
    await expect(startServer({ ...common, port: await freePort(), backups: blocked })).rejects.toThrow(/cannot use/)
    expect(await ran()).toBe(9)
    const backups = path.join(folder, 'backups')
    const server = await startServer({ ...common, port: await freePort(), backups })
    expect(await ran()).toBe(readdirSync('server/db/migrations').length)
    expect(readdirSync(backups)).toEqual([expect.stringMatching(/\.before-migration\.dump$/)])
    // it is the one from before
    const listed = execFileSync(path.join(common.binaries, 'pg_restore'), [
      '--list',
      path.join(backups, readdirSync(backups)[0]!),
    ])
    expect(String(listed)).not.toContain('erasure')
    await server.stop()
    await pool.end()
    rmSync(folder, { recursive: true, force: true })
  })
})
