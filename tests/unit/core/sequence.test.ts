import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type CostProfile, costProfileFor, repeatedPins } from '#core/fingering'
import { completeRecipe, familyOf, type RecipeInput } from '#core/instrument'
import { materialFor } from '../../../core/realise/material'
import { FIGURES, linesOf } from '#core/study'
import { allCombinations, type StruckFingers } from '../../../core/fingering/chords'
import { shapely } from '../../../core/fingering/schools'
import { solveSequence, type Unit } from '../../../core/fingering/sequence'
import { shapeCost } from '../../../core/fingering/shape'
import { fingered } from '../../support/played'
import { inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

const TONICS = ['C', 'D', 'Eb', 'F#', 'Ab', 'B'] as const
const SEVEN = ['major', 'harmonic-minor', 'dorian'] as const
const anyFigure = fc.record({
  tonic: fc.constantFrom(...TONICS),
  kind: fc.constantFrom(...SEVEN),
  figure: fc.constantFrom(...FIGURES.filter((figure) => figure !== 'straight')),
  hand: fc.constantFrom('right' as const, 'left' as const),
  octaves: fc.integer({ min: 1, max: 3 }),
  handSize: fc.constantFrom('small', 'average', 'large'),
})
const inputOf = ({ tonic, kind, figure, hand, octaves, handSize }: any): RecipeInput =>
  ({ material: { tonic, kind }, pattern: { figure }, hands: hand, octaves, handSize }) as RecipeInput

/** A line of repeats with the prices of its hand. */
function problem(shown: any) {
  const recipe = completeRecipe(inputOf(shown) as RecipeInput & { instrument?: 'piano' })
  const material = materialFor(recipe)
  const [line] = linesOf(recipe, material, familyOf(recipe))
  return { line: line!, costProfile: shapely(costProfileFor(recipe, shown.hand, material)) }
}

/** The least that a group of units can cost, trying every shape as the one that is kept and every shape in each unit. */
function leastBy(costProfile: CostProfile, hand: 'right' | 'left', units: readonly Unit[]): number {
  const all = allCombinations(hand, units[0]!.keys.length)
  const price = ({ keys, lies }: Unit, struckFingers: StruckFingers) =>
    shapeCost(costProfile, hand, keys, struckFingers, lies)
  const other = costProfile.weights['another-shape']
  return Math.min(
    ...all.map((main) =>
      units.reduce(
        (sum, unit) =>
          sum +
          Math.min(...all.map((struckFingers) => price(unit, struckFingers) + (struckFingers === main ? 0 : other))),
        0,
      ),
    ),
  )
}

describe('a sequence', () => {
  it('costs no more than any other choice of shapes: brute force', () => {
    fc.assert(
      fc.property(anyFigure, (shown) => {
        const { line, costProfile } = problem(shown)
        const [best] = solveSequence(costProfile, line, () => true)
        if (!best) return
        const groups = new Map<string, Unit[]>()
        for (const unit of best.units) groups.set(unit.group, [...(groups.get(unit.group) ?? []), unit])
        const least = [...groups.values()].reduce((sum, units) => sum + leastBy(costProfile, shown.hand, units), 0)
        expect(best.cost).toBeCloseTo(least, 6)
      }),
      { numRuns: runs(60) },
    )
  })

  it('gives like keys like fingers, and crosses within no repeat', () => {
    fc.assert(
      fc.property(anyFigure, (shown) => {
        const line = fingered(inputOf(shown), {}, 0).hands[shown.hand]!
        const starts = [...line.grips, line.notes.length]
        const seen = new Map<string, string>()
        starts.slice(0, -1).forEach((from, at) => {
          const [keys, fingers] = [line.midi, line.fingers].map((some) => some.slice(from, starts[at + 1]))
          const base = Math.min(...keys!)
          const likeness = keys!.map((key) => key - base).join() + ` on ${base % 12}`
          expect(seen.get(likeness) ?? fingers!.join()).toBe(fingers!.join())
          seen.set(likeness, fingers!.join())
          expect(line.crossings.filter(({ index }) => index > from && index < starts[at + 1]!)).toEqual([])
          // fingers lie as their keys do
          const order = keys!.map((key, place) => ({ key, finger: fingers![place]! })).sort((a, b) => a.key - b.key)
          order.slice(1).forEach(({ key, finger }, place) => {
            const before = order[place]!
            if (key === before.key) expect(finger).toBe(before.finger)
            else expect(Math.sign(finger - before.finger)).toBe(shown.hand === 'right' ? 1 : -1)
          })
        })
      }),
      { numRuns: runs(60) },
    )
  })

  it('moves as a whole to keys an octave on', () => {
    const { fingers } = fingered(
      { ...inputOf({ tonic: 'D', kind: 'major', figure: 'groups-of-four', hand: 'right' }), octaves: 3, course: 'up' },
      {},
      0,
    ).hands.right!
    const octave = 4 * 7
    expect(fingers.slice(octave, 2 * octave)).toEqual(fingers.slice(0, octave))
  })
})

describe('pins on a repeat', () => {
  const study = (pins: object[] = []) =>
    fingered({
      material: { tonic: 'C', kind: 'major' },
      pattern: { figure: 'broken-thirds' },
      hands: 'right',
      octaves: 1,
      pins,
    } as never)

  it('change that repeat alone, and can be given to all', () => {
    const first = [
      { hand: 'right', index: 0, finger: 2 },
      { hand: 'right', index: 1, finger: 4 },
      { hand: 'right', index: 2, finger: 3 },
      { hand: 'right', index: 3, finger: 5 },
    ]
    const one = study(first).hands.right!
    expect(one.fingers.slice(0, 8).join('')).toBe('24351324')
    const pins = repeatedPins('right', one.notes, one.fingers, 1)
    const all = study(pins).hands.right!
    expect(all.fingers.slice(0, 12).join('')).toBe('243524352435')
    expect(all.fingers.slice(14, 22).join('')).toBe('53425342')
  })

  it('that no one shape meets are kept as they stand', () => {
    const pinned = study([
      { hand: 'right', index: 0, finger: 1 },
      { hand: 'right', index: 2, finger: 1 },
    ]).hands.right!
    expect([pinned.fingers[0], pinned.fingers[2]]).toEqual([1, 1])
    expect(pinned.fingers.slice(4, 8)).toEqual([1, 3, 2, 4])
  })

  it('of a single note take the best shape that has it', () => {
    expect(
      study([{ hand: 'right', index: 0, finger: 2 }])
        .hands.right!.fingers.slice(0, 4)
        .join(''),
    ).toBe('2435')
  })

  it('are not offered where nothing repeats', () => {
    const { notes, fingers } = fingered({ material: { tonic: 'C', kind: 'major' }, hands: 'right' }).hands.right!
    expect(repeatedPins('right', notes, fingers, 0)).toEqual([])
  })
})

describe('reasons of shapes', () => {
  const reasons = (input: object) =>
    fingered(input as never).hands.right!.reasons.map(({ message }) => inEnglish(message))
  it('say the shape, where another takes its place, and what would be next best', () => {
    const shown = reasons({
      material: { tonic: 'D', kind: 'major' },
      pattern: { figure: 'broken-thirds' },
      hands: 'right',
    })
    expect(shown[0]).toMatch(
      /one shape of the hand for every repeat, 1 3 2 4, coming back 4 2 3 1: nothing crosses\. Next best [\d ]+\. A little harder\./,
    )
    expect(shown[1]).toBe('2 4 3 5 where the thumb would fall on F♯, a black key.')
    // the seventh degree's repeat has no twin within its octave
    expect(shown[2]).toBe('2 4 where the thumb would fall on C♯, a black key.')
    expect(shown.join(' ')).not.toMatch(/thumb under/)
  })
  it('say of a cadence that chords keep their fingers, and name its chords as they are in minor', () => {
    const input = { material: { tonic: 'C', kind: 'cadence-minor' }, hands: 'right' }
    expect(reasons(input)).toEqual(['a chord keeps its fingers each time it comes.'])
    expect(inEnglish(fingered(input as never).title)).toMatch(/i iv i V7 i/)
  })
})

describe('repeats that go on by a step', () => {
  it('change only a first note that follows by a step and comes back, and give it the finger beside the last', () => {
    fc.assert(
      fc.property(anyFigure, (shown) => {
        const alike = fingered(inputOf(shown)).hands[shown.hand]!
        const by = fingered({ ...inputOf(shown), repeats: 'by-step' } as RecipeInput).hands[shown.hand]!
        by.fingers.forEach((finger, at) => {
          if (finger === alike.fingers[at]) return
          const [before, note] = [by.notes[at - 1]!, by.notes[at]!]
          expect(Math.abs(finger - by.fingers[at - 1]!)).toBe(1)
          expect(Math.abs(note.midi - before.midi)).toBeLessThanOrEqual(2)
          expect(note.repeat).not.toBe(before.repeat)
          const back = by.notes.findIndex(
            ({ midi, repeat }, other) => other > at && midi === note.midi && repeat === note.repeat,
          )
          expect(by.fingers[back]).toBe(alike.fingers[back])
        })
      }),
      { numRuns: runs(60) },
    )
  })

  it('leave a pinned note alone', () => {
    const pins = [{ hand: 'right', index: 4, finger: 3 }]
    const pattern = { figure: 'broken-triads' }
    const recipe = {
      material: { tonic: 'C', kind: 'major' },
      hands: 'right',
      octaves: 1,
      repeats: 'by-step',
      pattern,
      pins,
    }
    const { fingers } = fingered(recipe as unknown as RecipeInput).hands.right!
    expect(fingers.slice(0, 12).join(' ')).toBe('3 1 3 5 3 1 3 5 4 1 3 5')
  })
})
