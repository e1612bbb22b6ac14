import { describe, expect, it, vi } from 'vitest'
import { realise } from '#core/realise'
import type { Study } from '#shared/api'
import { deskDocument } from '~/stores/desk/document'
import { type Happening, nextKeeping, type Keeping, NEW, savesItself, stateOf } from '~/stores/desk/keeping'

// the worker's work, here and now
vi.mock('~/composables/realiser', async (original) => ({
  ...(await original<object>()),
  realised: (ask: (api: unknown) => unknown) =>
    Promise.resolve(ask({ realise: (recipe: never) => ({ study: realise(recipe, {}, 0), departs: [] }) })),
}))

const STUDY = { id: 'a', version: 1 } as Study
const THEIRS = { id: 'a', version: 2 } as Study
/** What becomes of a study through all that happens to it. */
const after = (...happenings: Happening[]): Keeping => happenings.reduce(nextKeeping, NEW)
const LAID: Happening = { what: 'laid', study: STUDY }
const STALE: Happening = { what: 'stale', current: THEIRS, requested: true }

describe('how the desk stands with the library', () => {
  it('is one state at a time', () => {
    const shown = (...happenings: Happening[]) => [false, true].map((changed) => stateOf(after(...happenings), changed))
    expect(shown()).toEqual(['new', 'new'])
    expect(shown(LAID)).toEqual(['saved', 'changed'])
    expect(shown(LAID, { what: 'sent' })).toEqual(['saving', 'saving'])
    expect(shown(LAID, { what: 'sent' }, { what: 'unreachable' })).toEqual(['waiting', 'waiting'])
    expect(shown(LAID, { what: 'sent' }, STALE)).toEqual(['two-versions', 'two-versions'])
    expect(shown(LAID, { what: 'sent' }, { what: 'kept', study: THEIRS })).toEqual(['saved', 'changed'])
    expect(shown(LAID, { what: 'sent' }, { what: 'refused', words: 'no' })).toEqual(['saved', 'changed'])
  })

  it('keeps both versions until one is decided for, and shows them only to whoever asked', () => {
    expect(after(LAID, { what: 'sent' }, STALE)).toMatchObject({ saved: STUDY, conflict: THEIRS, deciding: true })
    const byItself = after(LAID, { what: 'sent' }, { ...STALE, requested: false })
    expect(byItself).toMatchObject({ conflict: THEIRS, deciding: false })
    expect(nextKeeping(byItself, { what: 'decide' })).toMatchObject({ deciding: true })
    expect(nextKeeping(nextKeeping(byItself, { what: 'decide' }), { what: 'decide-later' })).toEqual(byItself)
    const mine = { ...STUDY, version: 3 }
    expect(nextKeeping(byItself, { what: 'kept', study: mine })).toMatchObject({ saved: mine, conflict: null })
    expect(after(LAID, { what: 'decide' }).deciding).toBe(false)
  })

  it('goes on waiting for the server when it is laid again, and while what it is cannot be played', () => {
    expect(after({ what: 'laid', study: STUDY, wanted: true })).toMatchObject({ saved: STUDY, wanted: true })
    const shown = after(LAID, { what: 'sent' }, { what: 'unreachable' }, { what: 'unplayable', words: 'no' })
    expect(shown).toMatchObject({ wanted: true, refused: 'no' })
    expect(nextKeeping(shown, { what: 'sent' }).refused).toBe('')
  })

  it('leaves what was laid meanwhile alone when an answer comes late', () => {
    const other = { id: 'b', version: 7 } as Study
    const now = after(LAID, { what: 'sent' }, { what: 'laid', study: other })
    expect(now).toMatchObject({ saved: other, travelling: true })
    expect(nextKeeping(now, { what: 'overtaken' })).toEqual(after({ what: 'laid', study: other }))
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
    const desk = deskDocument()
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
    desk.stored.value = desk.currentDocument.value
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
    await desk.replace({ ...C, octaves: 1 })
    expect(desk.changed.value).toBe(true)
  })
})
