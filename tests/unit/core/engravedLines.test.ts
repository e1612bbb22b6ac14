import fc from 'fast-check'
import { expect, it } from 'vitest'
import { layoutOf } from '#engraving'
import type { RecipeInput } from '#core/instrument'
import { systemPicture } from '#paper'
import { faces as loaded } from '../../support/faces'
import { realisedIfItCan } from '../../support/realised'
import { runs } from '../../support/runs'

const faces = loaded()
const degree = fc.integer({ min: -1, max: 9 })
const item = fc.oneof(
  degree,
  fc.constant(null),
  fc.uniqueArray(degree, { minLength: 1, maxLength: 2 }),
  fc.record({ degree, beats: fc.constantFrom(0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 8), held: fc.boolean() }),
)
const anyTune = fc
  .record({
    instrument: fc.constantFrom('piano', 'accordion', 'marimba-4.3'),
    material: fc.record({ tonic: fc.constantFrom('C', 'Eb', 'F#'), kind: fc.constantFrom('major', 'harmonic-minor') }),
    hands: fc.constantFrom('right', 'left', 'together'),
    course: fc.constantFrom('up', 'up-down'),
    motif: fc.array(item, { minLength: 1, maxLength: 6 }),
    step: fc.integer({ min: 0, max: 2 }),
  })
  .map(({ motif, step, hands, ...asked }) => ({
    ...asked,
    octaves: 1,
    ...(asked.instrument.includes('-') ? {} : { hands }),
    pattern: { motif, sequence: { step, direction: 'course', return: 'mirrored' } },
  }))

it('a tune of any lengths and rests has a place on paper for everything that is drawn', () => {
  let seen = 0
  fc.assert(
    fc.property(anyTune, fc.constantFrom(360, 900), (asked, width) => {
      const study = realisedIfItCan(asked as unknown as RecipeInput)
      if (!study) return
      seen++
      for (const system of layoutOf(study, width)) {
        const look = { heads: [], wanted: () => true, nameOf: null, grips: false }
        const { drawn, engraved } = systemPicture(study, system, faces, look)
        expect(Number.isFinite(engraved.height)).toBe(true)
        expect(JSON.stringify(drawn)).not.toMatch(/NaN|"(?:x|y|width|size)":null/)
      }
    }),
    { numRuns: runs(250) },
  )
  expect(seen).toBeGreaterThan(0)
})
