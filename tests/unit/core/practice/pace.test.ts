import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { meanOf, moved, pupilFrom, quantile } from '../../../../core/practice/pace'
import type { StudyState } from '#core/practice'
import { runs } from '../../../support/runs'

const stateWith = (some: Partial<StudyState>): StudyState => ({
  ...{ entries: 0, stage: 0, cleanTempo: 0, last: null, memory: null, tries: [], steps: [], run: [] },
  ...{ lastSeen: null, wrongOn: null, trouble: null, sittings: { clean: 0, all: 0 } },
  ...some,
})
const tried = (forecast: number, right: number, wrong: number): StudyState =>
  stateWith({
    tries: [
      ...Array.from({ length: right }, () => 'right' as const),
      ...Array.from({ length: wrong }, () => 'wrong' as const),
    ].map((outcome, day) => ({ day, outcome, tempo: 120, cold: true, forecast })),
  })

describe('the pupil’s own pace', () => {
  it('is that of most where nothing is known: three sittings in five pass', () => {
    expect(meanOf(pupilFrom([]).pace)).toBeCloseTo(0.6, 2)
    expect(meanOf(pupilFrom([]).retention)).toBeCloseTo(0, 9)
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

describe('how much better somebody remembers than the forecast', () => {
  /** The posterior's mean by a grid a hundred times as fine, over all that the pupil’s own spans. */
  function byHand(forecast: number, right: number, wrong: number): number {
    let [sum, weights] = [0, 0]
    for (let by = -2 - 1 / 6; by <= 2 + 1 / 6; by += 0.01) {
      const chance = moved(forecast, by)
      const weight = Math.exp(-(by * by) / (2 * 0.6 * 0.6)) * chance ** right * (1 - chance) ** wrong
      sum += by * weight
      weights += weight
    }
    return sum / weights
  }

  it('is the posterior of a normal distribution, as a finer grid has it, each place of the coarse one standing for a third', () => {
    fc.assert(
      fc.property(fc.constantFrom(0.6, 0.8, 0.9, 0.95), fc.nat(15), fc.nat(15), (forecast, right, wrong) => {
        const { retention } = pupilFrom([tried(forecast, right, wrong)])
        expect(Math.abs(meanOf(retention) - byHand(forecast, right, wrong))).toBeLessThan(0.05)
      }),
      { numRuns: runs(100) },
    )
  })

  it('hears cold tests only, and none that nothing was foretold of', () => {
    const shown = tried(0.9, 0, 5)
    const silent = (some: object) => stateWith({ tries: shown.tries.map((each) => ({ ...each, ...some })) })
    expect(meanOf(pupilFrom([shown]).retention)).toBeLessThan(-0.5)
    expect(pupilFrom([silent({ cold: false })])).toEqual(pupilFrom([]))
    expect(pupilFrom([silent({ forecast: null })])).toEqual(pupilFrom([]))
  })
})

describe('weighed values', () => {
  it('come to one, and their quantiles rise', () => {
    const { pace, retention } = pupilFrom([stateWith({ sittings: { clean: 7, all: 9 } }), tried(0.9, 3, 1)])
    for (const values of [pace, retention]) {
      expect(values.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 12)
      const rising = [0.05, 0.1, 0.5, 0.9, 0.95].map((share) => quantile(values, share))
      expect(rising).toEqual(rising.toSorted((a, b) => a - b))
    }
  })

  it('move a chance there and back, and never to a certainty', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.999, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (chance, by) => {
          const there = moved(chance, by)
          expect(there).toBeGreaterThan(0)
          expect(there).toBeLessThan(1)
          if (Math.abs(by) > 1e-9) expect(there > chance).toBe(by > 0)
          if (there > 0.0002 && there < 0.9998) expect(moved(there, -by)).toBeCloseTo(chance, 6)
        },
      ),
      { numRuns: runs(300) },
    )
    expect(moved(0, 3)).toBe(0)
  })
})
