import type { Hands } from '../study'
import type { Where } from './entry'
import { type Aim, LAST_DAYS, type PracticeDay, practiceDays, turnsOf } from './calendar'
import {
  testAgain,
  canBeTested,
  type Course,
  courseFrom,
  isCold,
  mended,
  mendingStage,
  MIN_SITTING,
  minutesLeft,
  sit,
  sittingTempo,
  testTempo,
} from './course'
import { weekOf } from './days'
import { meanOf, type Pupil } from './pace'
import { SEEN_WITHIN, type StudyState } from './state'
import type { Target } from './target'

/** What is done about one study on one day. */
export interface PlanItem {
  /** Its place among the studies, from 0. */
  readonly study: number
  readonly stage: string
  readonly hands: Hands
  readonly octaves: number
  /** Notes a minute. */
  readonly tempo: number
  readonly minutes: number
  readonly test: boolean
  /** Where it went wrong last: the sitting is spent there. `null`: somewhere in these hands. */
  readonly where?: Where | null
}
export interface PlannedDay {
  readonly day: number
  readonly lesson: boolean
  readonly items: readonly PlanItem[]
}

/** A study that the teacher has put into a week: work beyond its turns begins then, and comes first there. */
export interface Pinned {
  readonly study: number
  /** Any day of the week. */
  readonly week: number
}

interface Task {
  readonly aim: Aim
  readonly targets: readonly Target[]
  readonly states: readonly StudyState[]
  readonly pupil: Pupil
  readonly pins: readonly Pinned[]
  /** Minutes that the record has, by the day. */
  readonly written: ReadonlyMap<number, number>
}

export interface Plan {
  readonly days: readonly PlannedDay[]
  readonly courses: readonly Course[]
  /** Studies that some stretch of more than ten days does not see, as there are too few minutes. */
  readonly unseen: readonly number[]
}

const TEST_MINUTES = 1
/** A study is pressing when its sittings would fill so much of the days that are left. */
const PRESSING = 0.85
/** Studies that are so many passes apart count as equally near: a good day or a bad one moves none before another. */
const ALIKE = 4
/** Of the minutes, what tests and second sittings leave for the first. */
const FOR_SITTINGS = 0.85

interface Making extends Task {
  readonly courses: Course[]
  readonly pace: number
  readonly turns: number
  /** Studies that will do in the time there is: they come before the others. */
  readonly within: ReadonlySet<number>
  readonly pinned: ReadonlyMap<number, number>
  readonly calendar: readonly PracticeDay[]
  /** Studies whose turn could not be had on its day. */
  late: number[]
}

/** The studies that can be made ready with the minutes there are: as many as possible, the nearest first. */
function withinDays(courses: readonly Course[], days: readonly PracticeDay[], pace: number): Set<number> {
  const working = days.filter(({ testsOnly }) => !testsOnly)
  let left = FOR_SITTINGS * working.reduce((sum, { minutes }) => sum + minutes, 0)
  const wants = courses
    .map((course, study) => ({ study, minutes: minutesLeft(course, pace), sittings: course.left.passes / pace }))
    .sort((a, b) => a.minutes - b.minutes || a.study - b.study)
  const within = new Set<number>()
  for (const { study, minutes, sittings } of wants) {
    if (minutes > left || sittings > working.length) continue
    left -= minutes
    within.add(study)
  }
  return within
}

/** Studies that a day cannot do without, the most urgent first: wrong ones, late turns, turns, and tests that are due. */
function bound({ courses, turns, late, aim: { exam } }: Making, { day, reviewDay, testsOnly }: PracticeDay): number[] {
  const all = courses.map((_, study) => study)
  const wrong = all.filter((study) => {
    const { wrongOn, trouble } = courses[study]!
    return (wrongOn ?? (testsOnly ? null : trouble?.day) ?? day) < day
  })
  // once in the last days is enough: half on the first of them
  if (testsOnly) {
    const open = all.filter(
      (study) => canBeTested(courses[study]!) && (courses[study]!.lastTry ?? 0) < exam - LAST_DAYS,
    )
    const now = day === exam - 1 ? open : open.filter((_, at) => at % 2 === 0)
    return [...new Set([...wrong, ...now])]
  }
  const own = all.filter((study) => reviewDay % turns === study % turns)
  const due = all.filter(
    (study) => isCold(courses[study]!) && courses[study]!.due !== null && courses[study]!.due! <= day,
  )
  return [...new Set([...wrong, ...late, ...own, ...due])]
}

