import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import pg from 'pg'
import { describe, expect, it } from 'vitest'
import { migrate } from '../../server/db/migrate'
import { call, setOfMajors } from '../support/http'
import { newDatabase } from '../support/database'

const recipe = { material: { tonic: 'A', kind: 'dorian' }, hands: 'left' }
const made = async (): Promise<string> => (await call('/api/studies', 'POST', { recipe })).body.id
const listed = async (id: string) => (await call('/api/studies')).body.find((each: { id: string }) => each.id === id)

describe('the shelves of the library', () => {
  it('hold a study once, and moving it changes neither it nor its version', async () => {
    const id = await made()
    for (const shelf of ['archive', 'bin', 'library', 'bin']) {
      expect((await call('/api/studies/shelf', 'PUT', { ids: [id], shelf })).status).toBe(200)
      expect(await listed(id)).toMatchObject({ shelf, kind: 'dorian', tonic: 'A', hands: 'left', instrument: 'piano' })
    }
    expect((await call(`/api/studies/${id}`)).body.version).toBe(1)
  })

  it('move all or none', async () => {
    const [one, lost] = [await made(), randomUUID()]
    expect((await call('/api/studies/shelf', 'PUT', { ids: [one, lost], shelf: 'archive' })).status).toBe(404)
    expect((await listed(one)).shelf).toBe('library')
    const { id } = await setOfMajors('Holds one', ['D'])
    const [held] = (await call(`/api/sets/${id}`)).body.studies
    const refused = await call('/api/studies/shelf', 'PUT', { ids: [one, held.id], shelf: 'bin' })
    expect(refused).toMatchObject({ status: 409, body: { code: 'study.in-set', path: 'ids' } })
    expect((await listed(one)).shelf).toBe('library')
    expect((await call('/api/studies/shelf', 'PUT', { ids: [held.id], shelf: 'archive' })).status).toBe(200)
    expect(await listed(held.id)).toMatchObject({ shelf: 'archive', sets: 1, pupils: ['Test P.'] })
  })

  it('know pupils and syllabi by the sets that hold a study', async () => {
    const { id, content } = await setOfMajors('Listed', ['E'])
    const graded = { ...content, syllabusId: 'corvane-piano', version: 2 }
    expect((await call(`/api/sets/${id}`, 'PUT', graded)).status).toBe(200)
    expect(await listed(content.studyIds[0]!)).toMatchObject({
      syllabi: ['corvane-piano'],
      pupils: ['Test P.'],
      sets: 1,
    })
  })

  it('tag from two windows at once without undoing one another', async () => {
    const id = await made()
    await Promise.all(
      ['warm up', 'exam', 'thirds', 'exam'].map((tag) => call('/api/studies/tags', 'PUT', { ids: [id], add: [tag] })),
    )
    expect((await listed(id)).tags).toEqual(['exam', 'thirds', 'warm up'])
    await call('/api/studies/tags', 'PUT', { ids: [id], remove: ['exam'], add: ['thirds'] })
    expect((await listed(id)).tags).toEqual(['thirds', 'warm up'])
  })

  it('copy a study with its fingers and tags, as one of its own', async () => {
    const id = await made()
    await call('/api/studies/tags', 'PUT', { ids: [id], add: ['kept'] })
    const { status, body } = await call(`/api/studies/${id}/copy`, 'POST', {})
    const { id: own, updatedAt, ...rest } = (await call(`/api/studies/${id}`)).body
    expect(status).toBe(201)
    expect(body).toMatchObject(rest)
    expect(body.id).not.toBe(own)
    expect(updatedAt).toBeTruthy()
    expect((await listed(body.id)).tags).toEqual(['kept'])
    expect((await call(`/api/studies/${randomUUID()}/copy`, 'POST', {})).status).toBe(404)
  })

  it.each([
    ['/api/studies/shelf', { ids: [], shelf: 'bin' }, 'ids'],
    ['/api/studies/shelf', { ids: ['no id'], shelf: 'bin' }, 'ids[0]'],
    ['/api/studies/shelf', { ids: [randomUUID()], shelf: 'attic' }, 'shelf'],
    ['/api/studies/tags', { ids: [randomUUID()], add: ['x'.repeat(41)] }, 'add[0]'],
    ['/api/studies/tags', { ids: [randomUUID()], add: ['new\u0000line'] }, 'add[0]'],
    ['/api/studies/tags', { ids: [randomUUID()], add: [' '] }, 'add[0]'],
  ])('%s refuses %j', async (path, body, field) => {
    expect(await call(path, 'PUT', body)).toMatchObject({ status: 422, body: { path: field } })
  })
})

