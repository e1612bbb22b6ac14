import { stickingMessage } from './messages'
import { type Message, inText } from '../message'
import { conflictAmong, solve, Through } from '../solver'
import type { Line, Stick } from '../study'
import type { MalletRecipe } from './settings'
import { byFigure, byRoll, byRudiment, byTurns } from './dictated'
import { countOf, doubleSteps, effortOf, inversionsOf } from './findings'
import { dampedBy } from './damping'
import { mixedRowsOf, rowMovesOf } from './moves'
import { type PlacedStickPin, stickConflict } from './pins'
import { countMessage, doublePlaced, doubleMessage, type OtherLead, type StickReason, stickReasons } from './reasons'
import type { StickAlternative, Sticking, StickingOptions, Struck } from './result'
import { rollPlan } from './rolls'
import { type StickTask, stickProblem, stickTask, sticksFrom, strokesFrom } from './task'

const DEFAULT_ALTERNATIVES = 5
const rounded = (points: number): number => Math.round(points * 100) / 100

const solved = (task: StickTask, pins: readonly PlacedStickPin[], k = 1) => {
  const fixed = new Map(pins.flatMap(({ fixes }) => fixes.map(({ index, stick }) => [index, stick])))
  return solve(stickProblem(task, fixed), k)
}

function because({ school, lead }: StickTask): Message | 'none' {
  const hand = lead === 'R' ? 'right' : 'left'
  if (!school.doubles) return stickingMessage('because.strict', { hand })
  return school.restores ? stickingMessage('because.restores', { hand }) : 'none'
}

/** How dear it would be to do without each double: the best way with the other stick there, the rest as it falls. */
function doublePrices(task: StickTask, sticks: readonly Stick[]): (at: number) => number | null {
  const strokes = strokesFrom(task.steps, sticks)
  if (doubleSteps(strokes).length === 0) return () => null
  const own = effortOf(task, strokes)
  const through = new Through(stickProblem(task, task.fixed))
  return (at) => {
    const without = through.best(at, (other) => other !== strokes[at])
    return without ? rounded(Math.max(0, effortOf(task, without.states) - own)) : null
  }
}

/** What would come of the other lead, pins aside. */
function otherLead(recipe: MalletRecipe, line: Line, options: StickingOptions): OtherLead | null {
  const lead = recipe.lead === 'right' ? 'left' : 'right'
  const task = stickTask({ ...recipe, lead, pins: [] }, line, options)
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
      const price = rounded(other.cost - own)
      const pattern = inText(other.sticks.slice(from, from + 8).join(' '))
      return { ...other, price, pattern, message: alternativeMessage(task, sticks, other.sticks), departs }
    })
}

/** What tells another sticking apart: where its doubles stand, and what it comes to. */
function alternativeMessage(task: StickTask, own: readonly Stick[], other: readonly Stick[]): Message {
  const [before, after] = [own, other].map((sticks) => doubleSteps(strokesFrom(task.steps, sticks)))
  const moved = after!.find((at) => !before!.includes(at))
  const double =
    moved === undefined ? stickingMessage('without-double') : doublePlaced(task, strokesFrom(task.steps, other), moved)
  return stickingMessage('alternative.sticks', { double, count: countMessage(countOf(task, other)) })
}

const pinnedBy = ({ pins }: StickTask): Sticking['pinned'] =>
  pins.flatMap(({ at, fixes }) => fixes.map(({ index }) => ({ index, pin: at })))

function bySchool(recipe: MalletRecipe, line: Line, options: StickingOptions): Struck {
  const task = stickTask(recipe, line, options)
  const [best] = solved(task, task.pins)
  if (!best)
    throw stickConflict(
      line,
      conflictAmong(task.pins, (some) => solved(task, some).length > 0),
      because(task),
    )
  const sticks = options.accepted ?? sticksFrom(task.steps, best.states)
  const strokes = strokesFrom(task.steps, sticks)
  const cost = effortOf(task, strokes)
  const free = task.pins.length > 0 ? solved(task, [])[0] : undefined
  const pinPrice = free ? Math.max(0, rounded(cost - effortOf(task, free.states))) : 0
  const explained = options.alternatives !== 0
  return {
    sticks,
    doubles: doubleSteps(strokes).map((at) => ({
      index: task.steps[at]!.notes[0]!,
      reason: doubleMessage(task, strokes, at),
    })),
    inversions: inversionsOf(task, strokes),
    damped: dampedBy(task, strokes),
    pinned: pinnedBy(task),
    cost,
    count: countOf(task, sticks),
    reasons: stickReasons(task, sticks, {
      pinPrice,
      other: otherLead(recipe, line, options),
      doublePrice: explained ? doublePrices(task, sticks) : () => null,
    }),
    alternatives: alternativesTo(task, sticks, options.alternatives ?? DEFAULT_ALTERNATIVES),
  }
}

function played(recipe: MalletRecipe, line: Line, options: StickingOptions): Struck {
  if (recipe.mallets.count === 4) return byFigure(recipe, line)
  if (recipe.pattern.accompaniment === 'by-turns') return byTurns(recipe, line)
  if (recipe.rudiment !== 'none') return byRudiment(recipe, line, recipe.rudiment)
  const roll = rollPlan(
    recipe,
    options.beats,
    line.notes.map((note) => note.midi),
  )
  return roll ? byRoll(recipe, line, roll) : bySchool(recipe, line, options)
}

/**
 * Sticks for a line: dictated by a figure, a rudiment or a roll, or else worked out by the recipe's school.
 * @throws DomainError `pin.note`, `pin.degree`, `pin.conflict`, `pin.dictated`, `mallets.reach`
 */
export function stickLine(recipe: MalletRecipe, line: Line, options: StickingOptions): Sticking {
  const { reasons, ...struck } = played(recipe, line, options)
  const dead = (options.ringing?.dead ?? []).flatMap((each, index) => (each ? [index] : []))
  return {
    damped: [],
    ...struck,
    dead,
    reasons: [...reasons, ...deadReason(recipe, dead)],
    ...{ rowMoves: rowMovesOf(recipe, line), mixedRows: mixedRowsOf(line) },
  }
}

function deadReason({ ring: { dead: which } }: MalletRecipe, dead: readonly number[]): StickReason[] {
  if (which === 'none' || dead.length === 0) return []
  return [{ kind: 'dead', indices: dead, message: stickingMessage('reason.dead', { which }), price: null }]
}
