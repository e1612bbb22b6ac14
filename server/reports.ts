import { taughtOf } from '#core/instrument'
import type { WhoPlays } from '#core/practice'
import { gradeOf, openChoices } from '#core/syllabus'
import type {
  StoredAim,
  StoredEntry,
  StoredRoute,
  Newer,
  Preferences,
  SetReport,
  StudySet,
  Syllabus,
} from '#shared/api'
import {
  examSyllabi,
  getAim,
  getPupil,
  inSnapshot,
  type StoredSyllabus,
  listEntries,
  listRoutes,
  type Pool,
} from './db'
import { refuse } from './messages'
import { drawBy, readinessOf, whoPlays } from './practice'
import { policiesOf, recipesOf, setFor } from './sets'
import { editionAt } from './syllabi'
import { cachedAnswer } from './work'

/** What a report is drawn from, as it stood at one moment. */
interface Gathered {
  readonly set: StudySet
  readonly all: readonly StoredSyllabus[]
  readonly preferences: Preferences
  /** Its list as it was when the set was last brought up to it, if it has changed since. */
  readonly before: Syllabus | null
  readonly record: readonly StoredEntry[]
  readonly routes: readonly StoredRoute[]
  readonly aim: StoredAim | null
  readonly who: WhoPlays
}

const gather = (pool: Pool, studio: number, id: string): Promise<Gathered> =>
  inSnapshot(pool, async (db) => {
    const set = await setFor(db, studio, id)
    const all = await examSyllabi(db, studio)
    const { preferences } = (await getPupil(db, studio, set.pupil.id))!
    const own = all.find(({ document }) => document.id === set.syllabusId)
    const seen = set.syllabusVersion
    const moved = own !== undefined && seen !== null && seen < own.version
    const before = moved ? await editionAt(db, studio, own.document.id, seen) : null
    const record = await listEntries(db, studio, set.pupil.id)
    return {
      ...{ set, all, preferences, before, record },
      routes: await listRoutes(db, studio),
      aim: await getAim(db, studio, id),
      who: await whoPlays(db, studio, set.pupil.id),
    }
  })

/** A later list for the set's grade: an edition that follows its own, or its own since it was changed. */
async function newerFor({ set, all, before }: Gathered): Promise<Newer | null> {
  const own = all.find(({ document }) => document.id === set.syllabusId)
  if (!own || !set.gradeId) return null
  const exam = { grade: set.gradeId, recipes: recipesOf(set), policies: policiesOf(set) }
  const next = all.find(({ document }) => document.follows === own.document.id)
  const hasGrade = ({ grades }: Syllabus) => grades.some(({ id }) => id === set.gradeId)
  if (next && hasGrade(next.document)) {
    const move = await cachedAnswer('move', { ...exam, before: own.document, list: next.document })
    return { ...move, syllabusId: next.document.id, title: `${next.document.title} ${next.document.edition}`.trim() }
  }
  if (!before || !hasGrade(before)) return null
  const move = await cachedAnswer('move', { ...exam, before, list: own.document })
  if (move.add.length + move.drop.length === 0) return null
  return { ...move, syllabusId: own.document.id, title: own.document.title }
}

/** Holds a set against its grade and places it in every syllabus for its instrument. @throws HttpError 404, DomainError */
export async function reportOf(
  pool: Pool,
  studio: number,
  id: string,
  syllabusId?: string,
  gradeId?: string,
): Promise<SetReport> {
  const gathered = await gather(pool, studio, id)
  const { set, all, preferences } = gathered
  const recipes = recipesOf(set)
  const policies = policiesOf(set)
  const lists = all.filter(({ document }) => document.instrument === taughtOf(set.pupil.instrument).list)
  const placements = await Promise.all(
    lists.map(async ({ document }) => ({
      id: document.id,
      title: `${document.board} ${document.edition}`.trim(),
      placement: await cachedAnswer('place', { list: document, recipes, policies }),
    })),
  )
  const none = { report: null, readiness: null, newer: null, choices: [] }
  if (!syllabusId || !gradeId) return { ...none, placements, preferences }
  const stored = all.find(({ document }) => document.id === syllabusId)
  if (!stored) throw refuse('syllabus.unknown', {}, 'syllabusId')
  const { document } = stored
  const exam = { list: document, grade: gradeOf(document, gradeId).id, policies }
  const report = await cachedAnswer('grade', { ...exam, recipes })
  return {
    report,
    readiness: await readinessOf(set, await drawBy(exam, recipes, report, gathered.record), report, {
      ...{ record: gathered.record, routes: gathered.routes, aim: gathered.aim, who: gathered.who },
    }),
    placements,
    newer: syllabusId === set.syllabusId && gradeId === set.gradeId ? await newerFor(gathered) : null,
    choices: openChoices(document, gradeId),
    preferences,
  }
}
