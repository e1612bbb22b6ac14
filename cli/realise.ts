import { realise, type RealisedHand, type RealisedStudy } from '#core/realise'
import { recipeOf } from '#shared/schemas'
import type { Answer } from './lines'

/** A hand as the terminal's contract has it; `steps` tells which notes sound together, where any do or the hands share. */
function handOf({ notes, pitches, midi, fingers, crossings, lifts, cost, reasons, alternatives }: RealisedHand) {
  const steps = notes.map((note) => note.step)
  const plain = steps.every((step, at) => step === at)
  return {
    ...{ pitches, midi, fingers, crossings },
    ...(plain ? {} : { steps }),
    ...(lifts.length > 0 ? { lifts } : {}),
    ...{ cost, reasons, alternatives },
  }
}

export function resultOf({ recipe, title, twin, keySignature, hands, together, difficulty }: RealisedStudy): Answer {
  const parts = Object.fromEntries(Object.entries(hands).map(([hand, part]) => [hand, handOf(part)]))
  return { recipe, title, twin, keySignature, hands: parts, ...(together ? { together } : {}), difficulty }
}

/** A recipe realised. */
export const realiseLine = (value: unknown): Answer => resultOf(realise(recipeOf(value)))
