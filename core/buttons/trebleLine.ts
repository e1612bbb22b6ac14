import { costOf, Through } from '../solver'
import {
  type Alternative,
  type Crossing,
  type Fingering,
  noteParam,
  priceMessage,
  type Reason,
  stepsOf,
} from '../fingering'
import { inText } from '../message'
import { type Finger, isFree, type Line } from '../study'
import { type ButtonTreble, freeBassOf, type TrebleButton, trebleOf } from '../surface'
import { buttonsMessage } from './messages'
import { type ButtonPin, isRowPin } from './pin'
import { allowedBy, placedPresses, type PlacedPress, pressConflict } from './pins'
import { type Allowed, type Press, pressesOf, pressingOf, pressProblem, solvePresses } from './press'
import type { AccordionRecipe, ButtonSchoolId } from './settings'
import { outOfReach } from './reach'
import { atHome, type Shape, type Shaped } from './shape'
import { trebleReasons } from './trebleReasons'
import { withHabit } from './trebleHabit'
import { basesOn, BUTTON_SCHOOL_DATA, FREE_BASS_SCHOOLS, trebleTouch } from './trebleTouch'

interface FingeringOptions {
  readonly accepted?: readonly Finger[] | undefined
  readonly alternatives?: number | undefined
}

const DEFAULT_ALTERNATIVES = 5

/** The buttons that a hand plays, and how: the right hand's keyboard, or the left hand's free bass. */
function sideOf({ accordion, school }: AccordionRecipe, { hand }: Line): Pick<Shape, 'treble' | 'school'> {
  return hand === 'left'
    ? { treble: freeBassOf(accordion.free), school: FREE_BASS_SCHOOLS[accordion.free.lows] }
    : { treble: trebleOf(accordion.treble) as ButtonTreble, school: BUTTON_SCHOOL_DATA[school as ButtonSchoolId] }
}

function shapesOf(recipe: AccordionRecipe, line: Line): Shape[] {
  const { treble, school } = sideOf(recipe, line)
  const steps = stepsOf(line)
  return basesOn(treble).map((base) => {
    const touch = trebleTouch(treble, school, base, !isFree(recipe.material))
    return { base, treble, school, pressing: withHabit(pressingOf(touch, line, steps), school.weights['other-octave']) }
  })
}

/** Every shape as well as it can be, the cheapest first. */
const solvedShapes = (shapes: readonly Shape[], allowed?: Allowed<TrebleButton>): Shaped[] =>
  shapes
    .flatMap((shape) => solvePresses(shape.pressing, allowed).map((found) => ({ ...shape, found })))
    .sort((a, b) => a.found.cost - b.found.cost)

const pressesFor = ({ pressing, found }: Shaped): Press<TrebleButton>[] => pressesOf(pressing.steps, found.states)

/** Notes on which the thumb passes, or is passed. */
function crossingsOf(
  line: Line,
  presses: readonly Press<TrebleButton>[],
  natural: (at: number) => boolean,
): Crossing[] {
  return line.notes.flatMap((_, index): Crossing[] => {
    const [before, here] = [presses[index - 1], presses[index]!]
    if (!before || natural(index) || (before.finger !== 1 && here.finger !== 1)) return []
    return [{ index, kind: here.finger === 1 ? 'thumb-under' : 'over-thumb' }]
  })
}

/** Whether the fingers follow one another as the buttons do. */
function inOrder(
  { pressing: { line }, school }: Shape,
  presses: readonly Press<TrebleButton>[],
  index: number,
): boolean {
  const [a, b] = [presses[index - 1]!, presses[index]!]
  const rises = line.notes[index]!.midi - line.notes[index - 1]!.midi
  const up = school.reversed ? a.finger - b.finger > 0 : b.finger - a.finger > 0
  return rises === 0 || rises > 0 === up
}

/** The line with one place otherwise; an end, a turn. */
function otherEnds(shape: Shaped, allowed: Allowed<TrebleButton> | undefined, line: Line): Alternative[] {
  const { pressing, found } = shape
  const through = new Through(pressProblem(pressing, allowed))
  const ends = pressing.steps.flatMap((step, at) => (step.end && !step.fresh ? [at] : [])).slice(0, 4)
  const own = pressesFor(shape)
  return ends.flatMap((at): Alternative[] => {
    const chosen = found.states[at]!
    const other = through.best(at, (grasp) => grasp.some(({ finger }, voice) => finger !== chosen[voice]!.finger))
    if (!other) return []
    const presses = pressesOf(pressing.steps, other.states)
    const note = noteParam(line.notes[pressing.steps[at]!.notes[0]!]!.pitch)
    const where = at === 0 ? 'first' : at === pressing.steps.length - 1 ? 'last' : 'turn'
    const price = Math.max(0, other.cost - found.cost)
    const { finger } = other.states[at]![0]!
    return [
      alternative(own, presses, price, 'end', {
        pattern: presses.slice(Math.max(0, at - 2), at + 3),
        message: buttonsMessage('other.finger', { where, finger, note, why: priceMessage(price) }),
        cost: other.cost,
      }),
    ]
  })
}

