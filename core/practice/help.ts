import { type ExamDraw, openDraw } from '../syllabus'
import type { Aim } from './calendar'
import { EVEN, type Outlook } from './outlook'
import { outlookThen, type Preparation, type Prepared } from './practise'

/** Minutes a day that are offered at the most, and how far an exam is put off at the most, weeks. */
const MAX_MINUTES = 60
const MAX_WEEKS = 16
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
  serves: (outcome: T) => boolean,
): { at: number; outcome: T } {
  let [low, high] = [least, most]
  let best = { at: most, outcome: of(most) }
  if (!serves(best.outcome)) return best
  while (low < high) {
    const middle = Math.floor((low + high) / 2)
    const outcome = of(middle)
    if (serves(outcome)) {
      best = { at: middle, outcome }
      high = middle
    } else low = middle + 1
  }
  return best
}

const allReady = ({ notReady }: Outlook): boolean => notReady.length === 0
type Serves = (then: Outlook) => boolean
/** What is looked for: that every study would do; where each does, that the exam would. */
const wantedOf = (now: Outlook): Serves => (allReady(now) ? ({ chance }) => chance >= EVEN : allReady)
const outcome = ({ chance, notReady }: Outlook) => ({ chance, notReady })

const withAim = (preparation: Preparation, some: Partial<Aim>): Outlook =>
  outlookThen({ ...preparation, aim: { ...preparation.aim, ...some } })

/** What is practised, and what an exam may ask of it, once some studies are left out. */
export type LeavingOut = (left: readonly number[]) => Pick<Preparation, 'targets' | 'draw'>

/** Without a list the exam asks what is practised, and no more. */
const leavingOutOf =
  ({ targets }: Preparation): LeavingOut =>
  (left) => {
    const remaining = targets.filter((_, at) => !left.includes(at))
    return { targets: remaining, draw: openDraw(remaining.length) }
  }

/** Whether a list says what is asked: leaving a study out does not keep it from being asked. */
const isByList = ({ items }: ExamDraw): boolean => items.some(({ atom }) => atom !== null)

/** What it comes to without some studies; what is told of the others keeps their places. */
function without(preparation: Preparation, left: readonly number[], leavingOut: LeavingOut): Outlook {
  const remaining = preparation.targets.map((_, at) => at).filter((at) => !left.includes(at))
  const then = outlookThen({ ...preparation, ...leavingOut(left) })
  return { ...then, notReady: then.notReady.map((at) => remaining[at]!) }
}

/** A chance that rises by less is not worth a change (ours). */
const WORTH = 0.03

/** Whether something is better than what there is, so that it is worth offering. */
const isBetter = (now: Prepared, then: Pick<Outlook, 'chance' | 'notReady'>): boolean =>
  then.notReady.length < now.then.notReady.length || isLikelier(now, then)
const isLikelier = (now: Prepared, then: Pick<Outlook, 'chance'>): boolean => then.chance > now.then.chance + WORTH

/**
 * Fewer studies: by a list those that it does not ask, since the others can still be asked; else the hardest, as few as
 * serve. Null where there are none.
 */
function leftOut(preparation: Preparation, now: Prepared, leavingOut: LeavingOut, serves: Serves): Help | null {
  const { draw, targets } = preparation
  const leave = (studies: readonly number[], then: Outlook): Help => ({
    change: 'leave',
    studies: studies.toSorted((a, b) => a - b),
    ...outcome(then),
  })
  if (isByList(draw)) {
    const inDraw = new Set(draw.items.map(({ study }) => study))
    const surplus = targets.flatMap((_, at) => (inDraw.has(at) ? [] : [at]))
    if (surplus.length === 0 || surplus.length === targets.length) return null
    return leave(surplus, without(preparation, surplus, leavingOut))
  }
  const open = allReady(now.then) ? targets.map((_, at) => at) : now.then.notReady
  const hardest = open.toSorted((a, b) => now.then.chances[a]! - now.then.chances[b]! || a - b)
  const most = Math.min(hardest.length, targets.length - 1)
  if (most <= 0) return null
  const fewer = leastThat(1, most, (count) => without(preparation, hardest.slice(0, count), leavingOut), serves)
  return leave(hardest.slice(0, fewer.at), fewer.outcome)
}

/** The nearest grade that would do, going down; the lowest where none does. @param grades the nearest first */
function lowerGrade(preparation: Preparation, grades: readonly OtherGrade[], serves: Serves): Help | null {
  let last: Help | null = null
  for (const { grade, title, targets, draw } of grades) {
    const then = outlookThen({ ...preparation, targets, draw, pins: [] })
    last = { change: 'grade', grade, title, ...outcome(then) }
    if (serves(then)) return last
  }
  return last
}

/**
 * What would help where a plan will not do: so many minutes a day, so many weeks, fewer studies, or a lower grade; each by itself, the
 * least that does, or as far as it goes. Empty where every study would do and the exam is as likely to go well as not.
 * @param leavingOut what an exam by a list may ask once studies are left out: they can still be asked
 */
export function wouldHelp(
  preparation: Preparation,
  now: Prepared,
  grades: readonly OtherGrade[] = [],
  leavingOut: LeavingOut = leavingOutOf(preparation),
): Help[] {
  const serves = wantedOf(now.then)
  if (serves(now.then)) return []
  const { aim } = preparation
  const found: Help[] = []
  if (aim.minutesADay < MAX_MINUTES) {
    const minutes = leastThat(
      aim.minutesADay + 1,
      MAX_MINUTES,
      (minutesADay) => withAim(preparation, { minutesADay }),
      serves,
    )
    found.push({ change: 'minutes', minutesADay: minutes.at, ...outcome(minutes.outcome) })
  }
  const weeks = leastThat(1, MAX_WEEKS, (more) => withAim(preparation, { exam: aim.exam + WEEK * more }), serves)
  found.push({ change: 'weeks', weeks: weeks.at, exam: aim.exam + WEEK * weeks.at, ...outcome(weeks.outcome) })
  const left = leftOut(preparation, now, leavingOut, serves)
  if (left) found.push(left)
  const other = lowerGrade(preparation, grades, serves)
  if (other) found.push(other)
  // what is left out is not ready either: only the chance says whether that would help
  const isHelp = (help: Help): boolean =>
    help.change === 'leave' && isByList(preparation.draw) ? isLikelier(now, help) : isBetter(now, help)
  return found.filter(isHelp)
}
