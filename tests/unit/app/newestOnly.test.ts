import { describe, expect, it } from 'vitest'
import { newestOnly } from '~/composables/realiser'

/** Work that is done when it is told so. */
function held() {
  const begun: string[] = []
  const ends = new Map<string, () => void>()
  const work = (name: string) => () => {
    begun.push(name)
    return new Promise<string>((resolve) => ends.set(name, () => resolve(name)))
  }
  return { begun, work, end: (name: string) => ends.get(name)!() }
}
const settled = () => new Promise((resolve) => setTimeout(resolve))

describe('only the newest request counts', () => {
  it('what waits is never begun when something newer comes', async () => {
    const { begun, work, end } = held()
    const newest = newestOnly()
    const answers = ['a', 'b', 'c'].map((name) => newest(work(name)))
    await settled()
    expect(begun).toEqual(['a'])
    end('a')
    await settled()
    expect(begun).toEqual(['a', 'c'])
    end('c')
    expect(await Promise.all(answers)).toEqual([undefined, undefined, 'c'])
    const later = newest(work('d'))
    await settled()
    end('d')
    expect(await later).toBe('d')
  })

  it('work that fails does not hold up what comes after it', async () => {
    const { work, end } = held()
    const newest = newestOnly()
    await expect(newest(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
    const next = newest(work('next'))
    await settled()
    end('next')
    expect(await next).toBe('next')
  })
})
