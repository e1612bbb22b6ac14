import { describe, expect, it } from 'vitest'
import { call, freshSet } from '../support/http'
import { english } from '../support/english'
import { ownService } from '../support/service'

const copyOf = async (title: string, some: object = {}) =>
  (await call('/api/syllabi/corvane-piano/copy', 'POST', { title, edition: '2027', ...some })).body.id as string
const document = async (id: string) => (await call(`/api/syllabi/${id}`)).body
const save = (id: string, syllabus: object, version: number) => call(`/api/syllabi/${id}`, 'PUT', { syllabus, version })
const preview = async (body: string | Uint8Array, query = '') => {
  const answer = await fetch(`${ownService().address}/api/syllabi/preview${query}`, {
    method: 'POST',
    headers: { origin: ownService().address },
    body: body as BodyInit,
  })
  return { status: answer.status, body: english(await answer.json()) }
}
const edited = (syllabus: any, change: (entry: any) => void) => {
  const next = structuredClone(syllabus)
  change(next.grades[4].groups[0].entries[0])
  return next
}

describe('a shipped list', () => {
  it('is copied, not changed and not thrown away', async () => {
    const { syllabus, shipped, version } = await document('corvane-piano')
    expect(shipped).toBe(true)
    const refused = { status: 409, body: { code: 'syllabus.shipped' } }
    expect(await save('corvane-piano', syllabus, version)).toMatchObject(refused)
    expect(await call('/api/syllabi/corvane-piano', 'DELETE')).toMatchObject(refused)
    const id = await copyOf('My Corvane')
    expect(id).toBe('my-corvane-2027')
    expect(await copyOf('My Corvane')).toBe('my-corvane-2027-2')
    expect(await document(id)).toMatchObject({
      shipped: false,
      version: 1,
      past: [],
      syllabus: { grades: syllabus.grades },
    })
  })
})

