import { setMaxListeners } from 'node:events'
import { setTimeout as pause } from 'node:timers/promises'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FairQueue, type Lane, type Release, THREADS } from '../../../server/work/fairQueue'

const never = new AbortController().signal
setMaxListeners(0, never)

describe('turns for threads', () => {
  it('are nobody’s alone: whoever comes last waits for one turn of each, whatever the others have waiting', async () => {
    const queue = new FairQueue()
    const order: string[] = []
    const releases: Release[] = []
    const ask = (name: string, lane: Lane) =>
      void queue.turn(name, lane, never).then((release) => {
        order.push(name)
        releases.push(release)
      })
    for (let at = 0; at < 50; at++) ask('batch', 'heavy')
    ask('page', 'heavy')
    await pause(0)
    // all that may be done at once may be the batch's: then the page has the next turn
    for (const release of releases.splice(0)) release()
    await pause(0)
    expect(order).toContain('page')
    expect(order.length).toBeLessThan(20)
  })

  it('leave a thread to what is over at once, whatever takes its time', async () => {
    const queue = new FairQueue()
    for (let name = 0; name < 10; name++)
      for (let at = 0; at < 10; at++) void queue.turn(`heavy ${name}`, 'heavy', never)
    await pause(0)
    await expect(Promise.race([queue.turn('light', 'light', never), pause(50, 'waited')])).resolves.not.toBe('waited')
  })

  it('are never more than there are threads, and all are had, whatever comes and goes', async () => {
    const asks = fc.record({
      name: fc.constantFrom('a', 'b', 'c'),
      lane: fc.constantFrom<Lane>('light', 'heavy'),
      leaves: fc.boolean(),
    })
    await fc.assert(
      fc.asyncProperty(fc.array(asks, { maxLength: 60 }), async (all) => {
        const queue = new FairQueue()
        let [running, most, done, left] = [0, 0, 0, 0]
        const work = all.map(async ({ name, lane, leaves }) => {
          const gone = new AbortController()
          if (leaves) queueMicrotask(() => gone.abort(new Error('left')))
          try {
            const release = await queue.turn(name, lane, gone.signal)
            most = Math.max(most, ++running)
            await Promise.resolve()
            running--
            done++
            release()
            // twice is once
            release()
          } catch {
            left++
          }
        })
        await Promise.all(work)
        expect(most).toBeLessThanOrEqual(THREADS)
        expect([done + left, running]).toEqual([all.length, 0])
      }),
    )
  })

  it('are refused to one who has too much waiting, and to nobody else for that', () => {
    const queue = new FairQueue()
    for (let at = 0; at < 400; at++) void queue.turn('much', 'heavy', never)
    expect([queue.isFull('much'), queue.isFull('little')]).toEqual([true, false])
  })
})
