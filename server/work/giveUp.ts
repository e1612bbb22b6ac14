/** How a thread is asked to give a task up: two flags that both sides see, whatever the thread is busy with. */
const [BEGUN, UNWANTED] = [0, 1]
const FLAGS = 2

/** What goes to the thread with its task. */
export type Wanted = Int32Array

export const newWanted = (): Wanted => new Int32Array(new SharedArrayBuffer(FLAGS * Int32Array.BYTES_PER_ELEMENT))

/** The thread has the task in hand: from now on it can be ended, if it has to be. */
export const begin = (wanted: Wanted): void => void Atomics.store(wanted, BEGUN, 1)
const hasBegun = (wanted: Wanted): boolean => Atomics.load(wanted, BEGUN) === 1
/** Whether nobody waits for the task any more. */
export const isUnwanted = (wanted: Wanted): boolean => Atomics.load(wanted, UNWANTED) === 1

/** Milliseconds that a task has to give itself up, once it is asked. */
const GRACE = 500

/**
 * Asks for a task to be given up when a signal says so. Where it does not listen it is ended, but never while its thread
 * is still starting: that can take the whole process with it.
 * @param end ends the task with its thread
 * @returns what is called when the task is over
 */
export function givingUp(wanted: Wanted, signal: AbortSignal, end: () => void): () => void {
  let again: NodeJS.Timeout | undefined
  const press = (): void => {
    if (hasBegun(wanted)) end()
    else again = setTimeout(press, GRACE)
  }
  const ask = (): void => {
    Atomics.store(wanted, UNWANTED, 1)
    again = setTimeout(press, GRACE)
  }
  if (signal.aborted) ask()
  else signal.addEventListener('abort', ask, { once: true })
  return () => {
    clearTimeout(again)
    signal.removeEventListener('abort', ask)
  }
}

/** Resolves as the work does, or rejects as soon as a signal says that nobody waits for it. */
export const unlessAborted = <T>(signal: AbortSignal, work: Promise<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    const leave = (): void => reject(signal.reason as Error)
    if (signal.aborted) return leave()
    signal.addEventListener('abort', leave, { once: true })
    work.then(resolve, reject).finally(() => signal.removeEventListener('abort', leave))
  })
