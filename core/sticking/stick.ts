import { conflictAmong, solve } from '../assign'
import { RecipeError } from '../pitch'
import { type Line, type MalletRecipe, rudimentSticks, type Stick } from '../study'
import { countOf, doubleSteps, effortOf, type Inversion, inversionsOf, type StickCount } from './findings'
import { asNumbered, handOfMallet, type Span, spansOf, STROKE_WORDS, strokeTypes } from './fourMallets'
import { mixedRowsOf, type RowMove, rowMovesOf } from './moves'
import { type PlacedStickPin, stickConflict } from './pins'
import { countWords, doubleReason, type OtherLead, type StickReason, stickReasons } from './reasons'
import { type RollPlan, rollPlan, rollSticks } from './rolls'
import { type StickTask, stickProblem, stickTask, sticksFrom, strokesFrom } from './task'

/** Another sticking of the whole line that would serve. */
export interface StickAlternative {
  readonly sticks: readonly Stick[]
  /** Points of effort, and how many more than the chosen sticking. */
  readonly cost: number
  readonly price: number
  /** Sticks around the first note on which it departs. */
  readonly pattern: string
  readonly words: string
  readonly departs: number
}

/** A line with its sticks. */
export interface Sticking {
  /** The hand that strikes each note; of a rolled note, the one that begins. */
  readonly sticks: readonly Stick[]
  /** Where one hand strikes twice; the second of the two notes. */
  readonly doubles: readonly { readonly index: number; readonly reason: string }[]
  readonly inversions: readonly Inversion[]
  readonly rowMoves: readonly RowMove[]
  /** Lower notes of double stops on both rows. */
  readonly mixedRows: readonly number[]
  /** With four mallets: which one strikes each note, in the recipe's numbering, and how wide each hand is held. */
  readonly mallets?: readonly number[]
  readonly spans?: readonly Span[]
  readonly roll?: RollPlan
  readonly pinned: readonly { readonly index: number; readonly pin: number }[]
  /** Points of effort, whatever the school. */
  readonly cost: number
  readonly count: StickCount
  readonly reasons: readonly StickReason[]
  readonly alternatives: readonly StickAlternative[]
}

/** What is asked of a line besides its recipe. */
export interface SticksAsked {
  /** Degrees of the material; 0 where it has none. */
  readonly degrees: number
  /** How long each note lasts, in beats. */
  readonly beats: readonly number[]
  /** Sticks that stand and are only explained. */
  readonly accepted?: readonly Stick[] | undefined
  readonly alternatives?: number | undefined
}

const USUAL_ALTERNATIVES = 5

const solved = (task: StickTask, pins: readonly PlacedStickPin[], k = 1) => {
  const fixed = new Map(pins.flatMap(({ fixes }) => fixes.map(({ index, stick }) => [index, stick])))
  return solve(stickProblem(task, fixed), k)
}

function because({ school, lead }: StickTask): string {
  const hand = lead === 'R' ? 'right' : 'left'
  if (!school.doubles) return ` while they alternate strictly from the ${hand}`
  return school.restores ? ` while every tonic falls to the ${hand}` : ''
}

/** The cheapest other way over the notes where one double stands: how dear it would be to do without. */
function doublePrices(task: StickTask, sticks: readonly Stick[]): (at: number) => number | null {
  const strokes = strokesFrom(task.steps, sticks)
  const own = effortOf(task, strokes)
  return (at) => {
    const without = solve(stickProblem(task, task.fixed, (step, other) => step !== at || other !== strokes[at]))[0]
    return without ? Math.max(0, Math.round((effortOf(task, without.states) - own) * 100) / 100) : null
  }
}

/** What would come of the other lead, pins aside. */
function otherLead(recipe: MalletRecipe, line: Line, degrees: number): OtherLead | null {
  const lead = recipe.lead === 'right' ? 'left' : 'right'
  const task = stickTask({ ...recipe, lead, pins: [] }, line, degrees)
  if (task.steps.every((step) => step.double)) return null
  const [best] = solved(task, [])
  if (!best) return null
  const sticks = sticksFrom(task.steps, best.states)
  return { sticks, count: countOf(task, sticks) }
}

