import { type Problem, solve } from '#core/assign'
import { KIND_IDS, KINDS, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/study'
import { expand, placeSet, recipesForMissing, gradeSet } from '#core/syllabus'
import corvane from '../demo/syllabi/corvane-piano.json'
import { syllabusOf } from '../shared/schemas'

const print = (what: string, value: string, budget = ''): void =>
  console.log(`${what.padEnd(66)} ${value.padStart(12)}   ${budget}`)
const ms = (value: number): string => `${value.toFixed(value < 10 ? 2 : 0)} ms`

function timed(work: () => unknown, runs: number): { median: number; p95: number } {
  const times = Array.from({ length: runs }, () => {
    const began = performance.now()
    work()
    return performance.now() - began
  }).sort((a, b) => a - b)
  return { median: times[runs >> 1]!, p95: times[Math.floor(runs * 0.95)]! }
}

const everything = (): RecipeInput[] =>
  KIND_IDS.flatMap((kind) =>
    usualTonics(KINDS[kind]).map((tonic) => ({ material: { tonic: noteName(tonic), kind }, octaves: 4 })),
  )

/** A short run solved by trying every row, beside the solver: same answer, other effort. */
function bruteForce(): void {
  const states = [1, 2, 3, 4, 5]
  const cost = (at: number, a: number, b: number) => ((at * 7 + a * 5 + b * 3) % 11) + Math.abs(a - b)
  const problem: Problem<number> = { length: 9, states: () => states, one: () => 0, two: cost }
  let best = Infinity
  let visited = 0
  const go = (at: number, last: number, sum: number): void => {
    if (at === 9) {
      visited++
      best = Math.min(best, sum)
      return
    }
    for (const state of states) go(at + 1, state, at === 0 ? 0 : sum + cost(at - 1, last, state))
  }
  const brute = timed(() => go(0, 0, 0), 1)
  const exact = timed(() => solve(problem), 50)
  const same = solve(problem)[0]!.cost === best ? 'same answer' : 'ANOTHER ANSWER'
  print(`brute force over ${visited.toLocaleString('en')} fingerings of nine notes`, ms(brute.median))
  print(`the solver on the same (${same})`, ms(exact.median))
}

export function core(): void {
  const all = everything()
  const cold = timed(() => all.forEach((recipe) => realise(recipe)), 1)
  print(`${all.length} studies: all tonics, all kinds, hands together, 4 oct, cold`, ms(cold.median), 'budget 2000 ms')
  const warm = timed(() => all.forEach((recipe) => realise(recipe)), 5)
  print('the same again, patterns remembered', ms(warm.median))
  const scale: RecipeInput = { material: { tonic: 'G#', kind: 'harmonic-minor' }, octaves: 4 }
  const one = timed(() => realise(scale), 200)
  print('realise a four-octave scale, hands together: median', ms(one.median), 'budget 5 ms')
  print('   the same at the 95th percentile', ms(one.p95))
  bruteForce()
  const board = syllabusOf(corvane)
  const studies = board.grades.flatMap((grade) => recipesForMissing(board, gradeSet(board, grade.id, [])))
  const sixty = Array.from({ length: 60 }, (_, at) => studies[at % studies.length]!)
  const placed = timed(() => placeSet(board, sixty), 30)
  const atoms = board.grades.reduce((sum, grade) => sum + expand(grade).length, 0)
  print(`60 studies against every shipped syllabus (${atoms} atoms)`, ms(placed.median), 'budget 100 ms')
}
