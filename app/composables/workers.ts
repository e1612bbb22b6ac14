import { type Remote, wrap } from 'comlink'
import { DomainError } from '#core/message'

interface Working<Api> {
  readonly api: Remote<Api>
  /** Never comes, unless the worker itself is lost: then it is refused. */
  readonly lost: Promise<never>
}

/**
 * Asks the core in a worker of its own, begun when it is first wanted, so that typing never waits for solving.
 * What it gives back throws DomainError `unexpected` where the worker failed, whatever it failed of.
 */
export function inWorker<Api>(make: () => Worker) {
  let working: Working<Api> | undefined
  function begin(): Working<Api> {
    const worker = make()
    const lost = new Promise<never>((_, refuse) => {
      worker.addEventListener('error', () => {
        // the next who asks begins another
        working = undefined
        worker.terminate()
        refuse(new DomainError('unexpected', {}, ''))
      })
    })
    // whoever waits for an answer hears of it; nobody else has to
    lost.catch(() => {})
    return { api: wrap<Api>(worker), lost }
  }
  const call = async <T>(ask: (api: Remote<Api>) => T): Promise<Awaited<T>> => {
    const { api, lost } = (working ??= begin())
    try {
      return await Promise.race([ask(api), lost])
    } catch (error) {
      console.error(error)
      throw new DomainError('unexpected', {}, '')
    }
  }
  /** Begins the worker before it is wanted. */
  const wake = (): void => {
    working ??= begin()
  }
  return Object.assign(call, { wake })
}
