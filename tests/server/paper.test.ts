import { unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { asPage, call, setOfMajors } from '../support/http'
import { ownService } from '../support/service'

const paper = (body: object): Promise<Response> => asPage(ownService().address, '/api/paper', 'POST', body)
const pagesOf = async (body: object): Promise<{ title: string; pages: any[]; notices?: any[] }> => {
  const answer = await paper({ ...body, as: 'pages' })
  expect(answer.status).toBe(200)
  return (await answer.json()) as never
}
const refused = async (body: object): Promise<[number, string, string]> => {
  const answer = await paper(body)
  const { code, path } = (await answer.json()) as { code: string; path: string }
  return [answer.status, code, path]
}
const textsOf = (pages: any[]): string[] =>
  pages.flatMap(({ drawn }) => drawn.flatMap((one: any) => (one.kind === 'text' ? [one.text] : [])))
const recipe = { material: { tonic: 'E', kind: 'major' } }

describe('paper', () => {
  it('is looked at as the very pages that the file has', async () => {
    const { id, content } = await setOfMajors('On paper', ['C', 'G', 'D', 'A'])
    const request = { sheet: 'studies', sets: [id], size: 'letter', look: { stair: true, names: 'german' } }
    const { pages, title: own } = await pagesOf(request)
    expect(own).toBe(content.title)
    expect(pages[0]).toMatchObject({ width: 612, height: 792 })
    expect(textsOf(pages)).toContain('Fis')
    const file = await paper(request)
    expect(file.headers.get('content-type')).toBe('application/pdf')
    const text = Buffer.from(await file.arrayBuffer()).toString('latin1')
    expect(text.match(/\/Type \/Page\b/g)).toHaveLength(pages.length)
  })

  it('of a study that nobody keeps is as good as of one that is kept', async () => {
    const { title, pages } = await pagesOf({ sheet: 'studies', studies: [{ recipe }], look: { hands: 'left' } })
    expect(title).toBe('E major, hands together, two octaves: the left hand’s line')
    expect(pages).toHaveLength(1)
    const alone = await pagesOf({
      sheet: 'studies',
      studies: [{ recipe: { ...recipe, hands: 'right' } }],
      look: { hands: 'left' },
    })
    expect(alone.title).toBe('E major, right hand, two octaves')
  })

  it('is a worksheet that says what there was nothing to ask of, and refuses where there is nothing at all', async () => {
    const worksheet = { tasks: ['signature', 'twin'], kinds: ['major'], level: 1, seed: 3 }
    const { pages, notices } = await pagesOf({ sheet: 'worksheet', worksheet })
    expect(textsOf(pages)).toEqual(
      expect.arrayContaining(['Worksheet 3', 'Worksheet 3: answers', 'Write the key signature.']),
    )
    expect(notices).toMatchObject([{ code: 'print.worksheet.left-out' }])
    const none = { ...worksheet, tasks: ['twin'] }
    expect(await refused({ sheet: 'worksheet', worksheet: none })).toEqual([422, 'worksheet.none', 'worksheet.tasks'])
  })

  it('comes for several sets as an archive, each under its pupil’s name and its own', async () => {
    const [one, other] = [await setOfMajors('Spring', ['C']), await setOfMajors('Spring', ['G'])]
    const answer = await paper({ sheet: 'cards', as: 'zip', sets: [one.id, other.id] })
    expect(answer.headers.get('content-type')).toBe('application/zip')
    const files = unzipSync(new Uint8Array(await answer.arrayBuffer()))
    expect(Object.keys(files)).toHaveLength(2)
    for (const [name, file] of Object.entries(files)) {
      expect(name).toMatch(/spring.*\.pdf$/)
      expect(Buffer.from(file.slice(0, 5)).toString()).toBe('%PDF-')
    }
  })

  it('is a week of a set as its plan has it', async () => {
    const pupils = (await call('/api/pupils')).body
    const set = pupils.find(({ name }: { name: string }) => name === 'Marit A.').sets[0].id
    const { title, pages } = await pagesOf({ sheet: 'week', sets: [set] })
    expect(title).toMatch(/^Marit A\., a week from \w+day/)
    expect(textsOf(pages).filter((text) => /^\d+ min$/.test(text)).length).toBeGreaterThan(10)
    expect(await refused({ sheet: 'week' })).toEqual([422, 'paper.week', 'sets'])
  })

  it('is refused by name', async () => {
    const studies = [{ recipe }]
    expect(await refused({ sheet: 'poster' })).toEqual([422, 'field.any.only', 'sheet'])
    expect(await refused({ sheet: 'studies' })).toEqual([422, 'paper.empty', 'studies'])
    expect(await refused({ sheet: 'studies', studies, size: 'a3' })).toEqual([422, 'field.any.only', 'size'])
    expect(await refused({ sheet: 'studies', studies, look: { bars: 99 } })).toEqual([
      422,
      'field.number.max',
      'look.bars',
    ])
    expect((await refused({ sheet: 'chart' })).slice(0, 1).concat((await refused({ sheet: 'chart' }))[2])).toEqual([
      422,
      'chart',
    ])
    const chart = { kinds: ['cadence-minor'] }
    expect(await refused({ sheet: 'chart', chart })).toEqual([422, 'field.any.only', 'chart.kinds[0]'])
    expect((await refused({ sheet: 'cards', studies, chart: { kinds: ['major'] } }))[2]).toBe('chart')
    const far = { recipe: { ...recipe, startOctave: 8 } }
    expect(await refused({ sheet: 'studies', studies: [...studies, far] })).toEqual([
      422,
      'range',
      'studies[1].startOctave',
    ])
    const [one, other] = [await setOfMajors('One', ['C']), await setOfMajors('Two', ['G'])]
    expect(await refused({ sheet: 'studies', sets: [one.id, other.id] })).toEqual([422, 'paper.several', 'sets'])
    const chartZip = { sheet: 'chart', as: 'zip', chart: { kinds: ['major'] } }
    expect(await refused(chartZip)).toEqual([422, 'paper.zip', 'as'])
    const gone = '00000000-0000-4000-8000-000000000000'
    expect((await paper({ sheet: 'studies', sets: [gone] })).status).toBe(404)
  })
})
