import { LAST_DAYS, type PracticeDay } from '../calendar'
import {
  canBeTested,
  type Course,
  isCold,
  mended,
  mendingStage,
  MIN_SITTING,
  shareNotes,
  sit,
  sittingTempo,
  stageToHear,
  testAgain,
  testTempo,
} from '../course'
import { weekOf } from '../days'
import { mayBegin, toBegin } from './beginning'
import type { Making, PlanItem, Slot } from './making'
import { neediest } from './need'
import { interleaved } from './order'

const TEST_MINUTES = 1
/** Of a day, what goes to hearing what is on its way. */
const FOR_HEARING = 0.5
/** Days after which somebody is to hear a study again, as far as it goes; the first time sooner, and within its first week. */
const [HEARD_AGAIN, HEARD_FIRST, HEARD_IN_LESSON, FIRST_WEEK] = [10, 4, 4, 7]

/** Whether it went wrong before this day and was not asked since. */
const isAgain = ({ wrongOn }: Course, { day }: PracticeDay): boolean => wrongOn !== null && wrongOn < day

/** Whether it is known from before this day what of it went wrong. */
const isInTrouble = ({ trouble }: Course, { day }: PracticeDay): boolean => trouble !== null && trouble.day < day

/** Whether a study that is on its way is to be heard on a day: the whole, or the hands and octaves that it has. */
function isToBeHeard(course: Course, { day, next, lesson, testsOnly }: PracticeDay): boolean {
  const { begunOn, heardOn } = course
  if (testsOnly || isCold(course) || begunOn === null || begunOn >= day) return false
  if (!canBeTested(course) && stageToHear(course) < 0) return false
  if (lesson) return heardOn === null || day - heardOn >= HEARD_IN_LESSON
  if (heardOn !== null) return day - heardOn >= HEARD_AGAIN
  return day - begunOn >= HEARD_FIRST || next - begunOn >= FIRST_WEEK
}

/** Whether a study is tested on a day rather than practised. */
const isTest = (course: Course, practice: PracticeDay): boolean =>
  isAgain(course, practice) ||
  isToBeHeard(course, practice) ||
  (canBeTested(course) && (practice.testsOnly || isCold(course)))

/** Studies that a day cannot do without, the most urgent first: wrong ones, late turns, turns, tests that are due, what is to be heard. */
function bound(making: Making, practice: PracticeDay): number[] {
  const { courses, turns, late, order, aim } = making
  const { day, reviewDay, testsOnly } = practice
  const wrong = order.filter((study) => {
    const { wrongOn, trouble } = courses[study]!
    return (wrongOn ?? (testsOnly ? null : trouble?.day) ?? day) < day
  })
  // once in the last days is enough: half on the first of them
  if (testsOnly) {
    const open = courses.flatMap((course, study) =>
      canBeTested(course) && (course.lastTry ?? 0) < aim.exam - LAST_DAYS ? [study] : [],
    )
    const now = day === aim.exam - 1 ? open : open.filter((_, at) => at % 2 === 0)
    return [...new Set([...wrong, ...now])]
  }
  const begun = order.filter((study) => courses[study]!.begunOn !== null)
  const own = reviewDay === null ? [] : begun.filter((study) => reviewDay % turns === study % turns)
  const due = begun.filter((study) => isCold(courses[study]!) && (courses[study]!.due ?? Infinity) <= day)
  const heard = begun.filter((study) => isToBeHeard(courses[study]!, practice))
  return [...new Set([...wrong, ...late, ...own, ...due, ...heard])]
}

/** On the last days the weakest first. */
const weakest =
  ({ courses }: Making) =>
  (a: number, b: number): number =>
    Number(courses[b]!.wrongOn !== null) - Number(courses[a]!.wrongOn !== null) ||
    (courses[a]!.lastTry ?? 0) - (courses[b]!.lastTry ?? 0) ||
    a - b

/** What is heard on a day, the longest unheard first; what it has no time for waits for the next. */
const heardOf = ({ courses }: Making, studies: readonly number[], minutes: number): number[] =>
  studies
    .toSorted((a, b) => (courses[a]!.heardOn ?? 0) - (courses[b]!.heardOn ?? 0))
    .slice(0, Math.max(1, Math.floor((minutes * FOR_HEARING) / TEST_MINUTES)))

/** Everything that a day is to hold, the most urgent first. */
function wanted(making: Making, practice: PracticeDay, begins: readonly number[]): number[] {
  const all = bound(making, practice)
  if (practice.testsOnly) return all.toSorted(weakest(making))
  const isHeard = (study: number): boolean =>
    isToBeHeard(making.courses[study]!, practice) && !isAgain(making.courses[study]!, practice)
  const heard = new Set(heardOf(making, all.filter(isHeard), practice.minutes))
  return [...all.filter((study) => !isHeard(study) || heard.has(study)), ...begins]
}

