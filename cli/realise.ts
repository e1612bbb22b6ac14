import { realise, type RealisedHand, type RealisedSticking, type RealisedStudy } from '#core/realise'
import { recipeOf } from '#shared/schemas'
import type { Answer } from './lines'

/** Which notes sound together, where any do or the hands share a course. */
function stepsOf(notes: RealisedHand['notes']): { steps?: number[] } {
  const steps = notes.map((note) => note.step)
  return steps.every((step, at) => step === at) ? {} : { steps }
}

/** A hand as the terminal's contract has it. */
function handOf({ notes, pitches, midi, fingers, crossings, lifts, cost, reasons, alternatives }: RealisedHand) {
  return {
    ...{ pitches, midi, fingers, crossings },
    ...stepsOf(notes),
    ...(lifts.length > 0 ? { lifts } : {}),
    ...{ cost, reasons, alternatives },
  }
}

/** Sticks as the terminal's contract has them. */
function stickingOf({
  notes,
  pitches,
  midi,
  sticks,
  doubles,
  inversions,
  rowMoves,
  pinned,
  ...rest
}: RealisedSticking) {
  return { ...{ pitches, midi, sticks, doubles, inversions, rowMoves }, ...stepsOf(notes), ...rest }
}

export function resultOf(study: RealisedStudy): Answer {
  const { recipe, title, twin, keySignature, hands, sticking, together, difficulty } = study
  const parts = Object.fromEntries(Object.entries(hands).map(([hand, part]) => [hand, handOf(part)]))
  return {
    ...{ recipe, title, twin, keySignature },
    ...(sticking ? { sticking: stickingOf(sticking) } : { hands: parts }),
    ...(together ? { together } : {}),
    difficulty,
  }
}

/** A recipe realised. */
export const realiseLine = (value: unknown): Answer => resultOf(realise(recipeOf(value)))
