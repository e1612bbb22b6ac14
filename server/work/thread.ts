import { RecipeError } from '#core/message'
import { type TaskName, TASKS } from './tasks'

/** What a thread answers: refusals lose their class on the way between threads, so they travel as data. */
export type Answered = { readonly done: unknown } | { readonly refused: ReturnType<RecipeError['toFault']> }

/** Runs in a thread of its own. */
export default async function work({ name, asked }: { name: TaskName; asked: never }): Promise<Answered> {
  try {
    return { done: await TASKS[name](asked) }
  } catch (error) {
    if (error instanceof RecipeError) return { refused: error.toFault() }
    throw error
  }
}
