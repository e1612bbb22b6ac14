import { randomUUID } from 'node:crypto'
import { dateOf, dayOf, type Occasion, type Outcome, type Weekday, weekdayOf } from '#core/practice'
import { notesPerMinute } from '#core/study'
import type { StudySet } from '#shared/api'
import { type Db, insertEntries, type NewEntry, writeAim } from '../db'
import { today } from '../clock'

/** How a made-up pupil has practised, reckoned from the day on which the demo is laid. */
export interface DemoPractice {
  /** Days to the exam. */
  readonly ahead: number
  readonly minutesADay: number
  readonly days: readonly Weekday[]
  /** `today` is whichever day it is, so that somebody comes. */
  readonly lesson: Weekday | 'today'
  /** Study by study: days ago, lesson, home or cold, right, hesitated or wrong, tempo in hundredths, perhaps one hand. */
  readonly played: readonly string[]
}

const KINDS: Readonly<Record<string, Occasion>> = { l: 'lesson', h: 'home', c: 'cold-test' }
const OUTCOMES: Readonly<Record<string, Outcome>> = { r: 'right', h: 'hesitated', w: 'wrong' }

function entryOf(text: string, { id, recipe }: StudySet['studies'][number], now: number): NewEntry {
  const [ago, kind, outcome, share, hands = recipe.hands] = text.split(' ') as [
    string,
    string,
    string,
    string,
    'right'?,
  ]
  const beats = Math.round((recipe.tempo.bpm * Number(share)) / 100)
  return {
    ...{ id: randomUUID(), studyId: id, study: recipe, date: dateOf(now - Number(ago)), note: '', by: 'teacher' },
    ...{ kind: KINDS[kind]!, outcome: OUTCOMES[outcome]!, minutes: kind === 'h' ? 5 : 2 },
    ...{ tempo: notesPerMinute({ ...recipe.tempo, bpm: beats }), hands, octaves: recipe.octaves },
    ...(outcome === 'w' ? { where: { place: 'turn' } } : {}),
  }
}

/** Lays a record and an aim for a set. */
export async function layPractice(db: Db, studio: number, set: StudySet, practice: DemoPractice): Promise<void> {
  const now = dayOf(today())!
  const { ahead, minutesADay, days, lesson, played } = practice
  const entries = set.studies.flatMap((study, at) =>
    (played[at] ?? '')
      .split(', ')
      .filter(Boolean)
      .map((text) => entryOf(text, study, now)),
  )
  await insertEntries(
    db,
    studio,
    set.pupil.id,
    entries.sort((a, b) => (a.date < b.date ? -1 : 1)),
  )
  await writeAim(db, studio, set.id, 0, {
    ...{ exam: dateOf(now + ahead), minutesADay, days, away: [], pins: [] },
    lesson: lesson === 'today' ? weekdayOf(now) : lesson,
  })
}
