import { fingered as realiseFingers } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { costOf } from '#core/solver'
import { CONSERVATORY, type StruckFingers, runOf, runProblem, type School, solveRun, TERMS } from '#core/fingering'
import { freeMaterial } from '#core/material'
import { type Finger, type Hand, linesOf } from '#core/study'
import { familyOf, completeRecipe, type RecipeInput } from '#core/instrument'
import { isBlack } from '#core/surface'
import { pitchesOf } from '../../support/material'
import { expectPlayable } from '../../support/playable'
import { inEnglish, errorText } from '../../support/english'
import { runs } from '../../support/runs'

const keys = (most: number, length: number) =>
  fc.array(fc.integer({ min: 55, max: 55 + most }), { minLength: 2, maxLength: length })
const anyHand = fc.constantFrom('right' as const, 'left' as const)

const fingered = (line: readonly number[], hand: Hand, some: Partial<RecipeInput> = {}) =>
  realiseFingers({ material: { pitches: pitchesOf(line) }, hands: hand, ...some }).hands[hand]!

/** Every way to finger so many single notes. */
const everyWay = (length: number): Finger[][] =>
  Array.from({ length }).reduce<Finger[][]>(
    (some) => some.flatMap((row) => ([1, 2, 3, 4, 5] as const).map((finger) => [...row, finger])),
    [[]],
  )

describe('any list of pitches', () => {
  it('costs the least of all its fingerings, under any weights and pins', () => {
    const weights = fc.array(fc.integer({ min: 0, max: 60 }), { minLength: TERMS.length, maxLength: TERMS.length })
    const pins = fc.array(fc.tuple(fc.nat(5), fc.integer({ min: 1, max: 5 })), { maxLength: 2 })
    fc.assert(
      fc.property(keys(16, 6), anyHand, weights, pins, (line, hand, numbers, pinned) => {
        const school: School = {
          ...CONSERVATORY,
          weights: Object.fromEntries(TERMS.map((term, at) => [term, numbers[at]!])) as School['weights'],
        }
        const recipe = completeRecipe({ material: { pitches: pitchesOf(line) }, hands: hand })
        const [own] = linesOf(recipe, freeMaterial({ letter: 'C', alteration: 0 }), familyOf(recipe))
        const run = runOf(school, own!, (steps) => steps.map(() => null))
        const fixed = new Map(pinned.filter(([at]) => at < line.length))
        const allowed = (at: number, hold: StruckFingers): boolean => !fixed.has(at) || hold[0] === fixed.get(at)
        const problem = runProblem(run, allowed)
        const hold = (at: number, finger: Finger) => problem.states(at).find(([one]) => one === finger)
        const costs = everyWay(line.length).flatMap((fingers) => {
          const holds = fingers.map((finger, at) => hold(at, finger))
          return holds.every((each) => each !== undefined) ? [costOf(problem, holds as StruckFingers[])] : []
        })
        const least = Math.min(...costs)
        const [found] = solveRun(run, allowed)
        expect(found ? found.cost : Infinity).toBeCloseTo(least, 6)
      }),
      { numRuns: runs(150) },
    )
  })

  it('is always playable: with the same key the finger may stay, and a hand is lifted only where nothing reaches', () => {
    fc.assert(
      fc.property(keys(30, 14), anyHand, fc.constantFrom('small', 'average', 'large'), (line, hand, handSize) => {
        const part = fingered(line, hand, { handSize })
        const lifted = new Set(part.lifts)
        const groups: number[][] = [[]]
        line.forEach((_, at) => (lifted.has(at) ? groups.push([at]) : groups.at(-1)!.push(at)))
        for (const group of groups) {
          expectPlayable(
            hand,
            group.map((at) => line[at]!),
            group.map((at) => part.fingers[at]!),
          )
        }
        part.fingers.forEach((finger, at) => {
          if (at > 0 && line[at] !== line[at - 1]) expect(finger).not.toBe(part.fingers[at - 1])
        })
      }),
      { numRuns: runs(200) },
    )
  })

  it('keeps the thumb off black keys where a white one is near', () => {
    for (const line of [
      [66, 68, 70, 71, 73],
      [61, 63, 65, 66],
      [60, 63, 66, 69, 72],
    ]) {
      const { fingers } = fingered(line, 'right')
      line.forEach((key, at) => expect(fingers[at] === 1 && isBlack(key)).toBe(false))
    }
    // and puts it there where the notes leave nothing else, saying so
    const black = fingered([61, 63, 66, 68, 70, 73, 75, 78, 80, 82], 'right')
    expect(black.fingers.some((finger) => finger === 1)).toBe(true)
    expect(
      black.reasons.some(({ kind, message }) => kind === 'black-thumb' && inEnglish(message).includes('black key')),
    ).toBe(true)
  })

  it('takes five neighbouring keys with five fingers, and a triad as 1 3 5', () => {
    expect(fingered([60, 62, 64, 65, 67], 'right').fingers.join('')).toBe('12345')
    expect(fingered([60, 62, 64, 65, 67], 'left').fingers.join('')).toBe('54321')
    expect(fingered([60, 64, 67, 64, 60], 'right').fingers.join('')).toBe('13531')
  })

  it('lifts the hand over a leap, and says so', () => {
    const { lifts, reasons } = fingered([60, 88, 60], 'right')
    expect(lifts).toEqual([1, 2])
    expect(inEnglish(reasons.find(({ kind }) => kind === 'lift')!.message)).toMatch(/set down anew/)
  })

  it('gives a reason for every crossing, with what the next best costs', () => {
    const part = fingered([60, 62, 64, 65, 67, 69, 71, 72, 71, 69, 67, 65, 64, 62, 60], 'right')
    const explained = part.reasons.flatMap((reason) => (reason.kind === 'crossing' ? reason.indices : []))
    expect([...explained].sort((a, b) => a - b)).toEqual(part.crossings.map(({ index }) => index))
    for (const reason of part.reasons.filter(({ kind }) => kind === 'crossing')) {
      expect(reason.price).toBeGreaterThanOrEqual(0)
      expect(inEnglish(reason.message)).toMatch(/Next best |would do as well/)
    }
  })
})

