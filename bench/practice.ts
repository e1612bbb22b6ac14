/**
 * Practice: what a long plan takes in a worker, and how often “80 %” came true, with made-up pupils. Half of them learn
 * and forget as the model says; half do not: each study of theirs has a pace of its own, their days differ more, and what
 * is forgotten goes faster than the scheduler thinks. Posts the figures.
 */
import { parentPort } from 'node:worker_threads'
import { completeRecipe, type Recipe } from '#core/instrument'
import {
  dateOf,
  dayOf,
  type Entry,
  type Outcome,
  preparationFor,
  type Preparation,
  type PlanItem,
  planned,
  prepare,
  recallOn,
  statesOf,
  wouldHelp,
} from '#core/practice'

const START = dayOf('2026-09-07')!
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = ['major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio']

const studiesOf = (count: number): Recipe[] =>
  Array.from({ length: count }, (_, at) =>
    completeRecipe({
      material: { tonic: TONICS[at % 12]!, kind: KINDS[Math.floor(at / 12)]! },
      ...{ octaves: 2, hands: 'together', tempo: { bpm: 72, notesPerBeat: 2 } },
    }),
  )

/** Numbers from 0 to 1, the same for the same seed (mulberry32, public domain; from memory). */
function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
/** Beta(3, 2): the third smallest of four. */
const beta32 = (random: () => number): number => [random(), random(), random(), random()].sort((a, b) => a - b)[2]!
const shifted = (chance: number, by: number): number =>
  chance <= 0 ? 0 : 1 / (1 + Math.exp(-(Math.log(Math.min(0.9999, chance) / (1 - Math.min(0.9999, chance))) + by)))

interface Player {
  pace(study: number): number
  recall(study: number, forecast: number, day: number): number
}

/** Good days and bad ones: by how much all is better recalled on a day, in log-odds. */
function formsOf(random: () => number, spread: number): (day: number) => number {
  const days = new Map<number, number>()
  return (day) => {
    if (!days.has(day)) days.set(day, spread * normal(random))
    return days.get(day)!
  }
}

/** Somebody of whom the model is true. */
function asModelled(random: () => number): Player {
  const [pace, retention] = [beta32(random), 0.6 * normal(random)]
  const form = formsOf(random, 0.6)
  return { pace: () => pace, recall: (_, forecast, day) => shifted(forecast, retention + form(day)) }
}

/** Somebody of whom it is not. */
function otherwise(random: () => number, studies: number): Player {
  const paces = Array.from({ length: studies }, () =>
    Math.min(0.95, Math.max(0.15, beta32(random) + 0.15 * normal(random))),
  )
  const holds = Array.from({ length: studies }, () => 0.5 * normal(random) - 0.2)
  const form = formsOf(random, 0.9)
  return {
    pace: (study) => paces[study]!,
    recall: (study, forecast, day) => shifted(forecast ** 1.2, holds[study]! + form(day)),
  }
}

interface Life {
  readonly preparation: Preparation
  readonly studies: readonly Recipe[]
  readonly player: Player
  readonly random: () => number
}

function outcomeOf(item: PlanItem, day: number, record: readonly Entry[], life: Life): Outcome {
  const { preparation, player, random, studies } = life
  if (!item.test) {
    const minutes = preparation.targets[item.study]!.stages.find(({ id }) => id === item.stage)!.minutes
    if (random() < player.pace(item.study) * Math.min(1, item.minutes / minutes)) return 'right'
    return random() < 0.3 ? 'wrong' : 'hesitated'
  }
  const own = record.filter(({ study }) => study === studies[item.study])
  const [state] = statesOf([preparation.targets[item.study]!], own)
  const chance = state!.memory ? player.recall(item.study, recallOn(state!, day), day) : player.pace(item.study)
  return random() < chance ? 'right' : 'wrong'
}

const LOOKED_AT = [28, 14, 7, 1]
const RIGHT_FROM = 0.8

/** One pupil's weeks to the exam: what was said of it on the way, and whether a draw went well. */
function life(seed: number, modelled: boolean): { forecast: number[]; came: boolean } {
  const random = seeded(seed)
  const count = 4 + Math.floor(random() * 5)
  const studies = studiesOf(count)
  const player = modelled ? asModelled(random) : otherwise(random, count)
  const exam = START + 7 * (7 + Math.floor(random() * 5))
  const minutesADay = 12 + Math.floor(random() * 14)
  const record: Entry[] = []
  const at = (day: number) =>
    preparationFor({
      ...{
        today: dateOf(day),
        exam: dateOf(exam),
        minutesADay,
        days: ['mon', 'tue', 'wed', 'fri', 'sat'],
        lesson: 'thu',
      },
      ...{ studies, record },
    })
  const forecast: number[] = []
  for (let day = START; day < exam; day++) {
    const preparation = at(day)
    if (LOOKED_AT.includes(exam - day)) forecast.push(prepare(preparation).then.chance)
    const { plan } = planned(preparation)
    const today = plan.days[0]?.day === day ? plan.days[0].items : []
    const known = [...record]
    for (const item of today) {
      const outcome = outcomeOf(item, day, known, { preparation, studies, player, random })
      const { hands, octaves, tempo, minutes, stage } = item
      const kind = item.test ? 'cold-test' : 'home'
      record.push({
        study: studies[item.study]!,
        date: dateOf(day),
        kind,
        outcome,
        hands,
        octaves,
        tempo,
        minutes,
        stage,
      })
    }
  }
  const { targets } = at(exam - 1)
  const states = statesOf(targets, record)
  const drawn = states
    .map((_, study) => ({ study, lot: random() }))
    .sort((a, b) => a.lot - b.lot)
    .slice(0, 6)
  const came = drawn.every(({ study }) => {
    const counts = Math.max(
      0,
      Math.min(1, (states[study]!.cleanTempo / targets[study]!.required - RIGHT_FROM) / (1 - RIGHT_FROM)),
    )
    return random() < player.recall(study, recallOn(states[study]!, exam), exam) * counts
  })
  return { forecast, came }
}

const BINS = [0, 0.2, 0.4, 0.6, 0.75, 0.85, 1.0001]

function calibrated(pupils: number, modelled: boolean) {
  const lives = Array.from({ length: pupils }, (_, at) => life(at + 1 + (modelled ? 0 : 100_000), modelled))
  const all = lives.flatMap(({ forecast, came }) => forecast.map((chance) => ({ chance, came })))
  return BINS.slice(0, -1).map((from, at) => {
    const own = all.filter(({ chance }) => chance >= from && chance < BINS[at + 1]!)
    const share = (of: (each: (typeof own)[number]) => number) =>
      own.reduce((sum, each) => sum + of(each), 0) / own.length
    return { count: own.length, forecast: share(({ chance }) => chance), came: share(({ came }) => Number(came)) }
  })
}

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
  return { median: plan[3]!, worst: plan.at(-1)!, help: help[3]! }
}

const PUPILS = Number(process.env.TACTUM_PUPILS ?? 500)
parentPort?.postMessage({
  long: longPlan(),
  modelled: calibrated(PUPILS, true),
  otherwise: calibrated(PUPILS, false),
  pupils: PUPILS,
})