describe('a list of one’s own', () => {
  it('is saved over the version that was seen, and keeps what it said before', async () => {
    const id = await copyOf('Edited')
    const { syllabus } = await document(id)
    const later = edited(syllabus, (entry) => (entry.tempo.bpm = 100))
    const { body } = await save(id, later, 1)
    expect(body).toMatchObject({ version: 2, past: [{ version: 1 }], syllabus: later })
    expect(await save(id, syllabus, 1)).toMatchObject({ status: 409, body: { current: { version: 2 } } })
    const difference = (await call(`/api/syllabi/${id}/difference?version=1`)).body
    expect(difference.grades[0].changed[0].changes).toEqual(['160 notes a minute, now 200 notes a minute'])
    expect((await call(`/api/syllabi/${id}/difference?version=9`)).status).toBe(404)
  })

  it('is refused whole where it is wrong, by its place', async () => {
    const id = await copyOf('Wrong')
    const { syllabus } = await document(id)
    const wrong = edited(syllabus, (entry) => (entry.pick = 9))
    expect(await save(id, wrong, 1)).toMatchObject({
      status: 422,
      body: { path: 'grades[4].groups[0].entries[0].pick' },
    })
    expect(await save(id, { ...syllabus, id: 'another' }, 1)).toMatchObject({
      status: 422,
      body: { path: 'syllabus.id' },
    })
    expect((await document(id)).version).toBe(1)
  })

  it('tells its sets what to add and what to drop, until that is seen', async () => {
    const id = await copyOf('House list')
    const { set } = await freshSet('On the list')
    const graded = { title: 'On the list', syllabusId: id, gradeId: '4', studyIds: [], version: 1 }
    await call(`/api/sets/${set.id}`, 'PUT', graded)
    await call(`/api/sets/${set.id}/missing`, 'POST', { syllabusId: id, gradeId: '4', version: 2 })
    const { syllabus } = await document(id)
    await save(
      id,
      edited(syllabus, (entry) => (entry.keys = ['B', 'Gb'])),
      1,
    )
    const report = async () => (await call(`/api/sets/${set.id}/report?syllabus=${id}&grade=4`)).body
    const { newer } = await report()
    expect(newer).toMatchObject({ syllabusId: id, add: ['G♭ major, hands together, two octaves'] })
    const { studies, version } = (await call(`/api/sets/${set.id}`)).body
    expect(newer.drop.map((at: number) => studies[at].recipe.material.tonic)).toEqual(['Db'])
    const [shown] = (await call(`/api/syllabi/${id}/difference?version=1`)).body.sets
    expect(shown).toMatchObject({ pupil: 'Test P.', grade: 'Grade 4', drop: ['D♭ major, hands together, two octaves'] })
    await call(`/api/sets/${set.id}/settle`, 'POST', { version })
    expect((await report()).newer).toBeNull()
    // a list that grades sets is not thrown away under them
    expect(await call(`/api/syllabi/${id}`, 'DELETE')).toMatchObject({ status: 409, body: { code: 'syllabus.used' } })
  })

  it('is told of by the edition before it', async () => {
    const id = await copyOf('Corvane next', { follows: true })
    const { syllabus } = await document(id)
    await save(
      id,
      edited(syllabus, (entry) => (entry.octaves = 3)),
      1,
    )
    const { set } = await freshSet('Previous')
    const graded = { title: 'Previous', syllabusId: 'corvane-piano', gradeId: '4', studyIds: [], version: 1 }
    await call(`/api/sets/${set.id}`, 'PUT', graded)
    const { newer } = (await call(`/api/sets/${set.id}/report?syllabus=corvane-piano&grade=4`)).body
    expect(newer).toMatchObject({ syllabusId: id, title: 'Corvane next 2027' })
    const difference = (await call(`/api/syllabi/${id}/difference?before=corvane-piano`)).body
    expect(difference.grades).toHaveLength(1)
    expect((await call(`/api/syllabi/${id}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/syllabi/${id}`)).status).toBe(404)
  })

  it('goes out as CSV and JSON and comes in again as it was', async () => {
    const { syllabus } = await document('tern-quay-piano')
    for (const format of ['csv', 'json']) {
      const answer = await fetch(`${ownService().address}/api/syllabi/tern-quay-piano/export?format=${format}`)
      expect(answer.headers.get('content-disposition')).toContain(`tern-quay-piano.${format}`)
      const { body } = await preview(await answer.text())
      expect(body.problems).toEqual([])
      expect(body.syllabus).toEqual(syllabus)
    }
  })
})

describe('a file before it is stored', () => {
  const before = async () => (await call('/api/syllabi')).body.length as number

  it('is told what is wrong by line, and stores nothing', async () => {
    const count = await before()
    const { body } = await preview(
      'grade;group;words\n1;A;C major, crotchet = 60 in quavers\n1;A;G minr\n',
      '?title=Mine',
    )
    expect(body).toMatchObject({ syllabus: null, problems: [{ line: 3, field: 'words' }] })
    expect((await preview('{"format": "tactum-syllabus/1",')).body.problems[0].message).toMatch(/not JSON/)
    const latin = Buffer.concat([Buffer.from('grade,words\n1,"Pr'), Buffer.from([0xe9]), Buffer.from('lude"\n')])
    expect((await preview(latin)).body.problems).toMatchObject([{ line: 2, field: 'encoding' }])
    expect(await preview(new Uint8Array(10_000_000).fill(67))).toMatchObject({
      status: 413,
      body: { code: 'body.size' },
    })
    expect(await before()).toBe(count)
  })

  it('is stored once all is well', async () => {
    const { body } = await preview(
      'grade;words\n1;C major, crotchet = 60 in quavers\n',
      '?title=Kestrel%20house&instrument=accordion',
    )
    expect(body.syllabus).toMatchObject({ id: 'kestrel-house', instrument: 'accordion' })
    expect((await call('/api/syllabi', 'POST', body.syllabus)).status).toBe(201)
    expect((await document('kestrel-house')).syllabus).toEqual(body.syllabus)
  })
})
