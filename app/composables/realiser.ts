import { inWorker } from './workers'
import type { RealiseApi } from '~/workers/realise.worker'

/** Asks the core in its worker. @throws DomainError `unexpected` where the worker failed, whatever it failed of */
export const realised = inWorker<RealiseApi>(
  () => new Worker(new URL('../workers/realise.worker.ts', import.meta.url), { type: 'module', name: 'realise' }),
)

/**
 * Runs work one after the other so that only the newest counts: what waits is dropped when something newer comes, and
 * `undefined` comes back to whoever was overtaken, before or while it was worked on.
 */
export function newestOnly() {
  let busy = false
  let waiting: (() => void) | null = null
  let newest = 0
  return async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    const mine = ++newest
    if (busy) {
      const overtaken = waiting
      const turn = new Promise<void>((resolve) => (waiting = resolve))
      overtaken?.()
      await turn
      if (mine !== newest) return undefined
    }
    busy = true
    try {
      const result = await work()
      return mine === newest ? result : undefined
    } finally {
      busy = false
      const next = waiting
      waiting = null
      next?.()
    }
  }
}
