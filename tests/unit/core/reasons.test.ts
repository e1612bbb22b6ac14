import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CONSERVATORY } from '#core/fingering'
import { KIND_IDS, KINDS, materialOf, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'
import { realise } from '#core/realise'
import { ringCharges, rivalRing, solveRing } from '../../../core/fingering/ring'
import { dearerIn, listed, phraseOf, priceWords } from '../../../core/fingering/words'

const anyMaterial = fc
  .tuple(fc.constantFrom(...KIND_IDS), fc.nat(14))
  .map(([kind, at]) => materialOf(noteName(usualTonics(KINDS[kind])[at]!), kind))
const anyHand = fc.constantFrom('right' as const, 'left' as const)

describe('charges', () => {
  it('add up to the cost that the solver found, for every pattern', () => {
    fc.assert(
      fc.property(anyMaterial, anyHand, (material, hand) => {
        for (const ring of solveRing(CONSERVATORY, hand, material).slice(0, 4)) {
          const charges = ringCharges(CONSERVATORY, hand, material, ring)
          expect(charges.reduce((sum, charge) => sum + charge.cost, 0)).toBeCloseTo(ring.cost, 6)
        }
      }),
    )
  })

  it('explain every price: what is dearer elsewhere is at least the whole difference', () => {
    fc.assert(
      fc.property(anyMaterial, anyHand, (material, hand) => {
        const [own, other] = solveRing(CONSERVATORY, hand, material)
          .slice(0, 2)
          .map((ring) => ({
            cost: ring.cost,
            charges: ringCharges(CONSERVATORY, hand, material, ring),
          }))
        const dearer = dearerIn(own!.charges, other!.charges)
        const sum = dearer.reduce((total, charge) => total + charge.cost, 0)
        expect(sum).toBeGreaterThanOrEqual(other!.cost - own!.cost - 1e-9)
        for (const charge of dearer) expect(phraseOf(material, hand, charge)).toMatch(/^[\w\s,×♯♭]+$/)
      }),
    )
  })

  it('never let a forbidden thumb be cheaper than the free choice', () => {
    fc.assert(
      fc.property(anyMaterial, anyHand, fc.nat(6), (material, hand, at) => {
        const degree = at % material.up.length
        const free = solveRing(CONSERVATORY, hand, material)[0]!
        const rival = rivalRing(CONSERVATORY, hand, material, degree, 'both')
        if (!rival) return
        expect(rival.up[degree]).not.toBe(1)
        expect(rival.down[degree]).not.toBe(1)
        expect(rival.cost).toBeGreaterThanOrEqual(free.cost)
      }),
    )
  })
})

describe('reasons in words', () => {
  const texts = (tonic: string, kind: string, some = {}) =>
    Object.values(realise({ material: { tonic, kind }, ...some }).hands).flatMap((hand) =>
      hand.reasons.map((reason) => reason.text),
    )

  it('name the raised seventh by its own note where it moves the thumb', () => {
    expect(texts('G#', 'harmonic-minor').join(' ')).toMatch(
      /3 over onto G♯, a black key\. Otherwise: .*F×, a white key/,
    )
  })

  it('say what changes on the way down of a melodic minor, and only where something does', () => {
    expect(texts('F#', 'melodic-minor').some((text) => text.startsWith('the way down takes'))).toBe(true)
    expect(texts('A', 'melodic-minor').some((text) => text.startsWith('the way down takes'))).toBe(false)
    expect(texts('F#', 'melodic-minor', { course: 'up' }).some((text) => text.startsWith('the way down'))).toBe(false)
  })

  it('speak of a black first note where tables differ, and of no other', () => {
    expect(texts('Ab', 'major', { hands: 'right' })[0]).toMatch(/^begins on 3.*many begin 2 3 instead/)
    expect(texts('Ab', 'major', { hands: 'right', firstFinger: 'two' })[0]).toMatch(/^begins 2 3/)
    expect(texts('D', 'major', { hands: 'right' })[0]).toMatch(/^thumb under/)
  })

  it('tell the end from the run', () => {
    const end = realise({ material: { tonic: 'C', kind: 'major' } }).hands.left!.reasons.find(
      ({ kind }) => kind === 'end',
    )
    expect(end).toMatchObject({ indices: [0, 28], text: expect.stringMatching(/^5 on C at the end/) })
  })

  it('list names as a sentence does', () => {
    expect([[], ['F'], ['F', 'C'], ['F', 'C', 'G']].map(listed)).toEqual(['', 'F', 'F and C', 'F, C and G'])
  })

  it('weigh prices in rising words', () => {
    const words = [1, 4, 10, 50, 2000].map(priceWords)
    expect(new Set(words).size).toBe(words.length)
  })
})
