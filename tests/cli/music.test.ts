import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { run } from '../support/terminal'

const folder = mkdtempSync(path.join(tmpdir(), 'tactum-music-'))
const at = (name: string): string => path.join(folder, name)
const recipes = [
  { material: { tonic: 'G', kind: 'harmonic-minor' } },
  { material: { tonic: 'C', kind: 'major' }, motion: 'contrary' },
]
const lines = recipes.map((recipe) => JSON.stringify(recipe)).join('\n')
const json = (text: string | undefined) => JSON.parse(text ?? '') as Record<string, unknown>

describe('export and import', () => {
  it.each(['musicxml', 'mxl', 'midi'])('write a %s file of recipes, and read it back', async (format) => {
    const out = at(`two.${format}`)
    const written = await run('export', lines, ['--format', format, '--out', out])
    expect(written.code).toBe(0)
    expect(json(written.lines[0])).toEqual({ out, format, studies: 2, bytes: readFileSync(out).length })
    const read = await run('import', '', [out])
    expect(read.code).toBe(0)
    const found = read.lines.map((line) => json(line))
    expect(found.map(({ recipe }) => (recipe as { material: object }).material)).toEqual([
      expect.objectContaining({ tonic: 'G', kind: 'harmonic-minor' }),
      expect.objectContaining({ tonic: 'C', kind: 'major' }),
    ])
    // what comes out goes in again
    const again = await run('realise', found.map(({ recipe }) => JSON.stringify(recipe)).join('\n'))
    expect(again.code).toBe(0)
  })

  it('read our own JSON too: a study, or a set', async () => {
    const set = { format: 'tactum-set/1', title: 'Spring set', studies: recipes }
    writeFileSync(at('own.json'), JSON.stringify(set, null, 2))
    const { code, lines: read } = await run('import', '', [at('own.json')])
    expect([code, read.map((line) => json(line))]).toMatchObject([
      0,
      recipes.map((recipe) => ({ title: 'Spring set', known: 'kept', recipe })),
    ])
    writeFileSync(at('broken.json'), '{"format": "tactum-set/1", "studies": [{}]}')
    const broken = await run('import', '', [at('broken.json')])
    expect([broken.code, json(broken.lines[0])]).toMatchObject([1, { error: { path: 'studies[0].material' } }])
  })

  it('write a set under its title', async () => {
    const set = JSON.stringify({ format: 'tactum-set/1', title: 'Spring set', studies: recipes })
    expect((await run('export', set, ['--format', 'abc', '--out', at('set.abc')])).code).toBe(0)
    expect(readFileSync(at('set.abc'), 'utf8').match(/^X:/gm)).toHaveLength(2)
    await run('export', JSON.stringify(JSON.parse(set), null, 1), ['--format', 'lilypond', '--out', at('set.ly')])
    expect(readFileSync(at('set.ly'), 'utf8')).toContain('title = "Spring set"')
  })

  it('refuse by name, write nothing then, and end with 1', async () => {
    const refusal = async (script: string, input: string, args: string[]) => {
      const { code, lines: shown } = await run(script, input, args)
      const { error } = json(shown[0]) as unknown as { error: { code: string; path: string } }
      return [code, error.code, error.path]
    }
    const bad = `${lines}\n{"material":{"tonic":"H","kind":"major"}}`
    expect(await refusal('export', bad, ['--format', 'midi', '--out', at('none.mid')])).toEqual([
      ...[1, 'field.string.pattern.name', 'line 3: material.tonic'],
    ])
    expect(() => readFileSync(at('none.mid'))).toThrow()
    expect(await refusal('export', lines, ['--format', 'png', '--out', at('x')])).toEqual([
      1,
      'option.format',
      'format',
    ])
    expect(await refusal('export', lines, ['--format', 'midi'])).toEqual([1, 'option.missing', 'out'])
    expect(await refusal('export', '', ['--format', 'midi', '--out', at('x')])).toEqual([1, 'export.none', 'input'])
    expect(await refusal('export', lines, ['--format', 'midi', '--out', at('no/such/place')])).toEqual([
      1,
      'file',
      'out',
    ])
    writeFileSync(at('bad.mid'), 'MThd and then nothing')
    expect(await refusal('import', '', [at('bad.mid')])).toEqual([1, 'format.empty', 'file'])
    expect(await refusal('import', '', [at('missing.mid')])).toEqual([1, 'file', 'file'])
  })
})
