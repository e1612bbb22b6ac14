import { availableParallelism } from 'node:os'
import { MessageChannel, type MessagePort } from 'node:worker_threads'
import { Piscina } from 'piscina'
import { DomainError } from '#core/message'
import { busy } from '../httpError'
import type { Answer, TaskInput, TaskName } from './tasks'
import type { Answered } from './thread'
import { threadFile } from './threadFile'

/** Tasks that may wait for a thread; more than that, and whoever asks is told to come again. */
const MAX_WAITING = 100
/** Milliseconds after which a thread with nothing to do ends. */
const IDLE = 60_000

let threads: Piscina | undefined

function started(): Piscina {
  threads ??= new Piscina({
    filename: threadFile(),
    minThreads: 1,
    maxThreads: Math.max(2, availableParallelism() - 1),
    maxQueue: MAX_WAITING,
    idleTimeout: IDLE,
  })
  return threads
}

export async function closeThreads(): Promise<void> {
  const closing = threads
  threads = undefined
  await closing?.destroy()
}

/** How far a task is, as it goes. */
export type SoFar = (done: number, of: number) => void

/** Hears from a thread how far it is for as long as it works. */
async function telling<T>(soFar: SoFar, work: (port: MessagePort) => Promise<T>): Promise<T> {
  const { port1: own, port2: its } = new MessageChannel()
  own.on('message', (progress: Parameters<SoFar>) => soFar(...progress))
  try {
    return await work(its)
  } finally {
    own.close()
  }
}

/** Does a task in a thread. @throws DomainError as the task does; HttpError 503 where too much waits; AbortError */
export async function inThread<Name extends TaskName>(
  name: Name,
  request: TaskInput<Name>,
  signal: AbortSignal,
  soFar?: SoFar,
): Promise<Answer<Name>> {
  const pool = started()
  if (pool.queueSize >= MAX_WAITING) throw busy()
  const answered = (await (soFar
    ? telling(soFar, (port) => pool.run({ name, request, port }, { signal, transferList: [port] }))
    : pool.run({ name, request }, { signal }))) as Answered
  if ('done' in answered) return answered.done as Answer<Name>
  const { code, params, path, details } = answered.refused
  throw new DomainError(code, params ?? {}, path, details)
}
