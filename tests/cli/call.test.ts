import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { run } from '../support/terminal'

interface Read {
  readonly line: string
  readonly studies: readonly object[]
  readonly open: readonly { readonly code: string; readonly text: string }[]
  readonly unread: readonly string[]
}
const read = async (lines: string, args: string[] = []): Promise<{ code: number; read: Read[] }> => {
  const { code, lines: out } = await run('call', lines, args)
  return { code, read: out.map((line) => JSON.parse(line) as Read) }
}
const recipe = (name: string, content: unknown): string => {
  const place = path.join(mkdtempSync(path.join(tmpdir(), 'tactum-')), name)
  writeFileSync(place, JSON.stringify(content))
  return place
}

describe('call', () => {
  it('reads a line at a time into complete recipes, what is open in words, and words that say nothing', async () => {
    const { code, read: out } = await read('C major HS\n\nD minor xyzzy\nGrade 3 scales\n')
    expect(code).toBe(0)
    const hand = (hands: 'right' | 'left') => completeRecipe({ material: { tonic: 'C', kind: 'major' }, hands })
    expect(out[0]).toEqual({ line: 'C major HS', studies: [hand('right'), hand('left')], open: [], unread: [] })
    expect(out[1]).toMatchObject({ open: [{ code: 'assumed.harmonic' }], unread: ['xyzzy'] })
    expect(out[1]!.studies).toHaveLength(1)
    expect(out[2]).toMatchObject({
      studies: [],
      open: [{ code: 'call.grade', text: expect.stringContaining('grade 3') }],
    })
  })

  it('reads each line as said over a study, on its instrument', async () => {
    const over = recipe('over.json', { material: { tonic: 'A', kind: 'melodic-minor' }, instrument: 'marimba-4.3' })
    const { read: out } = await read('relative major\n10 faster\nF sharp major\n', ['--over', over])
    expect(out.map(({ studies }) => studies)).toMatchObject([
      [{ instrument: 'marimba-4.3', material: { tonic: 'C', kind: 'major' } }],
      [{ instrument: 'marimba-4.3', material: { tonic: 'A', kind: 'melodic-minor' }, tempo: { bpm: 70 } }],
      [{ instrument: 'marimba-4.3', material: { tonic: 'F#', kind: 'major' } }],
    ])
    expect(out.flatMap(({ open }) => open)).toEqual([])
  })

  it('names no study and says one thing where a line names no key', async () => {
    const { read: out } = await read('two octaves\n')
    expect(out).toMatchObject([{ studies: [], open: [{ code: 'call.no-key' }], unread: [] }])
    expect(out[0]!.open).toHaveLength(1)
  })

  it('refuses a recipe that is none, and an option that is not known', async () => {
    const { code, read: out } = await read('C major\n', ['--over', recipe('none.json', { material: {} })])
    expect(code).toBe(1)
    expect(out).toMatchObject([{ error: { path: expect.stringContaining('material') } }])
    expect((await read('', ['--under', 'x'])).code).toBe(1)
  })
})
