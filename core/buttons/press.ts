import { type Problem, type Solution, solve } from '../solver'
import type { HandStep } from '../fingering'
import type { Finger, Line, LineNote } from '../study'

/** A finger on a button. */
export interface Press<B> {
  readonly finger: Finger
  readonly button: B
}
/** What a hand takes at one step: a press for each note, lowest note first. */
export type Grasp<B> = readonly Press<B>[]

/** Called with each cost term as it is added; used to explain a choice after it is found. */
export type CostListener<T extends string> = (term: T, cost: number) => void

/** How a hand plays buttons: which it may take for a note, and what one and two grasps cost. */
export interface Touch<B, T extends string = string> {
  readonly fingers: readonly Finger[]
  buttonsFor(note: LineNote): readonly B[]
  /** Whether two presses are of one button. */
  same(a: B, b: B): boolean
  /** Whether a hand can take a higher note with one press while it holds a lower one with another. */
  beside(lower: Press<B>, higher: Press<B>): boolean
  one(note: readonly LineNote[], step: HandStep, grasp: Grasp<B>, onCost?: CostListener<T>): number
  two(from: Grasp<B>, to: Grasp<B>, onCost?: CostListener<T>): number
}

/** A line with what its hand may do at every step. */
export interface Pressing<B, T extends string = string> {
  readonly touch: Touch<B, T>
  readonly line: Line
  readonly steps: readonly HandStep[]
  readonly states: readonly (readonly Grasp<B>[])[]
}

/** Which presses a note may have; pins and other ways narrow them. */
export type Allowed<B> = (index: number, press: Press<B>) => boolean

const takes = <B>(touch: Touch<B>, lower: Press<B>, higher: Press<B>): boolean =>
  lower.finger !== higher.finger && !touch.same(lower.button, higher.button) && touch.beside(lower, higher)

/** Every way to take some notes at once: no finger twice, no button twice. */
function graspsOf<B>(touch: Touch<B>, notes: readonly LineNote[]): Grasp<B>[] {
  return notes.reduce<Grasp<B>[]>(
    (grasps, note) => {
      const presses = touch.buttonsFor(note).flatMap((button) => touch.fingers.map((finger) => ({ finger, button })))
      return grasps.flatMap((grasp) =>
        presses.filter((press) => grasp.every((each) => takes(touch, each, press))).map((press) => [...grasp, press]),
      )
    },
    [[]],
  )
}

const likeness = ({ midi, chord, pitch }: LineNote): string => `${midi} ${chord ?? ''} ${pitch.letter}`

/** A line ready to be solved; equal notes share their ways. */
export function pressingOf<B, T extends string>(
  touch: Touch<B, T>,
  line: Line,
  steps: readonly HandStep[],
): Pressing<B, T> {
  const known = new Map<string, Grasp<B>[]>()
  const states = steps.map(({ notes }) => {
    const own = notes.map((index) => line.notes[index]!)
    const key = own.map(likeness).join(' ')
    const found = known.get(key) ?? graspsOf(touch, own)
    known.set(key, found)
    return found
  })
  return { touch, line, steps, states }
}

/** The line as a problem for the solver: one and two successive grasps have costs. */
export function pressProblem<B, T extends string>(
  { touch, line, steps, states }: Pressing<B, T>,
  allowed?: Allowed<B>,
  onCost?: CostListener<T>,
): Problem<Grasp<B>> {
  const notesAt = (at: number): LineNote[] => steps[at]!.notes.map((index) => line.notes[index]!)
  return {
    length: steps.length,
    states: (at) =>
      allowed
        ? states[at]!.filter((grasp) => grasp.every((press, voice) => allowed(steps[at]!.notes[voice]!, press)))
        : states[at]!,
    one: (at, grasp) => touch.one(notesAt(at), steps[at]!, grasp, onCost),
    two: (_, a, b) => touch.two(a, b, onCost),
  }
}

export const solvePresses = <B, T extends string>(
  pressing: Pressing<B, T>,
  allowed?: Allowed<B>,
  k = 1,
): Solution<Grasp<B>>[] => solve(pressProblem(pressing, allowed), k)

/** Grasps as presses note by note. */
export function pressesOf<B>(steps: readonly HandStep[], grasps: readonly Grasp<B>[]): Press<B>[] {
  const presses: Press<B>[] = []
  steps.forEach((step, at) => step.notes.forEach((note, voice) => (presses[note] = grasps[at]![voice]!)))
  return presses
}
