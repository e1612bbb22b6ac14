import { DomainError } from '#core/message'
import type { MessagePort } from 'node:worker_threads'
import { giveWay } from './nice'
import { type TaskName, TASKS } from './tasks'

/** What a thread answers: refusals lose their class on the way between threads, so they travel as data. */
export type Answered = { readonly done: unknown } | { readonly refused: ReturnType<DomainError['toData']> }

giveWay()

interface Work {
  readonly name: TaskName
  readonly request: never
  /** Where it is told how far the work is, if anybody wants to know. */
  readonly port?: MessagePort
}

/** Runs in a thread of its own. */
export default async function work({ name, request, port }: Work): Promise<Answered> {
  try {
    return { done: await TASKS[name](request, port && ((...soFar) => port.postMessage(soFar))) }
  } catch (error) {
    if (error instanceof DomainError) return { refused: error.toData() }
    throw error
  }
}
