import { fingered } from '../support/played'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Hand } from '#core/study'
import { allCosts, ergonomicCost } from '../support/ergonomic'

const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']

/** Where our fingering of one octave going up stands among all that the model's practical spans allow. */
function rankOf(tonic: string, hand: Hand, school: 'conservatory' | 'free-and-smooth' = 'conservatory') {
  const { midi, fingers } = fingered({
    material: { tonic, kind: 'major' },
    hands: hand,
    octaves: 1,
    course: 'up',
    school,
  }).hands[hand]!
  const all = allCosts(hand, midi)
  const own = ergonomicCost(hand, midi, fingers)
  return {
    fingers: fingers.join(''),
    own,
    least: Math.min(...all),
    cheaper: all.filter((cost) => cost < own).length,
    of: all.length,
  }
}
const rows = TONICS.flatMap((tonic) =>
  (['right', 'left'] as const).map((hand) => ({ tonic, hand, ...rankOf(tonic, hand) })),
)

/**
 * The published model (see tests/support/ergonomic.ts for the source) judges one octave by itself, without what comes
 * before and after, so it sees no use in a pattern that repeats; still our fingerings stand near its top.
 */
describe('a published ergonomic model as a second opinion on the majors', () => {
  it.each(rows)('$tonic $hand: $fingers is among its best fiftieth of all legal fingerings', ({ cheaper, of }) => {
    expect(of).toBeGreaterThan(1000)
    expect(cheaper / of).toBeLessThanOrEqual(0.02)
  })

  it('finds nothing cheaper at all in the keys that take the thumb on a white tonic, F right aside', () => {
    const best = rows.filter(({ cheaper }) => cheaper === 0).map(({ tonic, hand }) => `${tonic} ${hand}`)
    for (const tonic of ['C', 'G', 'D', 'A', 'E', 'B'])
      expect(best).toEqual(expect.arrayContaining([`${tonic} right`, `${tonic} left`]))
    expect(best).toContain('F left')
  })

  it('ranks a random legal fingering far lower than ours, so the bound says something', () => {
    const { midi } = fingered({ material: { tonic: 'E', kind: 'major' }, hands: 'right', octaves: 1, course: 'up' })
      .hands.right!
    const costs = allCosts('right', midi).sort((a, b) => a - b)
    const median = costs[costs.length >> 1]!
    expect(median).toBeGreaterThan(2 * costs[0]!)
  })

  it('is reported in docs/schools.md as it comes out here', () => {
    const docs = readFileSync('docs/schools.md', 'utf8')
    for (const { tonic, hand, fingers, own, least, cheaper, of } of rows) {
      expect(docs).toContain(`| ${tonic} | ${hand} | ${fingers} | ${own} | ${least} | ${cheaper} of ${of} |`)
    }
  })
})
