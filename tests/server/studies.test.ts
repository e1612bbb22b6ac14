import { describe, expect, it } from 'vitest'
import pg from 'pg'
import { call } from '../support/http'
import { ownService } from '../support/service'

const recipe = { material: { tonic: 'G#', kind: 'harmonic-minor' }, octaves: 2 }
const faultShape = { code: expect.any(String), message: expect.any(String), path: expect.any(String) }

describe('a study', () => {
  it('is stored whole, with its title and the fingers that stand', async () => {
    const made = await call('/api/studies', 'POST', { recipe })
    expect(made.status).toBe(201)
    const { body } = await call(`/api/studies/${made.body.id}`)
    expect(body).toEqual(made.body)
    expect(body.title).toBe('G♯ harmonic minor, hands together, two octaves')
    expect(body.recipe).toMatchObject({ ...recipe, hands: 'together', startOctave: 3 })
    expect(body.accepted.left).toHaveLength(29)
    expect(body.version).toBe(1)
  })

  it('is never overwritten by a stale save: 409 with what stands, and nothing changed', async () => {
    const { body: study } = await call('/api/studies', 'POST', { recipe })
    const first = await call(`/api/studies/${study.id}`, 'PUT', { recipe: { ...recipe, octaves: 3 }, version: 1 })
    expect(first.body.version).toBe(2)
    const second = await call(`/api/studies/${study.id}`, 'PUT', { recipe: { ...recipe, octaves: 1 }, version: 1 })
    expect(second.status).toBe(409)
    expect(second.body).toMatchObject({ code: 'version.stale', path: 'version', current: { version: 2 } })
    expect((await call(`/api/studies/${study.id}`)).body.recipe.octaves).toBe(3)
  })

  it('lets exactly one of many saves at once through', async () => {
    const { body: study } = await call('/api/studies', 'POST', { recipe })
    const saves = await Promise.all(
      [1, 2, 3, 4, 1, 2, 3, 4].map((octaves) =>
        call(`/api/studies/${study.id}`, 'PUT', { recipe: { ...recipe, octaves }, version: 1 }),
      ),
    )
    expect(saves.filter((save) => save.status === 200)).toHaveLength(1)
    expect(saves.filter((save) => save.status === 409)).toHaveLength(7)
  })

  it('keeps accepted fingers that the engine would not choose, but not impossible ones', async () => {
    const one = { material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1 }
    const { body: study } = await call('/api/studies', 'POST', { recipe: one })
    const accepted = { right: [1, 2, 3, 4, 1, 2, 3, 4, 3, 2, 1, 4, 3, 2, 1] }
    const stored = await call(`/api/studies/${study.id}`, 'PUT', { recipe: one, accepted, version: 1 })
    expect(stored.body.accepted).toEqual(accepted)
    const short = await call(`/api/studies/${study.id}`, 'PUT', {
      recipe: one,
      accepted: { right: [1, 2] },
      version: 2,
    })
    expect(short).toMatchObject({ status: 422, body: { path: 'accepted.right' } })
  })

  it('can be thrown away, unless a set holds it', async () => {
    const { body: study } = await call('/api/studies', 'POST', { recipe })
    // nothing is deleted for good at one blow
    expect(await call(`/api/studies/${study.id}`, 'DELETE')).toMatchObject({
      status: 409,
      body: { code: 'study.not-binned' },
    })
    await call('/api/studies/shelf', 'PUT', { ids: [study.id], shelf: 'bin' })
    expect((await call(`/api/studies/${study.id}`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/studies/${study.id}`)).status).toBe(404)
    const held = (await call('/api/studies')).body.find((each: { sets: number }) => each.sets > 0)
    expect(await call(`/api/studies/${held.id}`, 'DELETE')).toMatchObject({
      status: 409,
      body: { code: 'study.in-set' },
    })
  })
})

describe('nonsense is refused by field, in one shape, and nothing is stored', () => {
  it.each([
    [{ recipe: { material: { tonic: 'H', kind: 'major' } } }, 'recipe.material.tonic'],
    [{ recipe: { material: { tonic: 'C', kind: 'locrian-surprise' } } }, 'recipe.material.kind'],
    [{ recipe: { material: { tonic: 'Fb', kind: 'diminished-seventh-arpeggio' } } }, 'recipe.material.tonic'],
    [{ recipe: { ...recipe, octaves: 0 } }, 'recipe.octaves'],
    [{ recipe: { ...recipe, octaves: 99 } }, 'recipe.octaves'],
    [{ recipe: { ...recipe, startOctave: 8 } }, 'recipe.startOctave'],
    [{ recipe: { ...recipe, pins: [{ hand: 'right', index: 0, finger: 6 }] } }, 'recipe.pins[0].finger'],
    [{ recipe: { ...recipe, pins: [{ hand: 'right', index: 999, finger: 1 }] } }, 'recipe.pins[0].index'],
    [{ recipe: { ...recipe, hands: "together'; drop table study; --" } }, 'recipe.hands'],
    [{ recipe: { ...recipe, surprise: '<script>alert(1)</script>' } }, 'recipe.surprise'],
    [{}, 'recipe'],
  ])('%j', async (body, path) => {
    const before = (await call('/api/studies')).body.length
    const answer = await call('/api/studies', 'POST', body)
    expect(answer).toMatchObject({ status: 422, body: { ...faultShape, path } })
    expect((await call('/api/studies')).body).toHaveLength(before)
  })

  it.each(['not json', '[1,2', '', '"text"', 'null', '[]'])('body %j', async (text) => {
    const { status, body } = await call('/api/studies', 'POST', text)
    expect([400, 422]).toContain(status)
    expect(body).toMatchObject(faultShape)
  })

  it('a body of 10 MB', async () => {
    const { status, body } = await call('/api/studies', 'POST', `"${'x'.repeat(10_000_000)}"`)
    expect(status).toBe(413)
    expect(body.code).toBe('body.size')
    expect((await call('/api/health')).status).toBe(200)
  })

  it('ids that are none, and addresses that are none', async () => {
    expect((await call('/api/studies/1;drop table study')).status).toBe(404)
    expect((await call('/api/studies/00000000-0000-4000-8000-000000000000')).status).toBe(404)
    const lost = await call('/api/nothing/here')
    expect(lost).toMatchObject({ status: 404, body: faultShape })
  })
})

describe('a study that a Tactum stored which knew no motifs', () => {
  const older = { figure: 'fourth-then-second', walk: 'straight', journey: 'one-key', accompaniment: 'none' }

  it('is read as it is practised, without the marks that no longer fit, and says so until it is saved', async () => {
    const { body: made } = await call('/api/studies', 'POST', { recipe: { ...recipe, hands: 'right' } })
    expect(made.told).toBeNull()
    const client = new pg.Client(ownService().databaseUrl)
    await client.connect()
    try {
      await client.query('update study set recipe = $2 where id = $1', [made.id, { ...made.recipe, pattern: older }])
    } finally {
      await client.end()
    }
    const { body } = await call(`/api/studies/${made.id}`)
    expect(body.told).toContain('Now as practised')
    expect(body.accepted).toEqual({})
    expect(body.recipe.pattern).toMatchObject({ figure: 'fourth-then-second', motif: null, link: 'none' })
    const saved = await call(`/api/studies/${made.id}`, 'PUT', { recipe: body.recipe, version: body.version })
    expect(saved.status).toBe(200)
    expect(saved.body.told).toBeNull()
    // two octaves up and back: four notes on every degree, and the tonic
    expect(saved.body.accepted.right).toHaveLength(113)
  })
})
