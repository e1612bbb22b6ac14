import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ALL_SCHOOLS, TERMS, type Pin, SCHOOLS } from '#core/fingering'
import { KINDS } from '#core/material'
import type { DomainError } from '#core/message'
import { departures, takeAlternative } from '#core/realise'
import { type Finger, type Hand, HANDS } from '#core/study'
import type { RecipeInput } from '#core/instrument'
import { isBlack } from '#core/surface'
import { anyNamed, PRINTED, RUNS } from '../../support/material'
import { expectPlayable } from '../../support/playable'
import { inEnglish, errorText } from '../../support/english'
import { runs } from '../../support/runs'

const anyMaterial = anyNamed(PRINTED)
const anyStudy = fc.record({
  material: anyMaterial,
  hands: fc.constantFrom(...HANDS),
  octaves: fc.integer({ min: 1, max: 3 }),
})
const handsIn = (study: ReturnType<typeof fingered>) =>
  Object.entries(study.hands) as [Hand, NonNullable<(typeof study.hands)[Hand]>][]

/** Schools that finger one hand by itself. */
const SCHOOLS_FOR_ONE = SCHOOLS.filter((school) => school !== 'two-hand-tetrachords')

describe('every fingering', () => {
  it('is playable: neighbours differ, and fingers pass nothing but the thumb', () => {
    fc.assert(
      fc.property(anyStudy, (input) => {
        for (const [hand, part] of handsIn(fingered(input))) {
          const side = hand === 'right' ? 1 : -1
          for (let at = 1; at < part.midi.length; at++) {
            const [outer, inner] = (part.midi[at]! - part.midi[at - 1]!) * side > 0 ? [at, at - 1] : [at - 1, at]
            const [f, g] = [part.fingers[inner]!, part.fingers[outer]!]
            expect(f < g || (g === 1 && f > 1)).toBe(true)
            const crosses = part.crossings.some((crossing) => crossing.index === at)
            expect(crosses).toBe(f > g)
          }
        }
      }),
    )
  })

  it('keeps thumbs off black keys wherever the study has a white one', () => {
    fc.assert(
      fc.property(anyStudy, (input) => {
        for (const [, part] of handsIn(fingered(input))) {
          if (part.midi.every(isBlack)) continue
          part.fingers.forEach((finger, at) => expect(finger === 1 && isBlack(part.midi[at]!)).toBe(false))
        }
      }),
    )
  })

  it('takes the same finger on the same degree in every octave, each way, but for the ends', () => {
    fc.assert(
      fc.property(anyMaterial, (material) => {
        for (const [, part] of handsIn(fingered({ material, octaves: 3 }))) {
          const n = KINDS[material.kind].up.length
          const last = part.fingers.length - 1
          for (const [from, to] of [
            [1, 3 * n - 1],
            [3 * n + 1, last - 1],
          ] as const) {
            for (let at = from; at + n <= to; at++) expect(part.fingers[at]).toBe(part.fingers[at + n])
          }
        }
      }),
    )
  })

  it('is the same an octave higher', () => {
    fc.assert(
      fc.property(anyMaterial, (material) => {
        const at = (startOctave: number) => handsIn(fingered({ material, startOctave })).map(([, part]) => part.fingers)
        expect(at(3)).toEqual(at(4))
      }),
    )
  })

  it('goes down first as it comes back: the same fingers on the same keys', () => {
    fc.assert(
      fc.property(anyMaterial, (material) => {
        fc.pre(material.kind !== 'melodic-minor')
        const up = fingered({ material, hands: 'right', octaves: 2, firstFinger: 'pattern' }).hands.right!
        const down = fingered({ material, hands: 'right', octaves: 2, course: 'down', firstFinger: 'pattern' }).hands
          .right!
        expect(down.fingers).toEqual(up.fingers.slice(up.fingers.length >> 1))
      }),
    )
  })

  it('is charged what its reasons and alternatives say: alternatives never cheaper, thumbs elsewhere', () => {
    fc.assert(
      fc.property(anyStudy, (input) => {
        for (const [, part] of handsIn(fingered(input))) {
          const prices = part.alternatives.map((each) => each.price)
          expect([...prices].sort((a, b) => a - b)).toEqual(prices)
          for (const price of prices) expect(price).toBeGreaterThanOrEqual(0)
          for (const reason of part.reasons) {
            expect(inEnglish(reason.message).length).toBeGreaterThan(10)
            expect(reason.indices.length).toBeGreaterThan(0)
          }
          const explained = new Set(
            part.reasons.flatMap((reason) => (reason.kind === 'crossing' ? reason.indices : [])),
          )
          expect([...explained].sort((a, b) => a - b)).toEqual(part.crossings.map((crossing) => crossing.index))
        }
      }),
    )
  })
})

