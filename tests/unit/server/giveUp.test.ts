import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { begin, givingUp, isUnwanted, newWanted, unlessAborted } from '../../../server/work/giveUp'

describe('a task that nobody waits for any more', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('is asked first, and ended only when it does not listen', () => {
    const [wanted, left] = [newWanted(), new AbortController()]
    const end = vi.fn()
    givingUp(wanted, left.signal, end)
    begin(wanted)
    left.abort()
    expect(isUnwanted(wanted)).toBe(true)
    expect(end).not.toHaveBeenCalled()
    vi.advanceTimersByTime(10_000)
    expect(end).toHaveBeenCalledTimes(1)
  })

  it('is never ended while its thread is still starting', () => {
    const [wanted, left] = [newWanted(), new AbortController()]
    const end = vi.fn()
    givingUp(wanted, left.signal, end)
    left.abort()
    vi.advanceTimersByTime(60_000)
    expect(end).not.toHaveBeenCalled()
    begin(wanted)
    vi.advanceTimersByTime(1000)
    expect(end).toHaveBeenCalledTimes(1)
  })

  it('is left alone when it is over', () => {
    const [wanted, left] = [newWanted(), new AbortController()]
    const end = vi.fn()
    const over = givingUp(wanted, left.signal, end)
    begin(wanted)
    left.abort()
    over()
    vi.advanceTimersByTime(60_000)
    expect(end).not.toHaveBeenCalled()
    const early = newWanted()
    givingUp(early, left.signal, end)
    expect(isUnwanted(early)).toBe(true)
  })

  it('lets whoever asked go at once', async () => {
    const left = new AbortController()
    const waiting = unlessAborted(left.signal, new Promise(() => undefined))
    left.abort(new Error('gone'))
    await expect(waiting).rejects.toThrow('gone')
    await expect(unlessAborted(left.signal, Promise.resolve(1))).rejects.toThrow('gone')
    await expect(unlessAborted(new AbortController().signal, Promise.resolve(1))).resolves.toBe(1)
  })
})
