import { describe, expect, it, vi } from 'vitest'
import { realise } from '#core/realise'
import { keepingState, savesItself } from '~/stores/deskState'
import { deskStudy } from '~/stores/deskStudy'

// the worker's work, here and now
vi.mock('~/composables/realiser', async (original) => ({
  ...(await original<object>()),
  realised: (ask: (api: unknown) => unknown) =>
    Promise.resolve(ask({ realise: (recipe: never) => ({ study: realise(recipe, {}, 0), departs: [] }) })),
}))

const FACTS = { saved: true, changed: false, saving: false, wanted: false, conflict: false }

describe('how the desk stands with the library', () => {
  it('is one state at a time', () => {
    expect(keepingState(FACTS)).toBe('saved')
    expect(keepingState({ ...FACTS, changed: true })).toBe('changed')
    expect(keepingState({ ...FACTS, saved: false, changed: true })).toBe('new')
    expect(keepingState({ ...FACTS, wanted: true, changed: true })).toBe('waiting')
    expect(keepingState({ ...FACTS, conflict: true, wanted: true })).toBe('two-versions')
    expect(keepingState({ ...FACTS, saving: true, conflict: true })).toBe('saving')
  })

  it('saves by itself what was changed or waits, unless it cannot be played or is only tried out', () => {
    const good = { playable: true, tried: false }
    expect(
      ['new', 'saved', 'changed', 'saving', 'waiting', 'two-versions'].map((state) =>
        savesItself(state as 'new', good),
      ),
    ).toEqual([false, false, true, false, true, false])
    expect(savesItself('changed', { ...good, playable: false })).toBe(false)
    expect(savesItself('changed', { ...good, tried: true })).toBe(false)
  })
})

describe('what is changed', () => {
  const C = { material: { tonic: 'C', kind: 'major' }, octaves: 2 } as const
  const begun = async () => {
    const desk = deskStudy()
    await desk.lay(C)
    return desk
  }

  it('and changed back is not changed, by hand or by undo', async () => {
    const desk = await begun()
    expect(desk.changed.value).toBe(false)
    await desk.change({ articulation: 'staccato' })
    expect(desk.changed.value).toBe(true)
    await desk.undo()
    expect(desk.changed.value).toBe(false)
    await desk.change({ octaves: 3 })
    await desk.change({ octaves: 2 })
    expect(desk.changed.value).toBe(false)
  })

  it('after a save is what differs from what was saved', async () => {
    const desk = await begun()
    await desk.change({ octaves: 3 })
    desk.kept.value = desk.standing.value
    expect(desk.changed.value).toBe(false)
    await desk.undo()
    expect(desk.changed.value).toBe(true)
    await desk.redo()
    expect(desk.changed.value).toBe(false)
  })

  it('is not what is only tried out, until it is decided', async () => {
    const desk = await begun()
    await desk.tryOut({ ...C, octaves: 1 })
    expect(desk.changed.value).toBe(false)
    await desk.leave()
    expect(desk.recipe.value).toEqual(C)
    await desk.tryOut({ ...C, octaves: 1 })
    await desk.put({ ...C, octaves: 1 })
    expect(desk.changed.value).toBe(true)
  })
})
