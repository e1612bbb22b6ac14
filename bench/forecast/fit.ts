/**
 * Fits the forecast on made-up pupils: weights on half of the lives, calibration and interval on the other half. What is
 * printed afterwards is of worlds that it has not seen. Writes core/practice/forecast/fitted.ts.
 */
import { writeFileSync } from 'node:fs'
import { openDraw } from '#core/syllabus'
import { drawChance } from '../../core/practice/outlook'
import { calibrated, type Points } from '../../core/practice/forecast/calibration'
import { FEATURES, FREE_FEATURES } from '../../core/practice/forecast/features'
import { logOddsOf } from '../../core/practice/forecast'
import { spreadScale, studyScale } from '../../core/practice/forecast/forecast'
import { type Known, knownOf } from '../../core/practice/forecast/known'
import { isotonic, leastSquares, logisticRegression } from './regression'
import { HABITS } from './life'
import { type Case, casesOf } from './samples'
import { WORLDS_OF_THE_FIT } from './worldsOfTheFit'

const EACH = Number(process.env.TACTUM_LIVES ?? 40)
const GROUPS = 8
/** Places of the spread; each stands for as much as any other. */
const PLACES = 20
/** Of studies, as many are to lie within their spread. */
const WITHIN = 0.8
/** Log-odds that are looked through for what would have made a draw's chance true. */
const FURTHEST = 8

interface Row {
  readonly from: Case
  readonly known: Known
  readonly values: readonly (readonly number[])[]
}

function rowOf(from: Case): Row {
  const { aim, targets, record } = from.preparation
  const known = knownOf({ targets, record, today: aim.today, aim })
  return { from, known, values: from.then ? known.then : known.now }
}

const rounded = (value: number): number => Number(value.toFixed(4))
const valueOf = (weights: readonly number[], values: readonly number[]): number =>
  weights.reduce((sum, weight, at) => sum + weight * values[at]!, 0)
const samplesOf = (rows: readonly Row[]) =>
  rows.flatMap(({ from, values }) => values.map((each, at) => ({ values: each, came: from.came[at]! })))

/** By how much all studies would have to be better for a draw's chance to be the true one. */
function missedBy(said: readonly number[], truth: number): number {
  const draw = openDraw(said.length)
  let [low, high] = [-FURTHEST, FURTHEST]
  for (let round = 0; round < 40; round++) {
    const middle = (low + high) / 2
    if (drawChance(draw, said, new Map(), middle) < truth) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** The spread of what is said of draws, by how wide it is where much was heard and where little was (conformal
 * prediction; Vovk, Gammerman and Shafer, Algorithmic Learning in a Random World, 2005). */
function spreadBy(rows: readonly { readonly row: Row; readonly said: readonly number[] }[]) {
  const missed = rows.map(({ row: { from, known }, said }) => ({
    by: missedBy(said, from.truth),
    scale: spreadScale(known.heard, from.then ? known.horizon : 0),
  }))
  const scale = leastSquares(missed.map(({ by, scale: values }) => ({ values, is: Math.abs(by) })))
  const widths = missed.map(({ by, scale: values }) => by / valueOf(scale, values)).sort((a, b) => a - b)
  const quantiles = Array.from(
    { length: PLACES },
    (_, at) => widths[Math.floor(((at + 0.5) / PLACES) * widths.length)]!,
  )
  return { scale: scale.map(rounded), quantiles: quantiles.map(rounded) }
}

/** How far off what is said of one study may be: the same for studies one by one. */
function studySpreadBy(rows: readonly { readonly row: Row; readonly said: readonly number[] }[]) {
  const missed = rows.flatMap(({ row: { from, known }, said }) =>
    said.map((each, at) => ({
      by: Math.abs(logOddsOf(Math.min(0.99, Math.max(0.01, from.truths[at]!))) - each),
      scale: studyScale(known.heardOf[at]!, known.heard, from.then ? known.horizon : 0),
    })),
  )
  const scale = leastSquares(missed.map(({ by, scale: values }) => ({ values, is: by })))
  const widths = missed.map(({ by, scale: values }) => by / valueOf(scale, values)).sort((a, b) => a - b)
  return { scale: scale.map(rounded), width: rounded(widths[Math.floor(WITHIN * widths.length)]!) }
}

const rows = casesOf(WORLDS_OF_THE_FIT, EACH, 1).map(rowOf)
const even = rows.filter(({ from }) => from.life % 2 === 0)
const odd = rows.filter(({ from }) => from.life % 2 === 1)
const weightsBy = (some: readonly Row[]): number[] =>
  logisticRegression(samplesOf(some), Object.values(FEATURES), FREE_FEATURES).map(rounded)
const weights = weightsBy(even)

/** Lives of each world by weights that were fitted on the others: no world of somebody's own is known either. */
const strangers = Object.keys(WORLDS_OF_THE_FIT).flatMap((world) => {
  const others = weightsBy(even.filter(({ from }) => from.world !== world))
  return odd.filter(({ from }) => from.world === world).map((row) => ({ row, weights: others }))
})
const held = samplesOf(odd).map(({ values, came }) => ({ said: valueOf(weights, values), came }))
const calibration = isotonic(
  held.map(({ said }) => said),
  held.map(({ came }) => came),
  GROUPS,
).map((point) => point.map(rounded)) as unknown as Points
const told = strangers.map(({ row, weights: own }) => ({
  row,
  said: row.values.map((values) => calibrated(calibration, valueOf(own, values))),
}))
const spread = spreadBy(told)
const study = studySpreadBy(told)

writeFileSync(
  process.argv[2]!,
  `import type { Fitted } from './calibration'

/* Written by \`npm run fit\` (bench/forecast) from made-up pupils: ${rows.length} days of ${EACH * HABITS.length * Object.keys(WORLDS_OF_THE_FIT).length} lives. docs/practice.md says
   what it comes to on others. Weights stand in the order of FEATURES. */
export const FITTED: Fitted = {
  weights: ${JSON.stringify(weights)},
  calibration: ${JSON.stringify(calibration)},
  spread: ${JSON.stringify(spread)},
  study: ${JSON.stringify(study)},
}
`,
)
Object.keys(FEATURES).forEach((name, at) => console.log(name.padEnd(20), weights[at]))
console.log(calibration.map(([said, came]) => `${said} -> ${came}`).join('\n'))
console.log(spread, study)
