import { availableParallelism } from 'node:os'

/** What is over at once, and what may take its time. */
export type Lane = 'light' | 'heavy'

const CORES = availableParallelism()
/** So much is done at once: more than there are cores, so that what is over at once does not wait for what takes its time. */
export const THREADS = 2 * Math.max(2, CORES)
/** So much that takes its time is done at once: threads are always left for the rest. */
export const MAX_HEAVY = Math.max(2, CORES)
/** So much of it by one asker: all cores while nobody else asks for anything, one fewer when somebody does. */
const MAX_ALONE = Math.max(2, CORES)
const MAX_BESIDE = Math.max(1, CORES - 1)
/** So much may wait, of one asker and of all; more than that, and whoever asks is told to come again. */
const MAX_WAITING_OF_ONE = 300
const MAX_WAITING = 1200

/** A turn that was waited for; call it when the work is done. */
export type Release = () => void

interface Waiting {
  readonly lane: Lane
  readonly go: (release: Release) => void
}

/** One of those who ask: what of theirs waits, and how much of it is being done. */
interface Asker {
  readonly waiting: Waiting[]
  running: number
  heavy: number
}

/**
 * Turns for threads, shared among who asks: everybody in turn, whatever the others have waiting. What takes its time
 * leaves a thread to what is over at once.
 */
export class FairQueue {
  /** Whoever was served last is last. */
  private readonly askers = new Map<string, Asker>()
  private running = 0
  private heavy = 0
  private waiting = 0

  /** Whether an asker has more waiting than is taken. */
  isFull(name: string): boolean {
    return this.waiting >= MAX_WAITING || (this.askers.get(name)?.waiting.length ?? 0) >= MAX_WAITING_OF_ONE
  }

  /** Resolves when it is the asker's turn. @throws the signal's reason, when it is aborted before that */
  turn(name: string, lane: Lane, signal: AbortSignal): Promise<Release> {
    return new Promise((resolve, reject) => {
      if (signal.aborted) return reject(signal.reason as Error)
      const asker = this.askers.get(name) ?? { waiting: [], running: 0, heavy: 0 }
      this.askers.set(name, asker)
      const leave = (): void => {
        const at = asker.waiting.indexOf(own)
        if (at < 0) return
        asker.waiting.splice(at, 1)
        this.waiting--
        this.forget(name, asker)
        reject(signal.reason as Error)
      }
      const own: Waiting = {
        lane,
        go: (release) => {
          signal.removeEventListener('abort', leave)
          resolve(release)
        },
      }
      signal.addEventListener('abort', leave, { once: true })
      asker.waiting.push(own)
      this.waiting++
      this.serve()
    })
  }

  private mayRun(lane: Lane, asker: Asker): boolean {
    if (this.running >= THREADS) return false
    if (lane === 'light') return true
    const most = this.askers.size > 1 ? MAX_BESIDE : MAX_ALONE
    return this.heavy < MAX_HEAVY && asker.heavy < most
  }

  /** Gives turns to everybody who may have one, each in turn. */
  private serve(): void {
    for (let served = true; served;) {
      served = false
      for (const [name, asker] of [...this.askers]) {
        const at = asker.waiting.findIndex(({ lane }) => this.mayRun(lane, asker))
        if (at < 0) continue
        this.begin(name, asker, asker.waiting.splice(at, 1)[0]!)
        served = true
      }
    }
  }

  private begin(name: string, asker: Asker, { lane, go }: Waiting): void {
    const heavy = lane === 'heavy' ? 1 : 0
    this.waiting--
    this.running++
    this.heavy += heavy
    asker.running++
    asker.heavy += heavy
    this.askers.delete(name)
    this.askers.set(name, asker)
    let over = false
    go(() => {
      if (over) return
      over = true
      this.running--
      this.heavy -= heavy
      asker.running--
      asker.heavy -= heavy
      this.forget(name, asker)
      this.serve()
    })
  }

  private forget(name: string, asker: Asker): void {
    if (asker.waiting.length === 0 && asker.running === 0) this.askers.delete(name)
  }
}
