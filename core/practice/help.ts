import type { ExamDraw } from '../syllabus'
import type { Aim } from './calendar'
import type { Outlook } from './outlook'
import { prepare, type Preparation, type Prepared } from './practise'

/** Minutes a day that are offered at the most, and how far an exam is put off at the most, weeks. */
const MOST_MINUTES = 60
const MOST_WEEKS = 16
const WEEK = 7

/** Something that would help, with what it comes to. */
export type Help = Pick<Outlook, 'chance' | 'notReady'> &
  (
    | { readonly change: 'minutes'; readonly minutesADay: number }
    /** The exam so many weeks later. */
    | { readonly change: 'weeks'; readonly weeks: number; readonly exam: number }
    /** Without some studies. */
    | { readonly change: 'leave'; readonly studies: readonly number[] }
    /** Another grade: the nearest below that would do, or the lowest; `notReady` counts within it. */
    | { readonly change: 'grade'; readonly grade: string; readonly title: string }
  )

/** A grade that could be taken instead: its studies, those of the set where they serve, and its own draw. */
export interface OtherGrade extends Pick<Preparation, 'targets' | 'draw'> {
  readonly grade: string
  readonly title: string
}

/** The least number that serves, of those from `least` to `most`; the greatest where none does; what serves once serves beyond. */
function leastThat<T>(
  least: number,
  most: number,
  of: (at: number) => T,
  serves: (told: T) => boolean,
): { at: number; told: T } {
  let [low, high] = [least, most]
  let best = { at: most, told: of(most) }
  if (!serves(best.told)) return best
  while (low < high) {
    const middle = Math.floor((low + high) / 2)
    const told = of(middle)
    if (serves(told)) {
      best = { at: middle, told }
      high = middle
    } else low = middle + 1
  }
  return best
}

const allReady = ({ then }: Prepared): boolean => then.notReady.length === 0
const told = ({ then: { chance, notReady } }: Prepared) => ({ chance, notReady })

const withAim = (preparation: Preparation, some: Partial<Aim>): Prepared =>
  prepare({ ...preparation, aim: { ...preparation.aim, ...some } })

/** The place that a study has when others are left out. */
const placeWithout = (left: readonly number[], study: number): number =>
  study - left.filter((gone) => gone < study).length

/** A draw from which some studies are left out; the others move up. */
export function drawWithout({ pattern, items }: ExamDraw, left: readonly number[]): ExamDraw {
  const kept = items.filter(({ study }) => study === null || !left.includes(study))
  return {
    pattern,
    items: kept.map((item) => ({ ...item, study: item.study === null ? null : placeWithout(left, item.study) })),
  }
}

/** A preparation without some of its studies; what is told of the others keeps their places. */
function without(preparation: Preparation, left: readonly number[]): Prepared {
  const kept = preparation.targets.map((_, at) => at).filter((at) => !left.includes(at))
  const prepared = prepare({
    ...preparation,
    targets: kept.map((at) => preparation.targets[at]!),
    draw: drawWithout(preparation.draw, left),
    pins: (preparation.pins ?? []).flatMap((pin) =>
      left.includes(pin.study) ? [] : [{ ...pin, study: placeWithout(left, pin.study) }],
    ),
  })
  const { then } = prepared
  return { ...prepared, then: { ...then, notReady: then.notReady.map((at) => kept[at]!) } }
}

/** Whether something is better than what there is, so that it is worth offering. */
const isBetter = (now: Prepared, then: Pick<Outlook, 'chance' | 'notReady'>): boolean =>
  then.notReady.length < now.then.notReady.length || then.chance > now.then.chance + 0.01

/** The nearest grade that would do, going down; the lowest where none does. @param grades the nearest first */
function lowerGrade(preparation: Preparation, grades: readonly OtherGrade[]): Help | null {
  let last: Help | null = null
  for (const { grade, title, targets, draw } of grades) {
    const prepared = prepare({ ...preparation, targets, draw, pins: [] })
    last = { change: 'grade', grade, title, ...told(prepared) }
    if (allReady(prepared)) return last
  }
  return last
}

/**
 * What would help where a plan will not do: so many minutes a day, so many weeks, fewer studies, or a lower grade; each by itself, the
 * least that makes everything ready, or as far as it goes. Empty where all will be ready.
 */
export function wouldHelp(preparation: Preparation, now: Prepared, grades: readonly OtherGrade[] = []): Help[] {
  if (allReady(now)) return []
  const { aim, targets } = preparation
  const found: Help[] = []
  if (aim.minutesADay < MOST_MINUTES) {
    const minutes = leastThat(
      aim.minutesADay + 1,
      MOST_MINUTES,
      (minutesADay) => withAim(preparation, { minutesADay }),
      allReady,
    )
    found.push({ change: 'minutes', minutesADay: minutes.at, ...told(minutes.told) })
  }
  const weeks = leastThat(1, MOST_WEEKS, (more) => withAim(preparation, { exam: aim.exam + WEEK * more }), allReady)
  found.push({ change: 'weeks', weeks: weeks.at, exam: aim.exam + WEEK * weeks.at, ...told(weeks.told) })
  const hardest = now.then.notReady.toSorted((a, b) => now.then.chances[a]! - now.then.chances[b]! || a - b)
  const most = Math.min(hardest.length, targets.length - 1)
  if (most > 0) {
    const fewer = leastThat(1, most, (count) => without(preparation, hardest.slice(0, count)), allReady)
    found.push({ change: 'leave', studies: hardest.slice(0, fewer.at).sort((a, b) => a - b), ...told(fewer.told) })
  }
  const other = lowerGrade(preparation, grades)
  if (other) found.push(other)
  return found.filter((help) => isBetter(now, help))
}
