import { execFile } from 'node:child_process'
import { createHash } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { promisify } from 'node:util'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { recipeOf, syllabusOf } from '#shared/schemas'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { ARCHIVED_TABLES, KEY_TABLES } from '../../server/db/archive'
import { newDatabase } from '../support/database'
import { fillStudio } from '../support/filledStudio'
import { asPage, call } from '../support/http'
import { atNight } from '../support/night'
import { ownService } from '../support/service'

const folder = mkdtempSync(path.join(tmpdir(), 'archive-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const file = path.join(folder, 'studio.zip')

/** Runs the command as a user would. */
async function archive(databaseUrl: string, ...args: string[]) {
  const env = { ...process.env, DATABASE_URL: databaseUrl, TACTUM_BACKUPS: path.join(folder, 'backups') }
  const done = await promisify(execFile)('node', ['scripts/archive.mjs', ...args], { env }).catch((error) => error)
  return { code: done.code ?? 0, answer: done.stdout ? JSON.parse(done.stdout) : null, said: String(done.stderr) }
}

/** Every row of a studio's tables, without the numbers that are a database's own. */
async function rowsOf(databaseUrl: string, studio: number) {
  const client = new pg.Client(databaseUrl)
  await client.connect()
  const found: Record<string, unknown[]> = {}
  for (const table of ARCHIVED_TABLES) {
    const { rows } = await client.query(
      `select (to_jsonb(t) - 'studio_id' - 'place')::text as row from ${table} t where studio_id = $1 order by 1`,
      [studio],
    )
    found[table] = rows.map(({ row }) => JSON.parse(row.replaceAll(/"studio_id": \d+/g, '"studio_id": 0')))
  }
  await client.end()
  return found
}

const queried = async (databaseUrl: string, sql: string) => {
  const client = new pg.Client(databaseUrl)
  await client.connect()
  const { rows } = await client.query(sql)
  await client.end()
  return rows
}

let filled: Awaited<ReturnType<typeof fillStudio>>
let studio: number
/** What the command said when it wrote the whole studio. */
let out: Awaited<ReturnType<typeof archive>>
beforeAll(async () => {
  filled = await fillStudio(`Archived ${Date.now()}`)
  studio = (await call('/api/studio')).body.id
  out = await archive(url(), 'out', file)
})
const url = () => ownService().databaseUrl

describe('the archive of a studio', () => {
  it('holds every table that a studio has', async () => {
    const tables = await queried(
      url(),
      `select table_name from information_schema.columns where column_name = 'studio_id' and table_schema = 'public'`,
    )
    expect(tables.map(({ table_name }) => table_name).sort()).toEqual([...ARCHIVED_TABLES, ...KEY_TABLES].sort())
    const rows = await rowsOf(url(), studio)
    // a table that nothing was put into would be carried by nothing
    expect(Object.keys(rows).filter((table) => rows[table]!.length === 0)).toEqual([])
  })

  it('comes in whole on another machine, and a second time brings nothing', async () => {
    expect(out).toMatchObject({ code: 0, answer: { pupils: expect.any(Number), entries: expect.any(Number) } })
    const other = await newDatabase('elsewhere')
    const first = await archive(other, 'in', file)
    const { present, ...added } = first.answer
    expect(added).toEqual(out.answer)
    expect(Object.values(present).every((count) => count === 0)).toBe(true)
    const before = await rowsOf(other, 1)
    expect(before).toEqual(await rowsOf(url(), studio))
    const second = await archive(other, 'in', file)
    expect(second.answer.pupils + second.answer.studies + second.answer.entries + second.answer.setStudies).toBe(0)
    expect(await rowsOf(other, 1)).toEqual(before)
    expect((await queried(other, 'select name from studio')).map(({ name }) => name)).toEqual([out.answer.studio])
  })

  it('comes in beside another studio of the same database, under ids of its own, once', async () => {
    const { present: _, studio: __, ...added } = (await archive(url(), 'in', file, '--studio', 'Twin')).answer
    const { studio: ___, ...wanted } = out.answer
    expect(added).toEqual(wanted)
    const [{ id }] = await queried(url(), `select id from studio where name = 'Twin'`)
    const again = (await archive(url(), 'in', file, '--studio', 'Twin')).answer
    expect(again.pupils + again.studies + again.lists + again.sets + again.entries + again.bin).toBe(0)
    // what points at something points at the twin's own, in documents as well
    const strangers = await queried(
      url(),
      `select document from trash where studio_id = ${id} and document::text ~ any(
         select id::text from pupil where studio_id = ${studio} union select id::text from study where studio_id = ${studio})`,
    )
    expect(strangers).toEqual([])
    // the studio that the page opens is the one that it was
    expect((await call('/api/studio')).body.id).toBe(studio)
  })

  it('is open files: recipes and lists by the published schemas, music, tables, and a readme', async () => {
    const files = unzipSync(readFileSync(file))
    const names = Object.keys(files)
    const of = (start: string, end: string) => names.filter((name) => name.startsWith(start) && name.endsWith(end))
    const { counts } = JSON.parse(strFromU8(files['archive.json']!))
    expect([of('studies/', '.json').length, of('lists/', '.json').length]).toEqual([counts.studies, counts.lists])
    expect(of('music/', '.musicxml')).toHaveLength(counts.studies)
    for (const name of of('studies/', '.json')) recipeOf(JSON.parse(strFromU8(files[name]!)))
    for (const name of of('lists/', '.json')) syllabusOf(JSON.parse(strFromU8(files[name]!)))
    expect(strFromU8(files[of('record/', '.csv')[0]!]!)).toMatch(/^date,kind,study,hands/)
    expect(strFromU8(files['README.txt']!)).toContain('data/')
  })

  it('of one pupil has what is theirs, and nothing of the others', async () => {
    const own = path.join(folder, 'pupil.zip')
    const { answer } = await archive(url(), 'out', own, '--pupil', filled.pupil.toUpperCase())
    expect(answer).toMatchObject({ pupils: 1, sets: 1, setStudies: 3, aims: 1, exams: 1, lists: 1, bin: 0, routes: 0 })
    const names = JSON.parse(strFromU8(unzipSync(readFileSync(own))['data/pupils.json']!))
    expect(names).toHaveLength(1)
    const other = await newDatabase('pupil')
    expect((await archive(other, 'in', own)).answer).toMatchObject({ pupils: 1, entries: answer.entries })
    expect(await archive(url(), 'out', own, '--pupil', 'nobody')).toMatchObject({ code: 2 })
  })
})

/** An archive with some of its rows otherwise, and its checksums right. */
function rewritten(bytes: Uint8Array, change: Readonly<Record<string, (row: any) => object>>): Uint8Array {
  const files = unzipSync(bytes)
  const manifest = JSON.parse(strFromU8(files['archive.json']!))
  for (const [kind, each] of Object.entries(change)) {
    const name = `data/${kind}.json`
    files[name] = strToU8(JSON.stringify(JSON.parse(strFromU8(files[name]!)).map(each)))
    manifest.files[name] = createHash('sha256').update(files[name]).digest('hex')
  }
  files['archive.json'] = strToU8(JSON.stringify(manifest))
  return zipSync(files)
}

describe('an archive from before', () => {
  atNight('is brought up: documents without a version, columns that came later', async () => {
    await archive(url(), 'out', file)
    const bare = (row: { document: object }) => ({ ...row, document: { ...row.document, format: undefined } })
    const older = rewritten(readFileSync(file), {
      pupils: ({ version: _, archived_at: __, ...row }) => row,
      studies: ({ tags: _, ...row }) => ({
        ...row,
        recipe: { ...row.recipe, contraryFrom: undefined, format: undefined },
      }),
      ...{ entries: bare, aims: bare, exams: bare },
    })
    writeFileSync(file, older)
    const other = await newDatabase('older_archive')
    expect((await archive(other, 'in', file)).code).toBe(0)
    const server = await startServer({
      port: await freePort(),
      databaseUrl: other,
      demo: false,
      log: 'test-brought.log',
    })
    const get = async (path: string) => (await fetch(server.address + path)).json() as Promise<any>
    const [pupils, progress] = [await get('/api/pupils'), await get('/api/progress')]
    expect(pupils[0]).toMatchObject({ version: 1, archived: false })
    expect(progress.every(({ wrong }: { wrong: unknown }) => wrong === null)).toBe(true)
    const study = (await get('/api/studies'))[0]
    expect((await get(`/api/studies/${study.id}`)).recipe).toMatchObject({ contraryFrom: expect.any(String) })
    const { entries } = (await call(`/api/pupils/${filled.pupil}/record`)).body
    expect((await get(`/api/pupils/${filled.pupil}/record`)).entries).toHaveLength(entries.length)
    await server.stop()
  })
})

describe('an archive that is not whole', () => {
  const changes: readonly (readonly [string, string, (files: Record<string, Uint8Array>) => void])[] = [
    ['lacks a file', 'archive.lacks', (files) => delete files['data/pupils.json']],
    ['was changed', 'archive.changed', (files) => (files['data/pupils.json'] = strToU8('[]'))],
    ['has no manifest', 'archive.none', (files) => delete files['archive.json']],
    [
      'is of a newer program',
      'archive.newer',
      (files) =>
        (files['archive.json'] = strToU8(
          strFromU8(files['archive.json']!).replace('tactum-archive/1', 'tactum-archive/2'),
        )),
    ],
  ]
  const send = async (bytes: Uint8Array) => {
    const { address } = ownService()
    const answer = await fetch(`${address}/api/archive`, {
      method: 'POST',
      headers: { origin: address, 'content-type': 'application/zip' },
      body: Buffer.from(bytes),
    })
    return { status: answer.status, body: (await answer.json()) as { code: string } }
  }
  let whole: Uint8Array
  beforeAll(async () => {
    whole = new Uint8Array(await (await fetch(`${ownService().address}/api/archive`)).arrayBuffer())
  })

  it.each(changes)('%s: refused whole', async (_, code, change) => {
    const files = unzipSync(whole)
    change(files)
    const before = await rowsOf(url(), studio)
    expect(await send(zipSync(files))).toMatchObject({ status: 422, body: { code } })
    expect(await rowsOf(url(), studio)).toEqual(before)
  })

  it('is torn anywhere: refused whole', async () => {
    const before = await rowsOf(url(), studio)
    for (const part of [0, 0.3, 0.6, 0.99]) {
      const torn = whole.slice(0, Math.floor(whole.length * part))
      expect((await send(torn)).body.code).toMatch(/^archive\.(torn|none)$/)
    }
    // a byte of what was exported, or of what the ZIP says besides, such as a file's hour: then all that is in it is as it was
    for (const part of [0.2, 0.5, 0.8]) {
      const bent = whole.slice()
      bent[Math.floor(bent.length * part)]! ^= 255
      const { status, body } = await send(bent)
      if (status !== 422)
        expect(Object.values((body as any).added)).toEqual(Object.values((body as any).added).map(() => 0))
    }
    expect(await rowsOf(url(), studio)).toEqual(before)
  })

  it('whose rows cannot be stored is refused, and nothing of it stays', async () => {
    const other = await newDatabase('unfit')
    // an aim of a set that is not in it
    const strange = rewritten(whole, { aims: (row) => ({ ...row, set_id: '00000000-0000-4000-8000-000000000000' }) })
    writeFileSync(file, strange)
    const { code, said } = await archive(other, 'in', file)
    expect([code, said]).toEqual([1, expect.stringMatching(/cannot be saved.*Nothing was imported/)])
    expect(await queried(other, 'select from pupil')).toEqual([])
  })
})

describe('erasing a pupil', () => {
  it('leaves nothing of theirs, in the trash as well, and a record that bears no name', async () => {
    const [{ count }] = await queried(
      url(),
      `select count(*)::int from (select 1 from pupil where id = '${filled.erased.pupil}'
         union all select 1 from trash where document::text like '%${filled.erased.pupil}%'
         union all select 1 from record_entry where pupil_id = '${filled.erased.pupil}') as left_over`,
    )
    expect(count).toBe(0)
    const { body } = await call('/api/erasures')
    expect(body[0]).toMatchObject({ sets: 1, exams: 0, entries: 0 })
    expect(JSON.stringify(body)).not.toContain(filled.erased.pupil)
    // the studies are the library's
    expect((await call(`/api/studies/${filled.erased.studies[0]}`)).status).toBe(200)
    expect((await call(`/api/pupils/${filled.erased.pupil}/erase`, 'POST', {})).status).toBe(404)
  })
})

describe('studios of their own', () => {
  it('the demo comes anew beside a teacher’s own, and nothing of it stands among real pupils', async () => {
    const { address } = ownService()
    const as = async (path: string, number: number) =>
      (await fetch(`${address}${path}${path.includes('?') ? '&' : '?'}studio=${number}`)).json()
    const own = (await (await asPage(address, '/api/studios', 'POST', { name: 'Own rooms' })).json()) as { id: number }
    try {
      expect((await call('/api/pupils')).body).toEqual([])
      await call('/api/pupils', 'POST', { name: 'Real R.', instrument: 'piano' })
      // a page that still shows the other goes on with it
      expect(((await as('/api/pupils', studio)) as object[]).length).toBeGreaterThan(3)
      await call(`/api/studios/${studio}/open`, 'POST', {})
      expect((await call('/api/studio')).body.id).toBe(studio)
      expect(await as('/api/pupils', own.id)).toMatchObject([{ name: 'Real R.' }])
      expect((await fetch(`${address}/api/pupils?studio=999999`)).status).toBe(409)
      expect((await call('/api/studios/999999/open', 'POST', {})).status).toBe(404)
    } finally {
      await call(`/api/studios/${studio}/open`, 'POST', {})
    }
  })
})
