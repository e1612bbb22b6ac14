import type { Problem } from '../solver'
import { type Line, notesPerMinute, type Stick } from '../study'
import type { MalletRecipe } from './settings'
import { barsFor, malletInstrument } from '../surface'
import { clashes, dampingEffort, dampingRank, type Ringing } from './damping'
import { clearance, type Pair, pairOf, severityOf } from './pairs'
import { type PlacedStickPin, placedStickPins } from './pins'
import type { StrikeStep, Strokes } from './strokes'
import { crossingEffort, doubleEffort, pricesOf, type StickingSchool, stickingSchoolOf } from './schools'

export type { Strokes }

/** A line ready for its sticks. */
export interface StickTask {
  readonly recipe: MalletRecipe
  readonly line: Line
  readonly school: StickingSchool
  readonly lead: Stick
  readonly steps: readonly StrikeStep[]
  /** Between a step and the next; null where both sticks strike at once on either side. */
  readonly pairs: readonly (Pair | null)[]
  /** Between a step and the next: whether the first must be stopped as the next is struck. */
  readonly clashes: readonly boolean[]
  readonly pins: readonly PlacedStickPin[]
  readonly fixed: ReadonlyMap<number, Stick>
  readonly perSecond: number
  /** Whether the shafts of an inverted pair clear each other on bars as narrow as these. */
  clears(at: number): boolean
}

/** What is known of the keys of a line. */
export interface StickedKeys {
  /** Degrees of the material; 0 where it has none. */
  readonly degrees: number
  /** The first note of each key; a line of one key has one. */
  readonly begins?: readonly number[]
  /** How its notes ring; nothing rings on where it is not said. */
  readonly ringing?: Ringing
}

const PERIOD = 8

/** Steps to the next tonic, or to the next of every eight notes where there is none. */
function toTonics(degrees: readonly number[]): number[] {
  const found = degrees.map((_, at) => PERIOD - 1 - (at % PERIOD))
  if (!degrees.some((degree) => degree !== 0)) return found
  let next = 0
  for (let at = degrees.length - 1; at >= 0; at--) {
    next = degrees[at] === 0 ? 0 : next + 1
    found[at] = next
  }
  return found
}

/**
 * Tonics after the first note that may be wanted for the lead, which has the first note whatever it is. Three strokes in
 * a row cannot all be its own; nor need the last tonic of a key, where the next begins with its own.
 */
function leadsIn(degrees: readonly number[], begins: (at: number) => boolean): boolean[] {
  if (!degrees.some((degree) => degree !== 0)) return degrees.map(() => false)
  const leads: boolean[] = []
  degrees.forEach((degree, at) => {
    const lead = (before: number): boolean => before === 0 || leads[before] === true
    const third = at > 1 && lead(at - 1) && lead(at - 2)
    const ends = degrees[at + 1] === 0 && begins(at + 1)
    leads.push(at > 0 && degree === 0 && !third && !ends)
  })
  return leads
}

function stepsOf(line: Line, begins: ReadonlySet<number>): StrikeStep[] {
  const groups: number[][] = []
  line.notes.forEach((note, at) => {
    if (line.notes[at - 1]?.step === note.step) groups.at(-1)!.push(at)
    else groups.push([at])
  })
  const heads = groups.map((group) => group[0]!)
  const degrees = heads.map((head) => line.notes[head]!.degree)
  const late = toTonics(degrees)
  const tonic = leadsIn(degrees, (at) => begins.has(heads[at]!))
  return groups.map((notes, at) => ({
    notes,
    midi: line.notes[notes[0]!]!.midi,
    double: notes.length > 1,
    tonic: tonic[at]!,
    toTonic: late[at]!,
  }))
}

/** @throws DomainError `pin.note`, `pin.degree`, `pin.conflict` */
export function stickTask(recipe: MalletRecipe, line: Line, asked: StickedKeys): StickTask {
  const steps = stepsOf(line, new Set(asked.begins))
  const pairs = steps
    .slice(1)
    .map((step, at) => (step.double || steps[at]!.double ? null : pairOf(steps[at]!.midi, step.midi)))
  const pins = placedStickPins(recipe.pins, line, asked.degrees)
  const bars = barsFor(malletInstrument(recipe.instrument), recipe.bars)
  const xOf = new Map(bars.map((bar) => [bar.midi, bar]))
  return {
    ...{ recipe, line, steps, pairs, pins },
    clashes: asked.ringing ? clashes(steps, recipe.ring.damping, asked.ringing) : pairs.map(() => false),
    school: stickingSchoolOf(recipe.school),
    lead: recipe.lead === 'right' ? 'R' : 'L',
    fixed: new Map(pins.flatMap(({ fixes }) => fixes.map(({ index, stick }) => [index, stick]))),
    perSecond: notesPerMinute(recipe.tempo) / 60,
    clears: (at) => {
      const [one, other] = [xOf.get(steps[at]!.midi), xOf.get(steps[at + 1]!.midi)]
      if (!one || !other || one.accidental === other.accidental) return false
      const lower = one.x < other.x ? one : other
      return Math.abs(one.x - other.x) <= clearance(lower.accidental ? 'R' : 'L')
    },
  }
}

