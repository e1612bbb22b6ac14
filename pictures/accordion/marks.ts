import type { NamedButton } from '#core/buttons'
import type { Hand } from '#core/study'
import type { AccordionStudy } from './study'

/** A note that stands on a key or button of the map. */
export interface MapMark<Spot> {
  readonly spot: Spot
  readonly index: number
  readonly step: number
  readonly finger: number
  /** Whether it sounds at the step that is shown. */
  readonly here: boolean
}

/** Each key or button once, with the finger of the leg that is shown; what sounds now before all. */
function once<Spot>(
  notes: readonly { readonly step: number; readonly leg: string }[],
  step: number | null,
  spotOf: (index: number) => Spot,
  keyOf: (spot: Spot) => string,
  fingerOf: (index: number) => number,
): MapMark<Spot>[] {
  const shown = notes.findLast((note) => note.step <= Math.max(1, step ?? 0)) ?? notes[0]
  const found = new Map<string, MapMark<Spot>>()
  notes.forEach((note, index) => {
    const here = step !== null && note.step === step
    const spot = spotOf(index)
    const key = keyOf(spot)
    if (here || (note.leg === shown?.leg && !found.has(key))) {
      found.set(key, { spot, index, step: note.step, finger: fingerOf(index), here })
    }
  })
  return [...found.values()]
}

/** The right hand on its keys: by MIDI number. */
export const keyMarks = ({ hands: { right } }: AccordionStudy, step: number | null): MapMark<number>[] =>
  right
    ? once(
        right.notes,
        step,
        (at) => right.midi[at]!,
        String,
        (at) => right.fingers[at]!,
      )
    : []

/** A hand on its buttons: by row and place. */
export const buttonMarks = (
  { hands }: AccordionStudy,
  step: number | null,
  hand: Hand = 'right',
): MapMark<readonly [row: number, place: number]>[] => {
  const own = hands[hand]
  return own?.buttons
    ? once(
        own.notes,
        step,
        (at) => own.buttons![at]!,
        String,
        (at) => own.fingers[at]!,
      )
    : []
}

/** The left hand on the board. */
export const boardMarks = ({ bass }: AccordionStudy, step: number | null): MapMark<NamedButton>[] =>
  bass
    ? once(
        bass.notes,
        step,
        (at) => bass.buttons[at]!,
        nameOf,
        (at) => bass.fingers[at]!,
      )
    : []

/** Tells buttons of the board apart. */
export const nameOf = ({ row, column }: Pick<NamedButton, 'row' | 'column'>): string => `${row} ${column}`