/** On the last days the weakest first. */
const weakest =
  ({ courses }: Making) =>
  (a: number, b: number): number =>
    Number(courses[b]!.wrongOn !== null) - Number(courses[a]!.wrongOn !== null) ||
    (courses[a]!.lastTry ?? 0) - (courses[b]!.lastTry ?? 0) ||
    a - b

/** Whether it went wrong before this day and was not asked since. */
const isAgain = ({ wrongOn }: Course, { day }: PracticeDay): boolean => wrongOn !== null && wrongOn < day

/** Whether it is known from before this day what of it went wrong. */
const isInTrouble = ({ trouble }: Course, { day }: PracticeDay): boolean => trouble !== null && trouble.day < day

/** Whether a study is tested on a day rather than practised. */
function isTest(course: Course, practice: PracticeDay): boolean {
  const { lesson, testsOnly } = practice
  if (isAgain(course, practice)) return true
  return canBeTested(course) && (testsOnly || isCold(course) || lesson)
}

/** Who gets minutes that are left: the teacher's week, what presses, then what is nearest to done. */
function besides(making: Making, { day }: PracticeDay, daysLeft: number): number[] {
  const { courses, pace, within, pinned } = making
  const rank = (study: number): number[] => {
    const sittings = courses[study]!.left.passes / pace
    const pin = pinned.get(study)
    return [
      pin !== undefined && weekOf(pin) === weekOf(day) ? 0 : 1,
      within.has(study) ? 0 : 1,
      sittings >= PRESSING * daysLeft ? 0 : 1,
      Math.floor(courses[study]!.left.passes / ALIKE),
      study,
    ]
  }
  return courses
    .flatMap((course, study) => {
      const pin = pinned.get(study)
      const waits = pin !== undefined && weekOf(pin) > weekOf(day)
      return isCold(course) || waits ? [] : [{ study, rank: rank(study) }]
    })
    .sort((a, b) => {
      const at = a.rank.findIndex((each, place) => each !== b.rank[place])
      return at < 0 ? 0 : a.rank[at]! - b.rank[at]!
    })
    .map(({ study }) => study)
}

interface Slot {
  readonly study: number
  readonly test: boolean
  /** Whether it is asked again after it went wrong: it may be practised afterwards. */
  readonly again: boolean
  /** Whether what went wrong is worked at, rather than the stage. */
  readonly mends: boolean
  minutes: number
}

/** What a day can hold of what it cannot do without, each as short as it can be. */
function held(making: Making, practice: PracticeDay): { slots: Slot[]; late: number[]; left: number } {
  let left = practice.minutes
  const slots: Slot[] = []
  const late: number[] = []
  const wanted = bound(making, practice)
  for (const study of practice.testsOnly ? wanted.toSorted(weakest(making)) : wanted) {
    const course = making.courses[study]!
    const asTest = isTest(course, practice)
    const minutes = asTest ? TEST_MINUTES : MIN_SITTING
    if (slots.some((slot) => slot.study === study) || course.lastSeen === practice.day) continue
    if (minutes > left) late.push(study)
    else {
      const mends = !asTest && isInTrouble(course, practice)
      slots.push({ study, test: asTest, again: isAgain(course, practice), mends, minutes })
      left -= minutes
    }
  }
  // what is asked again is worked at afterwards, where it went wrong
  const asked = slots.filter(({ study, test }) => test && isInTrouble(making.courses[study]!, practice))
  for (const { study } of practice.testsOnly ? [] : asked) {
    if (left < MIN_SITTING) break
    slots.push({ study, test: false, again: false, mends: true, minutes: MIN_SITTING })
    left -= MIN_SITTING
  }
  return { slots, late: practice.testsOnly ? [] : late, left }
}

/** Sittings as long as their stage wants, then further studies, while there is time. */
function filled(making: Making, practice: PracticeDay, slots: Slot[], spare: number, daysLeft: number): void {
  let left = spare
  const full = (study: number): number => making.courses[study]!.target.stages[making.courses[study]!.stage]!.minutes
  for (const slot of slots.filter((each) => !each.test)) {
    const more = Math.max(0, Math.min(left, full(slot.study) - slot.minutes))
    slot.minutes += more
    left -= more
  }
  if (practice.testsOnly) return
  for (const study of besides(making, practice, daysLeft)) {
    if (left < MIN_SITTING) break
    if (slots.some((slot) => slot.study === study && (!slot.again || slot.mends))) continue
    if (making.courses[study]!.lastSeen === practice.day) continue
    const minutes = Math.min(left, full(study))
    slots.push({ study, test: false, again: false, mends: false, minutes })
    left -= minutes
  }
}

