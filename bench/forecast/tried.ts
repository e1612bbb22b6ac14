/** The forecast tried on pupils of worlds that it was not fitted on. */
import { outlooksOf } from '../../core/practice/practise'
import { forecastFor, logistic } from '../../core/practice/forecast'
import { HABITS, HONEST, type World } from './life'
import { casesOf, type Case } from './samples'
import { type Bin, binsOf, type Kept, type Scores, scoresOf } from './scores'

export interface Tried {
  readonly name: string
  readonly scores: Scores
  /** Share of draws whose chance lay within the interval, and of how many. */
  readonly within: number
  readonly draws: number
  /** Share of studies whose true chance lay within what was said of them. */
  readonly studies: number
}

interface Said {
  readonly from: Case
  readonly kept: readonly Kept[]
  readonly within: boolean
  readonly width: number
  readonly studies: readonly boolean[]
}

function saidOf(from: Case): Said {
  const { preparation, then, came, truth, truths } = from
  const { aim, targets, record } = preparation
  const forecast = forecastFor({ targets, record, today: aim.today, aim })
  const outlooks = outlooksOf(preparation, aim.today, aim)
  const { low, high, between } = then ? outlooks.then : outlooks.now
  return {
    from,
    kept: (then ? forecast.then : forecast.now).map((logOdds, at) => ({ said: logistic(logOdds), came: came[at]! })),
    within: truth >= low && truth <= high,
    width: high - low,
    studies: between.map((each, at) => truths[at]! >= each.low && truths[at]! <= each.high),
  }
}

const testsOf = ({ preparation: { record } }: Case): number => record.filter(({ kind }) => kind === 'cold-test').length

/** What is said of so many lives of each habit in each world, and what came. */
export function tried(
  worlds: Readonly<Record<string, World>>,
  each: number,
  seed: number,
): { rows: Tried[]; bins: Bin[] } {
  const all = casesOf(worlds, each, seed).map(saidOf)
  const row = (name: string, is: (from: Case) => boolean): Tried => {
    const own = all.filter(({ from }) => is(from))
    const within = own.filter((said) => said.within).length / own.length
    const studies = own.flatMap((said) => said.studies)
    const inside = studies.filter(Boolean).length / studies.length
    return { name, studies: inside, scores: scoresOf(own.flatMap(({ kept }) => kept)), within, draws: own.length }
  }
  const rows = [
    row('all', () => true),
    row('honest records', ({ habit }) => HONEST.includes(habit)),
    row('asked today', ({ then }) => !then),
    row('on the exam’s day', ({ then }) => then),
    row('no quick test yet', (from) => testsOf(from) === 0),
    row('one to ten quick tests', (from) => testsOf(from) > 0 && testsOf(from) <= 10),
    row('more than ten quick tests', (from) => testsOf(from) > 10),
    ...HABITS.map((habit) => row(`habit: ${habit}`, (from) => from.habit === habit)),
    ...Object.keys(worlds).map((world) => row(`world: ${world}`, (from) => from.world === world)),
  ]
  return { rows, bins: binsOf(all.flatMap(({ kept }) => kept)) }
}
