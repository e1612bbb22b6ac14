import { readFileSync } from 'node:fs'
import Ajv from 'ajv'
import { describe, expect, it } from 'vitest'
import { run } from '../support/terminal'

const lines = (...values: unknown[]) => `${values.map((value) => JSON.stringify(value)).join('\n')}\n`
const on = (some: object = {}) => ({
  format: 'tactum-study/1',
  ...{ instrument: 'accordion', material: { tonic: 'C', kind: 'major' }, octaves: 1, ...some },
})

describe('an accordion in the terminal', () => {
  it('gives buttons and fingers of both hands, and the bellows', async () => {
    const { code, lines: out } = await run(
      'realise',
      lines(
        on({ accordion: { treble: 'c-3', bass: 96 } }),
        on({ hands: 'left', course: 'up', accordion: { left: { part: 'scale' } } }),
        on({ hands: 'right', accordion: { bellows: { turn: 'beats', beats: 2, first: 'closing' } } }),
      ),
    )
    expect(code).toBe(0)
    const [both, left, right] = out.map((line) => JSON.parse(line))
    expect(both.hands.right.buttons.map(([row]: number[]) => row).slice(0, 8)).toEqual([1, 3, 2, 3, 2, 1, 3, 1])
    expect(both.bass.buttons[0]).toEqual({ row: 'fundamental', column: 0, name: 'C' })
    expect(both.bass.fingers.slice(0, 4)).toEqual([4, 3, 2, 3])
    expect(both.bass.step.slice(0, 3)).toEqual([0, 2, 4])
    expect(both.bellows[0]).toEqual({ step: 0, direction: 'opening' })
    expect(left.hands.right).toBeUndefined()
    expect(left.bass.buttons.map(({ name }: { name: string }) => name)).toHaveLength(8)
    expect(left.bass.reasons.length).toBeGreaterThan(0)
    expect(left.bass.alternatives.length).toBeGreaterThan(0)
    expect(right.bass).toBeUndefined()
    expect(right.bellows.slice(0, 2).map(({ direction }: { direction: string }) => direction)).toEqual([
      'closing',
      'opening',
    ])
  })

  it('keeps to the published schema, and what comes out goes in again', async () => {
    const schema = JSON.parse(readFileSync('docs/schemas/tactum-study-1.json', 'utf8'))
    const valid = new Ajv({ allowUnionTypes: true }).compile(schema)
    const pins = [{ hand: 'left', index: 2, button: { row: 'fundamental', column: 4 } }]
    const input = [on(), on({ accordion: { treble: 'b-5', bass: 48, left: { part: 'scale' } }, pins })]
    const { code, lines: out } = await run('realise', lines(...input))
    expect(code).toBe(0)
    for (const [at, line] of out.entries()) {
      expect(valid(input[at])).toBe(true)
      const { recipe } = JSON.parse(line)
      expect([valid(recipe), valid.errors]).toEqual([true, null])
    }
    const again = await run('realise', lines(...out.map((line) => JSON.parse(line).recipe)))
    expect(again.lines).toEqual(out)
    expect(valid(on({ accordion: { bass: 13 } }))).toBe(false)
    expect(valid(on({ accordion: { treble: 'keys-88' } }))).toBe(false)
  })

  it('refuses by its field, and says so at the end', async () => {
    const { code, lines: out } = await run(
      'realise',
      lines(
        on({ accordion: { bass: 13 } }),
        on({ octaves: 4, accordion: { treble: 'keys-25' } }),
        on({ pins: [{ hand: 'left', index: 0, finger: 1 }] }),
        { ...on(), instrument: 'piano', accordion: { bass: 96 } },
      ),
    )
    expect(code).toBe(1)
    const errors = out.map((line) => JSON.parse(line).error)
    expect(errors.map(({ path }) => path)).toEqual(['accordion.bass', 'octaves', 'pins[0].finger', 'accordion'])
    for (const { message } of errors) expect(message).toMatch(/\w+ \w+/)
  })

  it('tells what changes from keys to buttons, and from one bass to another', async () => {
    const { code, lines: out } = await run('compare', lines([on(), on({ accordion: { treble: 'c-5' } })]))
    expect(code).toBe(0)
    const { hands, words } = JSON.parse(out[0]!)
    expect(hands.right.fingers.length).toBeGreaterThan(5)
    expect(hands.right.places).toBeUndefined()
    expect(hands.left).toMatchObject({ notes: [], fingers: [] })
    expect(words).toContain('left hand: the same fingers on the same notes')
    expect(words.join()).toMatch(/right hand: other fingers on .*, no thumb any more, where it was on F/)
  })
})
