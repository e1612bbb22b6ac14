import { afterEach, describe, expect, it, vi } from 'vitest'
import { cachedAnswer } from '../../../server/work/shared'
import * as threads from '../../../server/work/threads'
import { withAbort } from '../../../server/work/waiting'

/** Threads that work for as long as the test wants. */
const under: { signal: AbortSignal; finish: (answer: unknown) => void; fail: (error: Error) => void }[] = []
vi.mock('../../../server/work/threads', () => ({
  inThread: vi.fn(
    (_name: string, _asked: object, signal: AbortSignal) =>
      new Promise((finish, fail) => {
        under.push({ signal, finish, fail })
        signal.addEventListener('abort', () => fail(signal.reason as Error))
      }),
  ),
}))

afterEach(() => {
  under.length = 0
  vi.mocked(threads.inThread).mockClear()
})

const inputOf = (recipes: string) => ({ recipes }) as never
/** Asks as a request does that can be left. */
function ask(recipes: string) {
  const request = new AbortController()
  const answer = withAbort(request.signal, 'somebody', () => cachedAnswer('grade', inputOf(recipes)))
  // who leaves hears nothing more
  answer.catch(() => undefined)
  return { answer, leave: () => request.abort() }
}

describe('work that several ask for', () => {
  it('is done once, and remembered', async () => {
    const [first, second] = [ask('a'), ask('a')]
    expect(under).toHaveLength(1)
    under[0]!.finish('graded')
    expect(await Promise.all([first.answer, second.answer])).toEqual(['graded', 'graded'])
    expect(await ask('a').answer).toBe('graded')
    expect(threads.inThread).toHaveBeenCalledTimes(1)
  })

  it('goes on while anybody waits, and is given up when the last has left', async () => {
    const [first, second] = [ask('b'), ask('b')]
    first.leave()
    await expect(first.answer).rejects.toThrow()
    expect(under[0]!.signal.aborted).toBe(false)
    second.leave()
    await expect(second.answer).rejects.toThrow()
    expect(under[0]!.signal.aborted).toBe(true)
  })

  it('is begun anew for who comes after it was given up', async () => {
    ask('c').leave()
    const again = ask('c')
    expect(under).toHaveLength(2)
    expect(under.map(({ signal }) => signal.aborted)).toEqual([true, false])
    under[1]!.finish('graded anew')
    expect(await again.answer).toBe('graded anew')
  })

  it('is not remembered where it failed', async () => {
    const first = ask('d')
    under[0]!.fail(new Error('torn'))
    await expect(first.answer).rejects.toThrow('torn')
    const again = ask('d')
    under[1]!.finish('whole')
    expect(await again.answer).toBe('whole')
  })
})
