import { randomUUID } from 'node:crypto'
import { dateOf, dayOf } from '#core/practice'
import { call, freshSet } from './http'

/** A pupil with five studies, an exam in fifteen weeks, and some lessons behind. */
export async function pupilOnTheWay() {
  const { pupilId, set } = await freshSet('On the way')
  const studyIds: string[] = []
  const recipes = [
    { material: { tonic: 'G', kind: 'harmonic-minor' } },
    { material: { tonic: 'D', kind: 'harmonic-minor' } },
    { material: { tonic: 'A', kind: 'major' } },
    { material: { tonic: 'E', kind: 'major' }, articulation: 'staccato' },
    { material: { tonic: 'C', kind: 'minor-arpeggio' }, hands: 'right' },
  ]
  for (const recipe of recipes) {
    const tempo = { bpm: 72, notesPerBeat: 2 }
    studyIds.push(
      (await call('/api/studies', 'POST', { recipe: { hands: 'together', octaves: 2, tempo, ...recipe } })).body.id,
    )
  }
  await call(`/api/sets/${set.id}`, 'PUT', {
    title: 'On the way',
    syllabusId: null,
    gradeId: null,
    studyIds,
    version: 1,
  })
  const today = (await call(`/api/sets/${set.id}/practice`)).body.today as string
  const day = (days: number) => dateOf(dayOf(today)! + days)
  const week = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun']
  const aim = { exam: day(104), minutesADay: 20, days: week, lesson: null, away: [], pins: [], version: 0 }
  await call(`/api/sets/${set.id}/aim`, 'PUT', aim)
  const entry = (at: number, some: object) => ({
    ...{ id: randomUUID(), studyId: studyIds[at], date: day(-7), kind: 'lesson', outcome: 'right', tempo: 120 },
    ...some,
  })
  const entries = [entry(0, { tempo: 120 }), entry(2, { tempo: 144 }), entry(3, { tempo: 130, outcome: 'hesitated' })]
  await call(`/api/pupils/${pupilId}/record`, 'POST', { entries })
  const record = async () => (await call(`/api/pupils/${pupilId}/record`)).body.entries
  const path = (part = '') => `/pupils/${pupilId}${part}?set=${set.id}`
  return { path, record, setId: set.id as string, day, studyIds, pupilId }
}