/** Whether of two single strokes the lower is the right stick's and the upper the left's. */
export const isInverted = ({ rising }: Pair, a: Stick, b: Stick): boolean =>
  rising !== null && (rising ? a === 'R' && b === 'L' : a === 'L' && b === 'R')

/** Points of effort between two successive strokes, whatever the school. */
export function effortBetween(task: StickTask, at: number, a: Strokes, b: Strokes): number {
  const pair = task.pairs[at]
  if (!pair || a === 'LR' || b === 'LR') return 0
  const damping = dampingEffort(task, at, a === b)
  if (a === b) return doubleEffort(pair, task.perSecond) + damping
  if (!isInverted(pair, a, b)) return damping
  return crossingEffort(pair, severityOf(pair), task.clears(at)) + damping
}

type Prices = ReturnType<typeof pricesOf>

function rankedBetween(task: StickTask, prices: Prices, at: number, a: Strokes, b: Strokes): number {
  const pair = task.pairs[at]
  if (!pair || a === 'LR' || b === 'LR') return 0
  const damping = prices.double * dampingRank(task, at, a === b)
  if (a === b) {
    return (
      damping +
      prices.double +
      (pair.rows ? prices.row : 0) +
      prices.distance * 2 * pair.distance +
      prices.late * task.steps[at + 1]!.toTonic
    )
  }
  if (!isInverted(pair, a, b)) return damping
  const severity = severityOf(pair)
  return damping + (severity === 'trivial' ? 0 : prices[severity])
}

const SINGLE: readonly Strokes[] = ['R', 'L']
const BOTH: readonly Strokes[] = ['LR']
/** Of a double stop the left takes the lower note. */
const below = (voice: number): Stick => (voice === 0 ? 'L' : 'R')

/**
 * A line as a problem for the solver: two states a note. Never three strokes in a row with one hand, unless all three
 * are pinned; the first is the lead's, and where the school wants it so, the first of every octave.
 */
export function stickProblem(task: StickTask, fixed: StickTask['fixed']): Problem<Strokes> {
  const { steps, school, lead, pairs } = task
  const prices = school.order && pricesOf(school.order)
  const pinned = (at: number): boolean => steps[at]!.notes.every((note) => fixed.has(note))
  const leads = (at: number): boolean => at === 0 || (school.restores && steps[at]!.tonic)
  const wanted = (at: number, strokes: Strokes): boolean => {
    const { notes } = steps[at]!
    if (strokes === 'LR') return notes.every((note, voice) => (fixed.get(note) ?? below(voice)) === below(voice))
    const stick = fixed.get(notes[0]!)
    return stick === undefined ? !leads(at) || strokes === lead : strokes === stick
  }
  return {
    length: steps.length,
    states: (at) => (steps[at]!.double ? BOTH : SINGLE).filter((strokes) => wanted(at, strokes)),
    one: () => 0,
    two: (at, a, b) => {
      if (a === b && a !== 'LR' && !school.doubles) return Infinity
      return prices ? rankedBetween(task, prices, at, a, b) : effortBetween(task, at, a, b)
    },
    three: (at, a, b, c) => {
      if (a !== b || b !== c || a === 'LR' || !pairs[at] || !pairs[at + 1]) return 0
      return pinned(at) && pinned(at + 1) && pinned(at + 2) ? 0 : Infinity
    },
  }
}

/** Sticks note by note of what strikes step by step. */
export function sticksFrom(steps: readonly StrikeStep[], strokes: readonly Strokes[]): Stick[] {
  const sticks: Stick[] = []
  steps.forEach(({ notes }, at) => {
    const own = strokes[at]!
    if (own !== 'LR') return void (sticks[notes[0]!] = own)
    notes.forEach((note, voice) => (sticks[note] = below(voice)))
  })
  return sticks
}

/** And the other way round. */
export const strokesFrom = (steps: readonly StrikeStep[], sticks: readonly Stick[]): Strokes[] =>
  steps.map(({ notes, double }) => (double ? 'LR' : sticks[notes[0]!]!))
