import { availableParallelism } from 'node:os'
import { Piscina } from 'piscina'
import { RecipeError } from '#core/message'
import { busy } from '../refusal'
import type { Answer, Asked, TaskName } from './tasks'
import type { Answered } from './thread'
import { threadFile } from './threadFile'

/** Tasks that may wait for a thread; more than that, and whoever asks is told to come again. */
const MOST_WAITING = 100
/** Milliseconds after which a thread with nothing to do ends. */
const IDLE = 60_000

let threads: Piscina | undefined

function started(): Piscina {
  threads ??= new Piscina({
    filename: threadFile(),
    minThreads: 1,
    maxThreads: Math.max(2, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE,
  })
  return threads
}

export async function closeThreads(): Promise<void> {
  const closing = threads
  threads = undefined
  await closing?.destroy()
}

/** Does a task in a thread. @throws RecipeError as the task does; Refusal 503 where too much waits; AbortError */
export async function inThread<Name extends TaskName>(
  name: Name,
  asked: Asked<Name>,
  signal: AbortSignal,
): Promise<Answer<Name>> {
  const pool = started()
  if (pool.queueSize >= MOST_WAITING) throw busy()
  const answered = (await pool.run({ name, asked }, { signal })) as Answered
  if ('done' in answered) return answered.done as Answer<Name>
  const { code, params, path, details } = answered.refused
  throw new RecipeError(code, params ?? {}, path, details)
}