describe('the end-finger setting', () => {
  const first = (firstFinger: 'usual' | 'pattern' | 'two', tonic: string, kind: string) =>
    fingered({ material: { tonic, kind }, hands: 'right', firstFinger }).hands.right!.fingers.slice(0, 4).join('')

  it('begins a black first note with the pattern or with 2', () => {
    expect(first('pattern', 'Bb', 'major')).toBe('4123')
    expect(first('two', 'Bb', 'major')).toBe('2123')
    expect(first('two', 'Ab', 'major')).toBe('2312')
    expect(first('usual', 'Ab', 'major')).toBe('3412')
    expect(first('usual', 'Eb', 'major-arpeggio')).toBe('2124')
    expect(first('pattern', 'Eb', 'major-arpeggio')).toBe('4124')
  })

  it('leaves white first notes alone', () => {
    for (const setting of ['usual', 'pattern', 'two'] as const) expect(first(setting, 'D', 'major')).toBe('1231')
  })
})

describe('pins', () => {
  const base: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'right' }
  const pinned = (...pins: [number, Finger][]) =>
    fingered({ ...base, pins: pins.map(([index, finger]) => ({ hand: 'right', index, finger })) })

  it('that agree change nothing', () => {
    fc.assert(
      fc.property(anyMaterial, fc.array(fc.nat(28), { maxLength: 6 }), (material, indices) => {
        const own = fingered({ material }).hands.left!
        const pins = [...new Set(indices)]
          .filter((index) => index in own.fingers)
          .map((index) => ({
            hand: 'left' as const,
            index,
            finger: own.fingers[index]!,
          }))
        expect(fingered({ material, pins }).hands.left!.fingers).toEqual(own.fingers)
      }),
    )
  })

  it('hold, and the rest is solved around them', () => {
    const { fingers } = pinned([3, 4]).hands.right!
    expect(fingers.slice(0, 8)).toEqual([1, 2, 3, 4, 1, 2, 3, 1])
    // beyond the next thumb nothing has moved
    expect(fingers.slice(7)).toEqual(fingered(base).hands.right!.fingers.slice(7))
  })

  it('cost what the reason says', () => {
    const own = fingered(base).hands.right!
    const { cost, reasons } = pinned([3, 4]).hands.right!
    const reason = reasons.find((each) => each.kind === 'pin')!
    expect(reason.price).toBe(cost - own.cost)
    expect(reason.price).toBeGreaterThan(0)
  })

  it('in conflict are named, and only those', () => {
    try {
      pinned([3, 3], [4, 3], [20, 3])
      expect.unreachable()
    } catch (error) {
      expect((error as DomainError).code).toBe('pin.conflict')
      expect(errorText(error)).toMatch(/3 on F \(note 4\) and 3 on G \(note 5\) together/)
      expect((error as DomainError).details.pins).toHaveLength(2)
    }
  })

  it.each([
    [[{ hand: 'right', index: 29, finger: 1 }], 'pin.note', 'pins[0].index'],
    [[{ hand: 'left', index: 2, finger: 1 }], 'pin.hand', 'pins[0].hand'],
    [
      [
        { hand: 'right', index: 2, finger: 1 },
        { hand: 'right', index: 2, finger: 2 },
      ],
      'pin.conflict',
      'pins[1]',
    ],
  ])('%j are refused with %s', (pins, code, path) => {
    try {
      fingered({ ...base, pins: pins as never })
      expect.unreachable()
    } catch (error) {
      expect(error).toMatchObject({ code, path })
    }
  })
})

