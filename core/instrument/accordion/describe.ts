import type { NamedButton } from '../../buttons'
import type { BassButton } from '../../surface'
import type { RealisedHand } from '../hands'
import { otherMessage, reasonMessage, stepsOf } from '../describe'
import type { RealisedBass } from './solve'

/** A button without its name, as a pin has it. */
export const plainButton = ({ row, column }: NamedButton): BassButton => ({ row, column })

/** The right hand as the terminal's contract has it. */
export function rightMessage(right: RealisedHand) {
  const { notes, pitches, midi, fingers, buttons, crossings, lifts, cost, reasons, alternatives } = right
  return {
    ...{ pitches, midi, fingers, crossings },
    ...(buttons ? { buttons } : {}),
    ...stepsOf(notes),
    ...(lifts.length > 0 ? { lifts } : {}),
    ...{ cost, reasons: reasons.map(reasonMessage), alternatives: alternatives.map(otherMessage) },
  }
}

/** The left hand likewise: buttons and fingers note by note, and the step at which each is struck. */
export function bassMessage({ buttons, fingers, notes, pitches, reasons, alternatives, cost, leaps }: RealisedBass) {
  return {
    buttons,
    fingers,
    step: notes.map(({ step }) => step),
    ...{ pitches, leaps, cost },
    reasons: reasons.map(reasonMessage),
    alternatives: alternatives.map(otherMessage),
  }
}
