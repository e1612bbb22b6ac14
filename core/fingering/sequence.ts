import { type Finger, hasChords, type Hand, type Line } from '../study'
import { allCombinations, type StruckFingers, sameFingers } from './chords'
import { outward, termCost } from './cost'
import type { School } from './school'
import { type Lies, shapePrices, spans } from './shape'

/** Notes that a hand plays without moving: a repeat of a figure, a broken chord, or a chord struck at once. */
export interface Unit {
  /** Places in the line. */
  readonly notes: readonly number[]
  /** Different keys, lowest first. */
  readonly keys: readonly number[]
  /** Units of one group keep one shape of the hand. */
  readonly group: string
  /** How the hand lies over its keys: see `Lies`. */
  readonly lies: Lies
}

/** One fingering of all units: a shape for each, and the shape that its group keeps. */
export interface Sequence {
  readonly units: readonly Unit[]
  /** Whether its repeats are inversions of one chord, each with a shape of its own. */
  readonly inverts: boolean
  readonly fingersByStep: readonly StruckFingers[]
  readonly mains: ReadonlyMap<string, StruckFingers>
  /** Notes that go on by a step to the next finger, whatever their unit's shape is. */
  readonly onward?: ReadonlyMap<number, Finger>
  readonly cost: number
}

/** Which shapes a unit may take; pins narrow them. */
export type Fits = (unit: Unit, struckFingers: StruckFingers) => boolean

const keysOf = (line: Line, notes: readonly number[]): number[] =>
  [...new Set(notes.map((note) => line.notes[note]!.midi))].sort((a, b) => a - b)

/** Notes of a line cut wherever a new one begins. */
function cut(line: Line, begins: (at: number) => boolean): number[][] {
  const cells: number[][] = []
  line.notes.forEach((_, at) => (at === 0 || begins(at) ? cells.push([at]) : cells.at(-1)!.push(at)))
  return cells
}

/** Repeats one by one: each cell of a figure, each chord of a chain. */
const cellsOf = (line: Line): number[][] =>
  cut(line, (at) => line.notes[at]!.fresh || line.notes[at]!.repeat !== line.notes[at - 1]!.repeat)

/** Repeats of two notes go two by two, as long as the line keeps its direction; anew in each octave, so that octaves are alike. */
function paired(line: Line, cells: readonly number[][]): number[][] {
  const pairs: number[][] = []
  let open = false
  let began: number | undefined
  cells.forEach((cell, at) => {
    const last = cells[at - 1]
    const { degree, leg } = line.notes[cell[0]!]!
    const turned = !last || line.notes[last[0]!]!.leg !== leg
    if (turned) began = degree
    const anew = turned || degree === began
    if (open && !anew && !line.notes[cell[0]!]!.fresh) {
      pairs[pairs.length - 1] = [...pairs.at(-1)!, ...cell]
      open = false
    } else {
      pairs.push(cell)
      open = true
    }
  })
  return pairs
}

const MAX_KEYS = 5

/** Inversions of one chord are other shapes: each is a group of its own, told by its intervals. */
const intervals = (keys: readonly number[]): string => keys.map((key) => key - keys[0]!).join(' ')

function unitsFrom(line: Line, cells: readonly number[][], inverts: boolean, lies: Lies): Unit[] {
  return cells.map((notes) => {
    const keys = keysOf(line, notes)
    return { notes, keys, group: inverts ? intervals(keys) : String(keys.length), lies }
  })
}

/** Chords struck at once; the same keys are one group. */
function chordsOf(line: Line): Unit[] {
  const cells = cut(line, (at) => line.notes[at]!.step !== line.notes[at - 1]!.step)
  return cells.map((notes) => {
    const keys = keysOf(line, notes)
    return { notes, keys, group: keys.join(' '), lies: 'struck' }
  })
}

/**
 * How a line may be cut into units, each way in turn.
 * @param rests the note on which it comes to rest stands by itself
 * @param halved every repeat is cut in two
 */
