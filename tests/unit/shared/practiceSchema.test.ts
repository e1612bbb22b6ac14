import type { ObjectSchema } from 'joi'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { families } from '#core/instrument'
import { OCCASIONS, OUTCOMES, WEEKDAYS } from '#core/practice'
import { storedAim, newEntry, planSchema, routeSchema } from '#shared/practiceSchema'
import { runs } from '../../support/runs'

const [ID, OTHER] = ['7f1f2f10-93a1-4c5e-9f51-0b6a5f0d3a11', '0d9c5a1e-32a1-4f0e-8c7b-4f0f8b2a9c22']
const recipe = { material: { tonic: 'G', kind: 'harmonic-minor' } }
const entry = { id: ID, studyId: OTHER, date: '2026-11-28', kind: 'lesson', outcome: 'right', tempo: 192 }
const aim = { exam: '2027-03-12', minutesADay: 20, days: ['mon', 'thu'], lesson: 'thu', version: 0 }
const route = { family: 'keys', school: '', steps: [{ stage: 'alone', minutes: 4 }], version: 0 }
const plan = { today: '2026-11-28', exam: '2027-03-12', minutesADay: 20, days: ['mon'], studies: [recipe] }

/** Where something is refused first; null where it is taken. */
function refusedAt(schema: ObjectSchema, value: unknown): string | null {
  const { error } = schema.validate(value)
  return error ? error.details[0]!.path.join('.') : null
}

describe('an entry as it is sent', () => {
  const at = (some: object) => refusedAt(newEntry, { ...entry, ...some })

  it('is whole with a study, a day, an occasion, an outcome and a tempo', () => {
    expect(at({})).toBeNull()
    expect(newEntry.validate(entry).value).toMatchObject({ minutes: 0, note: '', by: 'teacher' })
    for (const kind of OCCASIONS) for (const outcome of OUTCOMES) expect(at({ kind, outcome })).toBeNull()
  })

  it.each([
    ['no id of its own', { id: undefined }, 'id'],
    ['an id that is none', { id: 'first' }, 'id'],
    ['a day in words', { date: 'yesterday' }, 'date'],
    ['a day with an hour', { date: '2026-11-28T10:00' }, 'date'],
    ['another occasion', { kind: 'concert' }, 'kind'],
    ['another outcome', { outcome: 'splendid' }, 'outcome'],
    ['tempo nought', { tempo: 0 }, 'tempo'],
    ['a tempo backwards', { tempo: -96 }, 'tempo'],
    ['half a note', { tempo: 96.5 }, 'tempo'],
    ['a tempo that nobody plays', { tempo: 2001 }, 'tempo'],
    ['a tempo that is no number', { tempo: 'fast' }, 'tempo'],
    ['three hands', { hands: 'three' }, 'hands'],
    ['no octaves', { octaves: 0 }, 'octaves'],
    ['minutes less than none', { minutes: -1 }, 'minutes'],
    ['a day and a night', { minutes: 601 }, 'minutes'],
    ['a place that is none', { where: { place: 'middle' } }, 'where.place'],
    ['a note of nobody', { where: { index: 3 } }, 'where'],
    ['a place and a note', { where: { player: 'right', index: 3, place: 'turn' } }, 'where'],
    ['nowhere', { where: {} }, 'where'],
    ['a study and another', { study: recipe }, ''],
    ['no study', { studyId: undefined }, ''],
    ['a note of a thousand letters', { note: 'x'.repeat(1000) }, 'note'],
    ['somebody else’s hand', { by: 'exam' }, 'by'],
    ['a field of its own', { mood: 'good' }, 'mood'],
  ])('is refused with %s', (_, some, path) => expect(at(some)).toBe(path))

  it('is of a study that is given, where it is kept nowhere', () => {
    expect(refusedAt(newEntry, { ...entry, studyId: undefined, study: recipe })).toBeNull()
  })
})

describe('an aim as it is sent', () => {
  const at = (some: object) => refusedAt(storedAim, { ...aim, ...some })

  it.each([
    ['what is right', {}, null],
    ['no lesson', { lesson: null }, null],
    ['a holiday', { away: [{ from: '2026-12-24', to: '2027-01-02' }] }, null],
    ['no exam', { exam: undefined }, 'exam'],
    ['no minutes', { minutesADay: 0 }, 'minutesADay'],
    ['half minutes', { minutesADay: 12.5 }, 'minutesADay'],
    ['more than a school day', { minutesADay: 241 }, 'minutesADay'],
    ['no practice days', { days: [] }, 'days'],
    ['a day twice', { days: ['mon', 'mon'] }, 'days.1'],
    ['an eighth day', { days: [...WEEKDAYS, 'mon'] }, 'days'],
    ['a lesson on no day', { lesson: 'someday' }, 'lesson'],
    ['a holiday without an end', { away: [{ from: '2026-12-24' }] }, 'away.0.to'],
    ['a week of no study', { pins: [{ studyId: 'x', week: '2026-12-07' }] }, 'pins.0.studyId'],
    ['no version', { version: undefined }, 'version'],
  ])('%s', (_, some, path) => expect(at(some)).toBe(path))
})

describe('a way through as it is sent', () => {
  const at = (some: object) => refusedAt(routeSchema, { ...route, ...some })

  it.each([
    ['what is right', {}, null],
    ['nothing, which goes back to the usual', { steps: [] }, null],
    ['a family that is not there', { family: 'strings' }, 'family'],
    ['a stage twice', { steps: [...route.steps, ...route.steps] }, 'steps.1'],
    ['a stage without minutes', { steps: [{ stage: 'alone' }] }, 'steps.0.minutes'],
    ['a stage of an hour', { steps: [{ stage: 'alone', minutes: 60 }] }, 'steps.0.minutes'],
  ])('%s', (_, some, path) => expect(at(some)).toBe(path))

  it('takes every family’s usual way', () => {
    for (const { id, route: own } of families()) expect(at({ family: id, steps: own.usual })).toBeNull()
  })
})

describe('what the terminal makes a plan from', () => {
  const at = (some: object) => refusedAt(planSchema, { ...plan, ...some })

  it.each([
    ['studies', {}, null],
    ['a list and its grade', { studies: undefined, syllabus: 'list.json', grade: '3' }, null],
    ['a list without a grade', { studies: undefined, syllabus: 'list.json' }, ''],
    ['neither', { studies: undefined }, ''],
    ['no studies', { studies: [] }, 'studies'],
    ['no today', { today: undefined }, 'today'],
    ['an entry of no study', { record: [{ ...entry, id: undefined, studyId: undefined }] }, 'record.0.study'],
    ['a week of a study before the first', { pins: [{ study: -1, week: '2026-12-07' }] }, 'pins.0.study'],
  ])('%s', (_, some, path) => expect(at(some)).toBe(path))

  it('takes anything without a crash', () => {
    fc.assert(
      fc.property(fc.anything(), fc.constantFrom(...Object.keys(plan)), (value, field) => {
        for (const schema of [planSchema, storedAim, newEntry, routeSchema])
          schema.validate({ ...plan, [field]: value })
        planSchema.validate(value)
      }),
      { numRuns: runs(200) },
    )
  })
})
