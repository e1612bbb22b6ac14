import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { partsMessage } from '#core/difficulty'
import { meetingsMessage } from '#core/together'
import { KINDS } from '#core/material'
import { anyNamed, RUNS } from '../../support/material'
import { inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

describe('hands together', () => {
  it('meet where both play the finger, and cross where both cross', () => {
    fc.assert(
      fc.property(anyNamed(RUNS), fc.constantFrom('similar', 'contrary'), (material, motion) => {
        const { hands, together, steps } = fingered({ material, motion }, {}, 0)
        const [right, left] = [hands.right!.fingers, hands.left!.fingers]
        const { crossings } = together!
        for (let step = 0; step < steps; step++) {
          expect(together!.thumbs.includes(step)).toBe(right[step] === 1 && left[step] === 1)
          expect(together!.thirds.includes(step)).toBe(right[step] === 3 && left[step] === 3)
          expect(together!.equal.includes(step)).toBe(right[step] === left[step])
          const both = crossings.right.includes(step) && crossings.left.includes(step)
          expect(crossings.both.includes(step)).toBe(both)
          const pair = [right[step], left[step]].sort().join('') === '12'
          const swapped = pair && right[step + 1] === left[step] && left[step + 1] === right[step]
          expect(together!.pairs.includes(step)).toBe(swapped)
        }
      }),
    )
  })

  it('is absent where one hand plays', () => {
    expect(fingered({ material: { tonic: 'C', kind: 'major' }, hands: 'left' }).together).toBeUndefined()
  })

  it('speaks of anchors by name', () => {
    const { hands, together } = fingered({ material: { tonic: 'B', kind: 'major' } })
    const [thumbs, thirds] = meetingsMessage(together!, hands.right!, hands.left!).map(inEnglish)
    expect(thumbs).toMatch(/^Thumbs meet on E and B/)
    expect(thirds).toMatch(/^Third fingers meet on G♯/)
  })

  it('crosses at once in contrary motion from the unison in C (common practice, derived)', () => {
    const { together, hands } = fingered({ material: { tonic: 'C', kind: 'major' }, motion: 'contrary' })
    expect(hands.right!.fingers).toEqual(hands.left!.fingers)
    expect(together!.crossings.both).toEqual(together!.crossings.right)
  })

  it('changes thumb and second finger on four and five in C (derived from the standard fingering)', () => {
    const { together } = fingered({ material: { tonic: 'C', kind: 'major' }, course: 'up' })
    expect(together!.pairs).toEqual([3, 10])
    expect(together!.following.length).toBeGreaterThan(0)
  })

  it('mirrors on the keys about D: the same fingers throughout (the keyboard is symmetrical there)', () => {
    const { together, steps } = fingered({ material: { tonic: 'D', kind: 'chromatic' }, motion: 'contrary' })
    expect(together!.equal).toHaveLength(steps)
  })
})

describe('difficulty', () => {
  const total = (material: { tonic: string; kind: string }, more = {}) =>
    fingered({ material, ...more }, {}, 0).difficulty.total

  it('is never less for an octave more, a faster tempo, or both hands', () => {
    fc.assert(
      fc.property(
        anyNamed(),
        fc.constantFrom('similar', 'contrary'),
        fc.integer({ min: 1, max: 2 }),
        (material, way, octaves) => {
          const motion = KINDS[material.kind].texture === 'run' && !KINDS[material.kind].second ? way : 'similar'
          const own = total(material, { motion, octaves })
          expect(total(material, { motion, octaves: octaves + 1 })).toBeGreaterThanOrEqual(own)
          expect(total(material, { motion, octaves, tempo: { bpm: 90 } })).toBeGreaterThan(own)
          for (const hands of ['right', 'left'] as const) {
            expect(own).toBeGreaterThanOrEqual(total(material, { hands, octaves }))
          }
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('finds E flat and B flat, without a thumb in common, harder than C and A (common practice)', () => {
    const [Eb, Bb, C, A] = ['Eb', 'Bb', 'C', 'A'].map((tonic) => total({ tonic, kind: 'major' }))
    expect(Math.min(Eb!, Bb!)).toBeGreaterThan(Math.max(C!, A!))
  })

  it('finds contrary motion from the unison easier than similar motion in C (common practice)', () => {
    const C = { tonic: 'C', kind: 'major' }
    expect(total(C, { motion: 'contrary' })).toBeLessThan(total(C))
  })

  it('adds up from its parts', () => {
    const { difficulty } = fingered({ material: { tonic: 'G#', kind: 'harmonic-minor' } })
    const sum = Object.values(difficulty.parts).reduce((all, part) => all + part, 0)
    expect(difficulty.total).toBeCloseTo(sum, 1)
    const words = partsMessage(difficulty).map(({ part, amount }) => `${inEnglish(part)}: ${inEnglish(amount)}`)
    expect(words).toEqual([
      'length: much of it',
      'both hands together: much of it',
      'speed: some of it',
      'the key: some of it',
      'moves of the hand: some of it',
      'the form to keep in mind: a little',
      'steps wider than a tone: a little',
    ])
  })
})