function cuts(line: Line, inverts = false, rests = false, halved = false): Unit[][] {
  const cells = halved ? halves(line, cellsOf(line)) : cellsOf(line)
  const inTwos = cells.every((cell) => cell.length <= 3) && cells.some((cell) => cell.length === 2)
  const ways = inTwos ? [paired(line, cells), cells] : [cells]
  const lies = inTwos ? 'by-twos' : 'broken'
  return (rests ? ways.map(resting) : ways).map((way) => unitsFrom(line, way, inverts, lies))
}

/** Repeats of four notes and more in halves, for hands that do not lie over the whole of one. */
const halves = (line: Line, cells: readonly number[][]): number[][] =>
  cells.flatMap((cell) => {
    const steps = [...new Set(cell.map((note) => line.notes[note]!.step))]
    if (steps.length < 4) return [cell]
    const middle = steps[Math.ceil(steps.length / 2)]!
    return [
      cell.filter((note) => line.notes[note]!.step < middle),
      cell.filter((note) => line.notes[note]!.step >= middle),
    ]
  })

/** The same with the note on which a line comes to rest by itself, for hands that do not reach it from the last repeat. */
function resting(cells: readonly number[][]): number[][] {
  const last = cells.at(-1)!
  return last.length > 1 ? [...cells.slice(0, -1), last.slice(0, -1), last.slice(-1)] : [...cells]
}

/** The repeats of a figure as they belong together: two by two where they have two notes. */
export const repeatsOf = (line: Line): readonly Unit[] => cuts(line)[0]!

interface Choice {
  readonly main: StruckFingers
  readonly fingersByStep: readonly StruckFingers[]
  readonly cost: number
}

/** The shapes that one group may keep, cheapest first: where another serves a unit much better, it takes that one. */
function choicesFor(school: School, hand: Hand, units: readonly Unit[], fits: Fits): Choice[] {
  const all = allCombinations(hand, units[0]!.keys.length)
  const priced = units.map((unit) => {
    const prices = shapePrices(school, hand, unit.keys, unit.lies)
    return all.map((struckFingers, at) => (fits(unit, struckFingers) ? prices[at]! : Infinity))
  })
  const other = termCost('another-shape', 1, school)
  return all
    .map((main, own): Choice => {
      let cost = 0
      const fingersByStep = priced.map((prices) => {
        const best = prices.reduce((least, price, at) => (price < prices[least]! ? at : least), 0)
        const keeps = prices[own]! <= prices[best]! + other
        cost += keeps ? prices[own]! : prices[best]! + other
        return all[keeps ? own : best]!
      })
      return { main, fingersByStep, cost }
    })
    .filter(({ cost }) => cost < Infinity)
    .sort((a, b) => a.cost - b.cost)
}

/** One way of cutting a line, fingered: its best choice for every group; undefined where no hand lies over a unit. */
function fingered(school: School, hand: Hand, units: readonly Unit[], fits: Fits) {
  const groups = new Map<string, number[]>()
  units.forEach(({ group }, at) => groups.set(group, [...(groups.get(group) ?? []), at]))
  const choices = new Map<string, Choice[]>()
  for (const [group, places] of groups) {
    const own = places.map((at) => units[at]!)
    if (own.some(({ keys }) => keys.length > MAX_KEYS || !spans(school, keys[0]!, keys.at(-1)!))) return undefined
    const found = choicesFor(school, hand, own, fits)
    if (found.length === 0) return undefined
    choices.set(group, found)
  }
  return { groups, choices, cost: [...choices.values()].reduce((sum, [best]) => sum + best!.cost, 0) }
}

/** The group with the most units: the figure itself, not the last repeat. */
export function mainGroup(units: readonly Unit[]): string {
  const count = (group: string) => units.filter((unit) => unit.group === group).length
  return units.reduce((most, { group }) => (count(group) > count(most) ? group : most), units[0]!.group)
}

