import { randomUUID } from 'node:crypto'
import { call } from './http'

const MAJOR = (tonic: string) => ({ material: { tonic, kind: 'major' }, hands: 'right', octaves: 1 })
const ENTRY = { kind: 'lesson', outcome: 'right', minutes: 2, tempo: 120, hands: 'right', octaves: 1, note: '' }
const isoDay = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)
export const AIM = { minutesADay: 20, days: ['mon'], lesson: 'thu', away: [], pins: [], version: 0, exam: isoDay(60) }

/** A pupil with a set of majors; everything that can be asked of them is at hand. */
export async function pupilWithSet(name: string, tonics: readonly string[] = ['C', 'G']) {
  const pupil: string = (await call('/api/pupils', 'POST', { name, instrument: 'piano' })).body.id
  const set: string = (await call('/api/sets', 'POST', { title: `Of ${name}`, pupilId: pupil })).body.id
  const studies: string[] = []
  for (const tonic of tonics) studies.push((await call('/api/studies', 'POST', { recipe: MAJOR(tonic) })).body.id)
  const content = { title: `Of ${name}`, syllabusId: 'corvane-piano', gradeId: '1', studyIds: studies }
  await call(`/api/sets/${set}`, 'PUT', { ...content, version: 1 })
  const entry = (some: object = {}) => ({ ...ENTRY, id: randomUUID(), studyId: studies[0], date: isoDay(-1), ...some })
  const add = (...entries: object[]) => call(`/api/pupils/${pupil}/record`, 'POST', { entries })
  return { pupil, set, studies, content, entry, add }
}

/** Puts something into every table that a studio has, through the doors, so that an archive has all of it to carry. */
export async function fillStudio(name: string) {
  const own = await pupilWithSet(name, ['C', 'G', 'D'])
  await call(`/api/sets/${own.set}/aim`, 'PUT', AIM)
  const first = own.entry()
  await own.add(first)
  await own.add(own.entry({ corrects: first.id, outcome: 'hesitated' }))
  const preferences = { settings: { handSize: 'small' }, choices: { 'a choice': 'right' } }
  await call(`/api/pupils/${own.pupil}/preferences`, 'PUT', preferences)
  await call('/api/studies/tags', 'PUT', { ids: own.studies, add: ['warm-up'], remove: [] })
  const { body: drawn } = await call(`/api/sets/${own.set}/draw?seed=3`)
  const marks = drawn.items.map(() => drawn.marking.criteria.map(() => 1))
  const expected = drawn.items.map(({ atom }: { atom: string }) => atom)
  await call('/api/exams', 'POST', { setId: own.set, seed: 3, marks, notes: [], expected })
  const steps = [
    { stage: 'tempo', minutes: 3 },
    { stage: 'cold', minutes: 2 },
  ]
  await call('/api/routes', 'PUT', { family: 'keys', school: '', steps, version: 0 })
  const { body: copy } = await call('/api/syllabi/corvane-piano/copy', 'POST', {
    title: `List of ${name}`,
    edition: '',
  })
  const { body: list } = await call(`/api/syllabi/${copy.id}`)
  await call(`/api/syllabi/${copy.id}`, 'PUT', { syllabus: { ...list.syllabus, board: 'Own' }, version: list.version })
  const gone = await pupilWithSet(`Gone ${name}`)
  await gone.add(gone.entry())
  await call(`/api/pupils/${gone.pupil}`, 'DELETE')
  const erased = await pupilWithSet(`Erased ${name}`)
  await call(`/api/pupils/${erased.pupil}/erase`, 'POST', {})
  const versions = await Promise.all(
    own.studies.map(async (id) => ({ id, version: (await call(`/api/studies/${id}`)).body.version })),
  )
  await call('/api/changes', 'POST', { studies: versions, some: { handSize: 'large' } })
  return { ...own, list: copy.id as string, erased }
}
