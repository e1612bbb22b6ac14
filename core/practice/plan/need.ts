import type { PracticeDay } from '../calendar'
import { type Course, hasNotes, isCold, minutesLeft } from '../course'
import { difficultyOf } from '../difficulty'
import { sameUnderHand } from '../likeness'
import type { Target } from '../target'
import type { Making } from './making'

/** Of the minutes, what tests and second sittings leave for the first. */
const FOR_SITTINGS = 0.85
/** A study is pressing when its sittings would fill so much of the days that are left. */
const PRESSING = 0.5
/** Of the hardest that are left, so many are looked at for one that is unlike the last. */
const LOOKED_AT = 5

/** The studies that can be made ready with the minutes there are: as many as possible, the nearest first. */
export function withinDays(courses: readonly Course[], days: readonly PracticeDay[], pace: number): Set<number> {
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

/** The hard ones first, as they take longest; each unlike the one before it. */
export function hardFirst(targets: readonly Target[]): number[] {
  const hard = targets.map(({ recipe }) => Math.round(difficultyOf(recipe)))
  const left = targets.map((_, study) => study).sort((a, b) => hard[b]! - hard[a]! || a - b)
  const order: number[] = []
  while (left.length > 0) {
    const last = order.at(-1)
    const like = (study: number): number => (last === undefined ? 0 : sameUnderHand(targets[last]!, targets[study]!))
    const near = left.slice(0, LOOKED_AT)
    const next = near.reduce((best, study) => (like(study) < like(best) ? study : best))
    order.push(next)
    left.splice(left.indexOf(next), 1)
  }
  return order
}

/** Whether the sittings that a study still wants would fill half of the days that are left. */
const isPressing = ({ courses, pace }: Making, study: number, daysLeft: number): boolean =>
  courses[study]!.left.passes / pace >= PRESSING * daysLeft

/**
 * Who gets minutes that are left: the teacher's week; then the notes before any tempo, so that none is left behind at
 * the start; then what will do in the time there is, what presses first. Else the hard ones come before the easy.
 * @param pinned whether the teacher has put a study into this week, or into one to come
 */
export function neediest(
  making: Making,
  daysLeft: number,
  pinned: (study: number) => 'now' | 'later' | null,
): number[] {
  const { courses, within, order } = making
  const rank = (study: number): number[] => [
    pinned(study) === 'now' ? 0 : 1,
    hasNotes(courses[study]!) ? (within.has(study) ? 1 : 2) : 0,
    isPressing(making, study, daysLeft) ? 0 : 1,
  ]
  const ranked = order
    .filter((study) => !isCold(courses[study]!) && pinned(study) !== 'later')
    .map((study) => ({ study, rank: rank(study) }))
  return ranked
    .sort((a, b) => {
      const at = a.rank.findIndex((each, place) => each !== b.rank[place])
      return at < 0 ? 0 : a.rank[at]! - b.rank[at]!
    })
    .map(({ study }) => study)
}