/** Notes of a line of repeats before it comes to the degree on which it began, or turns. */
function firstOctave({ notes }: Line): number {
  const [{ degree, leg, repeat }] = notes as readonly [Line['notes'][number]]
  const again = notes.findIndex(
    (note, at) =>
      at > 0 &&
      note.repeat !== notes[at - 1]!.repeat &&
      note.repeat !== repeat &&
      (note.degree === degree || note.leg !== leg),
  )
  return again < 0 ? notes.length : again
}

/** What it counts to carry the hand to a new unit. */
const CARRIED = 8

/**
 * Fingers a line of repeats so that each keeps its shape: within a repeat nothing crosses, and the hand moves as a whole
 * to the next. Exact: every shape is tried as the one that is kept, and each unit alone may take another for a price, so
 * that repeats on like keys have like fingers. The best first, then those that keep another shape.
 * @param inverts the repeats are inversions of one chord, each with a shape of its own
 * @returns nothing where no hand lies over one of the repeats
 */
export function solveSequence(school: School, line: Line, fits: Fits, inverts = false): Sequence[] {
  // chords within a motif lie in its shape
  const chords = line.free !== 'figure' && hasChords(line)
  const first = firstOctave(line)
  const priced = (units: readonly Unit[]) => {
    const found = fingered(school, line.hand, units, fits)
    if (!found) return []
    // one octave is cut as more are: but for its last repeat, which may end the line
    const octaves = units.filter(({ notes }) => notes[0]! < first)
    const own = octaves.length > 1 ? octaves.slice(0, -1) : octaves
    const octave = fingered(school, line.hand, own, () => true)
    return [{ ...found, units, cost: (octave ?? found).cost + CARRIED * own.length }]
  }
  // a hand that does not reach the last note from the last repeat moves for it
  const waysOf = (halved: boolean) => {
    const rested = cuts(line, inverts, true, halved)
    return cuts(line, inverts, false, halved).flatMap((units, way) => {
      const whole = priced(units)
      return whole.length > 0 ? whole : priced(rested[way]!)
    })
  }
  // one that does not reach a repeat moves within it
  const cutWays = chords ? priced(chordsOf(line)) : waysOf(false)
  const ways = chords || cutWays.length > 0 ? cutWays : waysOf(true)
  const best = ways.sort((a, b) => a.cost - b.cost)[0]
  if (!best) return []
  const { units, groups, choices } = best
  const withChoice = (changed?: string, choice?: Choice): Sequence => {
    const fingersByStep: StruckFingers[] = []
    const mains = new Map<string, StruckFingers>()
    let cost = 0
    for (const [group, places] of groups) {
      const own = group === changed ? choice! : choices.get(group)![0]!
      places.forEach((at, place) => (fingersByStep[at] = own.fingersByStep[place]!))
      mains.set(group, own.main)
      cost += own.cost
    }
    return { units, inverts, fingersByStep, mains, cost }
  }
  // another fingering of a figure is another shape of its repeats; a last one alone makes none
  const changing = chords || inverts ? [...choices.keys()] : [mainGroup(units)]
  const others = changing.flatMap((group) =>
    choices
      .get(group)!
      .slice(1)
      .map((choice) => withChoice(group, choice)),
  )
  return [withChoice(), ...others.sort((a, b) => a.cost - b.cost)]
}

/** A sequence of one stretch as it stands in the whole line: a group of its own in every key. */
export const shifted = ({ units, mains, ...own }: Sequence, from: number, key: number): Sequence => {
  if (from === 0) return { units, mains, ...own }
  return {
    ...own,
    units: units.map((unit) => ({
      ...unit,
      notes: unit.notes.map((note) => note + from),
      group: `${key} ${unit.group}`,
    })),
    mains: new Map([...mains].map(([group, main]) => [`${key} ${group}`, main])),
  }
}

