import { MessageChannel, type MessagePort } from 'node:worker_threads'
import { Piscina } from 'piscina'
import { DomainError } from '#core/message'
import { busy } from '../httpError'
import { refuse } from '../messages'
import { FairQueue, type Lane, MAX_HEAVY, THREADS } from './fairQueue'
import { givingUp, newWanted, unlessAborted } from './giveUp'
import { limitOf } from './limits'
import { NICE } from './nice'
import type { Answer, TaskInput, TaskName } from './tasks'
import type { Answered } from './thread'
import { threadFile } from './threadFile'
import { currentAsker } from './waiting'

/** Milliseconds after which a thread with nothing to do ends; one of each lane stays, so that nobody waits for one to begin. */
const IDLE = 60_000
/** How much threads for what takes its time give way to everything else (nice, 0 to 19). */
const GIVES_WAY = 10

/** Threads of each lane: those for what takes its time run behind the server and the rest. */
let threads: Readonly<Record<Lane, Piscina>> | undefined

function started(): Readonly<Record<Lane, Piscina>> {
  const pool = (most: number, nice: number): Piscina =>
    new Piscina({
      filename: threadFile(),
      minThreads: 1,
      maxThreads: most,
      idleTimeout: IDLE,
      env: { ...process.env, [NICE]: String(nice) },
    })
  threads ??= { light: pool(THREADS - MAX_HEAVY, 0), heavy: pool(MAX_HEAVY, GIVES_WAY) }
  return threads
}

export async function closeThreads(): Promise<void> {
  const closing = threads
  threads = undefined
  await Promise.all(Object.values(closing ?? {}).map((pool) => pool.destroy()))
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

const queue = new FairQueue()

/**
 * Does a task in a thread, when it is the turn of whoever asks.
 * @throws DomainError as the task does, or `task.long`; HttpError 503 where too much waits; the signal's reason
 */
export async function inThread<Name extends TaskName>(
  name: Name,
  request: TaskInput<Name>,
  signal: AbortSignal,
  soFar?: SoFar,
): Promise<Answer<Name>> {
  const asker = currentAsker()
  if (queue.isFull(asker)) throw busy()
  const { lane, seconds } = limitOf(name, request)
  const release = await queue.turn(asker, lane, signal)
  const overdue = AbortSignal.timeout(seconds * 1000)
  const given = AbortSignal.any([signal, overdue])
  // whoever asked is gone at once; the turn is over when the thread is
  const work = done(name, request, lane, given, soFar).finally(release)
  try {
    return await unlessAborted(given, work)
  } catch (error) {
    work.catch(() => undefined)
    if (overdue.aborted && !signal.aborted) throw refuse('task.long', { seconds }, '')
    throw error
  }
}

/** A task's answer. @throws DomainError as the task does */
async function done<Name extends TaskName>(
  name: Name,
  request: TaskInput<Name>,
  lane: Lane,
  signal: AbortSignal,
  soFar?: SoFar,
): Promise<Answer<Name>> {
  const pool = started()[lane]
  const wanted = newWanted()
  const end = new AbortController()
  const over = givingUp(wanted, signal, () => end.abort())
  const options = { signal: end.signal }
  const run = (port?: MessagePort): Promise<Answered> =>
    port
      ? (pool.run({ name, request, wanted, port }, { ...options, transferList: [port] }) as Promise<Answered>)
      : (pool.run({ name, request, wanted }, options) as Promise<Answered>)
  const answered = await (soFar ? telling(soFar, run) : run()).finally(over)
  if ('givenUp' in answered) throw signal.reason as Error
  if ('done' in answered) return answered.done as Answer<Name>
  const { code, params, path, details } = answered.refused
  throw new DomainError(code, params ?? {}, path, details)
}
