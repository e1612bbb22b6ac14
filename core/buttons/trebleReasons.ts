import { type Crossing, noteParam, type Reason, fingeringMessage } from '../fingering'
import { listed, named } from '../message'
import { modulo, noteName, pitchClass } from '../pitch'
import { isFree, type Line } from '../study'
import { SHAPE_ROWS, shapeRow } from './trebleTouch'
import { pinnedButton, type PlacedPress } from './pins'
import { isButtonPin } from './pin'
import { grouped } from './grouped'
import { buttonsMessage } from './messages'
import type { Press } from './press'
import { isDegreePin, isGripPin } from '../study'
import type { AccordionRecipe } from './settings'
import { atHome, type Shaped } from './shape'
import type { TrebleButton } from '../surface'

interface Solved {
  readonly recipe: AccordionRecipe
  readonly line: Line
  readonly chosen: Shaped
  readonly presses: readonly Press<TrebleButton>[]
  readonly crossings: readonly Crossing[]
  readonly pins: readonly PlacedPress<TrebleButton>[]
  /** What the pins cost more than the engine's own choice. */
  readonly price: number
}

/** Tonics by key, in the names that teachers use for button shapes. */
const KEYS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'] as const

/** Which rows, which fingers, and which other keys lie alike. */
function shapeReason({ recipe, line, chosen }: Solved): Reason[] {
  const { base, treble, school } = chosen
  const [first] = line.notes
  if (!first || isFree(recipe.material)) return []
  const every = treble.rows >= 2 * SHAPE_ROWS - 1
  const tonic = pitchClass(first.pitch)
  const alike = KEYS.filter((_, key) => modulo(key, 3) === modulo(tonic, 3) && key !== tonic)
  const rows = Object.entries(school.home).sort(([, a], [, b]) => (treble.system === 'c' ? a - b : b - a))
  const message = buttonsMessage('reason.shape', {
    from: base + 1,
    to: base + SHAPE_ROWS,
    fingers: rows.map(([finger]) => finger).join(' '),
    keys: listed((every ? [noteName(first.pitch)] : alike).map(named)),
    every: every ? 'yes' : 'no',
  })
  return [{ hand: line.hand, kind: 'shape', indices: [0], message, price: null }]
}

/** Why a finger lies off its own row: the one of that row has just played, is wanted next, or the octave is one shape. */
function besideWhy({ chosen, presses }: Solved, index: number): 'before' | 'next' | 'octave' {
  const rowOf = (press: Press<TrebleButton>): number => shapeRow(chosen.treble, chosen.base, press.button)
  const own = chosen.school.home
  const isRows = (press: Press<TrebleButton> | undefined): boolean =>
    press !== undefined && own[press.finger] === rowOf(presses[index]!)
  return isRows(presses[index - 1]) ? 'before' : isRows(presses[index + 1]) ? 'next' : 'octave'
}

/** Fingers off their own row because it is taken: a chord's notes that lie beside one another. */
function besideReasons(solved: Solved): Reason[] {
  const { line, chosen, presses } = solved
  const seen = new Set<string>()
  return presses.flatMap((press, index): Reason[] => {
    const { finger, button } = press
    const here = line.notes[index]!
    const why = besideWhy(solved, index)
    const key = `${finger} ${modulo(here.midi, 12)} ${why}`
    if (finger === 5 || atHome(chosen, press) || seen.has(key)) return []
    seen.add(key)
    const message = buttonsMessage('reason.beside', { finger, note: noteParam(here.pitch), row: button.row, why })
    const indices = presses.flatMap((each, at) =>
      each.finger === finger &&
      modulo(line.notes[at]!.midi - here.midi, 12) === 0 &&
      !atHome(chosen, each) &&
      besideWhy(solved, at) === why
        ? [at]
        : [],
    )
    return [{ hand: line.hand, kind: 'row', indices, message, price: null }]
  })
}

function passReasons({ line, crossings }: Solved): Reason[] {
  const under = crossings.filter(({ kind }) => kind === 'thumb-under')
  const byNote = grouped(under, ({ index }) => modulo(line.notes[index]!.midi, 12))
  return byNote.map((group) => {
    const to = noteParam(line.notes[group[0]!.index]!.pitch)
    const message = buttonsMessage('reason.thumb-passes', { to })
    return { hand: line.hand, kind: 'crossing', indices: group.map(({ index }) => index), message, price: null }
  })
}

function littleReason({ line, presses }: Solved): Reason[] {
  const index = presses.findIndex(({ finger }) => finger === 5)
  if (index < 0) return []
  const message = buttonsMessage('reason.little', { note: noteParam(line.notes[index]!.pitch) })
  return [{ hand: line.hand, kind: 'end', indices: [index], message, price: null }]
}

function pinReason({ line, pins, price }: Solved): Reason[] {
  if (pins.length === 0) return []
  const note = (index: number) => noteParam(line.notes[index]!.pitch)
  const pinNames = pins.map(({ pin }) => {
    if (isButtonPin(pin)) return buttonsMessage('pinned.button', { button: pinnedButton(pin), note: note(pin.index) })
    if (isGripPin(pin)) return fingeringMessage('pinned.run', { fingers: pin.fingers.join(' '), note: note(pin.from) })
    if (!isDegreePin(pin)) return fingeringMessage('taken', { fingers: String(pin.finger), note: note(pin.index) })
    return fingeringMessage('pinned.degree', { finger: pin.finger, degree: pin.degree, leg: pin.leg ?? 'both' })
  })
  const indices = [...new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))]
  const message = fingeringMessage('reason.pin', { pins: listed(pinNames), others: 0 })
  return [{ hand: line.hand, kind: 'pin', indices, message, price }]
}

/** Why the right hand's buttons and fingers are what they are. */
export const trebleReasons = (solved: Solved): Reason[] => [
  ...pinReason(solved),
  ...shapeReason(solved),
  ...besideReasons(solved),
  ...passReasons(solved),
  ...littleReason(solved),
]
