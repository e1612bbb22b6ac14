import { describe, expect, it } from 'vitest'
import { call } from '../support/http'

const LIST = { syllabusId: 'tern-quay-accordion', gradeId: '1' }
const recipe = (tonic: string, some: object = {}) => ({
  ...{ instrument: 'accordion', material: { tonic, kind: 'major' }, octaves: 1 },
  ...some,
})
const made = async (tonic: string, some: object = {}) =>
  (await call('/api/studies', 'POST', { recipe: recipe(tonic, some) })).body

/** An accordion pupil's set for Award 1. */
async function setWith(...studies: { id: string }[]) {
  const pupil = (await call('/api/pupils', 'POST', { name: 'Reed P.', instrument: 'accordion' })).body
  const set = (await call('/api/sets', 'POST', { title: 'Award 1', pupilId: pupil.id })).body
  const content = { title: 'Award 1', ...LIST, studyIds: studies.map(({ id }) => id), version: 1 }
  expect((await call(`/api/sets/${set.id}`, 'PUT', content)).status).toBe(200)
  const report = async () =>
    (await call(`/api/sets/${set.id}/report?syllabus=${LIST.syllabusId}&grade=${LIST.gradeId}`)).body.report
  const atom = async (words: string) => (await report()).atoms.find((each: any) => each.words.startsWith(words))
  const post = (path: string, body: object) => call(`/api/sets/${set.id}/${path}`, 'POST', body)
  return { id: set.id as string, pupilId: pupil.id as string, report, atom, post }
}

describe('an accordion study', () => {
  it('is stored whole, with everything that was left open filled in, and the fingers of both hands', async () => {
    const study = await made('D', { accordion: { treble: 'c-4', bass: 72 } })
    const { body } = await call(`/api/studies/${study.id}`)
    expect(body.title).toBe('D major, accordion, right hand over alternating bass, one octave')
    expect(body.recipe.accordion).toMatchObject({
      treble: 'c-4',
      bass: 72,
      left: { part: 'alternating', school: 'four-three', every: 1 },
      bellows: { turn: 'top', first: 'opening' },
    })
    expect(body.recipe.school).toBe('four-fingers')
    expect(body.accepted.right).toHaveLength(15)
    expect(body.accepted.left.slice(0, 4)).toEqual([4, 3, 2, 3])
  })

  it('keeps a board of its own make, for a study and for a pupil', async () => {
    const make = { bass: 48, columns: { from: -2, to: 5 }, missing: [{ row: 'diminished', column: -2 }] }
    const study = await made('F', { accordion: make })
    expect((await call(`/api/studies/${study.id}`)).body.recipe.accordion).toMatchObject(make)
    const { body: pupil } = await call('/api/pupils', 'POST', { name: 'Own make', instrument: 'accordion' })
    await call(`/api/pupils/${pupil.id}/preferences`, 'PUT', { settings: { accordion: make, clefs: 'own' } })
    const kept = (await call('/api/pupils')).body.find(({ id }: any) => id === pupil.id)
    expect(kept.preferences.settings).toMatchObject({ accordion: make, clefs: 'own' })
  })

  it('keeps its pins by finger and by button', async () => {
    const pins = [
      { hand: 'left', index: 2, button: { row: 'fundamental', column: 4 } },
      { hand: 'right', index: 0, finger: 2 },
    ]
    const { body: study } = await call('/api/studies', 'POST', {
      recipe: recipe('C', { accordion: { left: { part: 'scale' } }, pins }),
    })
    expect((await call(`/api/studies/${study.id}`)).body.recipe.pins).toEqual(pins)
    expect(study.accepted.right[0]).toBe(2)
  })

  it.each([
    ['a keyboard that there is not', { accordion: { treble: 'keys-88' } }, 'recipe.accordion.treble'],
    ['a board that there is not', { accordion: { bass: 100 } }, 'recipe.accordion.bass'],
    ['rows that the board has not', { accordion: { bass: 24, rows: ['major'] } }, 'recipe.accordion.rows'],
    ['a part that there is not', { accordion: { left: { part: 'stride' } } }, 'recipe.accordion.left.part'],
    ['a school that there is not', { accordion: { left: { school: 'two-one' } } }, 'recipe.accordion.left.school'],
    ['a school of buttons on keys', { school: 'four-fingers' }, 'recipe.school'],
    ['a turn that there is not', { accordion: { bellows: { turn: 'often' } } }, 'recipe.accordion.bellows.turn'],
    ['turns by no beats', { accordion: { bellows: { turn: 'beats', beats: 0 } } }, 'recipe.accordion.bellows.beats'],
    ['no register', { accordion: { registers: [] } }, 'recipe.accordion.registers'],
    ['more octaves than the keys', { octaves: 4, accordion: { treble: 'keys-25' } }, 'recipe.octaves'],
    ['a start beside the keys', { startOctave: 7, hands: 'right' }, 'recipe.startOctave'],
    ['a left thumb', { pins: [{ hand: 'left', index: 0, finger: 1 }] }, 'recipe.pins[0].finger'],
    [
      'a button that sounds another note',
      { pins: [{ hand: 'left', index: 0, button: { row: 'fundamental', column: 3 } }] },
      'recipe.pins[0]',
    ],
    ['columns beyond all names', { accordion: { columns: { from: -13 } } }, 'recipe.accordion.columns.from'],
    ['columns that are no numbers', { accordion: { columns: { to: 'E' } } }, 'recipe.accordion.columns.to'],
    [
      'a missing button without a column',
      { accordion: { missing: [{ row: 'major' }] } },
      'recipe.accordion.missing[0].column',
    ],
    [
      'a board without a fundamental',
      { accordion: { columns: { from: 0, to: 0 }, missing: [{ row: 'fundamental', column: 0 }] } },
      'recipe.accordion.missing',
    ],
    ['a button of no sort', { pins: [{ hand: 'left', index: 0, button: 'C' }] }, 'recipe.pins[0].button'],
    ['clefs that there are not', { clefs: 'alto' }, 'recipe.clefs'],
    ['what it does not know', { accordion: { colour: 'red' } }, 'recipe.accordion.colour'],
  ])('is refused by its field, and nothing is stored: %s', async (_, some, path) => {
    const before = (await call('/api/studies')).body.length
    const { status, body } = await call('/api/studies', 'POST', { recipe: recipe('C', some) })
    expect([status, body.path]).toEqual([422, path])
    expect(body.message).toMatch(/\w/)
    expect((await call('/api/studies')).body).toHaveLength(before)
  })

  it('says what a small board lacks, and what it has', async () => {
    const { status, body } = await call('/api/studies', 'POST', {
      recipe: recipe('C', { hands: 'left', accordion: { bass: 12, left: { part: 'scale' } } }),
    })
    expect(status).toBe(422)
    expect(body.message).toMatch(/12/)
    expect(body.path).toMatch(/^recipe\./)
  })
})