function alternativesTo(task: StickTask, sticks: readonly Stick[], most: number): StickAlternative[] {
  if (most === 0) return []
  const own = effortOf(task, strokesFrom(task.steps, sticks))
  return solved(task, task.pins, most + 1)
    .map(({ states }) => ({ sticks: sticksFrom(task.steps, states), cost: effortOf(task, states) }))
    .filter((other) => other.sticks.some((stick, at) => stick !== sticks[at]))
    .slice(0, most)
    .map((other) => {
      const departs = other.sticks.findIndex((stick, at) => stick !== sticks[at])
      const from = Math.max(0, departs - 2)
      const price = Math.round((other.cost - own) * 100) / 100
      const pattern = other.sticks.slice(from, from + 8).join(' ')
      return { ...other, price, pattern, words: alternativeWords(task, sticks, other.sticks), departs }
    })
}

/** What tells another sticking apart: where its doubles stand, and what it comes to. */
function alternativeWords(task: StickTask, own: readonly Stick[], other: readonly Stick[]): string {
  const [before, after] = [own, other].map((sticks) => doubleSteps(strokesFrom(task.steps, sticks)))
  const moved = after!.find((at) => !before!.includes(at))
  const reason =
    moved === undefined
      ? 'without one of the doubles'
      : doubleReason(task, strokesFrom(task.steps, other), moved).split(',')[0]!
  return `${reason}: ${countWords(countOf(task, other))}`
}

const pinnedBy = ({ pins }: StickTask): Sticking['pinned'] =>
  pins.flatMap(({ at, fixes }) => fixes.map(({ index }) => ({ index, pin: at })))

/** Sticks that a rudiment dictates, or mallets that a figure does; nothing is worked out. */
function refusePins(recipe: MalletRecipe, what: string): void {
  if (recipe.pins.length === 0) return
  throw new RecipeError('pin.dictated', `${what} says which stick strikes: there is nothing to pin.`, 'pins[0]')
}

type Played = Omit<Sticking, 'rowMoves' | 'mixedRows'>
const BARE = { doubles: [], inversions: [], pinned: [], alternatives: [], cost: 0 } as const
const NO_COUNT: StickCount = { hard: 0, mild: 0, doubles: 0, rowDoubles: 0 }

function byFigure(recipe: MalletRecipe, line: Line): Played {
  const { mallets } = recipe
  refusePins(recipe, 'The figure of four mallets')
  const types = [...new Set(strokeTypes(mallets.figure, mallets.numbering))].map((type) => STROKE_WORDS[type])
  const text = `Mallets ${mallets.figure}, numbered ${mallets.numbering === 'low-to-high' ? 'from the lowest' : 'from the highest'}: ${types.join('; ')}.`
  return {
    ...BARE,
    count: NO_COUNT,
    sticks: line.notes.map((note) => handOfMallet(note.mallet!)),
    mallets: line.notes.map((note) => asNumbered(note.mallet!, mallets.numbering)),
    spans: spansOf(recipe, line),
    reasons: [{ kind: 'rudiment', indices: [0], text, price: null }],
  }
}

const inOrder = (words: string): string => words.replaceAll('-', ' ')

function byRudiment(recipe: MalletRecipe, line: Line, rudiment: Exclude<MalletRecipe['rudiment'], 'none'>): Played {
  refusePins(recipe, `The ${inOrder(rudiment)}`)
  const task = stickTask(recipe, line, 0)
  const sticks = rudimentSticks(rudiment, task.lead, line.notes.length)
  const strokes = strokesFrom(task.steps, sticks)
  const doubles = doubleSteps(strokes)
  const row = sticks.slice(0, 12).join('')
  const swaps =
    rudiment === 'paradiddle-diddle'
      ? 'It begins with the same hand every time.'
      : 'Every second one begins with the other hand.'
  return {
    ...BARE,
    sticks,
    doubles: doubles.map((at) => ({ index: task.steps[at]!.notes[0]!, reason: `part of the ${inOrder(rudiment)}` })),
    inversions: inversionsOf(task, strokes),
    cost: effortOf(task, strokes),
    count: countOf(task, sticks),
    reasons: [
      {
        kind: 'rudiment',
        indices: [0],
        text: `${inOrder(rudiment)}, ${row} …: the first is accented. ${swaps}`,
        price: null,
      },
    ],
  }
}

