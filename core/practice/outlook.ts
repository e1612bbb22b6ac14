import { chanceOf, type ExamDraw } from '../syllabus'
import { type Course, minutesLeft } from './course'
import { recallThrough } from './recallThrough'
import { meanOf, moved, type Pupil, quantile, type Weighed } from './pace'
import type { Plan } from './plan'
import type { StudyState } from './state'
import { recallOn } from './state'
import { stepsTo, type Target } from './target'

/** Below so much of the tempo asked an examiner hears another study (ours); between, the chance rises in proportion. */
const TOO_SLOW = 0.8
/** What would be right if it were asked, more often than this, is counted as ready for the day (ours). */
export const WOULD_DO = 0.8
/** The interval holds four fifths of what is thought possible. */
const INTERVAL = { low: 0.1, high: 0.9 }

/** How much a tempo counts, 0 to 1, beside the one asked. */
const tempoCounts = (clean: number, required: number): number =>
  Math.min(1, Math.max(0, (clean / required - TOO_SLOW) / (1 - TOO_SLOW)))

/** By how much everything is better or worse recalled on one day than on another: deviation in log-odds (ours). */
const FORM_SPREAD = 0.6
/** The form of a day, at three places (Gauss-Hermite quadrature of a normal distribution; Abramowitz and Stegun, 25.4.46). */
const FORMS: readonly Weighed[] = [-1, 0, 1].map((at) => ({
  value: at * FORM_SPREAD * Math.sqrt(3),
  weight: at === 0 ? 2 / 3 : 1 / 6,
}))

/** The chance of one study: by pace and by retention, where both are uncertain, and by the day's form, which all share. */
type Chances = (pace: number, retention: number, form: number) => number

/** The chance that it would be right on a day if nothing were done for it. */
export function chanceNow(target: Target, state: StudyState, day: number): Chances {
  const recall = recallOn(state, day)
  const counts = tempoCounts(state.cleanTempo, target.required)
  return (_, retention, form) => moved(recall, retention + form) * counts
}

/** Probabilities of 0 to `tries` passes (binomial; Feller, vol. I, ch. VI). */
function passes(tries: number, chance: number): number[] {
  const odds = Array.from({ length: tries + 1 }, () => 0)
  odds[0] = 1
  for (let at = 0; at < tries; at++) {
    for (let passed = at + 1; passed > 0; passed--) {
      odds[passed] = odds[passed]! * (1 - chance) + odds[passed - 1]! * chance
    }
    odds[0]! *= 1 - chance
  }
  return odds
}

/** How much the tempo counts after each number of passes, from where a course now stands. */
function countsAfter(start: Course): number[] {
  const { target, tempo, cleanTempo, stage } = start
  const { required, stages } = target
  const counts = [tempoCounts(cleanTempo, required)]
  const reached = (clean: number) => counts.push(Math.max(counts.at(-1)!, tempoCounts(clean, required)))
  for (const { pace, full } of stages.slice(stage, -1)) {
    if (pace === 'step') for (const step of stepsTo(target, tempo)) reached(step)
    else reached(full ? Math.max(cleanTempo, pace === 'above' ? required : tempo) : 0)
  }
  return counts
}

/** Holds for which the ways of memory are followed; between them the odds are taken as even. */
const HOLDS_TRIED = [-2, -0.7, 0, 0.7, 2]

/** A function of retention, worked out at a few places and straight between them. */
function between(places: readonly number[], of: (place: number) => number): (at: number) => number {
  const known = places.map(of)
  return (at) => {
    const next = Math.min(
      places.length - 1,
      Math.max(
        1,
        places.findIndex((place) => place >= at),
      ),
    )
    const [from, to] = [places[next - 1]!, places[next]!]
    const share = Math.min(1, Math.max(0, (at - from) / (to - from)))
    return known[next - 1]! * (1 - share) + known[next]! * share
  }
}

/**
 * The chance that a study would be right on the exam's day if the plan is kept: how far the passes get it, which are as
 * many as sittings allow and luck gives, times what memory retains then.
 */
function chanceThen(start: Course, end: Course, room: number, day: number): Chances {
  const counts = countsAfter(start)
  const recall = between(HOLDS_TRIED, (retention) => recallThrough(start, end.tries, day, retention))
  const byPace = new Map<number, number>()
  const reached = (pace: number): number => {
    const known = byPace.get(pace)
    if (known !== undefined) return known
    const sum = passes(room, pace).reduce(
      (total, odds, at) => total + odds * counts[Math.min(at, counts.length - 1)]!,
      0,
    )
    byPace.set(pace, sum)
    return sum
  }
  return (pace, retention, form) => reached(pace) * moved(recall(retention), form)
}

