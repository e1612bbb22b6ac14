import type { Reason } from './family'
import type { Message } from '../message'
import type { LineNote } from '../study'

/** Which notes sound together, where any do or the hands share a course. */
export function stepsOf(notes: readonly LineNote[]): { steps?: number[] } {
  const steps = notes.map((note) => note.step)
  return steps.every((step, at) => step === at) ? {} : { steps }
}

/** A reason as the terminal's contract has it: the sentence, and beside it its code and parameters. */
export const reasonMessage = <R extends Reason>({ message, ...reason }: R) => ({ ...reason, text: message, ...message })

/** Another way likewise; its sentence is called `words`. */
export const otherMessage = <O extends { readonly message: Message }>({ message, ...other }: O) => ({
  ...other,
  words: message,
  ...message,
})
