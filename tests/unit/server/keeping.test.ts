import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { freeName } from '#shared/fileName'
import { moveAside, stateOf } from '../../../scripts/lib/clusterFolder.mjs'
import { believed, claimMark, writeMark } from '../../../scripts/lib/marks.mjs'
import { backupName, listBackups, outdated } from '../../../server/backup/files'
import { migrate } from '../../../server/db/migrate'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'keeping-'))
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

/** A folder with files, by their paths. */
function withFiles(...files: string[]): string {
  const home = path.join(folder, 'cluster')
  mkdirSync(home, { recursive: true })
  for (const file of files) {
    mkdirSync(path.dirname(path.join(home, file)), { recursive: true })
    writeFileSync(path.join(home, file), '15\n')
  }
  return home
}
const WHOLE = ['data/PG_VERSION', 'data/global/pg_control', 'password']

describe('a data folder', () => {
  it('is new where nobody could miss anything: empty, or left by an interrupted first start', () => {
    expect(stateOf(path.join(folder, 'none'))).toBe('new')
    for (const files of [[], ['password'], ['data.new/PG_VERSION'], ['password', 'data.new/base/1/2']]) {
      expect(stateOf(withFiles(...files))).toBe('new')
      rmSync(path.join(folder, 'cluster'), { recursive: true })
    }
  })

  it('is whole with all that a database needs', () => expect(stateOf(withFiles(...WHOLE, 'data/base/1'))).toBe('whole'))

  const DAMAGED: readonly (readonly [string, readonly string[]])[] = [
    ...WHOLE.map((lacking) => [`lacks ${lacking}`, WHOLE.filter((file) => file !== lacking)] as const),
    ['has only a log', ['postgres.log']],
    ['holds somebody else’s files', ['letters/spring.txt']],
    ['has a data folder beside what is left', ['password', 'data/x']],
  ]
  it.each(DAMAGED)('that %s is left alone, and named', (_, files) => {
    const home = withFiles(...files)
    const before = readdirSync(home, { recursive: true })
    expect(() => stateOf(home)).toThrow(new RegExp(`${home}.*no whole database[\\s\\S]*--data[\\s\\S]*restore`))
    expect(readdirSync(home, { recursive: true })).toEqual(before)
  })

  it('that is damaged is moved aside for a restore, with everything in it', () => {
    const home = withFiles('password', 'data/base/1')
    const aside = moveAside(home)
    expect(readdirSync(aside).toSorted()).toEqual(['data', 'password'])
    expect(stateOf(home)).toBe('new')
  })
})

describe('a mark of who works in a folder', () => {
  const program = path.basename(process.argv[1]!)
  const file = () => path.join(folder, 'start.pid')

  it('is believed of the process that wrote it, and claimed by one', () => {
    expect(claimMark(file(), { pid: process.pid, port: 3000 })).toBe(true)
    expect(claimMark(file(), { pid: process.pid, port: 3001 })).toBe(false)
    expect(believed(file(), program)).toMatchObject({ pid: process.pid, port: 3000 })
  })

  it('is not believed of another folder, another program, another moment, nobody, or in another shape', () => {
    writeMark(file(), { pid: process.pid, port: 3000 })
    expect(believed(file(), 'start.mjs')).toBeNull()
    const mark = { pid: process.pid, port: 3000, folder, began: 1 }
    for (const wrong of [
      mark,
      { ...mark, folder: '/elsewhere' },
      { pid: 1 },
      process.pid,
      'nonsense',
      { ...mark, pid: 4_194_305 },
    ]) {
      writeFileSync(file(), JSON.stringify(wrong))
      expect(believed(file(), program)).toBeNull()
    }
    writeFileSync(file(), String(process.pid))
    expect(believed(file(), program)).toBeNull()
  })
})

