import { AsyncLocalStorage } from 'node:async_hooks'

const waiting = new AsyncLocalStorage<AbortSignal>()

/** Does what a request asks; what it has done in threads is given up when `signal` says that nobody waits any more. */
export const withAbort = <T>(signal: AbortSignal, work: () => Promise<T>): Promise<T> => waiting.run(signal, work)

/** Of the request that is being answered, if it is one. */
export const currentSignal = (): AbortSignal | undefined => waiting.getStore()