export interface Outlook {
  /** The chance that a draw asks nothing that would go wrong, 0 to 1, and what it may well be instead. */
  readonly chance: number
  readonly low: number
  readonly high: number
  /** Each study's own chance to be right if it is asked. */
  readonly chances: readonly number[]
  /** Studies that would rather not be right, by their place. */
  readonly notReady: readonly number[]
  readonly drawn: number
  /** Whether no list says how many are asked. */
  readonly assumed: boolean
}

/** Chances of what no study is practised for, by the item of the draw. */
export type Besides = ReadonlyMap<number, Chances>

/** Chances by group; of what is practised in no study and stands in no record the chance is nought. */
function poolsFor(
  { items }: ExamDraw,
  of: (study: number) => number,
  besideOf: (item: number) => number = () => 0,
): Map<string, number[]> {
  const pools = new Map<string, number[]>()
  items.forEach(({ group, study }, item) => {
    const chance = study === null ? besideOf(item) : of(study)
    const pool = pools.get(group)
    if (pool) pool.push(chance)
    else pools.set(group, [chance])
  })
  return pools
}

/** What something comes to over everything that is thought possible of the pupil: in each case the mean over good days and bad. */
const possibly = ({ pace, retention }: Pupil, of: Chances): Weighed[] =>
  pace.flatMap((q) =>
    retention.map((h) => ({
      value: meanOf(FORMS.map(({ value, weight }) => ({ value: of(q.value, h.value, value), weight }))),
      weight: q.weight * h.weight,
    })),
  )

/** What a draw comes to. A day's form is one for all studies, so that they go wrong together. */
export function outlookOf(
  draw: ExamDraw,
  studies: readonly Chances[],
  pupil: Pupil,
  besides: Besides = new Map(),
): Outlook {
  const possible = possibly(pupil, (pace, retention, form) =>
    chanceOf(
      draw.pattern,
      poolsFor(
        draw,
        (study) => studies[study]!(pace, retention, form),
        (item) => besides.get(item)?.(pace, retention, form) ?? 0,
      ),
    ),
  )
  const chances = studies.map((of) => meanOf(possibly(pupil, of)))
  return {
    chance: meanOf(possible),
    low: quantile(possible, INTERVAL.low),
    high: quantile(possible, INTERVAL.high),
    chances,
    notReady: chances.flatMap((chance, at) => (chance < WOULD_DO ? [at] : [])),
    drawn: draw.pattern.more + draw.pattern.groups.reduce((sum, { asks }) => sum + asks, 0),
    assumed: draw.pattern.assumed,
  }
}

/** What a plan comes to on the exam's day. */
export const outlookAfter = (
  draw: ExamDraw,
  starts: readonly Course[],
  plan: Plan,
  pupil: Pupil,
  exam: number,
  besides: Besides,
): Outlook =>
  outlookOf(
    draw,
    starts.map((start, at) => chanceThen(start, plan.courses[at]!, plan.room[at]!, exam)),
    pupil,
    besides,
  )

/** As if one study were sure to be right: what that would make of the chance. */
function chanceWith(draw: ExamDraw, chances: readonly number[], sure: number): number {
  return chanceOf(
    draw.pattern,
    poolsFor(draw, (study) => (study === sure ? 1 : chances[study]!)),
  )
}

export interface Raise {
  readonly study: number
  /** The chance if it were sure. */
  readonly chance: number
  /** Minutes of practice that it still wants. */
  readonly minutes: number
}

/** A test takes a minute even of what is known. */
const MIN_MINUTES = 1

/** The study that would raise the chance most by the minute of practice; null where none would. */
export function bestRaise(draw: ExamDraw, outlook: Outlook, courses: readonly Course[], pupil: Pupil): Raise | null {
  const pace = meanOf(pupil.pace)
  const inDraw = new Set(draw.items.flatMap(({ study }) => study ?? []))
  const raises = courses.flatMap((course, study): Raise[] => {
    if (!inDraw.has(study)) return []
    const minutes = Math.max(MIN_MINUTES, minutesLeft(course, pace))
    return [{ study, minutes, chance: chanceWith(draw, outlook.chances, study) }]
  })
  const gain = ({ chance, minutes }: Raise): number => (chance - outlook.chance) / minutes
  // where too much is missing for one to matter, the one that is soonest done
  const own = ({ study, minutes }: Raise): number => (1 - outlook.chances[study]!) / minutes
  const [best] = raises
    .filter(({ study }) => outlook.chances[study]! < 0.99)
    .toSorted((a, b) => gain(b) - gain(a) || own(b) - own(a))
  return best ?? null
}
