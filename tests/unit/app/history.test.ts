import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { deskHistory } from '~/stores/desk/history'

const recipe = (octaves: number): RecipeInput => ({ material: { tonic: 'C', kind: 'major' }, octaves })

describe('undo and redo', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())
  const begun = () => {
    const shown: unknown[] = []
    const history = deskHistory(async (next) => void shown.push(next.octaves))
    history.begin(recipe(1), { right: [1] })
    return { history, shown }
  }

  it('name what they would take back, and give back what stood there', async () => {
    const { history, shown } = begun()
    expect([history.undoes.value, history.redoes.value]).toEqual(['', ''])
    history.note(recipe(2), 'length: two octaves', 'length:')
    vi.advanceTimersByTime(2000)
    history.note(recipe(3), 'length: three octaves', 'length:')
    expect(history.undoes.value).toBe('length: three octaves')
    await history.undo()
    expect([history.undoes.value, history.redoes.value]).toEqual(['length: two octaves', 'length: three octaves'])
    await history.undo()
    expect([history.undoes.value, history.redoes.value]).toEqual(['', 'length: two octaves'])
    await history.redo()
    expect(shown).toEqual([2, 1, 2])
  })

  it('are taken up again with the way back and on, as they were kept', async () => {
    const { history } = begun()
    expect(history.undoLog.value).toBeNull()
    for (const octaves of [2, 3, 4]) history.note(recipe(octaves), `length: ${octaves}`, '')
    await history.undo()
    const stored = JSON.parse(JSON.stringify(history.undoLog.value))
    const { history: later, shown } = begun()
    later.retrace(stored)
    expect([later.undoes.value, later.redoes.value]).toEqual(['length: 3', 'length: 4'])
    await later.redo()
    await later.undo()
    await later.undo()
    await later.undo()
    expect(shown).toEqual([4, 3, 2, 1])
    expect([later.undoes.value, later.redoes.value]).toEqual(['', 'length: 2'])
    later.note(recipe(1), 'length: 1', '')
    expect([later.undoes.value, later.redoes.value]).toEqual(['length: 1', ''])
  })

  it('keep no endless way', () => {
    const { history } = begun()
    for (let at = 0; at < 100; at++) history.note(recipe(1 + (at % 4)), `step ${at}`, '')
    expect(history.undoLog.value!.back).toHaveLength(40)
    expect(history.undoLog.value!.back[0]!.words).toBe('step 98')
  })

  it('take what follows at once of the same sort for one step, but not another sort', async () => {
    const { history, shown } = begun()
    for (const octaves of [2, 3, 4]) {
      vi.advanceTimersByTime(100)
      history.note(recipe(octaves), `length: ${octaves}`, 'length:')
    }
    vi.advanceTimersByTime(100)
    history.note(recipe(4), 'pin 1 on C right hand', '')
    await history.undo()
    expect(history.undoes.value).toBe('length: 4')
    await history.undo()
    expect(shown).toEqual([4, 1])
  })

  it('begin anew with another study', () => {
    const { history } = begun()
    history.note(recipe(2), 'length: two octaves', '')
    history.begin(recipe(4), null)
    expect([history.undoes.value, history.redoes.value]).toEqual(['', ''])
  })
})