/** A sitting at the place that went wrong: with its hand, at the tempo at which the study is clean. */
function mending(course: Course, day: number, { study, minutes }: Slot): PlanItem {
  const trouble = course.trouble!
  const { id, octaves } = course.target.stages[mendingStage(course, trouble)]!
  const { tempo } = course
  mended(course, day)
  return { study, stage: id, hands: trouble.hands, octaves, tempo, minutes, test: false, where: trouble.where }
}

function played({ courses, pace }: Making, { day }: PracticeDay, slot: Slot): PlanItem {
  const { study, test: asTest, minutes } = slot
  const course = courses[study]!
  if (slot.mends) return mending(course, day, slot)
  const { target } = course
  const stage = target.stages.at(asTest && canBeTested(course) ? -1 : course.stage)!
  const tempo = asTest ? testTempo(course) : sittingTempo(course)
  if (asTest) testAgain(course, day)
  else sit(course, day, minutes, pace)
  return { study, stage: stage.id, hands: stage.hands, octaves: stage.octaves, tempo, minutes, test: asTest }
}

/** Studies that more than ten days pass by. */
function unseenIn(days: readonly PlannedDay[], { aim, states }: Task, turns: readonly PracticeDay[]): number[] {
  const first = turns[0]?.day ?? aim.exam
  return states.flatMap((_, study) => {
    const seen = days.filter(({ items }) => items.some((item) => item.study === study)).map(({ day }) => day)
    const marks = [first, ...seen, aim.exam]
    return marks.slice(1).some((day, at) => day - marks[at]! > SEEN_WITHIN) ? [study] : []
  })
}

/** Days before today in which what is not written down is thought of (ours). */
const MAX_UNKNOWN = 3
/** Practice days that are kept, as far as nothing is known: four in five, worth five days (ours). */
const KEPT_PRIOR = { kept: 4, all: 5 }

/**
 * The minutes of the last days that are not written down: nothing is known of them, so they were planned and practised
 * like any other, as often as this pupil keeps a practice day; yesterday may only not be written down yet. What was to be
 * asked is still to be asked.
 */
function unknownDays({ aim, written }: Task, making: Making): void {
  if (written.size === 0) return
  const since = practiceDays({ ...aim, today: Math.min(...written.keys()), spent: 0 }).filter(
    ({ day }) => day < aim.today,
  )
  const from = aim.today - MAX_UNKNOWN
  const [planned, had] = [since.map(({ day }) => day), [...written.keys()]].map(
    (days) => days.filter((day) => day < from).length,
  ) as [number, number]
  const kept = (KEPT_PRIOR.kept + had) / (KEPT_PRIOR.all + Math.max(planned, had))
  const last = since.at(-1)
  for (const practice of since.filter(({ day, testsOnly }) => day >= from && !testsOnly)) {
    // a test or two that are written down say nothing of the rest of a day
    if ((written.get(practice.day) ?? 0) >= practice.minutes / 2) continue
    const { slots, left } = held(making, practice)
    filled(making, practice, slots, left, making.calendar.length)
    for (const { study, test, mends, minutes } of slots) {
      const course = making.courses[study]!
      const isOver = test || mends || (course.lastSeen ?? 0) >= practice.day
      if (!isOver) sit(course, practice.day, minutes, making.pace * (practice === last ? 1 : kept))
    }
  }
  making.late = []
}

/**
 * The way from today to the exam, day by day. Studies take turns that are counted back from the exam, so that nothing
 * else moves when one of them goes better or worse; what is left of a day's minutes goes to what presses, then to what
 * is nearest to done.
 */
export function planFor(task: Task): Plan {
  const { aim, targets, states, pupil } = task
  const calendar = practiceDays(aim)
  const courses = targets.map((target, at) => courseFrom(target, states[at]!))
  const pace = meanOf(pupil.pace)
  const making: Making = {
    ...task,
    ...{ courses, pace, calendar, turns: turnsOf(aim), late: [] },
    within: withinDays(courses, calendar, pace),
    pinned: new Map(task.pins.map(({ study, week }) => [study, week])),
  }
  unknownDays(task, making)
  const days = calendar.map((practice, at): PlannedDay => {
    const { slots, late, left } = held(making, practice)
    making.late = late
    filled(making, practice, slots, left, calendar.length - at)
    return { day: practice.day, lesson: practice.lesson, items: slots.map((slot) => played(making, practice, slot)) }
  })
  return { days, courses, unseen: unseenIn(days, task, calendar) }
}
