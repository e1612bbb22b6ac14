import { type Solution, Through } from '../assign'
import type { Finger } from '../study'
import { type Charge, chargesOfRun, dearerIn } from './charges'
import { type Hold, sameHold } from './chords'
import { allowedBy } from './pins'
import { type Allowed, fingersOf, runProblem } from './run'
import type { Task } from './task'

/** The best line that has something else at a step. */
export interface Other {
  readonly holds: readonly Hold[]
  readonly fingers: readonly Finger[]
  /** Points more than the chosen line. */
  readonly price: number
  /** What it pays more for, dearest first. */
  readonly dearer: readonly Charge[]
}

/** With an octave's pattern only the ends are asked about; so many steps around them may change with them. */
const AROUND = 4

/** Whole lines that differ from the chosen one at a place; worked out once and asked for any place. */
export class Others {
  private through?: Through<Hold>

  constructor(
    private readonly task: Task,
    private readonly chosen: Solution<Hold>,
  ) {}

  /** The best line whose hold at a step is one of those wanted; undefined where no hand plays it. */
  at(step: number, wanted: (hold: Hold) => boolean): Other | undefined {
    const { run } = this.task
    this.through ??= new Through(runProblem(run, this.allowed()))
    const found = this.through.best(step, wanted)
    if (!found) return undefined
    return {
      holds: found.states,
      fingers: fingersOf(run.steps, found.states),
      price: Math.max(0, found.cost - this.chosen.cost),
      dearer: this.dearer(found.states),
    }
  }

  /** Where two lines are alike they pay alike, so only the stretch in which they differ is looked at. */
  private dearer(other: readonly Hold[]): Charge[] {
    const { states } = this.chosen
    const from = Math.max(0, other.findIndex((hold, at) => !sameHold(hold, states[at])) - 2)
    const to = other.findLastIndex((hold, at) => !sameHold(hold, states[at]))
    const charges = (holds: readonly Hold[]) => chargesOfRun(this.task.run, holds, from, to)
    return dearerIn(charges(states), charges(other))
  }

  private allowed(): Allowed | undefined {
    const { run, pins, rings } = this.task
    const pinned = allowedBy(run.steps, pins)
    if (rings.length === 0) return pinned
    const { states } = this.chosen
    return (at, hold) =>
      pinned?.(at, hold) !== false && (run.steps[at]!.fromEnd <= AROUND || sameHold(hold, states[at]))
  }
}
