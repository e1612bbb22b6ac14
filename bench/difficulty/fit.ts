/**
 * Fits the weights of the index of difficulty to the order of graded lists, and prints how many pairs it has right: of
 * those that it saw, of those kept out, and of whole rules kept out. Writes core/difficulty/weights.ts.
 */
import { writeFileSync } from 'node:fs'
import type { RecipeInput } from '#core/instrument'
import { loadFor, type Measure, MEASURES, type Measures } from '#core/difficulty'
import { realise } from '#core/realise'
import { COURSE, type Pair, pairsOf, RULES } from '../../tests/support/graded'

type Index = keyof typeof RULES

const NAMES = Object.keys(MEASURES) as Measure[]
const known = new Map<string, readonly number[]>()
const valuesOf = (recipe: RecipeInput): readonly number[] => {
  const key = JSON.stringify(recipe)
  const found =
    known.get(key) ??
    ((measures: Measures) => NAMES.map((name) => measures[name] ?? 0))(realise(recipe, {}, 0).difficulty.measures)
  known.set(key, found)
  return found
}

interface Difference {
  readonly values: readonly number[]
  /** A rule of many pairs does not drown one of few. */
  readonly weight: number
}

/** Load by which the harder one has to lead, and how sharply a miss counts. */
const [MARGIN, SHARP] = [2.5, 2]
/** Nothing that makes a study harder weighs nothing, and no one thing outweighs all others. */
const [LEAST, LARGEST] = [1, 100]
/** Where the first level of the course is to lie, and how far each lies over the one before; weakly held. */
const [FIRST_LEVEL, EACH_LEVEL, ANCHOR] = [14, 6, 0.004]
/** Adam (Kingma and Ba, Adam: a method for stochastic optimization, 2015): rounds, rate, and how long slopes are remembered. */
const [ROUNDS, RATE, SLOPES, SQUARES] = [3000, 0.05, 0.9, 0.999]

/** Pairs of a rule that count for themselves; more count less each. */
const ENOUGH = 18

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0)
const loadOf = (weights: readonly number[], values: readonly number[]): number =>
  sum(weights.map((weight, at) => weight * values[at]!))

/** How a soft hinge over all differences, and the levels beside it, rise with each weight. */
function slopeAt(
  weights: readonly number[],
  differences: readonly Difference[],
  levels: readonly (readonly (readonly number[])[])[],
): number[] {
  const slope = NAMES.map(() => 0)
  const add = (values: readonly number[], by: number): void => values.forEach((value, at) => (slope[at]! += by * value))
  for (const { values, weight } of differences)
    add(values, -weight / (1 + Math.exp(SHARP * (loadOf(weights, values) - MARGIN))))
  levels.forEach((level, at) => {
    const load = loadFor(FIRST_LEVEL + EACH_LEVEL * at)
    for (const values of level) add(values, ANCHOR * (loadOf(weights, values) - load))
  })
  return slope
}

/** Weights that put as many differences in order as may be, each within its bounds. */
function fitted(
  differences: readonly Difference[],
  levels: readonly (readonly (readonly number[])[])[],
  occurs: readonly boolean[],
): number[] {
  let weights: number[] = occurs.map((is) => (is ? 5 : 0))
  const [first, second] = [NAMES.map(() => 0), NAMES.map(() => 0)]
  for (let round = 1; round <= ROUNDS; round++) {
    const slope = slopeAt(weights, differences, levels)
    weights = weights.map((weight, at) => {
      if (!occurs[at]) return 0
      first[at] = SLOPES * first[at]! + (1 - SLOPES) * slope[at]!
      second[at] = SQUARES * second[at]! + (1 - SQUARES) * slope[at]! ** 2
      const [mean, spread] = [first[at] / (1 - SLOPES ** round), second[at] / (1 - SQUARES ** round)]
      const moved = weight - (RATE * mean) / (Math.sqrt(spread) + 1e-8)
      return Math.min(LARGEST, Math.max(LEAST, moved))
    })
  }
  return weights
}

const differenceOf = ({ easier, harder }: Pair): number[] => {
  const [low, high] = [valuesOf(easier), valuesOf(harder)]
  return high.map((value, at) => value - low[at]!)
}

function printed(index: Index, pairs: readonly Pair[], weights: readonly number[]): void {
  const right = (some: readonly Pair[]): string =>
    `${some.filter((pair) => loadOf(weights, differenceOf(pair)) > 0).length} of ${some.length}`
  const kept = pairs.filter(({ fitted }) => !fitted)
  console.log(
    `${index}: fitted ${right(pairs.filter(({ fitted: seen }) => seen))}, kept out ${right(kept)}, of whole rules kept out ${right(kept.filter(({ unseen }) => unseen))}`,
  )
  for (const pair of pairs) {
    const by = loadOf(weights, differenceOf(pair))
    if (by <= 0) console.log(`  ${by.toFixed(2)} ${pair.says}: ${JSON.stringify([pair.easier, pair.harder])}`)
  }
}

/** What no pair speaks of: by hand (ours). Small hands and groups of fingers have to outweigh what else they change. */
const BY_HAND: Readonly<Partial<Record<Measure, number>>> = { smallHand: 10, groups: 12, touchesApart: 8 }
const OTHERS = 5

/** The weights of an index; what does not occur in its pairs has one by hand. */
function fitOf(index: Index): [string, Record<string, number>] {
  const pairs = pairsOf(RULES[index])
  const seen = pairs.filter(({ fitted }) => fitted)
  const each = new Map<string, number>()
  for (const { says } of seen) each.set(says, (each.get(says) ?? 0) + 1)
  const differences = seen.map((pair) => ({
    values: differenceOf(pair),
    weight: Math.min(1, ENOUGH / each.get(pair.says)!),
  }))
  const levels = index === 'keys' ? COURSE.map((level) => level.map(valuesOf)) : []
  const occurs = NAMES.map((_, at) =>
    pairs.some(({ easier, harder }) => valuesOf(easier)[at]! + valuesOf(harder)[at]! > 0),
  )
  const weights = fitted(differences, levels, occurs)
  printed(index, pairs, weights)
  const all = NAMES.map((name, at) => [name, occurs[at] ? Number(weights[at]!.toFixed(2)) : (BY_HAND[name] ?? OTHERS)])
  return [index, Object.fromEntries(all)]
}

const found = Object.fromEntries((Object.keys(RULES) as Index[]).map(fitOf))
const target = process.argv[2]
if (target) {
  writeFileSync(
    target,
    `import type { Weights } from './difficulty'

/* Written by \`npm run fit -- difficulty\` (bench/difficulty) from pairs of which one is easier; docs/difficulty.md says what
   it comes to on pairs that it has not seen. */
export const WEIGHTS: Readonly<Record<'keys' | 'accordion' | 'mallets', Weights>> = ${JSON.stringify(found, null, 2)}
`,
  )
}
for (const [index, weights] of Object.entries(found)) console.log(index, JSON.stringify(weights))
