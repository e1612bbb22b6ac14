import { describe, expect, it } from 'vitest'
import { call, freshSet } from '../support/http'

const CORVANE = { syllabusId: 'corvane-piano', gradeId: '2' }
const newStudy = async (tonic: string) =>
  (await call('/api/studies', 'POST', { recipe: { material: { tonic, kind: 'major' } } })).body

describe('a set', () => {
  it('keeps its studies in order, and changes only over the version that was seen', async () => {
    const { set } = await freshSet()
    const studies = await Promise.all(['A', 'Eb', 'C'].map(newStudy))
    const ids = studies.map((study) => study.id)
    const content = { title: 'Ordered', ...CORVANE, studyIds: ids }
    const saved = await call(`/api/sets/${set.id}`, 'PUT', { ...content, version: 1 })
    expect(saved.body.studies.map((study: { id: string }) => study.id)).toEqual(ids)
    const stale = await call(`/api/sets/${set.id}`, 'PUT', { ...content, studyIds: [], version: 1 })
    expect(stale).toMatchObject({ status: 409, body: { code: 'version.stale', current: { version: 2 } } })
    expect((await call(`/api/sets/${set.id}`)).body.studies).toHaveLength(3)
  })

  it('is graded, filled in one press, and then whole', async () => {
    const { set } = await freshSet()
    const study = await newStudy('A')
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'G2', ...CORVANE, studyIds: [study.id], version: 1 })
    const query = `?syllabus=${CORVANE.syllabusId}&grade=${CORVANE.gradeId}`
    const before = (await call(`/api/sets/${set.id}/report${query}`)).body
    expect(before.report).toMatchObject({ required: 12, covered: 0, near: 1, missing: 11 })
    expect(before.report.atoms.find((atom: { status: string }) => atom.status === 'near').reasons).toEqual([
      '120 of 132 notes a minute',
    ])
    const added = await call(`/api/sets/${set.id}/missing`, 'POST', { ...CORVANE, version: 2 })
    expect(added.body.added).toBe(11)
    const after = (await call(`/api/sets/${set.id}/report${query}`)).body
    expect(after.report).toMatchObject({ covered: 11, near: 1, missing: 0, surplus: [] })
    expect(after.placements[0].placement.grades).toHaveLength(9)
  })

  it('adds nothing at all when it was saved elsewhere meanwhile', async () => {
    const { set } = await freshSet()
    const before = (await call('/api/studies')).body.length
    const stale = await call(`/api/sets/${set.id}/missing`, 'POST', { ...CORVANE, version: 7 })
    expect(stale.status).toBe(409)
    expect((await call('/api/studies')).body).toHaveLength(before)
    expect((await call(`/api/sets/${set.id}`)).body.studies).toEqual([])
  })

  it.each([
    [{ studyIds: ['00000000-0000-4000-8000-000000000000'] }, 'studyIds[0]'],
    [{ studyIds: ['nonsense'] }, 'studyIds[0]'],
    [{ syllabusId: 'no-such-board' }, 'syllabusId'],
    [{ gradeId: '99' }, 'grade'],
    [{ title: '' }, 'title'],
    [{ title: 'x'.repeat(200) }, 'title'],
    [{ title: 'a\u0000b' }, 'title'],
    [{ version: 0 }, 'version'],
  ])('refuses %j, naming the field, and stays as it was', async (some, path) => {
    const { set } = await freshSet()
    const answer = await call(`/api/sets/${set.id}`, 'PUT', {
      title: 'T',
      ...CORVANE,
      studyIds: [],
      version: 1,
      ...some,
    })
    expect(answer).toMatchObject({ status: 422, body: { path } })
    expect((await call(`/api/sets/${set.id}`)).body).toEqual(set)
  })

  it('stores SQL and HTML as the plain text that they are', async () => {
    const title = `Robert'); drop table study_set; -- <img src=x onerror=alert(1)>`
    const { set } = await freshSet(title)
    expect((await call(`/api/sets/${set.id}`)).body.title).toBe(title)
    const pupil = await call('/api/pupils', 'POST', { name: '<b>Bold</b> & "Q"', instrument: 'piano' })
    const pupils = (await call('/api/pupils')).body
    expect(pupils.find((each: { id: string }) => each.id === pupil.body.id).name).toBe('<b>Bold</b> & "Q"')
  })

  it('needs a pupil who exists, and an instrument that is known', async () => {
    const orphan = await call('/api/sets', 'POST', { title: 'T', pupilId: '00000000-0000-4000-8000-000000000000' })
    expect(orphan).toMatchObject({ status: 422, body: { path: 'pupilId' } })
    const kazoo = await call('/api/pupils', 'POST', { name: 'K', instrument: 'kazoo' })
    expect(kazoo).toMatchObject({ status: 422, body: { path: 'instrument' } })
  })
})

describe('syllabi', () => {
  it('come in whole or not at all', async () => {
    const { syllabus: shipped } = (await call('/api/syllabi/corvane-piano')).body
    const twice = structuredClone(shipped)
    twice.id = 'test-twice'
    twice.grades[2].id = twice.grades[0].id
    expect(await call('/api/syllabi', 'POST', twice)).toMatchObject({
      status: 422,
      body: { code: 'syllabus.twice', path: 'grades[2].id' },
    })
    expect((await call('/api/syllabi/test-twice')).status).toBe(404)
    expect((await call('/api/syllabi', 'POST', 'C major; two octaves')).status).toBe(400)
  })

  it('round-trip: what goes out comes in again under another id, and an id is taken once', async () => {
    const { syllabus: shipped } = (await call('/api/syllabi/corvane-piano')).body
    const copy = { ...shipped, id: 'test-copy', title: 'A copy' }
    expect((await call('/api/syllabi', 'POST', copy)).status).toBe(201)
    expect((await call('/api/syllabi/test-copy')).body.syllabus).toEqual(copy)
    expect(await call('/api/syllabi', 'POST', copy)).toMatchObject({ status: 409, body: { path: 'id' } })
  })
})
