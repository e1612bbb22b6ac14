import { costOf, type Solution, Through } from '../solver'
import type { Finger } from '../study'
import { type CostTerm, costTermsOfRun, dearerIn } from './costTerms'
import { type StruckFingers, sameFingers } from './chords'
import { allowedBy } from './pins'
import { type Allowed, fingersOf, runProblem } from './run'
import type { Task } from './task'
import { type Window, windowsOf, within } from './window'

/** The best line that has something else at a step. */
export interface Other {
  readonly fingersByStep: readonly StruckFingers[]
  readonly fingers: readonly Finger[]
  /** Points more than the chosen line. */
  readonly price: number
  /** What it pays more for, dearest first. */
  readonly dearer: readonly CostTerm[]
}

/** With an octave's pattern only the ends are asked about; so many steps around them may change with them. */
const AROUND = 4

/** A stretch of the line that may change, with all ways through it. */
interface Stretch extends Window {
  readonly through: Through<StruckFingers>
  /** What the chosen line costs there. */
  readonly cost: number
}

/** Whole lines that differ from the chosen one at a place; worked out once and asked for any place. */
export class Others {
  private stretches?: readonly Stretch[]

  constructor(
    private readonly task: Task,
    private readonly chosen: Solution<StruckFingers>,
  ) {}

  /** The best line that strikes a step with wanted fingers; undefined where no hand plays it. */
  at(step: number, wanted: (struckFingers: StruckFingers) => boolean): Other | undefined {
    const { run } = this.task
    this.stretches ??= this.made()
    const stretch = this.stretches.find(({ from, to }) => from <= step && step <= to)
    const found = stretch?.through.best(step - stretch.from, wanted)
    if (!stretch || !found) return undefined
    const fingersByStep = [...this.chosen.states]
    found.states.forEach((struckFingers, at) => (fingersByStep[stretch.from + at] = struckFingers))
    return {
      fingersByStep,
      fingers: fingersOf(run.steps, fingersByStep),
      price: Math.max(0, found.cost - stretch.cost),
      dearer: this.dearer(fingersByStep),
    }
  }

  /** With an octave's pattern the stretches around the ends, each by itself; else the whole line. */
  private made(): Stretch[] {
    const { run, ringed } = this.task
    const problem = runProblem(run, this.allowed())
    const { length } = run.steps
    const isFree = (at: number): boolean => !ringed || run.steps[at]!.fromEnd <= AROUND
    return windowsOf(length, isFree).map((window) => {
      const own = within(problem, window)
      const cost = costOf(own, this.chosen.states.slice(window.from, window.to + 1))
      return { ...window, through: new Through(own), cost }
    })
  }

  /** Where two lines are alike they pay alike, so only the stretch in which they differ is looked at. */
  private dearer(other: readonly StruckFingers[]): CostTerm[] {
    const { states } = this.chosen
    const from = Math.max(0, other.findIndex((struckFingers, at) => !sameFingers(struckFingers, states[at])) - 2)
    const to = other.findLastIndex((struckFingers, at) => !sameFingers(struckFingers, states[at]))
    const costTerms = (fingersByStep: readonly StruckFingers[]) =>
      costTermsOfRun(this.task.run, fingersByStep, from, to)
    return dearerIn(costTerms(states), costTerms(other))
  }

  private allowed(): Allowed | undefined {
    const { run, pins, ringed } = this.task
    const pinned = allowedBy(run.steps, pins)
    if (!ringed) return pinned
    const { states } = this.chosen
    return (at, struckFingers) =>
      pinned?.(at, struckFingers) !== false &&
      (run.steps[at]!.fromEnd <= AROUND || sameFingers(struckFingers, states[at]))
  }
}
