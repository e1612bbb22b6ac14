import { chanceOf, type ExamDraw } from '../syllabus'
import { type Course, minutesLeft } from './course'
import { logistic } from './forecast'
import { meanOf, type Pupil } from './pace'
import type { PracticeState } from './state'

/** What is as likely to go well as not would do: a study that is asked, an exam that asks some of them (ours). */
export const EVEN = 0.5
/**
 * An interval holds four fifths of what is thought possible, and is so much wider than the worlds of the fit would have
 * it: real pupils differ from those more than they from each other (ours; tried on other worlds, docs/practice.md).
 */
const INTERVAL = { low: 0.1, high: 0.9, wider: 1.35 }

export interface Outlook {
  /** The chance that a draw asks nothing that would go wrong, 0 to 1, and what it may well be instead: 80 in 100 lie between. */
  readonly chance: number
  readonly low: number
  readonly high: number
  /** Each study's own chance to be right if it is asked. */
  readonly chances: readonly number[]
  /** What each of them may well be instead: four in five lie between. */
  readonly between: readonly { readonly low: number; readonly high: number }[]
  /** So many studies would be right, on the average, if all were asked. */
  readonly right: number
  /** Studies that would rather be wrong than right, by their place. */
  readonly notReady: readonly number[]
  readonly drawn: number
  /** Whether no list says how many are asked. */
  readonly assumed: boolean
}

/** Log-odds of what no study is practised for, by the item of the draw. */
export type Besides = ReadonlyMap<number, number>

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

/** What a draw comes to where all studies are better by so much at once, in log-odds. */
export const drawChance = (draw: ExamDraw, logOdds: readonly number[], besides: Besides, better: number): number =>
  chanceOf(
    draw.pattern,
    poolsFor(
      draw,
      (study) => logistic(logOdds[study]! + better),
      (item) => (besides.has(item) ? logistic(besides.get(item)! + better) : 0),
    ),
  )

/** The value under which a share of equally likely ones lies, which are in order. */
function quantile(ordered: readonly number[], share: number): number {
  const at = Math.min(ordered.length - 1, Math.max(0, share * ordered.length - 0.5))
  const [low, part] = [Math.floor(at), at - Math.floor(at)]
  return ordered[low]! * (1 - part) + ordered[Math.min(ordered.length - 1, low + 1)]! * part
}

/**
 * What a draw comes to. Studies are off together, as good days and bad ones are the same for all: the chance is the mean
 * over the spread.
 * @param logOdds of each study @param off how far each may be off by itself @param spread how far off they may be, in log-odds: places of equal weight, in order
 */
export function outlookOf(
  draw: ExamDraw,
  logOdds: readonly number[],
  spread: readonly number[],
  besides: Besides = new Map(),
  off: readonly number[] = logOdds.map(() => 0),
): Outlook {
  const at = (better: number): number => drawChance(draw, logOdds, besides, better)
  const possible = spread.map(at)
  const chance = possible.reduce((sum, each) => sum + each, 0) / possible.length
  const chances = logOdds.map((each) => logistic(each))
  return {
    ...{ chance, chances },
    between: logOdds.map((each, study) => {
      const width = INTERVAL.wider * off[study]!
      return { low: logistic(each - width), high: logistic(each + width) }
    }),
    right: Math.round(chances.reduce((sum, each) => sum + each, 0)),
    low: Math.min(chance, at(INTERVAL.wider * quantile(spread, INTERVAL.low))),
    high: Math.max(chance, at(INTERVAL.wider * quantile(spread, INTERVAL.high))),
    notReady: chances.flatMap((each, at) => (each < EVEN ? [at] : [])),
    drawn: draw.pattern.more + draw.pattern.groups.reduce((sum, { asks }) => sum + asks, 0),
    assumed: draw.pattern.assumed,
  }
}

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

/** The study that would raise the chance most by the minute of practice, of those that are not ready; null where all are. */
export function bestRaise(
  draw: ExamDraw,
  outlook: Outlook,
  courses: readonly Course[],
  pupil: Pupil,
  practiceStates: readonly PracticeState[],
): Raise | null {
  const pace = meanOf(pupil.pace)
  const inDraw = new Set(draw.items.flatMap(({ study }) => study ?? []))
  const raises = courses.flatMap((course, study): Raise[] => {
    if (!inDraw.has(study) || practiceStates[study] === 'ready') return []
    const minutes = Math.max(MIN_MINUTES, minutesLeft(course, pace))
    return [{ study, minutes, chance: chanceWith(draw, outlook.chances, study) }]
  })
  const gain = ({ chance, minutes }: Raise): number => (chance - outlook.chance) / minutes
  // where too much is missing for one to matter, the one that is soonest done
  const own = ({ study, minutes }: Raise): number => (1 - outlook.chances[study]!) / minutes
  const [best] = raises.toSorted((a, b) => gain(b) - gain(a) || own(b) - own(a))
  return best ?? null
}