function byRoll(recipe: MalletRecipe, line: Line, roll: RollPlan): Played {
  refusePins(recipe, 'A roll')
  const { recommended, strokes, perSecond, start } = roll
  const hand = start === 'R' ? 'right' : 'left'
  const manner =
    roll.manner === 'separate'
      ? `Every note begins anew with the ${hand}`
      : `The hands go on from the ${hand} while the notes change under them`
  const ending = roll.ending === 'tied' ? 'tied into the next note' : 'let go before the next note'
  const own = `${manner}, ${ending}: ${strokes} strokes to the beat, ${Math.round(perSecond * 10) / 10} a second.`
  const wish = `This register usually takes ${recommended.least} to ${recommended.most} strokes a second, so ${recommended.strokes} to the beat. ${recommended.doubt}`
  const sticks = rollSticks(roll)
  return {
    ...BARE,
    // both sticks lie ready over a double stop, whichever begins
    sticks: line.notes.map((note, at) => {
      const other = line.notes[at + 1]?.step === note.step ? 'L' : line.notes[at - 1]?.step === note.step ? 'R' : null
      return other ?? sticks[at]!
    }),
    roll,
    count: NO_COUNT,
    reasons: [
      { kind: 'roll', indices: [0], text: own, price: null },
      { kind: 'roll', indices: [0], text: wish, price: null },
    ],
  }
}

function bySchool(recipe: MalletRecipe, line: Line, asked: SticksAsked): Played {
  const task = stickTask(recipe, line, asked.degrees)
  const [best] = solved(task, task.pins)
  if (!best)
    throw stickConflict(
      line,
      conflictAmong(task.pins, (some) => solved(task, some).length > 0),
      because(task),
    )
  const sticks = asked.accepted ?? sticksFrom(task.steps, best.states)
  const strokes = strokesFrom(task.steps, sticks)
  const cost = effortOf(task, strokes)
  const free = task.pins.length > 0 ? solved(task, [])[0] : undefined
  const pinPrice = free ? Math.max(0, Math.round((cost - effortOf(task, free.states)) * 100) / 100) : 0
  const told = asked.alternatives !== 0
  return {
    sticks,
    doubles: doubleSteps(strokes).map((at) => ({
      index: task.steps[at]!.notes[0]!,
      reason: doubleReason(task, strokes, at),
    })),
    inversions: inversionsOf(task, strokes),
    pinned: pinnedBy(task),
    cost,
    count: countOf(task, sticks),
    reasons: stickReasons(task, sticks, {
      pinPrice,
      other: otherLead(recipe, line, asked.degrees),
      doublePrice: told ? doublePrices(task, sticks) : () => null,
    }),
    alternatives: alternativesTo(task, sticks, asked.alternatives ?? USUAL_ALTERNATIVES),
  }
}

function played(recipe: MalletRecipe, line: Line, asked: SticksAsked): Played {
  if (recipe.mallets.count === 4) return byFigure(recipe, line)
  if (recipe.rudiment !== 'none') return byRudiment(recipe, line, recipe.rudiment)
  const roll = rollPlan(
    recipe,
    asked.beats,
    line.notes.map((note) => note.midi),
  )
  return roll ? byRoll(recipe, line, roll) : bySchool(recipe, line, asked)
}

/**
 * Sticks for a line: dictated by a figure, a rudiment or a roll, or else worked out by the recipe's school.
 * @throws RecipeError `pin.note`, `pin.degree`, `pin.conflict`, `pin.dictated`, `mallets.reach`
 */
export function stickLine(recipe: MalletRecipe, line: Line, asked: SticksAsked): Sticking {
  return { ...played(recipe, line, asked), rowMoves: rowMovesOf(recipe, line), mixedRows: mixedRowsOf(line) }
}
