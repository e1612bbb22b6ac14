import { describe, expect, it } from 'vitest'
import { parseCall } from '#core/call'
import { EXAMPLES } from '../../../app/components/call/examples'

describe('lines to try', () => {
  it('are forty or more, each once', () => {
    const lines = EXAMPLES.map(({ line }) => line)
    expect(new Set(lines).size).toBe(lines.length)
    expect(lines.length).toBeGreaterThanOrEqual(40)
  })

  it.each(EXAMPLES.map(({ line }) => line))('“%s” is understood whole', (line) => {
    const { studies, problems, complete } = parseCall(line)
    expect([problems, complete]).toEqual([[], true])
    expect(studies.length).toBeGreaterThan(0)
  })
})
