import type { Message } from '#core/message'
import { familyOf, type Recipe } from '#core/instrument'
import {
  atOnce,
  type Box,
  boxesOf,
  courseKeyOf,
  isThrough,
  type Lesson,
  lessonAfter,
  lessonBefore,
  type LessonItem,
  lessonItems,
  lessonOn,
  nextOfCourse,
  playedIn,
  proposedLines,
  techniqueMinutes,
  type WeekLine,
  type WrittenLesson,
} from '#core/lesson'
import {
  currentEntries,
  dateOf,
  dayOf,
  type Entry,
  type PlannedDay,
  planned,
  type PracticeState,
  practiceStateOn,
  type Preparation,
  statesOf,
  type StudyState,
  type Target,
  targetOf,
  tempoNow,
  weekdayOf,
} from '#core/practice'
import { realise, titleOf } from '#core/realise'
import type { Hands } from '#core/study'
import { openDraw } from '#core/syllabus'
import type { LessonFile } from './lessonFile'
import { templatesOf, unpacked } from './preparation'
import { isAhead, preparationIn, tempiIn } from './practiceView'

/** A study as a lesson shows it. Tempi in notes a minute. */
export interface LessonRow {
  readonly study: number
  /** In the library; null where it is kept nowhere. */
  readonly id: string | null
  readonly recipe: Recipe
  readonly title: Message
  readonly required: number
  readonly tempo: number
  readonly tempi: Partial<Record<Hands, number>>
  readonly stages: Target['stages']
  readonly stage: number
  readonly practiceState: PracticeState
  readonly fresh: boolean
}

/** A line of a week with what to watch for. */
export interface LessonLine extends WeekLine {
  readonly watch: Message | null
}

export interface LessonView {
  readonly today: number
  readonly exam: number | null
  /** The lesson of today, where there is one, the one after it, and what was written of the one before. */
  readonly lesson: Lesson | null
  readonly next: Lesson | null
  readonly last: WrittenLesson | null
  readonly rows: readonly LessonRow[]
  readonly items: readonly LessonItem[]
  /** What was set last time, and what came of it day by day. */
  readonly since: {
    readonly from: number
    readonly lines: readonly WeekLine[]
    readonly boxes: readonly (readonly Box[])[]
    readonly practised: number
    readonly days: number
  } | null
  /** What else was played since the last lesson, the most played first. Days as numbers. */
  readonly played: readonly Played[]
  /** What is set from now on: as it was kept, or as it is proposed. */
  readonly lines: readonly LessonLine[]
  readonly proposed: boolean
  /** The last day that it is set for. */
  readonly until: number
}

/** How a study went that nobody set. */
export interface Played {
  readonly study: Recipe
  readonly count: number
  readonly right: number
  readonly last: number
}

/** Days that a week lasts where no next lesson is in sight, and weeks that are planned ahead where there is no exam. */
const [DAYS, WEEKS_AHEAD] = [7, 6]
/** Studies that were played within so many days are still the pupil's. */
const STILL_OWN = 90

/** What the week and the lesson are made from. */
interface Pool {
  readonly preparation: Preparation
  readonly ids: readonly (string | null)[]
  readonly fresh: ReadonlySet<number>
  readonly exam: number | null
}

const unplayed = (states: readonly StudyState[]): Set<number> =>
  new Set(states.flatMap(({ entries }, study) => (entries === 0 ? [study] : [])))

/** On the way to an exam: the set and its aim. */
function withExam({ practice }: LessonFile): Pool | null {
  if (!practice || !isAhead(practice)) return null
  const preparation = preparationIn(practice)
  return {
    preparation,
    ids: practice.set.studies.map(({ id }) => id),
    fresh: unplayed(statesOf(preparation.targets, preparation.record)),
    exam: preparation.aim.exam,
  }
}

interface Own {
  readonly id: string | null
  readonly recipe: Recipe
}

/** Studies that the pupil has in sets or has played, each once: those of the set that the lesson is about first. */
function ownStudies({ practice, others }: LessonFile, record: readonly Entry[], today: number): Own[] {
  const inSets: Own[] = [...(practice?.set.studies.map(({ id, recipe }) => ({ id, recipe })) ?? []), ...others]
  const recent = record.filter(({ date }) => dayOf(date)! >= today - STILL_OWN)
  const played = new Set(playedIn(recent).map(courseKeyOf))
  const known = new Map(inSets.map((own) => [courseKeyOf(own.recipe), own]))
  const chosen = new Set(practice?.set.studies.map(({ recipe }) => courseKeyOf(recipe)))
  const own = [...known].filter(([key]) => chosen.has(key) || played.has(key)).map(([, each]) => each)
  const elsewhere = playedIn(recent).filter((recipe) => !known.has(courseKeyOf(recipe)))
  return [...own, ...elsewhere.map((recipe) => ({ id: null, recipe }))]
}

