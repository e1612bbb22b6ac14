import { stickingError, stickingMessage } from './messages'
import { capital, type Message, listed } from '../message'
import type { Line } from '../study'
import { rudimentSticks } from './rudiments'
import type { MalletRecipe } from './settings'
import { countOf, doubleSteps, effortOf, inversionsOf, type StickCount } from './findings'
import { asNumbered, handOfMallet, spansOf, strokeTypes } from './fourMallets'
import type { Struck } from './result'
import { type RollPlan, rollSticks } from './rolls'
import { otherStick } from './schools'
import { stickTask, sticksFrom, type Strokes, strokesFrom } from './task'

/** Sticks that a rudiment dictates, or mallets that a figure does; nothing is worked out. */
function pinsError(recipe: MalletRecipe, what: Message): void {
  if (recipe.pins.length === 0) return
  throw stickingError('pin.dictated', { what }, 'pins[0]')
}

const BARE = { doubles: [], inversions: [], pinned: [], alternatives: [], cost: 0 } as const
const NO_COUNT: StickCount = { hard: 0, mild: 0, doubles: 0, rowDoubles: 0 }

/** Four mallets: the figure says which one strikes, the bars how wide each hand is held. @throws DomainError */
export function byFigure(recipe: MalletRecipe, line: Line): Struck {
  const { mallets } = recipe
  pinsError(recipe, stickingMessage('dictates.figure'))
  const strokes = [...new Set(strokeTypes(mallets.figure, mallets.numbering))].map((type) =>
    stickingMessage(`stroke.${type}`),
  )
  const { figure, numbering } = mallets
  const message = stickingMessage('reason.figure', { figure, numbering, strokes: listed(strokes, 'semicolon') })
  return {
    ...BARE,
    count: NO_COUNT,
    sticks: line.notes.map((note) => handOfMallet(note.mallet!)),
    mallets: line.notes.map((note) => asNumbered(note.mallet!, mallets.numbering)),
    spans: spansOf(recipe, line),
    reasons: [{ kind: 'figure', indices: [0], message, price: null }],
  }
}

/** A rudiment's own order of hands, with the crossings that come of it. @throws DomainError `pin.dictated` */
export function byRudiment(
  recipe: MalletRecipe,
  line: Line,
  rudiment: Exclude<MalletRecipe['rudiment'], 'none'>,
): Struck {
  const name = stickingMessage(`rudiment.${rudiment}`)
  pinsError(recipe, stickingMessage('dictates.rudiment', { rudiment: name }))
  const task = stickTask(recipe, line, { degrees: 0 })
  const sticks = rudimentSticks(rudiment, task.lead, line.notes.length)
  const strokes = strokesFrom(task.steps, sticks)
  const doubles = doubleSteps(strokes)
  const row = sticks.slice(0, 12).join('')
  const swaps = rudiment === 'paradiddle-diddle' ? 'no' : 'yes'
  const message = stickingMessage('reason.rudiment', { rudiment: capital(name), row, swaps })
  const reason = stickingMessage('double.of-rudiment', { rudiment: name })
  return {
    ...BARE,
    sticks,
    doubles: doubles.map((at) => ({ index: task.steps[at]!.notes[0]!, reason })),
    inversions: inversionsOf(task, strokes),
    cost: effortOf(task, strokes),
    count: countOf(task, sticks),
    reasons: [{ kind: 'rudiment', indices: [0], message, price: null }],
  }
}

/** One stick all the way up, the other down: the first exercise of beginners (common practice, no source). @throws DomainError `pin.dictated` */
export function byTurns(recipe: MalletRecipe, line: Line): Struck {
  pinsError(recipe, stickingMessage('dictates.turns'))
  const task = stickTask(recipe, line, { degrees: 0 })
  const first = line.notes[0]!.leg
  const strokes = task.steps.map(({ notes, double }): Strokes => {
    if (double) return 'LR'
    return line.notes[notes[0]!]!.leg === first ? task.lead : otherStick(task.lead)
  })
  const message = stickingMessage('reason.turns', { first, hand: recipe.lead })
  return {
    ...BARE,
    sticks: sticksFrom(task.steps, strokes),
    cost: effortOf(task, strokes),
    // no stick breaks an alternation here
    count: NO_COUNT,
    reasons: [{ kind: 'turns', indices: [0], message, price: null }],
  }
}

/** Single strokes hand to hand on every note. @throws DomainError `pin.dictated` */
export function byRoll(recipe: MalletRecipe, line: Line, roll: RollPlan): Struck {
  pinsError(recipe, stickingMessage('dictates.roll'))
  const { recommended, strokes, perSecond, start } = roll
  const hand = start === 'R' ? 'right' : 'left'
  const { manner, ending } = roll
  const own = stickingMessage('reason.roll', {
    ...{ manner, hand, ending, strokes },
    perSecond: Math.round(perSecond * 10) / 10,
  })
  const { least, most, doubt, reach, bpm } = recommended
  const made = Math.round(recommended.perSecond * 10) / 10
  const wish = stickingMessage('reason.roll-register', {
    ...{ least, most, strokes: recommended.strokes, perSecond: made, reach, bpm, doubt },
  })
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
      { kind: 'roll', indices: [0], message: own, price: null },
      { kind: 'roll', indices: [0], message: wish, price: null },
    ],
  }
}
