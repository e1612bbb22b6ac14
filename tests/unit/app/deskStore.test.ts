import { effectScope, ref } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { realise } from '#core/realise'
import type { Study } from '#shared/api'
import { deskDocument } from '~/stores/desk/document'
import { deskSaving } from '~/stores/desk/saving'

// the worker's work, here and now
vi.mock('~/composables/realiser', async (original) => ({
  ...(await original<object>()),
  realised: (ask: (api: unknown) => unknown) =>
    Promise.resolve(ask({ realise: (recipe: never) => ({ study: realise(recipe, {}, 0), departs: [] }) })),
}))

// saving by itself and asking whether the server is back go by the clock: browser tests try them
vi.mock('~/stores/desk/autosave', () => ({ deskAutosave: () => undefined }))
vi.mock('~/composables/connection', () => ({ noteTrouble: () => Promise.resolve(), onBack: () => undefined }))

const C = { material: { tonic: 'C', kind: 'major' }, octaves: 2 } as const

interface Sent {
  readonly method: string
  readonly address: string
  readonly body: { readonly id?: string; readonly recipe: object; readonly version?: number }
}
/** A server that answers as it is told, and what was sent to it. */
let sent: Sent[]
let answer: (sent: Sent) => { status: number; content: unknown } | null
beforeEach(() => {
  sent = []
  vi.stubGlobal('fetch', async (address: string, { method, body }: { method: string; body: string }) => {
    const one = { method, address, body: JSON.parse(body) as Sent['body'] }
    sent.push(one)
    const shown = answer(one)
    if (!shown) throw new TypeError('no server')
    return { ok: shown.status < 300, status: shown.status, json: () => Promise.resolve(shown.content) }
  })
})
const studyOf = ({ body }: Sent, version: number): Study =>
  ({ id: body.id ?? 'a', version, recipe: body.recipe }) as Study

/** A desk with C major on it, and how it is saved. */
async function desk(saved: Study | null = null) {
  const document = deskDocument()
  const saving = effectScope(true).run(() => deskSaving(document, ref(true)))!
  saving.lies(saved)
  await document.lay(C)
  return { document, ...saving }
}
const SAVED = { id: 'a', version: 4, recipe: C } as unknown as Study

describe('the repository of the desk', () => {
  it('stores a new study under an id of its own, the same however often it is sent', async () => {
    const { document, save, keeping } = await desk()
    answer = () => null
    expect(await save()).toBe(false)
    expect(keeping.value).toMatchObject({ wanted: true, saved: null })
    answer = (one) => ({ status: 201, content: studyOf(one, 1) })
    expect(await save()).toBe(true)
    expect(sent.map(({ method, address }) => `${method} ${address}`)).toEqual([
      'POST /api/studies',
      'POST /api/studies',
    ])
    expect(sent[0]!.body.id).toBe(sent[1]!.body.id)
    expect(keeping.value).toMatchObject({ wanted: false, saved: { version: 1 } })
    expect(document.changed.value).toBe(false)
  })

  it('stores the next new study under another id', async () => {
    const { document, save, lies } = await desk()
    answer = (one) => ({ status: 201, content: studyOf(one, 1) })
    await save()
    lies(null)
    await document.lay({ ...C, octaves: 3 })
    await save()
    expect(new Set(sent.map(({ body }) => body.id)).size).toBe(2)
  })

  it('saves over the version that was seen, and keeps both where somebody else saved first', async () => {
    const { document, save, keeping, state } = await desk(SAVED)
    await document.change({ octaves: 3 })
    const theirs = { id: 'a', version: 5, recipe: { ...C, octaves: 1 } }
    answer = () => ({ status: 409, content: { code: 'version.stale', path: 'version', current: theirs } })
    expect(await save()).toBe(false)
    expect(sent.at(-1)).toMatchObject({ method: 'PUT', address: '/api/studies/a', body: { version: 4 } })
    expect(state.value).toBe('two-versions')
    expect(keeping.value).toMatchObject({ conflict: theirs, saved: SAVED })
    answer = (one) => ({ status: 200, content: studyOf(one, 6) })
    expect(await save(5)).toBe(true)
    expect(sent.at(-1)!.body.version).toBe(5)
    expect(keeping.value).toMatchObject({ conflict: null, saved: { version: 6 } })
  })

  it('takes what the server has already for saved, where only its answer was lost', async () => {
    const { document, save, keeping } = await desk(SAVED)
    await document.change({ octaves: 3 })
    answer = (one) => ({
      status: 409,
      content: { code: 'version.stale', path: 'version', current: { ...studyOf(one, 5), accepted: undefined } },
    })
    expect(await save()).toBe(true)
    expect(keeping.value).toMatchObject({ conflict: null, saved: { version: 5 } })
  })

  it('keeps an answer that comes after something else was laid out of it', async () => {
    const { document, save, lies, keeping } = await desk(SAVED)
    await document.change({ octaves: 3 })
    let arrive: () => void = () => undefined
    const late = new Promise<void>((resolve) => (arrive = resolve))
    const before = globalThis.fetch
    vi.stubGlobal('fetch', async (...requested: Parameters<typeof fetch>) => {
      const given = await before(...requested)
      await late
      return given
    })
    answer = (one) => ({ status: 200, content: studyOf(one, 5) })
    const saving = save()
    await vi.waitFor(() => expect(sent).toHaveLength(1))
    lies({ ...SAVED, id: 'b' })
    arrive()
    expect(await saving).toBe(false)
    expect(keeping.value.saved).toMatchObject({ id: 'b', version: 4 })
  })

  it('sends nothing that cannot be played, and says so to whoever asked', async () => {
    const { document, save, keeping } = await desk(SAVED)
    document.fault.value = { code: 'compass', path: 'octaves' } as never
    expect(await save(undefined, false)).toBe(false)
    expect(keeping.value.refused).toBe('')
    expect(await save()).toBe(false)
    expect(keeping.value.refused).not.toBe('')
    expect(sent).toEqual([])
  })
})

describe('the session of the desk', () => {
  it('looks at one note, draws a stretch out and lets it go', async () => {
    const { document } = await desk()
    document.select({ hand: 'right', index: 2 })
    expect([document.marked.value, document.range.value]).toEqual([[2, 2], null])
    document.extend({ hand: 'right', index: 5 })
    expect(document.range.value).toEqual([2, 5])
    document.extend({ hand: 'right', index: 0 })
    expect(document.range.value).toEqual([0, 2])
    document.select(null)
    expect(document.marked.value).toBeNull()
  })

  it('goes back to what stood here before a call was tried out, however many were', async () => {
    const { document } = await desk()
    for (const octaves of [1, 3, 4]) await document.tryOut({ ...C, octaves })
    expect(document.held.value).toMatchObject({ recipe: C })
    await document.leave()
    expect([document.recipe.value, document.held.value]).toEqual([C, null])
  })
})
