import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CONSERVATORY, HAND_SCALE, SCHOOLS } from '#core/fingering'
import { noteName } from '#core/pitch'
import type { Hand } from '#core/study'
import type { RecipeInput } from '#core/instrument'
import { isBlack, keyDistance } from '#core/surface'
import { anyNamed, kindsOf, pitchesOf, RUNS, tonicsOf } from '../../support/material'
import { expectPlayable } from '../../support/playable'
import { runs } from '../../support/runs'

const part = (tonic: string, kind: string, hand: Hand, some: Partial<RecipeInput> = {}) =>
  fingered({ material: { tonic, kind }, hands: hand, course: 'up', ...some }, {}, 0).hands[hand]!
const fingers = (tonic: string, kind: string, hand: Hand, some: Partial<RecipeInput> = {}) =>
  part(tonic, kind, hand, some).fingers.join('')

describe('black-key pivot', () => {
  const school = 'black-key-pivot' as const
  it('turns D major in the left hand beside its black keys: 2 1 4 3 2 1 3 2 (common practice)', () => {
    expect(fingers('D', 'major', 'left', { school, octaves: 1 })).toBe('21432132')
  })

  it('crosses at white keys no more often than the conservatory school, in the middle octave of any scale', () => {
    const atWhite = (material: { tonic: string; kind: string }, which: 'conservatory' | typeof school) => {
      const whole = part(material.tonic, material.kind, 'left', { school: which, octaves: 3 })
      const { midi, fingers: own } = whole
      const crossings = whole.crossings.filter(({ index }) => index > 7 && index <= 14)
      return crossings.filter(
        ({ index, kind }) => !isBlack(midi[kind === 'thumb-under' ? index - 1 : index]!) && own[index]! > 0,
      ).length
    }
    fc.assert(
      fc.property(anyNamed(kindsOf('scale', 'mode')), (material) => {
        expect(atWhite(material, school)).toBeLessThanOrEqual(atWhite(material, 'conservatory'))
      }),
    )
  })
})

describe('one fingering for all', () => {
  it.each(kindsOf('scale', 'mode', 'arpeggio'))('%s: every key as it is on C', (kind) => {
    for (const hand of ['right', 'left'] as const) {
      const some = { school: 'one-fingering-for-all' as const, firstFinger: 'pattern' as const }
      const onC = fingers('C', kind, hand, some)
      for (const tonic of tonicsOf(kind)) expect(`${tonic} ${fingers(tonic, kind, hand, some)}`).toBe(`${tonic} ${onC}`)
    }
  })
})

describe('black groups', () => {
  it('has 2 3 on two black keys and 2 3 4 on three, in keys that have all five', () => {
    const right: Record<number, number> = { 1: 2, 3: 3, 6: 2, 8: 3, 10: 4 }
    const left: Record<number, number> = { 3: 2, 1: 3, 10: 2, 8: 3, 6: 4 }
    for (const tonic of ['Db', 'F#', 'B', 'Gb', 'C#']) {
      for (const [hand, group] of [
        ['right', right],
        ['left', left],
      ] as const) {
        const { midi, fingers: own } = part(tonic, 'major', hand, { school: 'black-groups', firstFinger: 'pattern' })
        midi.slice(1, -1).forEach((key, at) => isBlack(key) && expect(own[at + 1]).toBe(group[key % 12]))
      }
    }
  })
})

describe('two-hand tetrachords', () => {
  it('leaves the thumbs free: left 5 4 3 2, right 2 3 4 5, in every scale', () => {
    fc.assert(
      fc.property(anyNamed(kindsOf('scale', 'mode')), (material) => {
        const { hands } = fingered({ material, school: 'two-hand-tetrachords', octaves: 1, course: 'up' })
        expect(hands.left!.fingers.join('')).toBe('5432')
        expect(hands.right!.fingers.join('')).toBe('2345')
      }),
    )
  })
})

describe('free and smooth', () => {
  it('never costs the hand more than the conservatory fingering would, by its own measure', () => {
    fc.assert(
      fc.property(anyNamed(kindsOf('scale')), (material) => {
        const base: RecipeInput = { material, school: 'free-and-smooth', hands: 'right' }
        const printed = fingered({ ...base, school: 'conservatory' }).hands.right!.fingers
        const own = fingered(base).hands.right!.cost
        expect(fingered(base, { right: printed }).hands.right!.cost).toBeGreaterThanOrEqual(own - 1e-9)
      }),
    )
  })
})

