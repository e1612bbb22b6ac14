import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { run } from '../support/terminal'

const scratch = mkdtempSync(path.join(tmpdir(), 'tactum-'))
const file = (name: string, content: unknown) => {
  const place = path.join(scratch, name)
  writeFileSync(place, JSON.stringify(content))
  return place
}

describe('record', () => {
  const set = file('played-set.json', {
    format: 'tactum-set/1',
    studies: [
      { material: { tonic: 'F', kind: 'major' }, hands: 'together', octaves: 2 },
      { material: { tonic: 'D', kind: 'harmonic-minor' }, octaves: 2 },
    ],
  })

  it('reads lines of what was played, a hand never as an outcome, what nobody said as null', async () => {
    const input = 'F major right hand wrong\n\nD minor 96 clean, F major xyzzy\n'
    const { code, lines: out } = await run('record', input, ['read', '--set', set])
    expect(code).toBe(0)
    const nothing = { outcome: null, bpm: null, hands: null, place: null, unread: [] }
    expect(out.map((line) => JSON.parse(line))).toEqual([
      {
        line: 'F major right hand wrong',
        said: [{ ...nothing, outcome: 'wrong', hands: 'right', studies: [0] }],
      },
      {
        line: 'D minor 96 clean, F major xyzzy',
        said: [
          { ...nothing, outcome: 'right', bpm: 96, studies: [1] },
          { ...nothing, studies: [0], unread: ['xyzzy'] },
        ],
      },
    ])
  })

  it.each([
    [['tell'], 'option.record', 'action'],
    [['read'], 'option.missing', 'set'],
    [['read', '--set', 'nowhere.json'], 'file', 'set'],
    [['read', '--what', 'x'], 'option.unknown', ''],
  ])('refuses %j by name', async (args, errorCode, path) => {
    const { code, lines: out } = await run('record', 'F major right\n', args)
    expect(code).toBe(1)
    expect(JSON.parse(out[0]!).error).toMatchObject({ code: errorCode, path })
  })
})

describe('every command', () => {
  it('speaks the language that is asked for, in answers and in errors', async () => {
    const recipe = JSON.stringify({ material: { tonic: 'C', kind: 'double-thirds-major' }, hands: 'right' })
    const { lines: out } = await run('realise', `${recipe}\nnonsense\n`, ['--lang', 'en-x-pseudo'])
    const [study, wrong] = out.map((line) => JSON.parse(line))
    expect(study.title).toMatch(/^C mmaajjoorr iinn ddoouubbllee tthhiirrddss, rriigghhtt hhaanndd/)
    expect(wrong.error.message).toMatch(/^TThhiiss iiss nnoott/)
    const { lines: english } = await run('realise', `${recipe}\n`, ['--lang=en'])
    expect(JSON.parse(english[0]!).title).toMatch(/^C major in double thirds, right hand/)
  })

  it('refuses a language that there is not, naming the option', async () => {
    const { code, lines: out } = await run('plan', '{}', ['--lang', 'xx'])
    expect(code).toBe(1)
    expect(JSON.parse(out[0]!).error).toMatchObject({ code: 'option.among', path: 'lang' })
  })

  it('gives the texts to a translator, and takes them back with a report', async () => {
    const arb = path.join(scratch, 'xx.arb')
    const { lines: out } = await run('words', '', ['out', 'eo', arb])
    expect(JSON.parse(out[0]!).texts).toBeGreaterThan(1000)
    expect((await run('words', '', ['out'])).code).toBe(1)
    expect((await run('words', '', ['in', 'eo', path.join(scratch, 'none.arb')])).code).toBe(1)
  })
})
