import { describe, expect, it } from 'vitest'
import { call, freshSet } from '../support/http'

const GRADE = { syllabusId: 'corvane-piano', gradeId: '4' }
const recipe = (tonic: string, kind: string, some: object = {}) => ({ material: { tonic, kind }, ...some })
const newStudy = async (tonic: string, kind: string, some: object = {}) =>
  (await call('/api/studies', 'POST', { recipe: recipe(tonic, kind, some) })).body

/** A set for Grade 4 with some studies. */
async function setWith(...studies: { id: string }[]) {
  const { set, pupilId } = await freshSet()
  const content = { title: 'G4', ...GRADE, studyIds: studies.map(({ id }) => id), version: 1 }
  const saved = (await call(`/api/sets/${set.id}`, 'PUT', content)).body
  const post = (path: string, body: object) => call(`/api/sets/${set.id}/${path}`, 'POST', body)
  const report = async () =>
    (await call(`/api/sets/${set.id}/report?syllabus=${GRADE.syllabusId}&grade=${GRADE.gradeId}`)).body
  return { id: set.id as string, pupilId, saved, post, report }
}
const atomFor = async ({ report }: { report: () => Promise<any> }, words: string) =>
  (await report()).report.atoms.find((atom: { words: string }) => atom.words.startsWith(words))
const materials = (set: { studies: { recipe: any }[] }) =>
  set.studies.map(({ recipe: { material, tempo } }) => [material.tonic, material.kind, tempo.bpm])

describe('near misses', () => {
  it('are mended in one press and put back in one press, with the fingers that had been accepted', async () => {
    const study = await newStudy('B', 'major', { tempo: { bpm: 60, notesPerBeat: 2 } })
    const set = await setWith(study)
    const { id: atom, mend } = await atomFor(set, 'B major, hands together')
    expect(mend).toMatchObject({ manner: 'alter', words: 'Raise to 80' })
    const { body: done } = await set.post('mend', { atom, version: 2 })
    expect(materials(done.set)).toEqual([['B', 'major', 80]])
    expect(done.set.studies[0].id).toBe(study.id)
    expect((await atomFor(set, 'B major, hands together')).status).toBe('covered')
    const { body: back } = await set.post('restore', { ...done.undo, version: done.set.version })
    expect(back.set.studies[0]).toMatchObject({ id: study.id, accepted: study.accepted, recipe: study.recipe })
  })

  it('get the other form beside them, and lose it again', async () => {
    const study = await newStudy('D', 'natural-minor', { motion: 'contrary', tempo: { bpm: 76, notesPerBeat: 2 } })
    const set = await setWith(study)
    const { id: atom } = await atomFor(set, 'D harmonic minor, contrary')
    const { body: done } = await set.post('mend', { atom, version: 2 })
    expect(materials(done.set)).toEqual([
      ['D', 'natural-minor', 76],
      ['D', 'harmonic-minor', 76],
    ])
    const made = done.set.studies[1].id
    await set.post('restore', { ...done.undo, version: done.set.version })
    expect((await call(`/api/studies/${made}`)).status).toBe(404)
  })

  it('that another set holds stay there as they are', async () => {
    const study = await newStudy('B', 'major', { tempo: { bpm: 60, notesPerBeat: 2 } })
    const other = await setWith(study)
    const set = await setWith(study)
    const { id: atom } = await atomFor(set, 'B major, hands together')
    const { body: done } = await set.post('mend', { atom, version: 2 })
    expect(materials(done.set)).toEqual([['B', 'major', 80]])
    expect(materials((await call(`/api/sets/${other.id}`)).body)).toEqual([['B', 'major', 60]])
  })

  it('that are none any more are refused, and so is a version that was not seen', async () => {
    const set = await setWith(await newStudy('B', 'major', { tempo: { bpm: 60, notesPerBeat: 2 } }))
    const { id: atom } = await atomFor(set, 'B major, hands together')
    expect(await set.post('mend', { atom, version: 1 })).toMatchObject({ status: 409, body: { path: 'version' } })
    expect((await call(`/api/sets/${set.id}`)).body.studies[0].recipe.tempo.bpm).toBe(60)
    expect(await set.post('mend', { atom: 'nothing', version: 2 })).toMatchObject({
      status: 422,
      body: { path: 'atom' },
    })
  })
})

