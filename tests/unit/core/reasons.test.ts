import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { costProfileFor } from '#core/fingering'
import { KINDS, materialOf } from '#core/material'
import { midiOf } from '#core/pitch'
import type { Finger, Hand } from '#core/study'
import { completeRecipe } from '#core/instrument'
import { passage } from '../../../core/fingering/cost'
import { ringCostTerms, rivalRing, solveRing } from '../../../core/fingering/ring'
import { costTermsOfRing, dearerIn } from '../../../core/fingering/costTerms'
import { allCombinations } from '../../../core/fingering/chords'
import { joined } from '#core/message'
import { phraseOf, priceMessage } from '../../../core/fingering/words'
import { anyNamed, kindsOf, RUNS } from '../../support/material'
import { inEnglish } from '../../support/english'

const SETTINGS = completeRecipe({ material: { tonic: 'C', kind: 'major' } })
/** The conservatory school as it stands without any setting. */
const MANNER = costProfileFor(SETTINGS, 'right', materialOf({ tonic: 'C', kind: 'major' }))
const anyMaterial = anyNamed(RUNS).map((named) => materialOf(named))
const anyHand = fc.constantFrom('right' as const, 'left' as const)

describe('charges', () => {
  it('add up to the cost that the solver found, for every pattern', () => {
    fc.assert(
      fc.property(anyMaterial, anyHand, (material, hand) => {
        for (const ring of solveRing(MANNER, hand, material).slice(0, 4)) {
          const costTerms = ringCostTerms(MANNER, hand, material, ring)
          expect(costTerms.reduce((sum, termCost) => sum + termCost.cost, 0)).toBeCloseTo(ring.cost, 6)
        }
      }),
    )
  })

  it('explain every price: what is dearer elsewhere is at least the whole difference', () => {
    fc.assert(
      fc.property(anyMaterial, anyHand, (material, hand) => {
        const [own, other] = solveRing(MANNER, hand, material)
          .slice(0, 2)
          .map((ring) => ({
            cost: ring.cost,
            costTerms: costTermsOfRing(MANNER, hand, material, ring),
          }))
        const dearer = dearerIn(own!.costTerms, other!.costTerms)
        const sum = dearer.reduce((total, termCost) => total + termCost.cost, 0)
        expect(sum).toBeGreaterThanOrEqual(other!.cost - own!.cost - 1e-9)
        for (const termCost of dearer) expect(inEnglish(phraseOf(termCost))).toMatch(/^[\w\s,×♯♭]+$/)
      }),
    )
  })

  it('never let a forbidden thumb be cheaper than the free choice', () => {
    fc.assert(
      fc.property(anyMaterial, anyHand, fc.nat(11), (material, hand, at) => {
        const degree = at % material.up.length
        const free = solveRing(MANNER, hand, material)[0]!
        const rival = rivalRing(MANNER, hand, material, [], { degree, leg: 'both' })
        if (!rival) return
        expect(rival.up[degree]).not.toEqual([1])
        expect(rival.down[degree]).not.toEqual([1])
        expect(rival.cost).toBeGreaterThanOrEqual(free.cost)
      }),
    )
  })
})

describe('double notes', () => {
  it('have a rival without the thumb on either note of a degree, in either hand', () => {
    fc.assert(
      fc.property(anyNamed(kindsOf('double-notes')), anyHand, fc.nat(11), (named, hand, at) => {
        const material = materialOf(named)
        const degree = at % material.up.length
        const free = solveRing(MANNER, hand, material)[0]!
        const rival = rivalRing(MANNER, hand, material, [], { degree, leg: 'both' })
        if (!rival) return
        expect(rival.up[degree]).not.toContain(1)
        expect(rival.down[degree]).not.toContain(1)
        expect(rival.cost).toBeGreaterThanOrEqual(free.cost)
      }),
    )
  })
})

/** What an octave pattern pays, by trying it: Infinity where two neighbours cannot follow each other. */
function priceOf(hand: Hand, keys: readonly number[], tonic: string, kind: string, up: readonly Finger[]): number {
  const touch = (at: number) => ({
    midi: keys[at % keys.length]! + 12 * Math.floor(at / keys.length),
    finger: up[at % keys.length]!,
  })
  if (keys.some((_, at) => !['grip', 'pass'].includes(passage(hand, touch(at), touch(at + 1))))) return Infinity
  const held = up.map((finger) => allCombinations(hand, 1).find(([one]) => one === finger)!)
  const costTerms = ringCostTerms(MANNER, hand, materialOf({ tonic, kind }), { up: held, down: held, cost: 0 })
  return costTerms.reduce((sum, { cost }) => sum + cost, 0)
}

/** Every way to give the degrees of an octave one of four fingers. */
const everyPattern = (length: number): Finger[][] =>
  Array.from({ length }).reduce<Finger[][]>(
    (some) => some.flatMap((row) => ([1, 2, 3, 4] as const).map((finger) => [...row, finger])),
    [[]],
  )

