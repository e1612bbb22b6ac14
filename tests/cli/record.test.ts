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