describe('settings', () => {
  it('left-hand arpeggios take 4 throughout, if asked', () => {
    expect(fingers('D', 'major-arpeggio', 'left')).toMatch(/^5321321$/)
    expect(fingers('D', 'major-arpeggio', 'left', { leftArpeggio: 'always-four' })).toBe('5421421')
    for (const tonic of tonicsOf('major-arpeggio')) {
      const inner = fingers(tonic, 'major-arpeggio', 'left', { leftArpeggio: 'always-four', firstFinger: 'pattern' })
      expect(inner.slice(1, -1)).not.toMatch(/3/)
    }
  })

  it('the chromatic scale goes by 1 and 3, by fours, or by fives', () => {
    const thumbs = (chromatic: RecipeInput['chromatic']) =>
      [...fingers('C', 'chromatic', 'right', { chromatic })].filter((finger) => finger === '1').length
    expect(thumbs('one-three')).toBeGreaterThan(thumbs('fours'))
    expect(thumbs('fours')).toBeGreaterThan(thumbs('fives'))
    expect(fingers('C', 'chromatic', 'right', { chromatic: 'fives' })).toMatch(/12345/)
  })

  it('hold every size of hand within its own widest spans, grip by grip', () => {
    fc.assert(
      fc.property(
        anyNamed(kindsOf('arpeggio', 'seventh', 'other-scale')),
        fc.constantFrom('right', 'left'),
        fc.constantFrom('small', 'average', 'large'),
        (material, hand, handSize) => {
          const { midi, grips, fingers: own } = part(material.tonic, material.kind, hand as Hand, { handSize })
          grips.forEach((from, at) => {
            const last = (grips[at + 1] ?? midi.length) - 1
            if (last === from) return
            const [lower, higher] = [own[from]!, own[last]!].sort()
            // a small hand rolls a broken chord that an average one holds: it takes the same fingers
            const scale = handSize === 'small' ? HAND_SCALE.average : HAND_SCALE[handSize]
            const most = CONSERVATORY.widest[lower!]![higher!]! * scale
            expect(keyDistance(midi[from]!, midi[last]!)).toBeLessThanOrEqual(most)
          })
        },
      ),
    )
  })

  it('small hands take the little finger in octaves on black keys too (common practice)', () => {
    const octaves = (handSize: RecipeInput['handSize']) => fingers('F#', 'double-octaves-major', 'right', { handSize })
    expect(octaves('average')).toMatch(/14/)
    expect(octaves('small')).not.toMatch(/14/)
  })
})

describe('the mirror about D', () => {
  // the keyboard is symmetrical about D: a key as far above lies as its mirror lies below
  const mirror = (midi: number): number => 2 * 62 - midi

  it('swaps the hands’ fingers for any pattern of pitches, in every school without a table of groups', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 50, max: 74 }), { minLength: 2, maxLength: 12 }),
        fc.constantFrom('conservatory', 'black-key-pivot', 'free-and-smooth', 'black-groups'),
        (keys, school) => {
          const cost = (line: readonly number[], hands: Hand) =>
            fingered({ material: { pitches: pitchesOf(line) }, hands, school } as RecipeInput, {}, 0).hands[hands]!.cost
          expect(cost(keys.map(mirror), 'left')).toBeCloseTo(cost(keys, 'right'), 6)
        },
      ),
      { numRuns: runs(80) },
    )
  })

  it('gives mirrored scales mirrored fingers: C major right with E phrygian left, and so on', () => {
    // going up a major scale mirrors to going down a phrygian one (derived)
    for (const [major, phrygian] of [
      ['C', 'E'],
      ['G', 'A'],
      ['F', 'B'],
      ['Bb', 'F#'],
      ['Db', 'D#'],
    ]) {
      const right = part(major!, 'major', 'right', { firstFinger: 'pattern' })
      const left = part(phrygian!, 'phrygian', 'left', { course: 'down', firstFinger: 'pattern' })
      expect(left.midi.map(mirror).map((key) => key % 12)).toEqual(right.midi.map((key) => key % 12))
      expect(left.fingers.join('')).toBe(right.fingers.join(''))
    }
  })
})

describe('every school', () => {
  it.each(SCHOOLS.filter((school) => school !== 'two-hand-tetrachords'))(
    '%s gives playable fingers for every run',
    (school) => {
      fc.assert(
        fc.property(anyNamed(RUNS), (material) => {
          for (const [hand, each] of Object.entries(fingered({ material, school }, {}, 0).hands)) {
            expectPlayable(hand as Hand, each.midi, each.fingers, school === 'free-and-smooth')
          }
        }),
        { numRuns: runs(60) },
      )
    },
  )

  it('is the same an octave higher, for every run', () => {
    fc.assert(
      fc.property(anyNamed(RUNS), fc.constantFrom(...SCHOOLS.slice(0, 4)), (material, school) => {
        const at = (startOctave: number) =>
          Object.values(fingered({ material, school, startOctave, octaves: 1 }, {}, 0).hands).map(
            (each) => each.fingers,
          )
        expect(at(3)).toEqual(at(4))
      }),
      { numRuns: runs(60) },
    )
  })

  it('names tonics as it was asked', () => {
    expect(noteName(part('Gb', 'major', 'right').notes[0]!.pitch)).toBe('Gb')
  })
})