describe('backups', () => {
  const made = (days: number, reason: 'daily' | 'manual' | 'before-restore') =>
    backupName(new Date(Date.UTC(2026, 10, 30, 9) - days * 86_400_000), reason)

  it('are told by their names, the latest first; what else lies there is none', async () => {
    for (const name of [made(1, 'daily'), made(0, 'manual'), 'tactum.dump.part', 'letter.txt'])
      writeFileSync(path.join(folder, name), 'x')
    const found = await listBackups(folder)
    expect(found.map(({ reason, made: at }) => [reason, at.slice(0, 10)])).toEqual([
      ['manual', '2026-11-30'],
      ['daily', '2026-11-29'],
    ])
  })

  it('stay for two weeks, and the first of each month for a year; those made by hand stay', async () => {
    for (let days = 0; days < 500; days++) writeFileSync(path.join(folder, made(days, 'daily')), 'x')
    for (let days = 0; days < 40; days++) writeFileSync(path.join(folder, made(days, 'manual')), 'x')
    for (let days = 0; days < 9; days++) writeFileSync(path.join(folder, made(days, 'before-restore')), 'x')
    const all = await listBackups(folder)
    const gone = new Set(outdated(all).map(({ name }) => name))
    const stays = all.filter(({ name }) => !gone.has(name))
    const daily = stays.filter(({ reason }) => reason === 'daily').map(({ made: at }) => at.slice(0, 10))
    expect(daily.slice(0, 14)).toEqual(
      Array.from({ length: 14 }, (_, days) =>
        new Date(Date.UTC(2026, 10, 30) - days * 86_400_000).toISOString().slice(0, 10),
      ),
    )
    expect(daily.slice(14).every((day) => day.endsWith('-01'))).toBe(true)
    expect(daily.length).toBeLessThanOrEqual(26)
    expect(stays.filter(({ reason }) => reason === 'manual')).toHaveLength(40)
    expect(stays.filter(({ reason }) => reason === 'before-restore')).toHaveLength(6)
  })
})

describe('names of files', () => {
  it('are numbered until they are free', () => {
    const taken = new Set<string>()
    expect(['a-2', 'a', 'a', 'A', 'a-2'].map((stem) => freeName(stem, '.pdf', taken))).toEqual([
      ...['a-2.pdf', 'a.pdf', 'a-3.pdf', 'A-4.pdf', 'a-2-2.pdf'],
    ])
  })
})

describe('migrating', () => {
  /** A database as far as migrations ask it: what ran before, and every statement that is run. */
  function database(ran: readonly string[]) {
    const statements: string[] = []
    const client = {
      query: async (sql: string) => {
        statements.push(sql)
        return { rows: sql.startsWith('select name') ? ran.map((name) => ({ name, checksum: '' })) : [] }
      },
      release: () => undefined,
    }
    return { pool: { connect: async () => client } as never, statements }
  }

  it('refuses by name what a newer program wrote, and touches nothing', async () => {
    const { pool, statements } = database(['999_later.sql'])
    await expect(migrate(pool, [{ name: '001_first.sql', sql: 'select 1' }])).rejects.toThrow(/newer Tactum.*999_later/)
    expect(statements).not.toContain('select 1')
  })

  it('keeps a copy from before, and changes nothing without it', async () => {
    const { pool, statements } = database(['000_older.sql'])
    const all = [
      { name: '000_older.sql', sql: '' },
      { name: '001_first.sql', sql: 'select 1' },
    ]
    // the older one is as it was when it ran
    const { createHash } = await import('node:crypto')
    const sum = createHash('sha256').update('').digest('hex')
    const client = await (
      pool as { connect: () => Promise<{ query: (sql: string) => Promise<{ rows: object[] }> }> }
    ).connect()
    const query = client.query
    client.query = async (sql) =>
      sql.startsWith('select name') ? { rows: [{ name: '000_older.sql', checksum: sum }] } : query(sql)
    const failing = () => Promise.reject(new Error('no room'))
    await expect(migrate(pool, all, failing)).rejects.toThrow('no room')
    expect(statements).not.toContain('select 1')
    let copies = 0
    await migrate(pool, all, async () => void copies++)
    expect([copies, statements.filter((sql) => sql === 'select 1').length]).toEqual([1, 1])
  })
})