const together = (sequences: readonly Sequence[]): Sequence => ({
  inverts: sequences.some(({ inverts }) => inverts),
  units: sequences.flatMap(({ units }) => units),
  fingersByStep: sequences.flatMap(({ fingersByStep }) => fingersByStep),
  mains: new Map(sequences.flatMap(({ mains }) => [...mains])),
  cost: sequences.reduce((sum, { cost }) => sum + cost, 0),
})

/** The best of every stretch as one sequence, and those in which one stretch has another, best first. */
export function joinedSequences(found: readonly (readonly Sequence[])[]): Sequence[] {
  const best = found.map(([first]) => first!)
  if (found.length === 1) return [...found[0]!]
  const others = found.flatMap((own, at) => own.slice(1).map((other) => together(best.with(at, other))))
  return [together(best), ...others.sort((a, b) => a.cost - b.cost)]
}

/** The finger of every note of a sequence. */
export function fingersIn({ units, fingersByStep, onward }: Sequence, line: Line): Finger[] {
  const fingers: Finger[] = []
  units.forEach(({ notes, keys }, at) => {
    for (const note of notes) {
      fingers[note] = onward?.get(note) ?? fingersByStep[at]![keys.indexOf(line.notes[note]!.midi)]!
    }
  })
  return fingers
}

const WHOLE_STEP = 2

/** The finger next to that of the note before, where a unit's first note follows by a step and comes back within the unit. */
function onwardFinger(
  hand: Hand,
  line: Line,
  { notes, keys }: Unit,
  shape: StruckFingers,
  before: { readonly midi: number; readonly finger: Finger },
): Finger | null {
  const { midi } = line.notes[notes[0]!]!
  const comesBack = notes.slice(1).some((note) => line.notes[note]!.midi === midi)
  const step = midi - before.midi
  if (!comesBack || step === 0 || Math.abs(step) > WHOLE_STEP) return null
  const next = before.finger + Math.sign(step) * outward(hand)
  const place = keys.indexOf(midi)
  const beside = [shape[place - 1], shape[place + 1]]
  if (beside.some((finger) => finger === undefined)) return null
  return next > Math.min(...(beside as Finger[])) && next < Math.max(...(beside as Finger[])) ? (next as Finger) : null
}

/**
 * A sequence in which the first note of a unit goes on to the next finger where it follows the unit before by a step:
 * 3 1 3 5, then 4 1 3 5. What comes back within the unit has the finger of the shape.
 * @param fixed notes whose fingers are pinned
 */
export function goingOn(sequence: Sequence, line: Line, fixed: ReadonlySet<number>): Sequence {
  const { units, fingersByStep } = sequence
  if (units[0]!.lies === 'struck') return sequence
  const own = fingersIn(sequence, line)
  const onward = new Map<number, Finger>()
  units.forEach((unit, at) => {
    const first = unit.notes[0]!
    if (at === 0 || fixed.has(first) || line.notes[first]!.fresh) return
    const before = { midi: line.notes[first - 1]!.midi, finger: own[first - 1]! }
    const finger = onwardFinger(line.hand, line, unit, fingersByStep[at]!, before)
    if (finger !== null && finger !== own[first]) onward.set(first, finger)
  })
  return { ...sequence, onward }
}

/** The shape that a unit would keep: its group's, or for a repeat without its twin its half of the figure's. */
export function keptShape({ units, mains }: Sequence, at: number): StruckFingers {
  const { group, lies, keys } = units[at]!
  const main = mains.get(mainGroup(units))!
  return lies === 'by-twos' && keys.length === 2 && main.length === 4 ? [main[0]!, main[2]!] : mains.get(group)!
}

/** Units that depart from the shape that they would keep. */
export const departures = (sequence: Sequence): number[] =>
  sequence.fingersByStep.flatMap((fingers, at) => (sameFingers(fingers, keptShape(sequence, at)) ? [] : [at]))
