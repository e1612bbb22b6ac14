/** What was said of made-up pupils beside what came: the raw material of a fit and of a trial. */
import type { Recipe } from '#core/instrument'
import { seeded } from '#core/random'
import { realise } from '#core/realise'
import { openDraw } from '#core/syllabus'
import { drawChance } from '../../core/practice/outlook'
import { logOddsOf } from '../../core/practice/forecast'
import { HABITS, type Habit, live, type Life, type World } from './life'
import type { Preparation } from '#core/practice'

/** What stood on a day, and what was true on it or on the exam's day. */
export interface Case {
  readonly life: number
  readonly world: string
  readonly habit: Habit
  readonly then: boolean
  readonly preparation: Preparation
  /** Whether each study was right when it was asked, and what a draw's chance really was. */
  readonly came: readonly boolean[]
  readonly truth: number
  /** What each study's chance really was. */
  readonly truths: readonly number[]
}

const difficulties = new Map<string, number>()
/** Hardness of a study inside of somebody: its index of difficulty, more or less. */
export const hardnessFor =
  (random: () => number) =>
  (study: Recipe): number => {
    const key = JSON.stringify(study)
    const known = difficulties.get(key) ?? realise(study, {}, 0).difficulty.total
    difficulties.set(key, known)
    return Math.min(1, Math.max(0, known / 100 + 0.3 * (random() - 0.5)))
  }

/** The chance of a draw where every study has a chance of its own. */
const drawn = (chances: readonly number[]): number =>
  drawChance(
    openDraw(chances.length),
    chances.map((each) => logOddsOf(each)),
    new Map(),
    0,
  )

/** Lives in some worlds, so many for each habit of writing down. */
export function casesOf(worlds: Readonly<Record<string, World>>, each: number, seed: number): Case[] {
  let life = 0
  const one = (world: string, make: World, habit: Habit): Case[] => {
    const random = seeded(seed + ++life * 7919)
    const { looks, asked, chances }: Life = live(make, habit, random, hardnessFor(random))
    return looks.flatMap((look) => {
      const common = { life, world, habit, preparation: look.preparation }
      return [
        { ...common, then: false, came: look.asked, truth: drawn(look.chances), truths: look.chances },
        { ...common, then: true, came: asked, truth: drawn(chances), truths: chances },
      ]
    })
  }
  return Object.entries(worlds).flatMap(([world, make]) =>
    HABITS.flatMap((habit) => Array.from({ length: each }, () => one(world, make, habit)).flat()),
  )
}
