import { type Remote, wrap } from 'comlink'
import type { RealiseApi } from '~/workers/realise.worker'

let remote: Remote<RealiseApi> | undefined

/** The core in its worker, so that typing never waits for solving. */
export function realiser(): Remote<RealiseApi> {
  remote ??= wrap<RealiseApi>(
    new Worker(new URL('../workers/realise.worker.ts', import.meta.url), { type: 'module', name: 'realise' }),
  )
  return remote
}

/** Runs work so that only the newest answer counts: `undefined` comes back to whoever was overtaken. */
export function newestOnly() {
  let newest = 0
  return async <T>(work: Promise<T>): Promise<T | undefined> => {
    const mine = ++newest
    const result = await work
    return mine === newest ? result : undefined
  }
}
