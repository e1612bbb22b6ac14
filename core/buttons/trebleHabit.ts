import type { HandStep } from '../fingering'
import { solve } from '../solver'
import type { Leg, LineNote } from '../study'
import type { TrebleButton } from '../surface'
import type { Grasp, Press, Pressing, Touch } from './press'
import type { TrebleTerm } from './trebleTouch'

type TreblePressing = Pressing<TrebleButton, TrebleTerm>
/** What a note has in every octave: its finger, and the row that it is found in. */
interface Habitual {
  readonly finger: number
  readonly row: number
}
/** Note by note; none where the line does not come round. */
type Habit = ReadonlyMap<number, Habitual>

const OCTAVE = 12
/** Buttons along a row to the octave. */
const PLACES = 4
/** What a pass costs more that does not lie where the octave begins anew. */
const PASS_WITHIN = 40

/** Steps of one way, the one on which it turns among them, as places in the line's steps. */
interface Way {
  readonly leg: Leg
  readonly from: number
  readonly to: number
}

/** Ways through single notes that follow on one another without the hand being set down anew. */
function waysIn(steps: readonly HandStep[]): Way[] {
  const ways: Way[] = []
  steps.forEach(({ leg, notes, fresh }, at) => {
    const last = ways.at(-1)
    if (notes.length !== 1) return
    if (last && last.to === at - 1 && last.leg === leg && !fresh) ways[ways.length - 1] = { ...last, to: at }
    else ways.push({ leg, from: last && last.to === at - 1 && !fresh ? at - 1 : at, to: at })
  })
  return ways
}

/** After how many steps a way comes again an octave on; null where it does not do so twice. */
function periodOf(midi: readonly number[]): number | null {
  const most = Math.floor((midi.length - 1) / 2)
  for (let period = 3; period <= most; period++) {
    const rise = midi[period]! - midi[0]!
    if (Math.abs(rise) !== OCTAVE) continue
    if (midi.every((each, at) => at < period || each - midi[at - period]! === rise)) return period
  }
  return null
}

const moved = ({ finger, button }: Press<TrebleButton>, octaves: number): Press<TrebleButton> => ({
  finger,
  button: { row: button.row, place: button.place + octaves * PLACES, midi: button.midi + octaves * OCTAVE },
})

/** One octave of a way, from its first step. */
interface Octave {
  readonly from: number
  readonly period: number
  readonly rise: 1 | -1
  /** Whether the line comes back as it went, so that both ways are fingered at once. */
  readonly both: boolean
}

/** The cheapest presses for one octave that goes on into the next. */
function ringOf({ touch, line, steps, states }: TreblePressing, octave: Octave): Press<TrebleButton>[] | null {
  const { from, period, rise, both } = octave
  const notes = (at: number): LineNote[] => [line.notes[steps[from + at]!.notes[0]!]!]
  const inside = { ...steps[from]!, end: false }
  const [found] = solve<Grasp<TrebleButton>>({
    length: period,
    cyclic: true,
    states: (at) => states[from + at]!,
    one: (at, grasp) => touch.one(notes(at), inside, grasp) * (both ? 2 : 1),
    two(at, a, b) {
      const wraps = at === period - 1
      const next = wraps ? b.map((press) => moved(press, rise)) : b
      const [low, high] = rise > 0 ? [a[0]!, next[0]!] : [next[0]!, a[0]!]
      const within = !wraps && low.finger > high.finger ? PASS_WITHIN : 0
      return touch.two(a, next) + (both ? touch.two(next, a) : 0) + within
    },
  })
  return found?.states.map(([press]) => press!) ?? null
}

/** What every note of a line that comes round by octaves has in all of them; nothing where it does not. */
function habitOf(pressing: TreblePressing): Habit {
  const { line, steps } = pressing
  const habit = new Map<number, Habitual>()
  const ways = waysIn(steps)
  const midiOf = ({ from, to }: Way): number[] =>
    Array.from({ length: to - from + 1 }, (_, at) => line.notes[steps[from + at]!.notes[0]!]!.midi)
  for (const way of ways) {
    const { from, to } = way
    const midi = midiOf(way)
    const period = periodOf(midi)
    if (period === null) continue
    const rise = midi[period]! > midi[0]! ? 1 : -1
    const back = ways.find((other) => other !== way && String(midiOf(other).reverse()) === String(midi))
    // a line that comes back as it went has its fingers from the way up
    if (back && rise < 0) continue
    const presses = ringOf(pressing, { from, period, rise, both: back !== undefined })
    if (!presses) continue
    const own = presses.map(({ finger, button }) => ({ finger, row: button.row }))
    for (let step = from; step <= to; step++) habit.set(step, own[(step - from) % period]!)
    if (back) for (let step = back.from; step <= back.to; step++) habit.set(step, habit.get(from + back.to - step)!)
  }
  return habit
}

/** The same line, for which it is dear to leave what an octave has in the others; ends are free. */
export function withHabit(pressing: TreblePressing, leaving: number): TreblePressing {
  const habit = habitOf(pressing)
  if (habit.size === 0) return pressing
  const { touch, steps } = pressing
  const at = new Map(steps.map((step, place) => [step, place]))
  const leaves = (step: HandStep, [press]: Grasp<TrebleButton>): boolean => {
    const own = step.end ? undefined : habit.get(at.get(step)!)
    return own !== undefined && (own.finger !== press!.finger || own.row !== press!.button.row)
  }
  const own: Touch<TrebleButton, TrebleTerm> = {
    ...touch,
    one(notes, step, grasp, onCost) {
      const extra = leaves(step, grasp) ? leaving : 0
      if (extra > 0) onCost?.('other-octave', extra)
      return touch.one(notes, step, grasp, onCost) + extra
    },
  }
  return { ...pressing, touch: own }
}