describe('a grade as a set', () => {
  it('is built in the pupil’s settings and forms, which are remembered', async () => {
    const set = await setWith()
    await call(`/api/pupils/${set.pupilId}/preferences`, 'PUT', {
      settings: { school: 'black-groups', handSize: 'small' },
    })
    const choices = { 'harmonic-minor+melodic-minor': 'melodic-minor' }
    const { body } = await set.post('missing', { ...GRADE, version: 2, choices })
    // 23 atoms, of which the chromatic scale wants one of five
    expect(body.added).toBe(19)
    const recipes = body.set.studies.map((study: { recipe: any }) => study.recipe)
    expect(recipes.every((each: any) => each.school === 'black-groups' && each.handSize === 'small')).toBe(true)
    expect(recipes.filter((each: any) => each.material.kind === 'melodic-minor')).toHaveLength(3)
    const report = await set.report()
    expect(report.report).toMatchObject({ required: 19, covered: 19, missing: 0 })
    // all of it is printed, and none of it played
    expect(report.readiness).toMatchObject({ printed: 19, played: 0, ready: 0, drawn: 6, assumed: false })
    expect(report.readiness.chance).toBeLessThan(0.05)
    expect(report.preferences.choices).toEqual(choices)
    const highest = (id: string) => report.placements.find((each: any) => each.id === id).placement.highest
    expect([highest('corvane-piano'), highest('tern-quay-piano')]).toEqual(['4', null])
    expect(report.placements.some(({ id }: any) => id === 'corvane-mallets')).toBe(false)
  })

  it('is added to by what is named', async () => {
    const set = await setWith()
    const { id: atom } = await atomFor(set, 'E♭ chromatic')
    const { body } = await set.post('missing', { ...GRADE, version: 2, only: [atom] })
    expect(materials(body.set)).toEqual([['Eb', 'chromatic', 72]])
  })

  it('adds what can be played where a list asks for more than that, and says what cannot', async () => {
    const tempo = { bpm: 60, notesPerBeat: 2 }
    const entry = { words: 'as printed', keys: ['C'], octaves: 1, tempo, resolution: 'tonic-chord' }
    const entries = ['major', 'chromatic', 'dominant-seventh-arpeggio'].map((kind, at) => ({
      ...entry,
      id: `e${at}`,
      kinds: [kind],
    }))
    const list = { format: 'tactum-syllabus/1', id: 'too-much', title: 'Too much', board: 'Test' }
    const grades = [{ id: '1', title: 'One', groups: [{ id: 'A', title: 'A', entries }] }]
    await call('/api/syllabi', 'POST', { ...list, grades })
    const { set } = await freshSet()
    const { body } = await call(`/api/sets/${set.id}/missing`, 'POST', {
      syllabusId: 'too-much',
      gradeId: '1',
      version: 1,
    })
    expect(body).toMatchObject({ added: 2, refused: [expect.stringMatching(/This is chromatic/)] })
  })

  it('is ordered for practice, over the version that was seen', async () => {
    const set = await setWith(await newStudy('B', 'major'), await newStudy('C', 'major'), await newStudy('G', 'major'))
    const { body } = await set.post('order', { by: 'circle', version: 2 })
    expect(materials(body).map(([tonic]) => tonic)).toEqual(['C', 'G', 'B'])
    expect((await set.post('order', { by: 'shape', version: 2 })).status).toBe(409)
    expect(await set.post('order', { by: 'colour', version: 3 })).toMatchObject({ status: 422, body: { path: 'by' } })
  })

  it('counts by the policies that are kept with it', async () => {
    const set = await setWith(await newStudy('B', 'major-arpeggio', { tempo: { bpm: 66, notesPerBeat: 2 } }))
    expect((await set.report()).report.covered).toBe(0)
    const { title, syllabusId, gradeId, studies, version } = (await call(`/api/sets/${set.id}`)).body
    const content = { title, syllabusId, gradeId, studyIds: studies.map(({ id }: any) => id), version }
    await call(`/api/sets/${set.id}`, 'PUT', { ...content, policies: { togetherForSeparate: true } })
    expect((await set.report()).report.covered).toBe(2)
    // a save that says nothing of them leaves them
    await call(`/api/sets/${set.id}`, 'PUT', { ...content, version: version + 1 })
    expect((await call(`/api/sets/${set.id}`)).body.policies).toEqual({ togetherForSeparate: true })
    const wrong = { ...content, policies: { guess: true }, version: version + 2 }
    expect(await call(`/api/sets/${set.id}`, 'PUT', wrong)).toMatchObject({
      status: 422,
      body: { path: 'policies.guess' },
    })
  })
})

