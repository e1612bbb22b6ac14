import { RecipeError } from '../pitch'
import type { Line } from '../study'
import { rudimentSticks } from './rudiments'
import type { MalletRecipe } from './settings'
import { countOf, doubleSteps, effortOf, inversionsOf, type StickCount } from './findings'
import { asNumbered, handOfMallet, spansOf, STROKE_WORDS, strokeTypes } from './fourMallets'
import type { Struck } from './result'
import { type RollPlan, rollSticks } from './rolls'
import { stickTask, strokesFrom } from './task'

/** Sticks that a rudiment dictates, or mallets that a figure does; nothing is worked out. */
function refusePins(recipe: MalletRecipe, what: string): void {
  if (recipe.pins.length === 0) return
  throw new RecipeError('pin.dictated', `${what} says which stick strikes: there is nothing to pin.`, 'pins[0]')
}

const BARE = { doubles: [], inversions: [], pinned: [], alternatives: [], cost: 0 } as const
const NO_COUNT: StickCount = { hard: 0, mild: 0, doubles: 0, rowDoubles: 0 }

/** Four mallets: the figure says which one strikes, the bars how wide each hand is held. @throws RecipeError */
export function byFigure(recipe: MalletRecipe, line: Line): Struck {
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
    reasons: [{ kind: 'figure', indices: [0], text, price: null }],
  }
}

const inOrder = (words: string): string => words.replaceAll('-', ' ')

/** A rudiment's own order of hands, with the crossings that come of it. @throws RecipeError `pin.dictated` */
export function byRudiment(
  recipe: MalletRecipe,
  line: Line,
  rudiment: Exclude<MalletRecipe['rudiment'], 'none'>,
): Struck {
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
        text: `${inOrder(rudiment)[0]!.toUpperCase()}${inOrder(rudiment).slice(1)}: ${row} …, the first accented. ${swaps}`,
        price: null,
      },
    ],
  }
}

/** Single strokes hand to hand on every note. @throws RecipeError `pin.dictated` */
export function byRoll(recipe: MalletRecipe, line: Line, roll: RollPlan): Struck {
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
