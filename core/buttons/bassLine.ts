import { Through } from '../solver'
import { type HandStep, noteParam, priceMessage, stepsOf } from '../fingering'
import { inText, type Message } from '../message'
import { modulo, parseNote } from '../pitch'
import { type Finger, isFree, type Line, type LineNote } from '../study'
import { type BassButton, type Board, boardOf, buttonName } from '../surface'
import { type ButtonPin, isRowPin } from './pin'
import { type BassReason, bassReasons } from './bassReasons'
import { bassTouch, type BassTerm, LEFT_SCHOOL_DATA } from './bassTouch'
import { boardLacks } from './lacks'
import { buttonsMessage } from './messages'
import { allowedBy, buttonMessage, placedPresses, pressConflict } from './pins'
import {
  type Allowed,
  type Grasp,
  type Press,
  pressesOf,
  type Pressing,
  pressingOf,
  pressProblem,
  solvePresses,
} from './press'
import { outOfReach } from './reach'
import type { AccordionRecipe, LeftSchoolId } from './settings'

/** A button of the board under a finger, by the name that is printed on a chart of it. */
export interface NamedButton extends BassButton {
  readonly name: string
}

/** Another way for the left hand. */
export interface BassAlternative {
  readonly fingers: readonly Finger[]
  readonly buttons: readonly NamedButton[]
  readonly price: number
  readonly pattern: Message
  readonly message: Message
  readonly departs: number
}

/** The left hand's line on the board. */
export interface BassFingering {
  readonly fingers: readonly Finger[]
  readonly buttons: readonly NamedButton[]
  readonly pinned: readonly { readonly index: number; readonly pin: number }[]
  readonly cost: number
  /** Notes before which the hand leaps: two columns of the board or more. */
  readonly leaps: readonly number[]
  readonly reasons: readonly BassReason[]
  readonly alternatives: readonly BassAlternative[]
}

interface FingeringOptions {
  readonly accepted?: readonly Finger[] | undefined
  readonly alternatives?: number | undefined
}

const DEFAULT_ALTERNATIVES = 5
type BassPressing = Pressing<BassButton, BassTerm>

const boardFor = ({ accordion }: AccordionRecipe): Board => boardOf(accordion)
const named = (button: BassButton): NamedButton => ({ ...button, name: buttonName(button) })

function pressingFor(recipe: AccordionRecipe, line: Line, steps: readonly HandStep[], school: LeftSchoolId) {
  const { material } = recipe
  const tonic = isFree(material) ? null : parseNote(material.tonic)
  return pressingOf(bassTouch(boardFor(recipe), LEFT_SCHOOL_DATA[school], tonic, line.free === 'strokes'), line, steps)
}

const isButton = ({ row, column }: BassButton, pin: ButtonPin): boolean =>
  !isRowPin(pin) && row === pin.button.row && column === pin.button.column

/** What stands, and what it is compared with. */
interface Chosen {
  readonly pressing: BassPressing
  readonly presses: readonly Press<BassButton>[]
  readonly cost: number
}

function other(
  chosen: Chosen,
  presses: readonly Press<BassButton>[],
  price: number,
  message: Message,
): BassAlternative {
  const differs = presses.findIndex(
    ({ finger, button }, at) =>
      finger !== chosen.presses[at]!.finger || !chosen.pressing.touch.same(button, chosen.presses[at]!.button),
  )
  const from = Math.max(0, differs - 2)
  return {
    fingers: presses.map(({ finger }) => finger),
    buttons: presses.map(({ button }) => named(button)),
    price,
    pattern: inText(
      presses
        .slice(from, from + 4)
        .map(({ finger }) => finger)
        .join(' '),
    ),
    message,
    departs: differs,
  }
}

const grasped = (chosen: Chosen, presses: readonly Press<BassButton>[]): Grasp<BassButton>[] =>
  chosen.pressing.steps.map(({ notes }) => notes.map((note) => presses[note]!))

function costOfPresses({ pressing }: Chosen, grasps: readonly Grasp<BassButton>[]): number {
  const problem = pressProblem(pressing)
  return grasps.reduce(
    (sum, grasp, at) => sum + problem.one(at, grasp) + (at > 0 ? problem.two(at - 1, grasps[at - 1]!, grasp) : 0),
    0,
  )
}

/** The line as the other school has it. */
function otherSchool(
  recipe: AccordionRecipe,
  chosen: Chosen,
  allowed: Allowed<BassButton> | undefined,
): BassAlternative[] {
  const { line, steps } = chosen.pressing
  const school = recipe.accordion.left.school === 'four-three' ? 'three-two' : 'four-three'
  const [found] = solvePresses(pressingFor(recipe, line, steps, school), allowed)
  if (!found) return []
  const presses = pressesOf(steps, found.states)
  const price = Math.max(0, costOfPresses(chosen, grasped(chosen, presses)) - chosen.cost)
  return [other(chosen, presses, price, buttonsMessage('other.school', { school, price: priceMessage(price) }))]
}

