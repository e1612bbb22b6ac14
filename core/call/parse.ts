import { callMessage } from './messages'
import type { Message } from '../message'
import type { RecipeInput } from '../instrument'
import { gather, type Setting } from './gather'
import { once } from './once'
import { read, type Understood } from './read'

/** How a called line was understood. */
export interface Called {
  /** One for each study that was called; none while the line does not name one. */
  readonly studies: readonly RecipeInput[]
  /** The line word by word. */
  readonly understood: readonly Understood[]
  /** What was assumed, in plain words. */
  readonly remarks: readonly Message[]
  /** What is missing, or does not go together. */
  readonly problems: readonly Message[]
  /** Whether every word was understood. */
  readonly complete: boolean
}

/** More studies than this in one call are a slip of the tongue. */
export const MAX_CALLED = 120

/**
 * Reads a line as a teacher would call it. Semicolons part studies that have nothing in common; a list of keys shares
 * what follows it. The grammar stands in the handbook.
 * @param setting the study that is changed by a line which names no key: where there is none, a key is asked for; and what
 *   chooses a key that is drawn
 */
export function parseCall(line: string, setting: Setting = {}): Called {
  const understood = read(line)
  const groups: Understood[][] = [[]]
  for (const each of understood) {
    if (each.typed === ';') groups.push([])
    else groups.at(-1)!.push(each)
  }
  const gathered = groups
    .filter((group) => group.some(({ meaning }) => meaning !== null))
    .map((group) => gather(group, setting))
  const studies = gathered.flatMap((each) => each.studies)
  const tooMany =
    studies.length > MAX_CALLED ? [callMessage('call.too-many', { count: studies.length, most: MAX_CALLED })] : []
  return {
    studies: studies.slice(0, MAX_CALLED),
    understood,
    remarks: once(gathered.flatMap((each) => each.remarks)),
    problems: [...gathered.flatMap((each) => each.problems), ...tooMany],
    complete: understood.every((each) => each.meaning !== null || each.typed === ';'),
  }
}
