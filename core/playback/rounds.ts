import { familyOf, type Player } from '../instrument'
import { lineFor, playersIn, type RealisedStudy } from '../realise'
import type { Hand } from '../study'

/** What is played again and again, and how it grows. */
export type Loop = 'once' | 'all' | 'selection' | 'bar' | 'crossings' | 'echo'

/** How a study is to be practised along with the machine. */
export interface Practice {
  readonly loop: Loop
  /** Beats a minute to begin with. */
  readonly bpm: number
  /** First and last step of the selection; needed for that loop, and says which bar is played where one is. */
  readonly selection: readonly [number, number] | null
  /** So many times through, then faster by so many beats a minute; 0 for always the same. */
  readonly rounds: number
  readonly faster: number
  /** Tempo that is never passed. */
  readonly most: number
}

/** One time through a stretch: whole beats of the study's own time. */
export interface Round {
  readonly from: number
  /** One past the last beat. */
  readonly to: number
  readonly bpm: number
  /** Whether the machine plays, or leaves the bar to the pupil. */
  readonly sounds: boolean
  /** First and last step that belong to it. */
  readonly steps: readonly [number, number]
}

const NEAR = 1e-6

const HANDS: readonly Hand[] = ['right', 'left']

/** Steps around a crossing that are looped with it. */
const BEFORE = 3
const AFTER = 2

/** Steps on which a hand that sounds lands a crossing, or where sticks cross or double; each once, in order. */
export function crossingSteps(study: RealisedStudy, hands: readonly Hand[]): number[] {
  const family = familyOf(study.recipe)
  const silent = (player: Player): boolean => HANDS.includes(player as Hand) && !hands.includes(player as Hand)
  const steps = playersIn(study)
    .filter((player) => !silent(player))
    .flatMap((player) => {
      const { notes } = lineFor(study, player)
      return family.worthLooping(study, player).map((index) => notes[index]!.step)
    })
  return [...new Set(steps)].sort((a, b) => a - b)
}

/** The whole beats that some steps lie in. */
export function beatsOver({ rhythm }: RealisedStudy, [first, last]: readonly [number, number]): [number, number] {
  const end = rhythm.notes[last]!
  return [Math.floor(rhythm.notes[first]!.start + NEAR), Math.ceil(end.start + end.beats - NEAR)]
}

/** Steps that begin within some beats. */
function stepsWithin({ rhythm }: RealisedStudy, from: number, to: number): [number, number] {
  const first = rhythm.notes.findIndex(({ start }) => start > from - NEAR)
  const last = rhythm.notes.findLastIndex(({ start }) => start < to - NEAR)
  return [Math.max(0, first), Math.max(first, last)]
}

type Stretch = Pick<Round, 'from' | 'to' | 'steps' | 'sounds'>

const stretchOf = (study: RealisedStudy, steps: readonly [number, number]): Stretch => {
  const [from, to] = beatsOver(study, steps)
  return { from, to, steps: stepsWithin(study, from, to), sounds: true }
}

/** The whole bar in which some steps begin. */
function barAround(study: RealisedStudy, [first]: readonly [number, number]): Stretch {
  const { beatsPerBar, notes } = study.rhythm
  const from = beatsPerBar * Math.floor(notes[first]!.start / beatsPerBar + NEAR)
  const to = from + beatsPerBar
  return { from, to, steps: stepsWithin(study, from, to), sounds: true }
}

/** Every bar twice: first played, then left to the pupil. */
function echoed(study: RealisedStudy): Stretch[] {
  const { beatsPerBar, notes } = study.rhythm
  const end = notes.at(-1)!.start + notes.at(-1)!.beats
  const bars = Math.ceil(end / beatsPerBar - NEAR)
  return Array.from({ length: bars }, (_, bar) => bar * beatsPerBar)
    .map((from): Stretch => ({
      from,
      to: from + beatsPerBar,
      steps: stepsWithin(study, from, from + beatsPerBar),
      sounds: true,
    }))
    .flatMap((heard) => [heard, { ...heard, sounds: false }])
}

/** What is played in one turn: stretches in order. Crossings that share their beats are one stretch. */
function passageOf(study: RealisedStudy, practice: Practice, hands: readonly Hand[]): Stretch[] {
  const whole = stretchOf(study, [0, study.steps - 1])
  if (practice.loop === 'echo') return echoed(study)
  if (practice.loop === 'selection' && practice.selection) return [stretchOf(study, practice.selection)]
  if (practice.loop === 'bar') return [barAround(study, practice.selection ?? [0, 0])]
  if (practice.loop !== 'crossings') return [whole]
  const around = crossingSteps(study, hands).map((step) =>
    stretchOf(study, [Math.max(0, step - BEFORE), Math.min(study.steps - 1, step + AFTER)]),
  )
  const places = around.filter(
    ({ from, to }, at) => at === 0 || from !== around[at - 1]!.from || to !== around[at - 1]!.to,
  )
  return places.length > 0 ? places : [whole]
}

/** Times that each crossing is played before the next one's turn, where no tempo step says otherwise. */
const EACH_CROSSING = 4

/**
 * Rounds without end (or one, for `once`): each stretch in turn. After so many rounds the tempo rises; around crossings
 * each place has its rounds, and the tempo rises when all have had their turn.
 */
export function* roundsOf(study: RealisedStudy, practice: Practice, hands: readonly Hand[]): Generator<Round> {
  const turn = passageOf(study, practice, hands)
  const { rounds, faster, most } = practice
  let bpm = practice.bpm
  const times = practice.loop === 'crossings' ? rounds || EACH_CROSSING : 1
  for (let count = 1; ; count++) {
    for (const stretch of turn) for (let time = 0; time < times; time++) yield { ...stretch, bpm }
    if (practice.loop === 'once' || practice.loop === 'echo') return
    const due = practice.loop === 'crossings' || (rounds > 0 && count % rounds === 0)
    if (due && rounds > 0) bpm = Math.min(Math.max(most, practice.bpm), bpm + faster)
  }
}
