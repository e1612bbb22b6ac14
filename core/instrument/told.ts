import type { LineNote } from '../study'

/** Which notes sound together, where any do or the hands share a course. */
export function stepsOf(notes: readonly LineNote[]): { steps?: number[] } {
  const steps = notes.map((note) => note.step)
  return steps.every((step, at) => step === at) ? {} : { steps }
}
