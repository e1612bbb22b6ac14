import { type Remote, wrap } from 'comlink'
import { RecipeError } from '#core/message'
import type { RealiseApi } from '~/workers/realise.worker'

interface Working {
  readonly api: Remote<RealiseApi>
  /** Never comes, unless the worker itself is lost: then it is refused. */
  readonly lost: Promise<never>
}
let working: Working | undefined

function begin(): Working {
  const worker = new Worker(new URL('../workers/realise.worker.ts', import.meta.url), {
    type: 'module',
    name: 'realise',
  })
  const lost = new Promise<never>((_, refuse) => {
    worker.addEventListener('error', () => {
      // the next who asks begins another
      working = undefined
      worker.terminate()
      refuse(new RecipeError('unexpected', {}, ''))
    })
  })
  // whoever waits for an answer hears of it; nobody else has to
  lost.catch(() => {})
  return { api: wrap<RealiseApi>(worker), lost }
}

/**
 * Asks the core in its worker, so that typing never waits for solving.
 * @throws RecipeError `unexpected` where the worker failed, whatever it failed of
 */
export async function realised<T>(ask: (api: Remote<RealiseApi>) => T): Promise<Awaited<T>> {
  working ??= begin()
  const { api, lost } = working
  try {
    return await Promise.race([ask(api), lost])
  } catch (error) {
    console.error(error)
    throw new RecipeError('unexpected', {}, '')
  }
}

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