describe('new studies', () => {
  it('sent twice are kept once', async () => {
    const id = randomUUID()
    const answers = await Promise.all([1, 2, 3].map(() => call('/api/studies', 'POST', { recipe, id })))
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201])
    expect(new Set(answers.map(({ body }) => body.id))).toEqual(new Set([id]))
    expect((await call(`/api/studies/${id}`)).body.version).toBe(1)
  })

  it('come in batches, all or none', async () => {
    const before = (await call('/api/studies')).body.length
    const recipes = ['C', 'G', 'D'].map((tonic) => ({ material: { tonic, kind: 'major' } }))
    const bad = await call('/api/studies/batch', 'POST', { recipes: [...recipes, { ...recipes[0], startOctave: 8 }] })
    expect(bad).toMatchObject({ status: 422, body: { path: 'recipes[3].startOctave' } })
    const many = await call('/api/studies/batch', 'POST', { recipes: Array.from({ length: 121 }, () => recipes[0]) })
    expect(many).toMatchObject({ status: 422, body: { path: 'recipes' } })
    const heavy = Array.from({ length: 120 }, (_, at) => ({
      material: { tonic: 'C', kind: 'major' },
      octaves: 3,
      pattern: { walk: 'add-a-note' },
      tempo: { bpm: 40 + at },
    }))
    const weighed = await call('/api/studies/batch', 'POST', { recipes: heavy })
    expect(weighed).toMatchObject({ status: 422, body: { code: 'recipes.notes' } })
    expect(weighed.body.path).toMatch(/^recipes\[\d+\]$/)
    expect((await call('/api/studies')).body).toHaveLength(before)
    const { status, body } = await call('/api/studies/batch', 'POST', { recipes })
    expect(status).toBe(201)
    expect(body.studies.map((study: { title: string }) => study.title[0])).toEqual(['C', 'G', 'D'])
    expect((await call('/api/studies')).body).toHaveLength(before + 3)
  })

  it('keep their pattern, rhythm and bookends', async () => {
    const shaped = {
      ...{ material: { tonic: 'C', kind: 'major' }, pattern: { figure: 'broken-thirds' } },
      ...{ rhythm: { swing: 60, accents: 3 }, bookends: { after: 'cadence' } },
    }
    const { body } = await call('/api/studies', 'POST', { recipe: shaped })
    expect(body.recipe).toMatchObject(shaped)
    expect(body.title).toBe(
      'C major, hands together, two octaves, in broken thirds, swing 60 %, accent every 3, cadence after',
    )
    const odd = await call('/api/studies', 'POST', { recipe: { ...shaped, pattern: { figure: 'broken-elevenths' } } })
    expect(odd).toMatchObject({ status: 422, body: { path: 'recipe.pattern.figure' } })
  })
})

describe('studies from before there were patterns', () => {
  it('become the plain ones', async () => {
    const pool = new pg.Pool({ connectionString: await newDatabase('old') })
    try {
      const file = (number: string) => ({ name: number, sql: readFileSync(`server/db/migrations/${number}`, 'utf8') })
      const migrations = [file('001_studio.sql'), file('002_keeping.sql')]
      await migrate(pool, migrations.slice(0, 1))
      await pool.query(`insert into studio (name) values ('Kestrel Lane')`)
      await pool.query(
        `insert into study (studio_id, title, recipe, accepted) values (1, 'Old', '{"octaves": 2}', '{"right": [1]}')`,
      )
      await migrate(pool, migrations)
      const { rows } = await pool.query('select recipe, tags, archived_at, binned_at from study')
      expect(rows).toEqual([
        {
          recipe: {
            octaves: 2,
            pattern: { figure: 'straight', walk: 'straight', journey: 'one-key', accompaniment: 'none' },
            rhythm: { ladder: 'none', lengths: 'even', swing: 50, accents: 0 },
            bookends: { before: 'none', after: 'none' },
          },
          ...{ tags: [], archived_at: null, binned_at: null },
        },
      ])
    } finally {
      await pool.end()
    }
  })
})