describe('alternatives', () => {
  it('become pins that give exactly their pattern', () => {
    const recipe: RecipeInput = { material: { tonic: 'G#', kind: 'harmonic-minor' } }
    const own = fingered(recipe)
    const [first] = own.hands.left!.alternatives
    expect(inEnglish(first!.pattern)).toBe('3 2 1 3 2 1 4')
    const taken = fingered({ ...recipe, pins: takeAlternative(own, 'left', first!.fingers.map(String)) as Pin[] })
    expect(taken.hands.left!.fingers.slice(0, 14).join('')).toBe('32132143213214')
    expect(taken.hands.right!.fingers).toEqual(own.hands.right!.fingers)
  })

  it('are what a teacher would call another fingering: sorted, distinct, playable, at most five', () => {
    fc.assert(
      fc.property(anyNamed(RUNS), fc.constantFrom(...SCHOOLS_FOR_ONE), (material, school) => {
        for (const [hand, part] of handsIn(fingered({ material, school }))) {
          expect(part.alternatives.length).toBeLessThanOrEqual(5)
          const costs = part.alternatives.map((each) => each.cost)
          expect([...costs].sort((a, b) => a - b)).toEqual(costs)
          const all = [part.fingers, ...part.alternatives.map((each) => each.fingers)]
          expect(new Set(all.map(String)).size).toBe(all.length)
          for (const each of part.alternatives) {
            expect(each.cost).toBeGreaterThanOrEqual(part.cost)
            expect(each.departs).toBe(each.fingers.findIndex((finger, at) => finger !== part.fingers[at]))
            expectPlayable(hand, part.midi, each.fingers, ['free-and-smooth'].includes(school))
          }
        }
      }),
      { numRuns: runs(60) },
    )
  })

  it('are as many as asked for', () => {
    const recipe: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'right' }
    for (const count of [0, 1, 3]) expect(fingered(recipe, {}, count).hands.right!.alternatives).toHaveLength(count)
  })

  it('become pins that give them whole, for any run', () => {
    fc.assert(
      fc.property(anyNamed(RUNS), fc.nat(4), (material, which) => {
        const study = fingered({ material, hands: 'right' })
        const { alternatives } = study.hands.right!
        const alternative = alternatives[which % Math.max(1, alternatives.length)]
        if (!alternative) return
        const taken = fingered(
          { ...study.recipe, pins: takeAlternative(study, 'right', alternative.fingers.map(String)) as Pin[] },
          {},
          0,
        )
        expect(taken.hands.right!.fingers).toEqual(alternative.fingers)
      }),
      { numRuns: runs(60) },
    )
  })
})

describe('accepted fingers', () => {
  it('stand, are compared with today’s, and must fit', () => {
    const recipe: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1 }
    const old: Finger[] = [1, 2, 3, 4, 1, 2, 3, 4, 3, 2, 1, 4, 3, 2, 1]
    const study = fingered(recipe, { right: old })
    expect(study.hands.right!.fingers).toEqual(old)
    expect(departures(fingered(recipe), { right: old }).map(({ index }) => index)).toContain(3)
    expect(() => fingered(recipe, { right: [1, 2] })).toThrow(/accepted/)
  })
})

describe('the school as data', () => {
  it('names a weight for every term, none negative, each with a sentence', () => {
    for (const { weights } of Object.values(ALL_SCHOOLS)) {
      expect(Object.keys(weights).sort()).toEqual([...TERMS].sort())
      for (const weight of Object.values(weights)) expect(weight).toBeGreaterThanOrEqual(0)
    }
    for (const term of TERMS) {
      const shown = inEnglish({ code: `charge.${term}`, params: { note: 'F', crossed: 'G' } })
      expect(shown.length).toBeGreaterThan(8)
    }
  })
})
