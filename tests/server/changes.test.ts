import { randomUUID } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { call, freshSet } from '../support/http'

interface Saved {
  readonly id: string
  readonly version: number
  readonly recipe: any
  readonly accepted: any
}
const made = async (recipe: object): Promise<Saved> => (await call('/api/studies', 'POST', { recipe })).body
const now = async ({ id }: { readonly id: string }): Promise<Saved> => (await call(`/api/studies/${id}`)).body
const preview = (studies: readonly Saved[], some: object) =>
  call('/api/changes/preview', 'POST', { ids: studies.map(({ id }) => id), some })
const change = (studies: readonly Pick<Saved, 'id' | 'version'>[], some: object) =>
  call('/api/changes', 'POST', { studies: studies.map(({ id, version }) => ({ id, version })), some })
const scale = (tonic: string, more: object = {}) => ({
  material: { tonic, kind: 'major' },
  ...{ hands: 'together', octaves: 2, ...more },
})

describe('several studies changed at once', () => {
  it('are shown first: what each would be, and how many notes get other fingers', async () => {
    const [same, other] = [await made(scale('C')), await made(scale('Bb'))]
    const { status, body } = await preview([same, other], { school: 'one-fingering-for-all' })
    expect(status).toBe(200)
    // C major's fingering is what the school takes for all: nothing of it changes but its school
    const marks = new Map(body.studies.map((each: any) => [each.id, each.marks]))
    expect(marks.get(same.id)).toBe(0)
    expect(marks.get(other.id)).toBeGreaterThan(0)
    expect([await now(same), await now(other)]).toEqual([same, other])
  })

  it('leave alone what is so already, and fingers where only the tempo changes', async () => {
    const [slow, quick] = [
      await made(scale('E', { tempo: { bpm: 60 } })),
      await made(scale('E', { tempo: { bpm: 90 } })),
    ]
    const pinned = await made(scale('G', { pins: [{ hand: 'right', index: 3, finger: 4 }] }))
    const all = [slow, quick, pinned]
    const { body } = await preview(all, { tempo: { bpm: 90 } })
    expect([body.same, body.studies.length]).toEqual([1, 2])
    expect((await change(body.studies, body.some)).body.changed).toBe(2)
    const [after, still, stored] = await Promise.all(all.map(now))
    expect(after!.recipe).toEqual({ ...slow.recipe, tempo: { ...slow.recipe.tempo, bpm: 90 } })
    expect(after!.accepted).toEqual(slow.accepted)
    expect(still).toEqual(quick)
    expect([stored!.recipe.pins, stored!.accepted]).toEqual([pinned.recipe.pins, pinned.accepted])
  })

  it('come back as they were by one undo, but for what was worked on since', async () => {
    const all = [await made(scale('D')), await made(scale('A')), await made(scale('F'))]
    const { body } = await change(all, { octaves: 3, hands: 'right' })
    expect(body.changed).toBe(3)
    const changed = await now(all[1]!)
    expect([changed.recipe.octaves, changed.recipe.hands]).toEqual([3, 'right'])
    const touched = { ...changed.recipe, tempo: { ...changed.recipe.tempo, bpm: 101 } }
    await call(`/api/studies/${changed.id}`, 'PUT', { recipe: touched, version: changed.version })
    expect((await call(`/api/changes/${body.id}/undo`, 'POST', {})).body).toEqual({ back: 2, stay: 1 })
    for (const at of [0, 2]) {
      const { recipe, accepted } = await now(all[at]!)
      expect({ recipe, accepted }).toEqual({ recipe: all[at]!.recipe, accepted: all[at]!.accepted })
    }
    expect((await now(all[1]!)).recipe.tempo.bpm).toBe(101)
    expect((await call(`/api/changes/${body.id}/undo`, 'POST', {})).status).toBe(404)
  })

  it('are changed all or none, over the version that was seen', async () => {
    const [one, two] = [await made(scale('B')), await made(scale('Ab'))]
    const stale = await change([one, { ...two, version: 7 }], { octaves: 1 })
    expect(stale).toMatchObject({ status: 409, body: { code: 'version.stale' } })
    const marimba = await made({ material: { tonic: 'C', kind: 'major' }, instrument: 'marimba-5.0' })
    const none = await change([one, marimba], { school: 'black-groups' })
    expect(none).toMatchObject({ status: 422, body: { code: 'change.unplayable', path: 'studies[1]' } })
    expect((await change([one, { id: randomUUID(), version: 1 }], { octaves: 1 })).status).toBe(404)
    expect(await now(one)).toEqual(one)
    const { body } = await preview([one, marimba], { school: 'black-groups' })
    expect(body.studies.map(({ wrong }: { wrong: unknown }) => wrong !== null)).toEqual([false, true])
  })

  it('name what is wrong with a change', async () => {
    const one = await made(scale('C'))
    expect(await preview([one], {})).toMatchObject({ status: 422, body: { path: 'some' } })
    expect(await preview([one], { octaves: 9 })).toMatchObject({ status: 422, body: { path: 'some.octaves' } })
    expect(await preview([one], { tempo: { bpm: 2 } })).toMatchObject({ status: 422, body: { path: 'some.tempo.bpm' } })
    expect(await preview([one], { material: { tonic: 'D' } })).toMatchObject({
      status: 422,
      body: { path: 'some.material' },
    })
    expect((await change([one, one], { octaves: 1 })).body.path).toBe('studies[1]')
  })

  it('are made the way a pupil plays, where they are of the pupil’s instrument', async () => {
    const { pupilId, set } = await freshSet('Refingered')
    const all = [await made(scale('Eb')), await made(scale('E', { school: 'black-groups' }))]
    const marimba = await made({ material: { tonic: 'C', kind: 'major' }, instrument: 'marimba-5.0' })
    const studyIds = [all[1]!.id, all[0]!.id, marimba.id]
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'x', syllabusId: null, gradeId: null, studyIds, version: 1 })
    await call(`/api/pupils/${pupilId}/preferences`, 'PUT', { settings: { school: 'black-groups', handSize: 'small' } })
    const { body } = await call(`/api/pupils/${pupilId}/changes`)
    expect(body.some).toEqual({ school: 'black-groups', handSize: 'small' })
    expect(body.studies.map(({ id }: { id: string }) => id)).toEqual([all[1]!.id, all[0]!.id])
    expect(body.studies[0].pupils).toEqual(['Test P.'])
    await change(body.studies, body.some)
    expect((await call(`/api/pupils/${pupilId}/changes`)).body).toMatchObject({ same: 2, studies: [] })
    expect((await now(all[0]!)).recipe).toMatchObject({ school: 'black-groups', handSize: 'small' })
    expect((await call(`/api/pupils/${randomUUID()}/changes`)).status).toBe(404)
  })
})
