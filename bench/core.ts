import { costOf, solve } from '#core/solver'
import { type StruckFingers, costProfileFor, runOf, runProblem } from '#core/fingering'
import { type Family, freeMaterial, KIND_IDS, KINDS, materialOf, type NamedMaterial, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'
import { realise } from '#core/realise'
import { linesOf } from '#core/study'
import { familyOf, completeRecipe, type RecipeInput } from '#core/instrument'
import { atomsOf, gradeSet, placeSet, recipesForMissing } from '#core/syllabus'
import corvaneMallets from '../demo/syllabi/corvane-mallets.json'
import corvanePiano from '../demo/syllabi/corvane-piano.json'
import ternQuayAccordion from '../demo/syllabi/tern-quay-accordion.json'
import ternQuayPiano from '../demo/syllabi/tern-quay-piano.json'
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

/** Kinds of some families on twelve tonics each, hands together. */
const studiesOf = (families: readonly Family[], octaves = 4): RecipeInput[] =>
  KIND_IDS.filter((kind) => families.includes(KINDS[kind].family)).flatMap((kind) =>
    usualTonics(KINDS[kind])
      .slice(0, 12)
      .map((tonic) => ({ material: { tonic: noteName(tonic), kind }, octaves })),
  )

/** A short line fingered by trying every way, beside the solver: the same answer, and what each looked at. */
function bruteForce(): void {
  const pitches = ['C4', 'E4', 'G4', 'B4', 'D5', 'F#5', 'A5', 'F#5', 'C5']
  const recipe = completeRecipe({ material: { pitches }, hands: 'right' })
  const material = freeMaterial({ letter: 'C', alteration: 0 })
  const [line] = linesOf(recipe, material, familyOf(recipe))
  const run = runOf(costProfileFor(recipe, 'right', material), line!, (steps) => steps.map(() => null))
  const problem = runProblem(run)
  let [best, rows] = [Infinity, 0]
  const row: StruckFingers[] = []
  const go = (at: number): void => {
    if (at === problem.length) {
      rows++
      best = Math.min(best, costOf(problem, row))
      return
    }
    for (const struckFingers of problem.states(at)) {
      row[at] = struckFingers
      go(at + 1)
    }
  }
  const brute = timed(() => go(0), 1)
  let looks = 0
  const counted = {
    ...problem,
    three: (at: number, a: StruckFingers, b: StruckFingers, c: StruckFingers) => (looks++, problem.three!(at, a, b, c)),
  }
  const [found] = solve(counted)
  const exact = timed(() => solve(problem), 50)
  const same = Math.abs(found!.cost - best) < 1e-9 ? 'the same answer' : 'ANOTHER ANSWER'
  const possible = `${(problem.length - 2) * 125} possible triples of states`
  print(`brute force: ${rows.toLocaleString('en')} fingerings of ${problem.length} notes`, ms(brute.median))
  print(`the solver: ${looks.toLocaleString('en')} looks at ${possible}; ${same}`, ms(exact.median))
}

/** A family of material: fingered and explained, cold; then with alternatives, what is remembered being warm. */
function family(words: string, families: readonly Family[], budget = '', octaves = 4): void {
  const studies = studiesOf(families, octaves)
  const plain = () => studies.forEach((recipe) => realise(recipe, {}, 0))
  const full = () => studies.forEach((recipe) => realise(recipe))
  print(`${studies.length} ${words}`, ms(timed(plain, 1).median), budget)
  print('   the same with five alternatives for each hand', ms(timed(full, 1).median))
}

/** Where the time of one study goes: its notes, its fingers with their reasons, other ways. */
function phases(recipe: RecipeInput): void {
  const laid = timed(() => {
    const own = completeRecipe(recipe)
    linesOf(own, materialOf(own.material as NamedMaterial), familyOf(own))
  }, 200).median
  const plain = timed(() => realise(recipe, {}, 0), 200).median
  const whole = timed(() => realise(recipe), 200).median
  const share = (part: number): string => `${Math.round((100 * part) / whole)} %`
  print('   of that: laying down the notes', share(laid))
  print('   fingers, reasons, hands together', share(plain - laid))
  print('   other ways', share(whole - plain))
}

/** Sticking of every scale kind with either lead, over two octaves, and of one study with all that is said of it. */
function mallets(): void {
  console.log('on a marimba of five octaves, two octaves, twelve tonics a kind, both leads:')
  const studies = studiesOf(['scale', 'mode', 'other-scale', 'arpeggio', 'seventh']).flatMap((recipe) =>
    (['right', 'left'] as const).map((lead): RecipeInput => ({
      ...recipe,
      instrument: 'marimba-5.0',
      octaves: 2,
      lead,
      school: 'doubles',
    })),
  )
  const plain = () => studies.forEach((recipe) => realise(recipe, {}, 0))
  print(`${studies.length} scales and arpeggios, with sticks and reasons`, ms(timed(plain, 1).median))
  const scale: RecipeInput = {
    instrument: 'marimba-5.0',
    material: { tonic: 'G#', kind: 'harmonic-minor' },
    octaves: 4,
  }
  const one = timed(() => realise(scale), 200)
  print('realise a four-octave marimba scale with five alternatives: median', ms(one.median), 'budget 5 ms')
  print('   the same at the 95th percentile', ms(one.p95))
}

export function core(): void {
  console.log('hands together, four octaves, twelve tonics a kind, fingered and explained, cold:')
  family('scales, modes and other scales', ['scale', 'mode', 'other-scale'], 'budget 2000 ms')
  family('arpeggios and sevenths', ['arpeggio', 'seventh'])
  // octaves by both hands lie two octaves apart: four of them leave the keyboard
  family('double notes, three octaves', ['double-notes'], '', 3)
  family('chord chains, positions, cadences', ['chain', 'position', 'cadence'])
  const scale: RecipeInput = { material: { tonic: 'G#', kind: 'harmonic-minor' }, octaves: 4 }
  const one = timed(() => realise(scale), 200)
  print('realise a four-octave scale, hands together: median', ms(one.median), 'budget 5 ms')
  print('   the same at the 95th percentile', ms(one.p95))
  const relay: RecipeInput = {
    material: { tonic: 'C', kind: 'major' },
    ...{ octaves: 2, pattern: { journey: 'relay-half-step' } },
  }
  print(
    'realise a relay of twelve keys over two octaves: median',
    ms(timed(() => realise(relay), 40).median),
    'budget 60 ms',
  )
  phases(scale)
  bruteForce()
  mallets()
  const boards = [corvanePiano, ternQuayPiano, corvaneMallets, ternQuayAccordion].map((file) => syllabusOf(file))
  const [board] = boards
  const studies = board!.grades.flatMap((grade) => recipesForMissing(board!, gradeSet(board!, grade.id, [])))
  const sixty = Array.from({ length: 60 }, (_, at) => studies[(at * 4) % studies.length]!)
  const placed = timed(() => boards.forEach((each) => placeSet(each, sixty)), 30)
  const atoms = boards.reduce(
    (sum, each) => sum + each.grades.reduce((all, one) => all + atomsOf(each, one).length, 0),
    0,
  )
  print(`60 studies against every shipped syllabus (${atoms} atoms)`, ms(placed.median), 'budget 100 ms')
  const whole = timed(() => gradeSet(board!, '8', sixty), 30)
  print('   against one grade, with what would mend it', ms(whole.median))
}
