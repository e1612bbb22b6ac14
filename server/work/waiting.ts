import { AsyncLocalStorage } from 'node:async_hooks'

/** A request that is being answered: when nobody waits for it any more, and who does. */
interface Asked {
  readonly signal: AbortSignal
  readonly asker: string
}
const waiting = new AsyncLocalStorage<Asked>()

/** Does what a request asks; what it has done in threads is given up when `signal` says that nobody waits any more. */
export const withAbort = <T>(signal: AbortSignal, asker: string, work: () => Promise<T>): Promise<T> =>
  waiting.run({ signal, asker }, work)

/** Of the request that is being answered, if it is one. */
export const currentSignal = (): AbortSignal | undefined => waiting.getStore()?.signal

/** Who asks: one page, or else one machine. */
export const currentAsker = (): string => waiting.getStore()?.asker ?? ''
