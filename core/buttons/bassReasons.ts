import { noteParam, fingeringMessage } from '../fingering'
import { listed, type Message } from '../message'
import { modulo, noteAbove } from '../pitch'
import { type Finger, isDegreePin, isFree, isGripPin, type Line } from '../study'
import { type BassButton, type Board, boardSize, boardSpot, buttonsFor } from '../surface'
import { LEFT_SCHOOL_DATA } from './bassTouch'
import { grouped } from './grouped'
import { buttonsMessage } from './messages'
import { isButtonPin } from './pin'
import { buttonMessage, pinnedButton, type PlacedPress } from './pins'
import type { Press } from './press'
import type { AccordionRecipe, LeftPart } from './settings'

/** Why a button or a finger of the left hand is what it is. */
export interface BassReason {
  readonly hand: 'left'
  readonly kind: 'strokes' | 'counterbass' | 'only-button' | 'leap' | 'off-finger' | 'root-again' | 'pin'
  readonly indices: readonly number[]
  readonly message: Message
  readonly price: number | null
}

interface Solved {
  readonly recipe: AccordionRecipe
  readonly line: Line
  readonly presses: readonly Press<BassButton>[]
  readonly leaps: readonly number[]
  readonly pins: readonly PlacedPress<BassButton>[]
  readonly board: Board
}

const reason = (kind: BassReason['kind'], indices: readonly number[], message: Message): BassReason => ({
  ...{ hand: 'left', kind, indices, message },
  price: null,
})

const noteAt = ({ line }: Solved, index: number) => noteParam(line.notes[index]!.pitch)
const isStrokes = ({ line }: Solved): boolean => line.free === 'strokes'

/** Parts whose bass changes with its fifth. */
const ALTERNATE: readonly LeftPart[] = ['alternating', 'waltz']
const FIFTH = { steps: 4, semitones: 7 }

/** The root again, where the board has no bass for its fifth. */
function rootReason({ recipe, line, board }: Solved): BassReason[] {
  const { part } = recipe.accordion.left
  const [first] = line.notes
  if (!first || !ALTERNATE.includes(part) || isFree(recipe.material)) return []
  if (buttonsFor(board, noteAbove(first.pitch, FIFTH)).length > 0) return []
  const message = buttonsMessage('reason.root-again', {
    note: noteParam(first.pitch),
    bass: boardSize(recipe.accordion),
  })
  return [reason('root-again', [0], message)]
}

/** Bass, chord, alternate bass: who lies where, said once. */
function strokesReason(solved: Solved): BassReason[] {
  const { recipe, line, presses } = solved
  const { notes } = line
  if (!isStrokes(solved) || notes.length < 3 || !ALTERNATE.includes(recipe.accordion.left.part)) return []
  const bass = notes.findIndex((note) => !note.chord)
  const chord = notes.findIndex((note) => note.chord)
  if (bass < 0 || chord < 0) return []
  const key = modulo(notes[bass]!.midi, 12)
  const alternate = notes.findIndex((note, at) => at > chord && !note.chord && modulo(note.midi, 12) !== key)
  if (alternate < 0) return []
  const fingers = [bass, alternate, chord].map((index) => presses[index]!.finger) as [Finger, Finger, Finger]
  const message = buttonsMessage('reason.strokes', {
    bass: noteAt(solved, bass),
    finger: fingers[0],
    alternate: noteAt(solved, alternate),
    other: fingers[1],
    chord: fingers[2],
    hops: fingers[1] === fingers[2] || fingers[1] === fingers[0] ? 'yes' : 'no',
    school: recipe.accordion.left.school,
  })
  return [reason('strokes', [bass, chord, alternate], message)]
}

/** Notes that stand on a counterbass, where the board has a fundamental of that name. */
function counterbassReasons(solved: Solved): BassReason[] {
  const { line, presses, board } = solved
  const onCounter = line.notes.flatMap((note, index) => {
    if (note.chord || presses[index]!.button.row !== 'counterbass') return []
    const others = buttonsFor(board, note.pitch).length > 1
    return others ? [index] : []
  })
  if (onCounter.length === 0) return []
  const first = new Map(onCounter.map((index) => [modulo(line.notes[index]!.midi, 12), index]))
  const notes = listed([...new Set([...first.values()].sort((a, b) => a - b))].map((index) => noteAt(solved, index)))
  return [reason('counterbass', onCounter, buttonsMessage('reason.counterbass', { notes }))]
}