/** What a day can hold of what it cannot do without, each as short as it can be. */
function held(
  making: Making,
  practice: PracticeDay,
  may: readonly number[],
): { slots: Slot[]; late: number[]; left: number } {
  const { courses } = making
  let left = practice.minutes
  const slots: Slot[] = []
  const late: number[] = []
  for (const study of wanted(making, practice, toBegin(may, practice))) {
    const course = courses[study]!
    const test = isTest(course, practice)
    const minutes = test ? TEST_MINUTES : MIN_SITTING
    if (slots.some((slot) => slot.study === study) || course.lastSeen === practice.day) continue
    if (minutes <= left) {
      const mends = !test && isInTrouble(course, practice)
      slots.push({ study, test, again: isAgain(course, practice), mends, minutes })
      left -= minutes
    } else if (course.begunOn !== null) late.push(study)
  }
  // what is asked again is worked at afterwards, where it went wrong
  const asked = slots.filter(({ study, test }) => test && isInTrouble(courses[study]!, practice))
  for (const { study } of practice.testsOnly ? [] : asked) {
    if (left < MIN_SITTING) break
    slots.push({ study, test: false, again: false, mends: true, minutes: MIN_SITTING })
    left -= MIN_SITTING
  }
  return { slots, late: practice.testsOnly ? [] : late, left }
}

/** Sittings as long as their stage wants, of what will do; then further studies, while there is time. */
function filled(
  making: Making,
  practice: PracticeDay,
  { slots, left: spare }: { readonly slots: Slot[]; readonly left: number },
  may: readonly number[],
  daysLeft: number,
): void {
  const { courses, pinned, within } = making
  let left = spare
  const full = (study: number): number => courses[study]!.target.stages[courses[study]!.stage]!.minutes
  const lengthen = (some: readonly Slot[]) => {
    for (const slot of some) {
      const more = Math.max(0, Math.min(left, full(slot.study) - slot.minutes))
      slot.minutes += more
      left -= more
    }
  }
  const sittings = slots.filter(({ test }) => !test)
  lengthen(sittings.filter(({ study }) => within.has(study)))
  if (practice.testsOnly) return
  const week = weekOf(practice.day)
  const pin = (study: number) => {
    const at = pinned.get(study)
    return at === undefined || weekOf(at) < week ? null : weekOf(at) === week ? 'now' : 'later'
  }
  const begun = neediest(making, daysLeft, pin).filter(
    (study) => courses[study]!.begunOn !== null || may.includes(study),
  )
  for (const study of begun) {
    if (left < MIN_SITTING) break
    if (slots.some((slot) => slot.study === study && (!slot.test || slot.mends))) continue
    if (courses[study]!.lastSeen === practice.day) continue
    const minutes = Math.min(left, full(study))
    slots.push({ study, test: false, again: false, mends: false, minutes })
    left -= minutes
  }
  lengthen(sittings)
}

/** A sitting at the place that went wrong: with its hand, at the tempo at which the study is clean. */
function mending(course: Course, day: number, { study, minutes }: Slot): PlanItem {
  const trouble = course.trouble!
  const { id, octaves } = course.target.stages[mendingStage(course, trouble)]!
  const { tempo } = course
  mended(course, day)
  return { study, stage: id, hands: trouble.hands, octaves, tempo, minutes, test: false, where: trouble.where }
}

/** The stage that a slot is about: in a test the whole, or as far as the study goes. */
function stageOf(course: Course, test: boolean): number {
  if (!test) return course.stage
  if (canBeTested(course)) return course.target.stages.length - 1
  const heard = stageToHear(course)
  return heard < 0 ? course.stage : heard
}

function played(making: Making, { day }: PracticeDay, slot: Slot): PlanItem {
  const { study, test, minutes } = slot
  const course = making.courses[study]!
  if (slot.mends) return mending(course, day, slot)
  const stage = course.target.stages[stageOf(course, test)]!
  const tempo = test ? testTempo(course) : sittingTempo(course)
  if (test) testAgain(course, day)
  else practised(making, course, day, minutes, making.pace)
  return { study, stage: stage.id, hands: stage.hands, octaves: stage.octaves, tempo, minutes, test }
}

/** A sitting, and what other studies have of it. */
export function practised(making: Making, course: Course, day: number, minutes: number, pace: number): void {
  sit(course, day, minutes, pace)
  shareNotes(making.courses, course)
}

/** What a day holds, before anything of it is played. */
export function slotsOf(making: Making, practice: PracticeDay, daysLeft: number): { slots: Slot[]; late: number[] } {
  const may = mayBegin(making, practice)
  const found = held(making, practice, may)
  filled(making, practice, found, may, daysLeft)
  return found
}

/** A day as it is played, from first to last. */
export function dayOf(making: Making, practice: PracticeDay, daysLeft: number): PlanItem[] {
  const { slots, late } = slotsOf(making, practice, daysLeft)
  making.late = late
  return interleaved(making, slots).map((slot) => played(making, practice, slot))
}