const MAX_PLACES = 12

/** Each sort of note once, by another button and by another finger. */
function otherPlaces(chosen: Chosen, allowed: Allowed<BassButton> | undefined): BassAlternative[] {
  const { pressing, presses, cost } = chosen
  const through = new Through(pressProblem(pressing, allowed))
  const seen = new Set<string>()
  const places = pressing.steps.flatMap(({ notes }, at) => {
    const { midi, chord = '' } = pressing.line.notes[notes[0]!]!
    const key = `${modulo(midi, 12)} ${chord}`
    return seen.has(key) || !seen.add(key) ? [] : [at]
  })
  return places.slice(0, MAX_PLACES).flatMap((at) => {
    const index = pressing.steps[at]!.notes[0]!
    const own = presses[index]!
    const note = noteParam(pressing.line.notes[index]!.pitch)
    const by = (wanted: (press: Press<BassButton>) => boolean) => {
      const found = through.best(at, (grasp) => wanted(grasp[0]!))
      if (!found) return null
      const all = pressesOf(pressing.steps, found.states)
      return { all, price: Math.max(0, found.cost - cost), press: all[index]! }
    }
    const button = by((press) => !pressing.touch.same(press.button, own.button))
    const finger = by((press) => press.finger !== own.finger && pressing.touch.same(press.button, own.button))
    return [
      ...(button
        ? [
            other(
              chosen,
              button.all,
              button.price,
              buttonsMessage('other.button', {
                note,
                button: buttonMessage(button.press.button),
                price: priceMessage(button.price),
              }),
            ),
          ]
        : []),
      ...(finger
        ? [
            other(
              chosen,
              finger.all,
              finger.price,
              buttonsMessage('other.left-finger', {
                note,
                finger: finger.press.finger,
                price: priceMessage(finger.price),
              }),
            ),
          ]
        : []),
    ]
  })
}

function alternativesTo(
  recipe: AccordionRecipe,
  chosen: Chosen,
  allowed: Allowed<BassButton> | undefined,
  most: number,
) {
  if (most === 0) return []
  const keyOf = (presses: BassAlternative): string => JSON.stringify([presses.fingers, presses.buttons])
  const seen = new Set([
    JSON.stringify([chosen.presses.map(({ finger }) => finger), chosen.presses.map(({ button }) => named(button))]),
  ])
  const places = otherPlaces(chosen, allowed).sort((a, b) => a.price - b.price)
  return [...otherSchool(recipe, chosen, allowed), ...places]
    .filter((each) => !seen.has(keyOf(each)) && Boolean(seen.add(keyOf(each))))
    .slice(0, most)
}

/** @throws DomainError `bass.lacks` naming what the board has not, and the keys that it has */
function checkBoard(recipe: AccordionRecipe, notes: readonly LineNote[]): void {
  const lacks = boardLacks(boardFor(recipe), notes)
  if (lacks) throw lacks(recipe)
}

const LEAP = 2

/**
 * Buttons and fingers of the left hand: an exact search over every button of the board that sounds the notes, and every
 * finger but the thumb.
 * @throws DomainError `bass.lacks`, `pin.note`, `pin.degree`, `pin.conflict`
 */
export function fingerBass(
  recipe: AccordionRecipe,
  line: Line,
  degrees: number,
  options: FingeringOptions = {},
): BassFingering {
  checkBoard(recipe, line.notes)
  const steps = stepsOf(line)
  const { school } = recipe.accordion.left
  const pressing = pressingFor(recipe, line, steps, school)
  const pins = placedPresses<BassButton>(recipe.pins, line, degrees, isButton)
  const { accepted } = options
  const allowed = allowedBy(pins)
  const stood = accepted ? solvePresses(pressing, (index, { finger }) => finger === accepted[index]) : []
  const [found] = stood.length > 0 ? stood : solvePresses(pressing, allowed)
  if (!found) {
    if (solvePresses(pressing).length === 0) throw outOfReach(recipe, pressing)
    throw pressConflict(line, pins, (some) => solvePresses(pressing, allowedBy(some)).length > 0)
  }
  const presses = pressesOf(steps, found.states)
  const chosen: Chosen = { pressing, presses, cost: found.cost }
  const leaps = line.notes.flatMap((note, index) => {
    const before = presses[index - 1]
    const moved = before && note.step !== line.notes[index - 1]!.step
    return moved && Math.abs(before.button.column - presses[index]!.button.column) > LEAP ? [index] : []
  })
  return {
    fingers: presses.map(({ finger }) => finger),
    buttons: presses.map(({ button }) => named(button)),
    pinned: pins.flatMap(({ at, fixes }) => fixes.map(({ index }) => ({ index, pin: at }))),
    cost: found.cost,
    leaps,
    reasons: bassReasons({ recipe, line, presses, leaps, pins, board: boardFor(recipe) }),
    alternatives: alternativesTo(recipe, chosen, allowed, options.alternatives ?? DEFAULT_ALTERNATIVES),
  }
}