/** Notes that a small board has but once. */
function onlyReasons(solved: Solved): BassReason[] {
  const { line, presses, board } = solved
  const seen = new Set<number>()
  return line.notes.flatMap((note, index): BassReason[] => {
    const key = modulo(note.midi, 12)
    const { button } = presses[index]!
    const plain = !note.chord && button.row === 'counterbass' && buttonsFor(board, note.pitch).length === 1
    if (!plain || !board.rows.includes('fundamental') || seen.has(key)) return []
    seen.add(key)
    const pinNames = buttonMessage(button)
    return [
      reason(
        'only-button',
        [index],
        buttonsMessage('reason.only-button', { note: noteAt(solved, index), button: pinNames }),
      ),
    ]
  })
}

/** The widest leap of the line. */
function leapReason(solved: Solved): BassReason[] {
  const { line, presses, leaps } = solved
  const width = (index: number): number =>
    Math.abs(boardSpot(presses[index]!.button).along - boardSpot(presses[index - 1]!.button).along)
  const columns = (index: number): number => Math.abs(presses[index]!.button.column - presses[index - 1]!.button.column)
  if (leaps.length === 0) return []
  const widest = leaps.reduce((one, next) => (width(next) > width(one) ? next : one))
  const alike = leaps.filter((index) => columns(index) === columns(widest))
  const message = buttonsMessage('reason.leap', {
    from: noteParam(line.notes[widest - 1]!.pitch),
    to: noteAt(solved, widest),
    columns: columns(widest),
  })
  return [reason('leap', alike, message)]
}

/** More departures than these are one reason. */
const MAX_HABITS = 2

/** Fingers that are not the school's own for their row, finger by finger. */
function offFingerReasons(solved: Solved): BassReason[] {
  const { recipe, line, presses, pins } = solved
  const { prefers } = LEFT_SCHOOL_DATA[recipe.accordion.left.school]
  const pinned = new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  const usualOn = ({ row }: BassButton): number =>
    Number(Object.entries(prefers[row]).find(([, price]) => price === 0)![0])
  const off = presses.flatMap(({ finger, button }, index) =>
    finger === usualOn(button) || pinned.has(index) || (isStrokes(solved) && !line.notes[index]!.chord) ? [] : [index],
  )
  if (off.length === 0) return []
  const groups = grouped(off, (index) => `${presses[index]!.finger} ${usualOn(presses[index]!.button)}`)
  if (groups.length > MAX_HABITS) {
    return [reason('off-finger', off, buttonsMessage('reason.off-fingers', { count: off.length }))]
  }
  return groups.map((indices) => {
    const { finger, button } = presses[indices[0]!]!
    const names = [...new Map(indices.map((index) => [modulo(line.notes[index]!.midi, 12), index])).values()]
    const notes = listed(names.sort((a, b) => a - b).map((index) => noteAt(solved, index)))
    return reason('off-finger', indices, buttonsMessage('reason.off-finger', { finger, notes, usual: usualOn(button) }))
  })
}

function pinReason({ line, pins }: Solved): BassReason[] {
  if (pins.length === 0) return []
  const note = (index: number) => noteParam(line.notes[index]!.pitch)
  const pinNames = pins.map(({ pin }) => {
    if (isButtonPin(pin)) return buttonsMessage('pinned.button', { button: pinnedButton(pin), note: note(pin.index) })
    if (isGripPin(pin)) return fingeringMessage('pinned.run', { fingers: pin.fingers.join(' '), note: note(pin.from) })
    if (!isDegreePin(pin)) return fingeringMessage('taken', { fingers: String(pin.finger), note: note(pin.index) })
    return fingeringMessage('pinned.degree', { finger: pin.finger, degree: pin.degree, leg: pin.leg ?? 'both' })
  })
  const indices = [...new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))]
  return [reason('pin', indices, buttonsMessage('reason.left-pin', { pins: listed(pinNames) }))]
}

/** Why the left hand's buttons and fingers are what they are. */
export const bassReasons = (solved: Solved): BassReason[] => [
  ...pinReason(solved),
  ...strokesReason(solved),
  ...rootReason(solved),
  ...counterbassReasons(solved),
  ...onlyReasons(solved),
  ...leapReason(solved),
  ...offFingerReasons(solved),
]
