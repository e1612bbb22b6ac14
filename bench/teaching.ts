/** How plans teach: what made-up pupils, who keep them, come to by them, and what the days look like. */
import type { Recipe } from '#core/instrument'
import { weekOf, type PlannedDay } from '#core/practice'
import { seeded } from '#core/random'
import { live, type Life, START, type World } from './forecast/life'
import { hardnessFor } from './forecast/samples'

/** What is seen of plans that were kept. Shares of 1. */
export interface Teaching {
  readonly lives: number
  /** Chance of a study to be right on the exam's day, as it truly was. */
  readonly chance: number
  /** The same of each pupil's worst study. */
  readonly worst: number
  /** Pupils who were asked something cold in their first seven days. */
  readonly early: number
  /** The most studies that were new in one week, on the average. */
  readonly fresh: number
  /** Items that follow one of the same kind or the same key. */
  readonly alike: number
  /** Studies that were practised at the tempo asked before the exam, and those that never left the first tempo. */
  readonly toTempo: number
  readonly starved: number
}

const mean = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0) / (values.length || 1)
const share = <T>(all: readonly T[], is: (each: T) => boolean): number => mean(all.map((each) => Number(is(each))))

function isAlike(a: Recipe, b: Recipe): boolean {
  const [one, other] = [a.material, b.material]
  return 'kind' in one && 'kind' in other && (one.kind === other.kind || one.tonic === other.tonic)
}

/** The day on which each study was first planned. */
function begunOn(days: readonly PlannedDay[]): Map<number, number> {
  const begun = new Map<number, number>()
  for (const { day, items } of days) for (const { study } of items) if (!begun.has(study)) begun.set(study, day)
  return begun
}

const mostNew = (days: readonly PlannedDay[]): number => {
  const weeks = new Map<number, number>()
  for (const day of begunOn(days).values()) weeks.set(weekOf(day), (weeks.get(weekOf(day)) ?? 0) + 1)
  return Math.max(0, ...weeks.values())
}

/** The fastest that each study was planned, as a share of what is asked; 0 where it never was. */
const fastest = ({ days, targets }: Life): number[] =>
  targets.map((target, study) =>
    Math.max(
      0,
      ...days.flatMap(({ items }) =>
        items.filter((item) => item.study === study).map(({ tempo }) => tempo / target.required),
      ),
    ),
  )

const pairsIn = ({ days, targets }: Life): boolean[] =>
  days.flatMap(({ items }) =>
    items.slice(1).flatMap(({ study }, at) => {
      const before = items[at]!.study
      return before === study ? [] : [isAlike(targets[before]!.recipe, targets[study]!.recipe)]
    }),
  )

/** Lives by their plans in some worlds, so many in each. */
export function teaching(worlds: Readonly<Record<string, World>>, each: number, seed: number): Teaching {
  const lives = Object.values(worlds).flatMap((world, at) =>
    Array.from({ length: each }, (_, count) => {
      const random = seeded(seed + at * 104_729 + count * 7919)
      return live(world, 'all', random, hardnessFor(random))
    }),
  )
  const tempi = lives.flatMap(fastest)
  return {
    lives: lives.length,
    chance: mean(lives.flatMap(({ chances }) => chances)),
    worst: mean(lives.map(({ chances }) => Math.min(...chances))),
    early: share(lives, ({ days }) => days.some(({ day, items }) => day < START + 7 && items.some(({ test }) => test))),
    fresh: mean(lives.map(({ days }) => mostNew(days))),
    alike: share(lives.flatMap(pairsIn), (is) => is),
    toTempo: share(tempi, (tempo) => tempo >= 1),
    starved: share(tempi, (tempo) => tempo < 0.7),
  }
}