function alternative(
  own: readonly Press<TrebleButton>[],
  presses: readonly Press<TrebleButton>[],
  price: number,
  kind: Alternative['kind'],
  candidate: { pattern: readonly Press<TrebleButton>[]; message: Alternative['message']; cost: number },
): Alternative {
  const differs = presses.findIndex(({ finger, button }, at) => {
    const before = own[at]!
    return finger !== before.finger || button.row !== before.button.row
  })
  return {
    fingers: presses.map(({ finger }) => finger),
    buttons: presses.map(({ button }) => [button.row, button.place] as const),
    ...{ price, kind, cost: candidate.cost, message: candidate.message },
    pattern: inText(candidate.pattern.map(({ finger }) => finger).join(' ')),
    departs: Math.max(0, differs),
  }
}

/** The same line on other rows. */
const otherRows = (shapes: readonly Shaped[]): Alternative[] =>
  shapes.slice(1).map((shape) => {
    const presses = pressesFor(shape)
    const price = Math.max(0, shape.found.cost - shapes[0]!.found.cost)
    const message = buttonsMessage('other.rows', { row: shape.base + 1, price: priceMessage(price) })
    const candidate = { pattern: presses.slice(0, 8), message, cost: shape.found.cost }
    return alternative(pressesFor(shapes[0]!), presses, price, 'rows', candidate)
  })

function alternativesTo(
  shapes: readonly Shaped[],
  allowed: Allowed<TrebleButton> | undefined,
  line: Line,
  most: number,
): Alternative[] {
  if (most === 0) return []
  const seen = new Set([JSON.stringify(pressesFor(shapes[0]!))])
  return [...otherEnds(shapes[0]!, allowed, line), ...otherRows(shapes)]
    .filter(({ fingers, buttons }) => {
      const key = JSON.stringify([fingers, buttons])
      return !seen.has(key) && seen.add(key)
    })
    .sort((a, b) => a.price - b.price)
    .slice(0, most)
}

const isButton = ({ row, place }: TrebleButton, pin: ButtonPin): boolean => {
  // a pin of the board names no button of the free bass
  if (!isRowPin(pin)) return false
  const [pinnedRow, pinnedPlace] = pin.button
  return row === pinnedRow && place === pinnedPlace
}

/** Accepted fingers stand where some buttons allow it. */
const allowedFor = (accepted: readonly Finger[] | undefined): Allowed<TrebleButton> | undefined =>
  accepted && ((index, { finger }) => finger === accepted[index])

function best(
  recipe: AccordionRecipe,
  shapes: readonly Shape[],
  pins: readonly PlacedPress<TrebleButton>[],
  line: Line,
  accepted: readonly Finger[] | undefined,
): Shaped[] {
  const stood = accepted ? solvedShapes(shapes, allowedFor(accepted)) : []
  if (stood.length > 0) return stood
  const solved = solvedShapes(shapes, allowedBy(pins))
  if (solved.length > 0) return solved
  if (solvedShapes(shapes).length === 0) throw outOfReach(recipe, shapes[0]!.pressing)
  throw pressConflict(line, pins, (some) => solvedShapes(shapes, allowedBy(some)).length > 0)
}

/**
 * Fingers a line on the buttons of the right hand, and chooses the buttons: for each place that the school's shape of
 * three rows can have, the least cost over all fingers and buttons; then the cheapest place.
 * @param degrees how many degrees the keys of the line have
 * @throws DomainError `pin.note`, `pin.degree`, `pin.conflict` (the smallest set that cannot stand together)
 */
export function fingerButtons(
  recipe: AccordionRecipe,
  degrees: number,
  line: Line,
  options: FingeringOptions = {},
): Fingering {
  const shapes = shapesOf(recipe, line)
  const pins = placedPresses<TrebleButton>(recipe.pins, line, degrees, isButton)
  const solved = best(recipe, shapes, pins, line, options.accepted)
  const [chosen] = solved
  const presses = pressesFor(chosen!)
  const free = pins.length > 0 ? (solvedShapes(shapes)[0]?.found.cost ?? 0) : chosen!.found.cost
  const natural = (index: number): boolean =>
    inOrder(chosen!, presses, index) || (atHome(chosen!, presses[index - 1]!) && atHome(chosen!, presses[index]!))
  const crossings = crossingsOf(line, presses, natural)
  const reasons: Reason[] = trebleReasons({
    recipe,
    line,
    chosen: chosen!,
    presses,
    crossings,
    pins,
    price: chosen!.found.cost - free,
  })
  return {
    fingers: presses.map(({ finger }) => finger),
    buttons: presses.map(({ button }) => [button.row, button.place] as const),
    crossings,
    lifts: [],
    grips: line.notes.flatMap((note, index) =>
      index === 0 || note.fresh || (note.step !== line.notes[index - 1]!.step && !inOrder(chosen!, presses, index))
        ? [index]
        : [],
    ),
    pinned: pins.flatMap(({ at, fixes }) => fixes.map(({ index }) => ({ index, pin: at }))),
    cost: costOf(pressProblem(chosen!.pressing), chosen!.found.states),
    reasons,
    alternatives: alternativesTo(solved, allowedBy(pins), line, options.alternatives ?? DEFAULT_ALTERNATIVES),
  }
}
