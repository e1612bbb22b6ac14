import { createHash } from 'node:crypto'
import { LRUCache } from 'lru-cache'
import type { Answer, TaskInput, TaskName } from './tasks'
import { inThread, type SoFar } from './threads'
import { currentSignal } from './waiting'

/** What is being worked out, or was: how many wait for it, and how it is given up. */
interface Shared {
  readonly answer: Promise<unknown>
  readonly giveUp: AbortController
  waiting: number
}

/** Answers of the last questions; lists and sets that changed ask another question. */
const known = new LRUCache<string, Shared>({ max: 1000 })

const names = new WeakMap<object, string>()

/** A name for a value's content; a list that several questions share is read through once. */
function nameOf(value: unknown): string {
  if (typeof value !== 'object' || value === null) return String(JSON.stringify(value))
  const own = names.get(value) ?? createHash('sha1').update(JSON.stringify(value)).digest('base64')
  names.set(value, own)
  return own
}

function begun<Name extends TaskName>(key: string, name: Name, request: TaskInput<Name>): Shared {
  const giveUp = new AbortController()
  const answer = inThread(name, request, giveUp.signal)
  const shared = { answer, giveUp, waiting: 0 }
  // what failed is asked anew by the next
  answer.catch(() => {
    if (known.peek(key) === shared) known.delete(key)
  })
  known.set(key, shared)
  return shared
}

/** Resolves with the answer, or when the request is left by whoever sent it; the last to leave gives the work up. */
function waitFor(shared: Shared, key: string, signal: AbortSignal | undefined): Promise<unknown> {
  shared.waiting++
  if (!signal) return shared.answer
  return new Promise((resolve, reject) => {
    const leave = () => {
      shared.waiting--
      reject(signal.reason as Error)
      if (shared.waiting > 0 || known.peek(key) !== shared) return
      known.delete(key)
      shared.giveUp.abort()
    }
    if (signal.aborted) return leave()
    signal.addEventListener('abort', leave, { once: true })
    shared.answer.then(resolve, reject).finally(() => signal.removeEventListener('abort', leave))
  })
}

/** A task's answer that nobody else asks for; given up when whoever asked leaves. @throws as `inThread` */
export const thread = <Name extends TaskName>(
  name: Name,
  request: TaskInput<Name>,
  soFar?: SoFar,
): Promise<Answer<Name>> => inThread(name, request, currentSignal() ?? new AbortController().signal, soFar)

/**
 * A task's answer, worked out in a thread: once for all who ask for the same at the same time, and remembered.
 * @throws as `inThread`
 */
export function cachedAnswer<Name extends TaskName>(name: Name, request: TaskInput<Name>): Promise<Answer<Name>> {
  const key = [name, ...Object.values(request).map(nameOf)].join(' ')
  const shared = known.get(key) ?? begun(key, name, request)
  return waitFor(shared, key, currentSignal()) as Promise<Answer<Name>>
}