describe('one study', () => {
  it('is found in the grades that ask for it', async () => {
    const { body } = await call('/api/asked', 'POST', { recipe: recipe('C', 'major', { hands: 'right', octaves: 1 }) })
    expect(body[0]).toMatchObject({ title: 'Corvane Certificates, Piano', gradeTitle: 'Initial', status: 'covered' })
    const lists = body.map(({ syllabus }: any) => syllabus)
    expect(lists).toEqual(expect.arrayContaining(['corvane-piano', 'tern-quay-piano']))
    expect(lists).not.toContain('corvane-mallets')
    expect(lists).not.toContain('tern-quay-accordion')
  })

  it('of an accordion is found in the accordion’s own list, left hand and all', async () => {
    const required = { instrument: 'accordion', hands: 'left', octaves: 1, tempo: { bpm: 60, notesPerBeat: 1 } }
    const { body } = await call('/api/syllabus-matches', 'POST', { recipe: recipe('F', 'major', required) })
    expect(body[0]).toMatchObject({ syllabus: 'tern-quay-accordion', gradeTitle: 'Award 1', status: 'covered' })
  })
})

describe('a mock exam', () => {
  const marksFor = (items: readonly unknown[], mark: number) => items.map(() => [mark, mark, 4, 4])

  it('is drawn by its number, marked by the board, and kept in the pupil’s record', async () => {
    const set = await setWith(await newStudy('B', 'major', { tempo: { bpm: 80, notesPerBeat: 2 } }))
    const { body: drawn } = await call(`/api/sets/${set.id}/draw?seed=7`)
    expect(drawn.items).toHaveLength(6)
    expect((await call(`/api/sets/${set.id}/draw?seed=7`)).body).toEqual(drawn)
    const held = {
      setId: set.id,
      seed: 7,
      marks: marksFor(drawn.items, 5),
      notes: ['steady'],
      expected: drawn.items.map(({ atom }: any) => atom),
    }
    const stored = await call('/api/exams', 'POST', held)
    expect(stored).toMatchObject({ status: 201, body: { mark: 21, band: 'Distinction', gradeTitle: 'Grade 4' } })
    expect((await call(`/api/exams/${stored.body.id}`)).body.items[0]).toMatchObject({
      note: 'steady',
      marks: [5, 5, 4, 4],
    })
    const listed = (await call('/api/exams')).body.find(({ id }: any) => id === stored.body.id)
    expect(listed).toMatchObject({ items: 6, pupil: { id: set.pupilId } })
    // the record outlives the set
    await call(`/api/sets/${set.id}`, 'DELETE')
    expect((await call(`/api/exams/${stored.body.id}`)).body.setId).toBeNull()
    expect((await call(`/api/exams/${stored.body.id}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/exams/${stored.body.id}`)).status).toBe(404)
  })

  it('is not kept with marks that are too many, too few, out of range, or for something else', async () => {
    const set = await setWith()
    const { items } = (await call(`/api/sets/${set.id}/draw?seed=3`)).body
    const expected = items.map(({ atom }: any) => atom)
    const good = { setId: set.id, seed: 3, marks: marksFor(items, 3), expected }
    const before = (await call('/api/exams')).body.length
    for (const [some, path] of [
      [{ marks: good.marks.slice(1) }, 'marks'],
      [{ marks: good.marks.map((own, at) => (at === 2 ? [3, 6, 4, 4] : own)) }, 'items[2].marks[1]'],
      [{ marks: good.marks.map((own) => own.slice(1)) }, 'marks'],
      [{ expected: expected.toReversed() }, 'expected'],
      [{ seed: 4 }, 'expected'],
      [{ seed: -1 }, 'seed'],
    ] as const) {
      expect(await call('/api/exams', 'POST', { ...good, ...some })).toMatchObject({ status: 422, body: { path } })
    }
    expect((await call('/api/exams')).body).toHaveLength(before)
    const ungraded = (await freshSet()).set
    expect(await call(`/api/sets/${ungraded.id}/draw?seed=1`)).toMatchObject({ status: 422, body: { path: 'gradeId' } })
  })
})
