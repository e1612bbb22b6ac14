import { randomUUID } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { call } from '../support/http'

const ENTRY = { kind: 'lesson', outcome: 'right', minutes: 2, tempo: 120, hands: 'right', octaves: 1, note: '' }

/** A pupil with two sets that share a study, an aim, and two entries of the record, the second correcting the first. */
async function wholePupil(name: string) {
  const { id } = (await call('/api/pupils', 'POST', { name, instrument: 'piano' })).body
  const studies: string[] = []
  for (const tonic of ['C', 'G', 'D']) {
    const recipe = { material: { tonic, kind: 'major' }, hands: 'right', octaves: 1 }
    studies.push((await call('/api/studies', 'POST', { recipe })).body.id)
  }
  const sets: string[] = []
  for (const [title, studyIds] of [
    ['One', [studies[2], studies[0]]],
    ['Two', [studies[1], studies[0]]],
  ] as const) {
    const set = (await call('/api/sets', 'POST', { title, pupilId: id })).body
    const content = { title, syllabusId: 'corvane-piano', gradeId: '1', studyIds, version: 1 }
    expect((await call(`/api/sets/${set.id}`, 'PUT', content)).status).toBe(200)
    sets.push(set.id)
  }
  const plan = { minutesADay: 20, days: ['mon'], lesson: 'thu', away: [], pins: [], version: 0 }
  const exam = new Date(Date.now() + 60 * 86_400_000).toISOString().slice(0, 10)
  await call(`/api/sets/${sets[0]}/aim`, 'PUT', { ...plan, exam })
  const first = { ...ENTRY, id: randomUUID(), studyId: studies[0], date: '2026-11-02' }
  const second = { ...first, id: randomUUID(), outcome: 'hesitated', corrects: first.id }
  await call(`/api/pupils/${id}/record`, 'POST', { entries: [first] })
  await call(`/api/pupils/${id}/record`, 'POST', { entries: [second] })
  const whole = async () => ({
    pupil: (await call('/api/pupils')).body.find((each: { id: string }) => each.id === id),
    sets: await Promise.all(sets.map(async (set) => (await call(`/api/sets/${set}`)).body)),
    aim: (await call(`/api/sets/${sets[0]}/practice`)).body.aim,
    record: (await call(`/api/pupils/${id}/record`)).body,
  })
  return { id, sets, studies, whole }
}
const inBin = async (title: string) =>
  (await call('/api/bin')).body.find((each: { title: string }) => each.title === title)

describe('a pupil', () => {
  it('who comes no more is out of the way with sets and record, and can come again', async () => {
    const { id, whole } = await wholePupil(`Away ${Date.now()}`)
    const before = await whole()
    const coming = async () =>
      (await call('/api/progress')).body.some((each: { pupilId: string }) => each.pupilId === id)
    expect([before.pupil.archived, await coming()]).toEqual([false, true])
    expect((await call(`/api/pupils/${id}/archived`, 'PUT', { archived: true })).status).toBe(200)
    const away = await whole()
    expect(away).toEqual({ ...before, pupil: { ...before.pupil, archived: true } })
    expect(await coming()).toBe(false)
    await call(`/api/pupils/${id}/archived`, 'PUT', { archived: false })
    expect(await whole()).toEqual(before)
    expect((await call(`/api/pupils/${randomUUID()}/archived`, 'PUT', { archived: true })).status).toBe(404)
    expect((await call(`/api/pupils/${id}/archived`, 'PUT', { archived: 'later' })).body.path).toBe('archived')
  })

  it('is thrown away with what belongs to them, and put back whole', async () => {
    const name = `Thrown ${Date.now()}`
    const { id, sets, studies, whole } = await wholePupil(name)
    const before = await whole()
    expect((await call(`/api/pupils/${id}/belongings`)).body).toEqual({ sets: 2, exams: 0, entries: 2 })
    expect((await call(`/api/pupils/${id}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/pupils/${id}`, 'DELETE')).status).toBe(404)
    expect((await call(`/api/sets/${sets[0]}`)).status).toBe(404)
    // the studies are the library's
    expect((await call(`/api/studies/${studies[0]}`)).status).toBe(200)
    // what lies in the bin meanwhile comes back with them
    await call('/api/studies/shelf', 'PUT', { ids: [studies[1]], shelf: 'bin' })
    const thing = await inBin(name)
    expect(thing.what).toBe('pupil')
    expect((await call(`/api/bin/${thing.id}/restore`, 'POST', {})).body).toMatchObject({ what: 'pupil', id })
    expect(await whole()).toEqual(before)
  })

  it('has the mock exams of each set by themselves, and they come back with the pupil', async () => {
    const name = `Examined ${Date.now()}`
    const { id, sets } = await wholePupil(name)
    const { body: drawn } = await call(`/api/sets/${sets[0]}/draw?seed=7`)
    const marks = drawn.items.map(() => drawn.marking.criteria.map(({ most }: { most: number }) => most))
    const expected = drawn.items.map(({ atom }: { atom: string }) => atom)
    const held = await call('/api/exams', 'POST', { setId: sets[0], seed: 7, marks, expected })
    expect(held.status).toBe(201)
    const listed = async (set: string) => (await call(`/api/exams?set=${set}`)).body
    const [exam] = await listed(sets[0]!)
    expect(exam).toMatchObject({ id: held.body.id, setId: sets[0], items: drawn.items.length, gradeTitle: 'Grade 1' })
    expect(await listed(sets[1]!)).toEqual([])
    expect((await call('/api/exams?set=nobody')).status).toBe(404)
    expect((await call(`/api/pupils/${id}/belongings`)).body.exams).toBe(1)
    const whole = (await call(`/api/exams/${exam.id}`)).body
    await call(`/api/pupils/${id}`, 'DELETE')
    expect((await call(`/api/exams/${exam.id}`)).status).toBe(404)
    await call(`/api/bin/${(await inBin(name)).id}/restore`, 'POST', {})
    expect((await call(`/api/exams/${exam.id}`)).body).toEqual(whole)
    expect(await listed(sets[0]!)).toEqual([exam])
    // one that was thrown away before its set comes back without it
    const { bin } = (await call(`/api/exams/${exam.id}`, 'DELETE')).body
    expect((await call(`/api/sets/${sets[0]}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/bin/${bin}/restore`, 'POST', {})).status).toBe(200)
    expect((await call(`/api/exams/${exam.id}`)).body).toEqual({ ...whole, setId: null })
  })

  it('in the bin keeps what of theirs was thrown away before from coming back alone', async () => {
    const name = `Gone ${Date.now()}`
    const { id, sets } = await wholePupil(name)
    const title = `Gone with ${name}`
    const { version, studies, syllabusId, gradeId } = (await call(`/api/sets/${sets[1]}`)).body
    const studyIds = studies.map((study: { id: string }) => study.id)
    await call(`/api/sets/${sets[1]}`, 'PUT', { title, version, studyIds, syllabusId, gradeId })
    await call(`/api/sets/${sets[1]}`, 'DELETE')
    await call(`/api/pupils/${id}`, 'DELETE')
    const set = await inBin(title)
    expect(await call(`/api/bin/${set.id}/restore`, 'POST', {})).toMatchObject({
      status: 409,
      body: { code: 'pupil.gone' },
    })
    await call(`/api/bin/${(await inBin(name)).id}/restore`, 'POST', {})
    expect((await call(`/api/bin/${set.id}/restore`, 'POST', {})).status).toBe(200)
    expect((await call(`/api/sets/${sets[1]}`)).body.studies.map((study: { id: string }) => study.id)).toEqual(studyIds)
  })
})