describe('an accordion pupil', () => {
  it('has keys or buttons, board and schools of their own, and new studies have them too', async () => {
    const { pupilId } = await setWith()
    const preferences = {
      settings: {
        school: 'with-thumb',
        accordion: { treble: 'b-5', bass: 80, left: { school: 'three-two' } },
      },
      choices: {},
    }
    const put = await call(`/api/pupils/${pupilId}/preferences`, 'PUT', preferences)
    expect(put.status).toBe(200)
    const pupil = (await call('/api/pupils')).body.find((each: any) => each.id === pupilId)
    expect(pupil.preferences.settings).toMatchObject(preferences.settings)
  })

  it('is not given a board that there is not', async () => {
    const { pupilId } = await setWith()
    const preferences = { settings: { accordion: { bass: 13 } }, choices: {} }
    const put = await call(`/api/pupils/${pupilId}/preferences`, 'PUT', preferences)
    expect(put.status).toBe(422)
    expect(put.body.path).toContain('accordion.bass')
  })
})

describe('an accordion set', () => {
  it('is near where only the bass or the bellows differ, and is mended in one press', async () => {
    const slow = await made('C', { accordion: { left: { part: 'waltz' } }, tempo: { bpm: 52, notesPerBeat: 2 } })
    const right = await made('C', {
      ...{ hands: 'right', tempo: { bpm: 56, notesPerBeat: 2 } },
      accordion: { bellows: { turn: 'octave' } },
    })
    const set = await setWith(slow, right)
    const bellows = await set.atom('C major, right hand')
    expect(bellows.status).toBe('near')
    const { body: done } = await set.post('mend', { atom: bellows.id, version: 2 })
    const mended = done.set.studies.find(({ id }: { id: string }) => id === right.id)
    expect(mended.recipe.accordion.bellows.turn).toBe('top')
    expect((await set.atom('C major, right hand')).status).toBe('covered')
    const { body: back } = await set.post('restore', { ...done.undo, version: done.set.version })
    expect(back.set.studies.find(({ id }: { id: string }) => id === right.id).recipe).toEqual(right.recipe)
  })

  it('is filled with what is missing, for the accordion, and then the grade is whole', async () => {
    const set = await setWith()
    const before = await set.report()
    expect(before.atoms.every(({ status }: { status: string }) => status === 'missing')).toBe(true)
    const { status, body } = await set.post('missing', { ...LIST, version: 2 })
    expect(status).toBe(200)
    const studies: any[] = body.set.studies
    expect(new Set(studies.map((study) => study.recipe.instrument))).toEqual(new Set(['accordion']))
    expect(new Set(studies.map((study) => study.recipe.accordion.left.part))).toContain('scale')
    const after = await set.report()
    expect(after.atoms.filter((atom: any) => atom.status === 'missing')).toEqual([])
  })

  it('gives a piano study of the same key no credit', async () => {
    const piano = (
      await call('/api/studies', 'POST', { recipe: { material: { tonic: 'C', kind: 'major' }, hands: 'right' } })
    ).body
    const set = await setWith(piano)
    expect((await set.report()).atoms.map((atom: any) => atom.status)).not.toContain('covered')
  })
})
