import { describe, expect, it } from 'vitest'
import { call, freshSet, setOfMajors } from '../support/http'

const study = async (tonic = 'C') =>
  (await call('/api/studies', 'POST', { recipe: { material: { tonic, kind: 'major' } } })).body
const bin = (...ids: string[]) => call('/api/studies/shelf', 'PUT', { ids, shelf: 'bin' })

describe('undo', () => {
  const graded = { syllabusId: 'corvane-piano', gradeId: '1' }

  it('keeps in the bin what was added and worked on since', async () => {
    const { set } = await freshSet('Undone')
    const { body: report } = await call(`/api/sets/${set.id}/report?syllabus=corvane-piano&grade=1`)
    const missing = report.report.atoms.filter(({ status }: { status: string }) => status === 'missing').slice(0, 2)
    const only = missing.map(({ id }: { id: string }) => id)
    const { body: filled } = await call(`/api/sets/${set.id}/missing`, 'POST', { ...graded, version: 1, only })
    const [touched, plain] = filled.set.studies
    const recipe = { ...touched.recipe, tempo: { ...touched.recipe.tempo, bpm: 61 } }
    await call(`/api/studies/${touched.id}`, 'PUT', { recipe, version: touched.version })
    const remove = [touched, plain].map(({ id, version }: { id: string; version: number }) => ({ id, version }))
    const undo = { studyIds: [], studies: [], remove, version: filled.set.version }
    const { status, body } = await call(`/api/sets/${set.id}/restore`, 'POST', undo)
    expect(status).toBe(200)
    expect(body.binned.map(({ id }: { id: string }) => id)).toEqual([touched.id])
    const listed = (await call('/api/studies')).body.find(({ id }: { id: string }) => id === touched.id)
    expect(listed.shelf).toBe('bin')
    expect((await call(`/api/studies/${plain.id}`)).status).toBe(404)
  })

  it('puts nothing into a set that is thrown away, or gone', async () => {
    const { id, content } = await setOfMajors('Bin', ['C'])
    const other = await study('G')
    await bin(other.id)
    const put = (studyIds: string[]) => call(`/api/sets/${id}`, 'PUT', { ...content, studyIds, version: 2 })
    expect(await put([other.id])).toMatchObject({ status: 422, body: { code: 'study.binned', path: 'studyIds[0]' } })
    await call(`/api/studies/${other.id}`, 'DELETE')
    const restore = { studyIds: [other.id], studies: [], remove: [], version: 2 }
    expect(await call(`/api/sets/${id}/restore`, 'POST', restore)).toMatchObject({
      status: 422,
      body: { code: 'study.unknown' },
    })
  })

  it('is no race: a study is thrown away or in the set, whoever was first', async () => {
    for (let round = 0; round < 8; round++) {
      const { id, content } = await setOfMajors('Race', [])
      const one = await study()
      const put = () => call(`/api/sets/${id}`, 'PUT', { ...content, studyIds: [one.id], version: 2 })
      const [saved, binned, gone] = await Promise.all([put(), bin(one.id), call(`/api/studies/${one.id}`, 'DELETE')])
      const formatted = [saved, binned, gone].map(({ status }) => status)
      expect(Math.max(...formatted)).toBeLessThan(500)
      const shelf = (await call('/api/studies')).body.find((each: { id: string }) => each.id === one.id)?.shelf
      expect(saved.status === 200 ? shelf : 'not in the set').not.toBe('bin')
    }
  })
})

