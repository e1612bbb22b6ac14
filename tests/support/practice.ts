import fc from 'fast-check'
import { completeRecipe, type Recipe } from '#core/instrument'
import { type Entry, OUTCOMES, WEEKDAYS, dateOf, dayOf, preparationFor, type WrittenPreparation } from '#core/practice'
import { titleOf } from '#core/realise'
import type { PracticeFile, Pupil, StoredAim, StoredEntry } from '#shared/api'
import type { LessonFile } from '#shared/lessonFile'
import { DEFAULT_LEARNING } from '#shared/lessons'
import { packed } from '#shared/preparation'

const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = ['major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio']
export const TODAY = '2026-11-28'
const NOW = dayOf(TODAY)!

/** So many different studies as a grade would ask them: key after key, kind after kind. */
export const someStudies = (count: number, hands: Recipe['hands'] = 'together'): Recipe[] =>
  Array.from({ length: count }, (_, at) =>
    completeRecipe({
      material: { tonic: TONICS[at % TONICS.length]!, kind: KINDS[Math.floor(at / TONICS.length) % KINDS.length]! },
      ...{ octaves: 2, hands },
      tempo: { bpm: 72, notesPerBeat: 2 },
    }),
  )

/** An entry of a study as a whole, at its tempo, right: what is told is otherwise. */
export const entryOf = (study: Recipe, date: string, some: Partial<Entry> = {}): Entry => ({
  ...{ study, date, kind: 'cold-test', outcome: 'right', minutes: 1 },
  ...{ tempo: study.tempo.bpm * study.tempo.notesPerBeat, hands: study.hands, octaves: study.octaves },
  ...some,
})

const anyEntry = (studies: readonly Recipe[]): fc.Arbitrary<Entry> =>
  fc
    .record({
      at: fc.nat(studies.length - 1),
      ago: fc.integer({ min: 0, max: 60 }),
      kind: fc.constantFrom('lesson', 'home', 'cold-test', 'mock-exam', 'take'),
      outcome: fc.constantFrom(...OUTCOMES),
      tempo: fc.integer({ min: 40, max: 80 }),
      hands: fc.constantFrom('together', 'right', 'left'),
      octaves: fc.integer({ min: 1, max: 2 }),
      minutes: fc.integer({ min: 0, max: 5 }),
    })
    .map(({ at, ago, tempo, ...rest }): Entry => ({
      ...rest,
      study: studies[at]!,
      tempo: tempo * 2,
      date: dateOf(NOW - ago),
    }))

/** Aims with some studies and some record, as teachers might have them. */
export const anyPreparation: fc.Arbitrary<WrittenPreparation> = fc
  .record({
    count: fc.integer({ min: 1, max: 20 }),
    ahead: fc.integer({ min: 1, max: 120 }),
    minutesADay: fc.integer({ min: 2, max: 45 }),
    days: fc.uniqueArray(fc.constantFrom(...WEEKDAYS), { minLength: 1, maxLength: 7 }),
    lesson: fc.option(fc.constantFrom(...WEEKDAYS), { nil: null }),
  })
  .chain(({ count, ahead, ...rest }) => {
    const studies = someStudies(count)
    return fc.array(anyEntry(studies), { maxLength: 30 }).map((record) => ({
      ...rest,
      ...{ today: TODAY, exam: dateOf(NOW + ahead), studies },
      record: record.toSorted((a, b) => (a.date < b.date ? -1 : 1)),
    }))
  })

export const prepared = (written: WrittenPreparation) => preparationFor(written)

/** A set's practice as the server sends it: studies with ids by their place, and a record of them. */
export function practiceFile({ studies, record = [], aim = {}, ...some }: FileResponse): PracticeFile {
  const entries = record.map((entry, at): StoredEntry => ({
    ...{ id: `entry ${at}`, studyId: null, note: '', by: 'teacher', addedAt: `${entry.date}T12:00:00Z` },
    ...entry,
  }))
  const all = studies.map((recipe, at) => ({
    ...{ id: `study ${at}`, title: titleOf(recipe), recipe, accepted: {}, told: null, version: 1, updatedAt: '' },
  }))
  const usual: StoredAim = {
    ...{ exam: dateOf(NOW + 60), minutesADay: 15, lesson: null, away: [], pins: [], version: 1 },
    days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'],
  }
  return {
    set: {
      ...{
        id: 'set',
        title: 'A set',
        syllabusId: null,
        gradeId: null,
        policies: {},
        syllabusVersion: null,
        version: 1,
      },
      ...{ pupil: { id: 'pupil', name: 'Marit A.', instrument: 'piano' }, studies: all },
    },
    ...{
      aim: aim && { ...usual, ...aim },
      record: packed(entries),
      draw: null,
      examined: null,
      instead: [],
      routes: [],
      week: null,
      who: {},
      today: TODAY,
    },
    ...some,
  }
}
interface FileResponse extends Partial<Omit<PracticeFile, 'set' | 'aim' | 'record'>> {
  readonly studies: readonly Recipe[]
  readonly record?: readonly Entry[]
  /** Null: nothing is worked towards. */
  readonly aim?: Partial<StoredAim> | null
}

/** A pupil's lesson as the server sends it. Without studies there is no set. */
export function lessonFile({ studies = [], record = [], aim, pupil = {}, ...some }: LessonResponse = {}): LessonFile {
  const practice = studies.length > 0 ? practiceFile({ studies, record, ...(aim === undefined ? {} : { aim }) }) : null
  const entries = record.map((entry, at): StoredEntry => ({
    ...{ id: `entry ${at}`, studyId: null, note: '', by: 'teacher', addedAt: `${entry.date}T12:00:00Z` },
    ...entry,
  }))
  return {
    pupil: {
      ...{ id: 'pupil', name: 'Marit A.', instrument: 'piano', note: '', preferences: {}, archived: false, version: 1 },
      ...{ lessons: [], learning: DEFAULT_LEARNING, sets: [] },
      ...pupil,
    },
    ...{ practice, others: [], record: packed(entries), routes: [], course: null, lessons: [], today: TODAY },
    ...{ week: null, before: null },
    ...some,
  }
}
interface LessonResponse extends Partial<Omit<LessonFile, 'practice' | 'record' | 'pupil'>> {
  readonly studies?: readonly Recipe[]
  readonly record?: readonly Entry[]
  readonly aim?: Partial<StoredAim> | null
  readonly pupil?: Partial<Pupil>
}
