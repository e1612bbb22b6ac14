import { describe, expect, it } from 'vitest'
import { FORMATS, openFile } from '#core/formats'
import { asPage, call, setOfMajors } from '../support/http'
import { ownService } from '../support/service'

const write = (body: object): Promise<Response> => asPage(ownService().address, '/api/files/write', 'POST', body)
const read = async (file: string | Uint8Array): Promise<{ status: number; body: any }> => {
  const { address } = ownService()
  const answer = await fetch(`${address}/api/files/read`, {
    method: 'POST',
    body: file as never,
    headers: { origin: address },
  })
  return { status: answer.status, body: await answer.json() }
}
const recipe = { material: { tonic: 'E', kind: 'major' } }

describe('a set of ours that is too heavy', () => {
  it('is weighed as elsewhere, before it is worked through', async () => {
    const study = {
      ...{ material: { tonic: 'C', kind: 'major' }, instrument: 'accordion', hands: 'left', octaves: 3 },
      pattern: { walk: 'add-a-note' },
    }
    const studies = Array.from({ length: 400 }, () => study)
    expect(await read(JSON.stringify({ format: 'tactum-set/1', studies }))).toMatchObject({
      status: 422,
      body: { code: 'recipes.notes', path: expect.stringMatching(/^studies\[\d+\]$/) },
    })
  })
})

describe('files of music', () => {
  it.each(FORMATS.map(({ id, mediaType }) => [id, mediaType]))('go out as %s', async (format, mediaType) => {
    const answer = await write({ format, studies: [{ recipe }] })
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, mediaType])
    expect(answer.headers.get('content-disposition')).toMatch(/^attachment; filename="studies\.[a-z]+"$/)
    expect((await answer.arrayBuffer()).byteLength).toBeGreaterThan(100)
  })

  it('hold the studies of a set in its order, with the fingers that were accepted', async () => {
    const { id } = await setOfMajors('Export', ['G', 'C'])
    const { studies, title } = (await call(`/api/sets/${id}`)).body
    const [first] = studies
    const right = first.accepted.right.map((finger: number, at: number) => (at === 1 ? 3 : finger))
    const accepted = { ...first.accepted, right }
    await call(`/api/studies/${first.id}`, 'PUT', { recipe: first.recipe, accepted, version: first.version })
    const ids = studies.map((study: { id: string }) => study.id)
    const answer = await write({ format: 'musicxml', title, ids })
    const pieces = openFile(new Uint8Array(await answer.arrayBuffer()))
    expect(pieces.map((piece) => piece.lines[0]![0]!.notes[0]!.name)).toEqual(['G3', 'C4'])
    expect(
      pieces[0]!.lines[0]!.map(({ notes }) => notes[0]!.mark)
        .slice(0, 3)
        .join(''),
    ).toBe('133')
  })

  it('come in as what they would be, and nothing is stored', async () => {
    const before = (await call('/api/studies')).body.length
    const file = new Uint8Array(await (await write({ format: 'mxl', studies: [{ recipe }] })).arrayBuffer())
    const { status, body } = await read(file)
    expect(status).toBe(200)
    expect(body).toMatchObject({ is: 'studies', found: [{ known: 'kept', recipe: { material: recipe.material } }] })
    const own = await read(JSON.stringify({ format: 'tactum-set/1', title: 'Ours', studies: [recipe, recipe] }))
    expect([own.body.title, own.body.found.length]).toEqual(['Ours', 2])
    expect((await read('words\nC major\n')).body.is).toBe('list')
    expect((await call('/api/studies')).body).toHaveLength(before)
  })

  it('are refused by name', async () => {
    const refused = async (answer: Promise<Response>) => {
      const { status, ...rest } = await answer
      const body = (await (await answer).clone().json()) as { code: string; path: string }
      return [(await answer).status, body.code, body.path, typeof status, typeof rest].slice(0, 3)
    }
    expect(await refused(write({ format: 'png', studies: [{ recipe }] }))).toEqual([422, 'field.any.only', 'format'])
    expect(await refused(write({ format: 'midi', studies: [] }))).toEqual([422, 'file.empty', 'studies'])
    expect(await refused(write({ format: 'midi', studies: [{ recipe: { ...recipe, startOctave: 8 } }] }))).toEqual([
      422,
      'range',
      'studies[0].startOctave',
    ])
    expect((await read('once upon a time')).body).toMatchObject({ code: 'format.unknown', path: 'file' })
    expect((await read(new Uint8Array(10_000_001))).status).toBe(413)
  })
})
