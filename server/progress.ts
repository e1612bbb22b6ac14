import { checkAim, type Correction, dayOf, weekdayOf } from '#core/practice'
import { DomainError, type Message } from '#core/message'
import type { Pupil, StoredAim, StoredEntry, Progress, StudySet, Syllabus } from '#shared/api'
import { errorMessage } from '#words'
import {
  allSyllabi,
  getSets,
  inSnapshot,
  listAims,
  listEntriesOf,
  listPupils,
  listRoutes,
  type Pool,
  type StampedAim,
} from './db'
import { correctionOf, hasCorrection } from './forecasts'
import { gradedBy, isGraded, isOpen, planningFor, whoIs } from './practice'
import { today } from './clock'
import { thread } from './work'

/** What the aims of a studio are worked out from, as it stood at one moment. */
interface Gathered {
  readonly sets: ReadonlyMap<string, StudySet>
  readonly lists: ReadonlyMap<string, Syllabus>
  readonly routes: Awaited<ReturnType<typeof listRoutes>>
  readonly records: ReadonlyMap<string, readonly StoredEntry[]>
  readonly pupils: ReadonlyMap<string, Pupil>
  readonly correction: Correction
}

/** What follows from an aim is remembered until its stamp is another, or the day is. */
const progressCache = new Map<string, { readonly stamp: string; readonly progress: Progress }>()
const stampOf = ({ stamp }: StampedAim): string => `${today()} ${stamp}`
const cachedProgress = (each: StampedAim): Progress | undefined => {
  const cached = progressCache.get(each.setId)
  return cached?.stamp === stampOf(each) ? cached.progress : undefined
}

/** What is said of every aim, whether a plan can be made or not. */
function commonOf(set: StudySet, { exam, lesson }: StoredAim): Progress {
  const now = dayOf(today())!
  return {
    ...{ pupilId: set.pupil.id, setId: set.id, exam },
    comesToday: lesson === weekdayOf(now),
    studies: set.studies.length,
    ...{ played: 0, ready: 0, due: 0, behind: 0, missing: 0, chance: 0 },
    over: (dayOf(exam) ?? now) <= now,
    wrong: null,
  }
}

async function workedOut({ setId, aim }: StampedAim, gathered: Gathered): Promise<Progress> {
  const set = gathered.sets.get(setId)!
  if (dayOf(aim.exam) === null) checkAim({ ...aim, pins: [] }, today())
  const common = commonOf(set, aim)
  if (!isOpen(set, aim)) return common
  const record = gathered.records.get(set.pupil.id) ?? []
  const graded = isGraded(set) ? await gradedBy(set, gathered.lists.get(set.syllabusId!)!, record) : null
  const who = whoIs(gathered.pupils.get(set.pupil.id), gathered.correction)
  const planning = planningFor(set, { aim, record, draw: graded?.draw ?? null, routes: gathered.routes, who })
  return { ...common, over: false, ...(await thread('progress', planning)) }
}

/** One that cannot be worked out says why, and does not take the others away. */
async function workedOutOrWrong(each: StampedAim, gathered: Gathered): Promise<Progress> {
  try {
    return await workedOut(each, gathered)
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    const wrong: Message = errorMessage(error)
    return { ...commonOf(gathered.sets.get(each.setId)!, each.aim), wrong }
  }
}

/** As many queries for many aims as for one. */
const gather = (pool: Pool, studio: number) =>
  inSnapshot(pool, async (db) => {
    const aims = await listAims(db, studio)
    const changed = aims.filter((each) => !cachedProgress(each))
    if (changed.length === 0) return { aims, changed, gathered: null }
    const setIds = changed.map(({ setId }) => setId)
    const sets = new Map((await getSets(db, studio, setIds)).map((set) => [set.id, set]))
    const lists = new Map((await allSyllabi(db, studio)).map(({ document }) => [document.id, document]))
    const pupils = new Map((await listPupils(db, studio)).map((pupil) => [pupil.id, pupil]))
    // once a day everybody's record is wanted: then it is read once for both
    const known = hasCorrection(studio)
    const pupilIds = known ? [...new Set([...sets.values()].map(({ pupil }) => pupil.id))] : [...pupils.keys()]
    const records = await listEntriesOf(db, studio, pupilIds)
    const correction = await correctionOf(db, studio, known ? undefined : records)
    const gathered = { sets, lists, routes: await listRoutes(db, studio), records, pupils, correction }
    return { aims, changed, gathered }
  })

/** Every pupil's way to an exam, on one line each. What has changed is worked out in threads. */
export async function allProgress(pool: Pool, studio: number): Promise<Progress[]> {
  const { aims, changed, gathered } = await gather(pool, studio)
  const fresh = new Map<string, Progress>()
  if (gathered) {
    const work = changed.map(async (each) => {
      const progress = await workedOutOrWrong(each, gathered)
      fresh.set(each.setId, progress)
      progressCache.set(each.setId, { stamp: stampOf(each), progress })
    })
    await Promise.all(work)
  }
  return aims.map((each) => fresh.get(each.setId) ?? cachedProgress(each)!)
}