/** Without an exam: what is on the way or has been through, and of the set and the course as much more as there is time for. */
function withoutExam(file: LessonFile, record: readonly Entry[], today: number): Pool {
  const { pupil, course, routes } = file
  const { minutesADay, days, knows } = pupil.learning
  const templateFor = templatesOf(routes)
  const own = ownStudies(file, record, today)
  const targets = own.map(({ recipe }) => targetOf(recipe, templateFor(recipe)))
  const states = statesOf(targets, record)
  const begun = own.flatMap((each, at) => (states[at]!.entries > 0 ? [{ ...each, at }] : []))
  const open = begun.filter(({ at }) => !isThrough(targets[at]!, states[at]!)).length
  const wanted = Math.max(1, atOnce(minutesADay) - open)
  const waiting = own.filter((_, at) => states[at]!.entries === 0).slice(0, wanted)
  const next = nextOfCourse(course?.recipes ?? [], {
    knows,
    begun: new Set(own.map(({ recipe }) => courseKeyOf(recipe))),
    count: wanted - waiting.length,
  })
  const all: Own[] = [...begun, ...waiting, ...next.map((recipe) => ({ id: null, recipe }))]
  const chosen = all.map(({ recipe }) => targetOf(recipe, templateFor(recipe)))
  const [slot] = pupil.lessons
  return {
    preparation: {
      aim: {
        ...{ today, exam: today + WEEKS_AHEAD * DAYS, minutesADay, days, away: [], spent: 0 },
        ...{ lesson: slot?.weekday ?? null, lessonMinutes: techniqueMinutes(pupil.lessons) },
      },
      ...{ targets: chosen, record, draw: openDraw(chosen.length) },
    },
    ids: all.map(({ id }) => id),
    fresh: unplayed(statesOf(chosen, record)),
    exam: null,
  }
}

/** What to watch for in a line: worked out from the study as it is played. */
function watchOf({ study, stage, test, where }: WeekLine, target: Target | undefined): Message | null {
  const own = target?.stages.find(({ id }) => id === stage)
  if (!target || !own || test || where) return null
  return familyOf(study).route.watch(target.recipe, realise(target.recipe, {}, 0), own)
}

/** The lesson's own day is for the lesson; a plan is for the days after it. */
const proposedDays = (days: readonly PlannedDay[], today: number): PlannedDay[] => days.filter(({ day }) => day > today)

function sinceOf({ before, today }: LessonFile, record: readonly Entry[]): LessonView['since'] {
  if (!before) return null
  const from = dayOf(before.from)!
  const boxes = boxesOf(before, record, today)
  const home = new Set(
    record.filter(({ kind, date }) => kind === 'home' && date > before.from && date < today).map(({ date }) => date),
  )
  return { from, lines: before.lines, boxes, practised: home.size, days: Math.max(0, dayOf(today)! - from - 1) }
}

/** What was played since the last lesson that stands in no line of the week: at home, and in that lesson where nothing was set. */
function playedSince({ before, lessons, today }: LessonFile, record: readonly Entry[]): Played[] {
  const from = before?.from ?? lessonBefore(lessons, today)?.date ?? dateOf(dayOf(today)! - DAYS)
  const set = new Set(before?.lines.map(({ study }) => courseKeyOf(study)))
  const found = new Map<string, Played>()
  for (const { study, date, outcome, kind } of currentEntries(record)) {
    const isSince = date < today && (date > from || (!before && date === from))
    if (!isSince || (before && kind !== 'home') || set.has(courseKeyOf(study))) continue
    const own = found.get(courseKeyOf(study)) ?? { study, count: 0, right: 0, last: 0 }
    const right = own.right + (outcome === 'right' ? 1 : 0)
    found.set(courseKeyOf(study), { ...own, count: own.count + 1, right, last: dayOf(date)! })
  }
  return [...found.values()].sort((a, b) => b.count - a.count)
}

/**
 * Everything that a lesson shows. What it asks follows from the record as it was before today, so that nothing moves
 * while the lesson is given; what it sets follows from what has been told of it as well.
 * @param newId makes ids for lines that are proposed
 * @throws DomainError where the aim cannot be planned
 */
export function lessonViewOf(file: LessonFile, newId: () => string = () => crypto.randomUUID()): LessonView {
  const today = dayOf(file.today)!
  const record = unpacked(file.record)
  const { preparation, ids, fresh, exam } = withExam(file) ?? withoutExam(file, record, today)
  const { targets } = preparation
  const { states, plan } = targets.length > 0 ? planned(preparation) : { states: [], plan: { days: [] } }
  const earlier = record.filter(({ date }) => date < file.today)
  const statesBefore = statesOf(targets, earlier)
  const { lessons } = file.pupil
  const next = lessonAfter(lessons, file.lessons, file.today)
  const until = (next ? dayOf(next.date)! : today + DAYS) - 1
  const lines =
    file.week?.lines ??
    proposedLines({ days: proposedDays(plan.days, today), targets, states, ids, fresh }, { from: today, until }, newId)
  const targetFor = (line: WeekLine): Target =>
    targets.find(({ recipe }) => courseKeyOf(recipe) === courseKeyOf(line.study)) ?? targetOf(line.study)
  return {
    ...{ today, exam, next, until, lesson: lessonOn(lessons, file.lessons, file.today) },
    last: lessonBefore(file.lessons, file.today),
    rows: targets.map((target, study) => ({
      ...{ study, id: ids[study]!, recipe: target.recipe, title: titleOf(target.recipe), required: target.required },
      ...{ tempo: tempoNow(target, states[study]!), tempi: tempiIn(file.week ?? file.before, target.recipe) },
      ...{ stages: target.stages, stage: states[study]!.stage },
      ...{ practiceState: practiceStateOn(target, states[study]!, today), fresh: fresh.has(study) },
    })),
    items: lessonItems(
      { targets, states: statesBefore, tempi: targets.map((target, at) => tempoNow(target, statesBefore[at]!)) },
      { today, set: file.before?.lines ?? [], fresh: unplayed(statesBefore) },
    ),
    since: sinceOf(file, record),
    played: playedSince(file, record),
    lines: lines.map((line) => ({ ...line, watch: watchOf(line, targetFor(line)) })),
    proposed: file.week === null,
  }
}

/** Days of a week as they are printed and ticked, from the day after it was set: seven, or to the next lesson. */
export const weekDays = ({ today, until }: Pick<LessonView, 'today' | 'until'>) =>
  Array.from({ length: Math.max(1, Math.min(DAYS, until - today)) }, (_, at) => ({
    day: today + 1 + at,
    weekday: weekdayOf(today + 1 + at),
  }))