describe('an octave pattern, against every other that four fingers allow', () => {
  it.each([
    ['C', 'major', 'right'],
    ['Eb', 'major', 'left'],
    ['G#', 'harmonic-minor', 'left'],
    ['Bb', 'natural-minor', 'right'],
    ['Ab', 'major-arpeggio', 'right'],
    ['C#', 'minor-arpeggio', 'left'],
  ] as const)('%s %s %s: the cheapest, and the cheapest without each thumb', (tonic, kind, hand) => {
    const material = materialOf({ tonic, kind })
    const steps = KINDS[kind].up.map((interval) => interval.semitones)
    const low = 60 + midiOf({ ...material.tonic, octave: 0 }) - 12
    const keys = steps.map((semitones) => low + semitones)
    const priced = everyPattern(keys.length).map((up) => ({ up, cost: priceOf(hand, keys, tonic, kind, up) }))
    const least = (some: typeof priced) => Math.min(...some.map(({ cost }) => cost))
    expect(solveRing(MANNER, hand, material)[0]!.cost).toBeCloseTo(least(priced), 6)
    for (let degree = 0; degree < keys.length; degree++) {
      const rival = rivalRing(MANNER, hand, material, [], { degree, leg: 'both' })
      const rest = least(priced.filter(({ up }) => up[degree] !== 1))
      if (rival) expect(rival.cost).toBeCloseTo(rest, 6)
      else expect(rest).toBe(Infinity)
    }
  })
})

describe('a two-way pattern, against every pair of a way up and a way down', () => {
  const patterns = everyPattern(7)
  it.each([
    ['F#', 'right'],
    ['Eb', 'left'],
    ['A', 'left'],
  ] as const)('%s melodic minor %s', (tonic, hand) => {
    const material = materialOf({ tonic, kind: 'melodic-minor' })
    const low = 60 + midiOf({ ...material.tonic, octave: 0 }) - 12
    const priced = (leg: 'up' | 'down') => {
      const keys = material.rising[leg].map(({ semitones }) => low + semitones)
      // a one-way form on the same keys prices one leg by itself
      const kind = leg === 'up' ? 'melodic-minor-jazz' : 'natural-minor'
      return patterns
        .map((up) => ({ up, cost: priceOf(hand, keys, tonic, kind, up) }))
        .filter(({ cost }) => cost < Infinity)
        .sort((a, b) => a.cost - b.cost)
    }
    const [ups, downs] = [priced('up'), priced('down')]
    let best = Infinity
    for (const up of ups) {
      for (const down of downs) {
        if (up.cost + down.cost >= best) break
        const moved = up.up.filter((finger, at) => finger === 1 && down.up[at] !== 1).length
        best = Math.min(best, up.cost + down.cost + MANNER.weights['moved-thumb'] * moved)
      }
    }
    const [found] = solveRing(MANNER, hand, material)
    expect(found!.cost).toBeCloseTo(best, 6)
    const costTerms = ringCostTerms(MANNER, hand, material, found!)
    expect(costTerms.reduce((sum, termCost) => sum + termCost.cost, 0)).toBeCloseTo(best, 6)
  })
})

describe('reasons in words', () => {
  const texts = (tonic: string, kind: string, some = {}) =>
    Object.values(fingered({ material: { tonic, kind }, ...some }).hands).flatMap((hand) =>
      hand.reasons.map((reason) => inEnglish(reason.message)),
    )

  it('name the raised seventh by its own note where it moves the thumb', () => {
    expect(texts('G#', 'harmonic-minor').join(' ')).toMatch(
      /3 over onto G♯, a black key\. Next best 1 3 2 1, thumb to E: it would cross from F×, a white key\. A little harder\./,
    )
  })

  it('say what changes on the way down of a melodic minor, and only where something does', () => {
    expect(texts('F#', 'melodic-minor').some((text) => text.startsWith('the way down takes'))).toBe(true)
    expect(texts('A', 'melodic-minor').some((text) => text.startsWith('the way down takes'))).toBe(false)
    expect(texts('F#', 'melodic-minor', { course: 'up' }).some((text) => text.startsWith('the way down'))).toBe(false)
  })

  it('speak of a black first note where tables differ, and of no other', () => {
    expect(texts('Ab', 'major', { hands: 'right' })[0]).toMatch(/^begins on 3.*Many begin 2 3 instead/)
    expect(texts('Ab', 'major', { hands: 'right', firstFinger: 'two' })[0]).toMatch(/^begins 2 3/)
    expect(texts('D', 'major', { hands: 'right' })[0]).toMatch(/^thumb under/)
  })

  it('tell the end from the run', () => {
    const end = fingered({ material: { tonic: 'C', kind: 'major' } }).hands.left!.reasons.find(
      ({ kind }) => kind === 'end',
    )
    expect(end!.indices).toEqual([0, 28])
    expect(inEnglish(end!.message)).toMatch(/^5 on C at the end/)
  })

  it('list names as a sentence does', () => {
    expect([[], ['F'], ['F', 'C'], ['F', 'C', 'G']].map((names) => inEnglish(joined(names, 'and')))).toEqual([
      '',
      'F',
      'F and C',
      'F, C and G',
    ])
  })

  it('weigh prices in rising words', () => {
    const words = [1, 4, 10, 50, 2000].map((price) => inEnglish(priceMessage(price)))
    expect(new Set(words).size).toBe(words.length)
  })
})
