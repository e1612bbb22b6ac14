import { DomainError } from '#core/message'
import type { MessagePort } from 'node:worker_threads'
import { begin, isUnwanted, type Wanted } from './giveUp'
import { giveWay } from './nice'
import { type TaskName, TASKS } from './tasks'

/** What a thread answers: refusals lose their class on the way between threads, so they travel as data. */
export type Answered =
  | { readonly done: unknown }
  | { readonly refused: ReturnType<DomainError['toData']> }
  /** Nobody waits for it any more. */
  | { readonly givenUp: true }

giveWay()

interface Work {
  readonly name: TaskName
  readonly request: never
  /** Where it is told how far the work is, if anybody wants to know. */
  readonly port?: MessagePort
  /** Whether anybody still waits for it. */
  readonly wanted: Wanted
}

/** Thrown where a task that nobody waits for tells how far it is. */
class GivenUp extends Error {}

/** Runs in a thread of its own. What tells how far it is gives itself up there, when nobody waits for it any more. */
export default async function work({ name, request, port, wanted }: Work): Promise<Answered> {
  begin(wanted)
  if (isUnwanted(wanted)) return { givenUp: true }
  const told = (...soFar: [done: number, of: number]): void => {
    if (isUnwanted(wanted)) throw new GivenUp()
    port?.postMessage(soFar)
  }
  try {
    return { done: await TASKS[name](request, told) }
  } catch (error) {
    if (error instanceof GivenUp) return { givenUp: true }
    if (error instanceof DomainError) return { refused: error.toData() }
    throw error
  }
}
