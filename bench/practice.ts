/**
 * Practice: what a long plan takes in a worker, and how well the forecast keeps its word with made-up pupils of worlds
 * that it was not fitted on (bench/forecast). Posts the figures.
 */
import { parentPort } from 'node:worker_threads'
import { completeRecipe, type Recipe } from '#core/instrument'
import { dateOf, preparationFor, prepare, wouldHelp } from '#core/practice'
import { START } from './forecast/life'
import { OTHER_WORLDS } from './forecast/otherWorlds'
import { tried } from './forecast/tried'
import { teaching } from './teaching'

const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = ['major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio']

const studiesOf = (count: number): Recipe[] =>
  Array.from({ length: count }, (_, at) =>
    completeRecipe({
      material: { tonic: TONICS[at % 12]!, kind: KINDS[Math.floor(at / 12)]! },
      ...{ octaves: 2, hands: 'together', tempo: { bpm: 72, notesPerBeat: 2 } },
    }),
  )

/** Forty studies over twenty weeks. */
function longPlan() {
  const studies = studiesOf(40)
  const exam = dateOf(START + 140)
  const all = {
    minutesADay: 40,
    days: ['mon', 'tue', 'wed', 'fri', 'sat'] as const,
    lesson: 'thu' as const,
    studies,
    exam,
  }
  const timed = Array.from({ length: 7 }, () => {
    const began = performance.now()
    const preparation = preparationFor({ ...all, today: dateOf(START), record: [] })
    const prepared = prepare(preparation)
    const planned = performance.now()
    wouldHelp(preparation, prepared)
    return { plan: planned - began, help: performance.now() - planned }
  })
  const sorted = (of: (each: (typeof timed)[number]) => number) => timed.map(of).sort((a, b) => a - b)
  const [plan, help] = [sorted((each) => each.plan), sorted((each) => each.help)]
  return { first: timed[0]!.plan, median: plan[3]!, worst: plan.at(-1)!, help: help[3]! }
}

/** Lives of each habit in each world. */
const LIVES = Number(process.env.TACTUM_LIVES ?? 8)
parentPort?.postMessage({
  ...{ long: longPlan(), lives: LIVES, taught: teaching(OTHER_WORLDS, LIVES, 6_000_000) },
  ...tried(OTHER_WORLDS, LIVES, 5_000_000),
})