describe('what is thrown away whole', () => {
  const thrown = async (title: string) =>
    (await call('/api/bin')).body.find((each: { title: string }) => each.title === title)

  it('is put back as it was: a set with its order, its aim and what lies in the bin of it', async () => {
    const title = `Thrown ${Date.now()}`
    const { id, stored } = await setOfMajors(title, ['C', 'G', 'D'])
    const before = (await call(`/api/sets/${id}`)).body
    const plan = { minutesADay: 20, days: ['mon', 'wed'], lesson: 'thu', away: [], pins: [], version: 0 }
    const exam = new Date(Date.now() + 60 * 86_400_000).toISOString().slice(0, 10)
    expect((await call(`/api/sets/${id}/aim`, 'PUT', { ...plan, exam })).status).toBe(200)
    expect((await call(`/api/sets/${id}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/sets/${id}`)).status).toBe(404)
    await bin(before.studies[1].id)
    const thing = await thrown(title)
    expect(await call(`/api/bin/${thing.id}/restore`, 'POST', {})).toMatchObject({ body: { what: 'set', id } })
    expect((await call(`/api/sets/${id}`)).body).toEqual(before)
    expect(await stored()).toEqual(['C', 'G', 'D'])
    expect((await call(`/api/sets/${id}/practice`)).body.aim).toMatchObject({ exam })
    expect(await thrown(title)).toBeUndefined()
    expect((await call(`/api/bin/${thing.id}/restore`, 'POST', {})).status).toBe(404)
  })

  it.each(['set', 'pupil'] as const)('a %s whose list is gone meanwhile comes back without it', async (what) => {
    const title = `Listless ${what} ${Date.now()}`
    const copy = { title: `Gone ${title}`, edition: '', follows: false }
    const { id: syllabusId } = (await call('/api/syllabi/corvane-piano/copy', 'POST', copy)).body
    const { id, content } = await setOfMajors(title, ['C', 'G'])
    const graded = { ...content, syllabusId, gradeId: '1', version: 2 }
    expect((await call(`/api/sets/${id}`, 'PUT', graded)).status).toBe(200)
    const { pupil } = (await call(`/api/sets/${id}`)).body
    const own = what === 'set' ? `/api/sets/${id}` : `/api/pupils/${pupil.id}`
    const { bin } = (await call(own, 'DELETE')).body
    expect((await call(`/api/syllabi/${syllabusId}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/bin/${bin}/restore`, 'POST', {})).status).toBe(200)
    const back = (await call(`/api/sets/${id}`)).body
    expect(back).toMatchObject({ syllabusId: null, gradeId: null })
    expect(back.studies).toHaveLength(2)
  })

  it('is gone for good only from the bin, when that is asked', async () => {
    const title = `Dropped ${Date.now()}`
    const { id } = await setOfMajors(title, ['C'])
    await call(`/api/sets/${id}`, 'DELETE')
    const thing = await thrown(title)
    expect((await call(`/api/bin/${thing.id}`, 'DELETE')).status).toBe(200)
    expect(await thrown(title)).toBeUndefined()
    expect((await call(`/api/bin/${thing.id}`, 'DELETE')).status).toBe(404)
    expect((await call(`/api/bin/${thing.id}/restore`, 'POST', {})).status).toBe(404)
  })

  it('a list, with what it said before; not over one of its name', async () => {
    const title = `List ${Date.now()}`
    const copy = { title, edition: '', follows: false }
    const { id } = (await call('/api/syllabi/corvane-piano/copy', 'POST', copy)).body
    const before = (await call(`/api/syllabi/${id}`)).body
    await call(`/api/syllabi/${id}`, 'PUT', { syllabus: { ...before.syllabus, edition: 'two' }, version: 1 })
    expect((await call(`/api/syllabi/${id}`, 'DELETE')).status).toBe(200)
    const thing = await thrown(title)
    await call('/api/syllabi', 'POST', before.syllabus)
    expect((await call(`/api/bin/${thing.id}/restore`, 'POST', {})).status).toBe(409)
    await call(`/api/syllabi/${id}`, 'DELETE')
    expect((await call(`/api/bin/${thing.id}/restore`, 'POST', {})).status).toBe(200)
    const { syllabus, past } = (await call(`/api/syllabi/${id}`)).body
    expect([syllabus.edition, past.length]).toEqual(['two', 1])
  })
})
