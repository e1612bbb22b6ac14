import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { meanOf, pupilFrom } from '../../../../core/practice/pace'
import type { StudyState } from '#core/practice'
import { runs } from '../../../support/runs'

const stateWith = (some: Partial<StudyState>): StudyState => ({
  ...{ entries: 0, stage: 0, cleanTempo: 0, last: null, memory: null, tries: [], steps: [], run: [] },
  ...{
    begunOn: null,
    lastSeen: null,
    heardOn: null,
    lastStage: -1,
    wrongOn: null,
    trouble: null,
    sittings: { clean: 0, all: 0 },
  },
  ...some,
})

describe('the pupil’s own pace', () => {
  it('is that of most where nothing is known: three sittings in five pass', () => {
    expect(meanOf(pupilFrom([]).pace)).toBeCloseTo(0.6, 2)
  })

  it('is the posterior of a beta distribution worth five sittings (Gelman and others, Bayesian Data Analysis, ch. 2)', () => {
    fc.assert(
      fc.property(fc.nat(40), fc.nat(40), (clean, not) => {
        const { pace } = pupilFrom([stateWith({ sittings: { clean, all: clean + not } })])
        // its mean in closed form; a grid of twentieths keeps it to a hundredth or two
        expect(Math.abs(meanOf(pace) - (3 + clean) / (5 + clean + not))).toBeLessThan(0.02)
      }),
      { numRuns: runs(200) },
    )
  })

  it('is learned from all studies together', () => {
    const apart = [stateWith({ sittings: { clean: 3, all: 5 } }), stateWith({ sittings: { clean: 4, all: 4 } })]
    expect(pupilFrom(apart).pace).toEqual(pupilFrom([stateWith({ sittings: { clean: 7, all: 9 } })]).pace)
  })
})

describe('weighed values', () => {
  it('come to one', () => {
    const { pace } = pupilFrom([stateWith({ sittings: { clean: 7, all: 9 } })])
    expect(pace.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 12)
  })
})