describe('chords', () => {
  const chord = (...pitches: string[]) =>
    realiseFingers({ material: { pitches: [pitches] }, hands: 'right' }).hands.right!.fingers.join('')

  it('are taken as every hand takes them: 1 3 5, 1 5 in octaves, five notes with five fingers', () => {
    expect(chord('C4', 'E4', 'G4')).toBe('135')
    expect(chord('C4', 'C5')).toBe('15')
    expect(chord('C4', 'D4', 'E4', 'F4', 'G4')).toBe('12345')
    expect(
      realiseFingers({ material: { pitches: [['C3', 'E3', 'G3']] }, hands: 'left' }).hands.left!.fingers.join(''),
    ).toBe('531')
  })

  it('keep the lower key under the finger nearer that side, in any chord a hand can take', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 60, max: 67 }), { minLength: 2, maxLength: 4 }),
        anyHand,
        (notes, hand) => {
          const sorted = pitchesOf([...notes].sort((a, b) => a - b))
          const { fingers } = realiseFingers({ material: { pitches: [sorted] }, hands: hand, handSize: 'large' }).hands[
            hand
          ]!
          const rising = hand === 'right' ? fingers : [...fingers].reverse()
          rising.slice(1).forEach((finger, at) => expect(finger).toBeGreaterThan(rising[at]!))
        },
      ),
    )
  })

  it('that no hand can take are refused, naming the notes', () => {
    try {
      realiseFingers({ material: { pitches: ['D4', ['C3', 'C6']] }, hands: 'right' })
      expect.unreachable()
    } catch (error) {
      expect(error).toMatchObject({ code: 'reach', path: 'material.pitches[1]' })
      expect(errorText(error)).toMatch(/C3 C6 cannot be taken at once by an average right hand/)
    }
  })
})

describe('double thirds', () => {
  it('repeat their pattern by the octave, but for the ends', () => {
    const { fingers } = realiseFingers({
      material: { tonic: 'C', kind: 'double-thirds-major' },
      octaves: 3,
      course: 'up',
    }).hands.right!
    for (let at = 4; at + 14 < fingers.length - 6; at++) expect(fingers[at]).toBe(fingers[at + 14])
  })
})
