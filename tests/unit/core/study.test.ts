import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FREE, KINDS } from '#core/material'
import { pitchName } from '#core/pitch'
import type { DomainError } from '#core/message'
import { materialFor } from '#core/realise'
import { checkCompass, COURSES, isFree, linesOf, MOTIONS, NOTES_PER_BEAT, rhythmOf } from '#core/study'
import { completeRecipe, familyOf, instrumentOf, type Recipe } from '#core/instrument'
import { anyNamed, kindsOf, RUNS } from '../../support/material'
import { inEnglish, messageOf } from '../../support/english'

const anyRecipe = fc
  .record({
    material: anyNamed(RUNS),
    octaves: fc.integer({ min: 1, max: 4 }),
    course: fc.constantFrom(...COURSES),
    motion: fc.constantFrom(...MOTIONS),
  })
  .map((input) => completeRecipe(input))
const kindIn = (recipe: Recipe) => (isFree(recipe.material) ? FREE : KINDS[recipe.material.kind])

const keysOf = (recipe: Recipe) =>
  linesOf(recipe, materialFor(recipe), familyOf(recipe)).map((line) => line.notes.map((note) => note.midi))

describe('courses', () => {
  it('that return give each hand the same way back, but for the two-way melodic minor', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        fc.pre(recipe.course.includes('-') && kindIn(recipe).id !== 'melodic-minor')
        for (const keys of keysOf(recipe)) expect([...keys].reverse()).toEqual(keys)
      }),
    )
  })

  it('count their notes: n to the octave, the turn once (derived: 14n+1 for scales, 6n+1 for triads, 24n+1 chromatic)', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        const perOctave = kindIn(recipe).up.length
        const legs = recipe.course.includes('-') ? 2 : 1
        for (const keys of keysOf(recipe)) expect(keys).toHaveLength(legs * perOctave * recipe.octaves + 1)
      }),
    )
  })

  it('keep the hands an octave apart in similar motion', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        fc.pre(recipe.motion === 'similar')
        const [right, left] = keysOf(recipe)
        expect(right!.map((key, at) => key - left![at]!)).toEqual(right!.map(() => 12))
      }),
    )
  })

  it('in contrary motion begin on one key, or an octave apart with all else the same', () => {
    const names = (input: object) =>
      fingered({ material: { tonic: 'D', kind: 'harmonic-minor' }, octaves: 1, motion: 'contrary', ...input }, {}, 0)
    const [near, apart] = [names({}), names({ contraryFrom: 'octave' })]
    expect([near.hands.left!.pitches[0], near.hands.right!.pitches[0]]).toEqual(['D4', 'D4'])
    expect([apart.hands.left!.pitches[0], apart.hands.right!.pitches[0]]).toEqual(['D3', 'D4'])
    expect(inEnglish(apart.title)).toBe('D harmonic minor, contrary motion, from an octave apart, one octave')
    expect(apart.hands.right!.pitches).toEqual(near.hands.right!.pitches)
    expect(apart.hands.left!.midi).toEqual(near.hands.left!.midi.map((key) => key - 12))
    expect(apart.hands.left!.fingers).toEqual(near.hands.left!.fingers)
  })

  it('mirror by degrees in contrary motion, from one key outward', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        fc.pre(recipe.motion === 'contrary' && recipe.course.startsWith('up'))
        const lines = linesOf(recipe, materialFor(recipe), familyOf(recipe))
        const [right, left] = lines.map((line) => line.notes)
        expect(right![0]!.midi).toBe(left![0]!.midi)
        const n = kindIn(recipe).up.length
        right!.forEach((note, at) => expect((note.degree + left![at]!.degree) % n).toBe(0))
      }),
    )
  })
})

describe('the compass', () => {
  const check = (input: Parameters<typeof completeRecipe>[0]) => () => {
    const recipe = completeRecipe(input)
    const material = materialFor(recipe)
    checkCompass(recipe, (other) => linesOf(other, material, familyOf(other)), instrumentOf(recipe))
  }
  const C = { tonic: 'C', kind: 'major' } as const

  it('says by how much a study leaves the keyboard, and which octave fits', () => {
    try {
      check({ material: { tonic: 'D', kind: 'major' }, octaves: 4, startOctave: 4 })()
      expect.unreachable()
    } catch (error) {
      expect((error as DomainError).details).toEqual({ under: 0, over: 2, fits: 3, octaves: 4 })
      expect((error as DomainError).path).toBe('startOctave')
    }
  })

  it('says how many octaves would fit where none does', () => {
    expect(messageOf(check({ material: C, octaves: 4, motion: 'contrary' }))).toMatch(/3 octaves would/)
  })

  it('lets every usual tonic play its usual octaves', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        // three octaves downward from a tonic near middle C leave the keyboard below A
        fc.pre(recipe.motion === 'similar' || recipe.octaves < 3)
        expect(check(recipe)).not.toThrow()
      }),
    )
  })
})

describe('recipes', () => {
  it('are filled with defaults', () => {
    expect(completeRecipe({ material: { tonic: 'C', kind: 'major' } })).toMatchObject({
      hands: 'together',
      motion: 'similar',
      octaves: 2,
      course: 'up-down',
      startOctave: 4,
      school: 'conservatory',
      pins: [],
    })
  })

  it.each([
    [{ octaves: 0 }, 'octaves'],
    [{ octaves: 99 }, 'octaves'],
    [{ octaves: 1.5 }, 'octaves'],
    [{ hands: 'feet' }, 'hands'],
    [{ motion: 'oblique' }, 'motion'],
    [{ tempo: { bpm: 0 } }, 'tempo.bpm'],
    [{ pins: [{ hand: 'right', index: 0, finger: 6 }] }, 'pins[0].finger'],
    [{ pins: [{ hand: 'right', index: -1, finger: 1 }] }, 'pins[0].index'],
    [{ pins: 'all' }, 'pins'],
    [{ format: 'tactum-study/9' }, 'format'],
    [{ school: 'street' }, 'school'],
    [{ handSize: 'huge' }, 'handSize'],
    [{ interval: 'fourth' }, 'interval'],
    [{ tonicHand: 'both' }, 'tonicHand'],
    [{ signature: 'minor' }, 'signature'],
    [{ material: { pitches: [] } }, 'material.pitches'],
    [{ material: { pitches: ['C4', 'H4'] } }, 'material.pitches[1]'],
    [{ material: { pitches: ['C4', ['E4', 'G']] } }, 'material.pitches[1][1]'],
    [{ material: { pitches: [['C4', 'D4', 'E4', 'F4', 'G4', 'A4']] } }, 'material.pitches[0]'],
    [{ material: { pitches: ['F###4'] } }, 'material.pitches[0]'],
    [{ material: { pitches: 'C4 D4' } }, 'material.pitches'],
    [{ material: { pitches: Array.from({ length: 500 }, () => 'C4') } }, 'material.pitches'],
    [{ pins: [{ hand: 'right', from: 0, fingers: [] }] }, 'pins[0].fingers'],
    [{ pins: [{ hand: 'right', from: 0, fingers: [1, 9] }] }, 'pins[0].fingers[1]'],
    [{ pins: [{ hand: 'right', degree: 0, finger: 1 }] }, 'pins[0].degree'],
    [{ pins: [{ hand: 'right', degree: 1, finger: 1, leg: 'sideways' }] }, 'pins[0].leg'],
  ])('refuse %j, naming the field', (some, path) => {
    try {
      completeRecipe({ material: { tonic: 'C', kind: 'major' }, ...some } as never)
      expect.unreachable()
    } catch (error) {
      expect((error as DomainError).path).toBe(path)
    }
  })
})

describe('rhythm', () => {
  it('fills whole bars, each note where the last one ended', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), fc.constantFrom(...NOTES_PER_BEAT), (count, perBeat) => {
        const { notes, rests } = rhythmOf([{ steps: count, perBeat, lengths: 'even' }])
        expect(notes).toHaveLength(count)
        let now = 0
        for (const value of [...notes, ...rests]) {
          expect(value.start).toBeCloseTo(now, 9)
          now += value.beats
        }
        expect(Math.round(now * 1e6) % 4e6).toBe(0)
      }),
    )
  })

  it('writes what it sounds: value, dots and triplets give the length', () => {
    const BEATS = { whole: 4, half: 2, quarter: 1, eighth: 0.5, sixteenth: 0.25, 'thirty-second': 0.125 }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.constantFrom(...NOTES_PER_BEAT), (count, perBeat) => {
        const { notes, rests } = rhythmOf([{ steps: count, perBeat, lengths: 'even' }])
        for (const value of [...notes, ...rests]) {
          const written = BEATS[value.written] * (value.dots ? 1.5 : 1) * (value.triplet ? 2 / 3 : 1)
          expect(value.beats).toBeCloseTo(written, 9)
        }
      }),
    )
  })
})

describe('hands apart', () => {
  const first = (interval: string, tonicHand: string | undefined, kind = 'major') => {
    const { hands } = fingered({ material: { tonic: 'C', kind }, interval, tonicHand, octaves: 1 } as never, {}, 0)
    return [hands.left!.pitches[0], hands.right!.pitches[0]]
  }

  it.each([
    ['third', 'left', 'C3', 'E3'],
    ['third', 'right', 'A3', 'C4'],
    ['sixth', undefined, 'E3', 'C4'],
    ['sixth', 'left', 'C3', 'A3'],
    ['tenth', undefined, 'C3', 'E4'],
    ['tenth', 'right', 'A2', 'C4'],
  ])('a %s apart, tonic in the %s hand: %s and %s', (interval, tonicHand, left, right) => {
    expect(first(interval, tonicHand)).toEqual([left, right])
  })

  it('keep the form’s own distance all the way, in every seven-note scale', () => {
    fc.assert(
      fc.property(
        anyNamed(kindsOf('scale', 'mode')),
        fc.constantFrom('third', 'sixth', 'tenth'),
        fc.constantFrom('right', 'left'),
        (material, interval, tonicHand) => {
          const { hands } = fingered({ material, interval, tonicHand } as never, {}, 0)
          const letters = (hand: 'right' | 'left') =>
            hands[hand]!.notes.map(({ pitch }) => 7 * pitch.octave + 'CDEFGAB'.indexOf(pitch.letter))
          const [right, left] = [letters('right'), letters('left')]
          const apart = { third: 2, sixth: 5, tenth: 9 }[interval]
          for (const [at, letter] of right.entries()) expect(letter - left[at]!).toBe(apart)
        },
      ),
    )
  })

  it('lie a minor third apart in the chromatic scale', () => {
    const { hands } = fingered({ material: { tonic: 'C', kind: 'chromatic' }, interval: 'third' })
    for (const [at, key] of hands.right!.midi.entries()) expect(key - hands.left!.midi[at]!).toBe(3)
  })

  it.each([
    [{ material: { tonic: 'C', kind: 'major-pentatonic' }, interval: 'third' }, 'interval'],
    [{ material: { tonic: 'C', kind: 'blues' }, motion: 'contrary', contraryFrom: 'sixth' }, 'contraryFrom'],
    [{ material: { tonic: 'C', kind: 'double-thirds-major' }, interval: 'sixth' }, 'interval'],
    [{ material: { tonic: 'C', kind: 'major' }, interval: 'third', motion: 'contrary' }, 'interval'],
    [{ material: { tonic: 'C', kind: 'cadence-major' }, motion: 'contrary' }, 'motion'],
    [{ material: { pitches: ['C4', 'D4'] }, motion: 'contrary' }, 'motion'],
    [{ material: { tonic: 'C', kind: 'blues' }, school: 'two-hand-tetrachords' }, 'school'],
    [{ material: { tonic: 'C', kind: 'major' }, school: 'two-hand-tetrachords', hands: 'right' }, 'school'],
    [{ material: { pitches: ['C9'] } }, 'material.pitches'],
  ])('%j is refused by %s', (input, path) => {
    try {
      fingered(input as never)
      expect.unreachable()
    } catch (error) {
      expect((error as DomainError).path).toBe(path)
    }
  })
})

describe('what is not a run', () => {
  const played = (material: object, hand: 'right' | 'left' = 'right', more = {}) => {
    const { notes } = fingered({ material, hands: hand, ...more } as never, {}, 0).hands[hand]!
    return notes.map((note) => `${note.step}:${pitchName(note.pitch)}`).join(' ')
  }

  it('breaks the chords of a key one after another', () => {
    const chain = played({ tonic: 'C', kind: 'diatonic-triads-major' })
    expect(chain).toMatch(/^0:C4 1:E4 2:G4 3:D4 4:F4 5:A4/)
    expect(played({ tonic: 'A', kind: 'diatonic-sevenths-harmonic-minor' })).toMatch(
      /^0:A3 1:C4 2:E4 3:G#4 4:A4 5:F4 6:D4 7:B3 8:C4/,
    )
  })

  it('sounds a cadence in close position, the tonic chord first and last, common tones held', () => {
    expect(played({ tonic: 'D', kind: 'cadence-minor' })).toBe(
      '0:D4 0:F4 0:A4 1:D4 1:G4 1:Bb4 2:D4 2:F4 2:A4 3:C#4 3:G4 3:A4 4:D4 4:F4 4:A4',
    )
  })

  it('doubles in thirds and octaves above, in sixths below the tonic', () => {
    expect(played({ tonic: 'C', kind: 'double-thirds-major' })).toMatch(/^0:C4 0:E4 1:D4 1:F4/)
    expect(played({ tonic: 'C', kind: 'double-sixths-major' })).toMatch(/^0:E3 0:C4 1:F3 1:D4/)
    expect(played({ tonic: 'C', kind: 'double-octaves-major' }, 'left')).toMatch(/^0:C3 0:C4 1:D3 1:D4/)
    expect(played({ tonic: 'C', kind: 'double-thirds-chromatic-minor' })).toMatch(/^0:C4 0:Eb4 1:C#4 1:E4 2:D4 2:F4/)
  })

  it('shares tetrachords between the hands, one after the other', () => {
    const { hands, steps } = fingered({ material: { tonic: 'C', kind: 'tetrachords-major' } })
    expect(steps).toBe(15)
    expect(hands.left!.notes.map((note) => note.step)).toEqual([0, 1, 2, 3, 11, 12, 13, 14])
    expect(hands.right!.pitches.slice(0, 4)).toEqual(['G4', 'A4', 'B4', 'C5'])
    const school = fingered({ material: { tonic: 'C', kind: 'major' }, octaves: 1, school: 'two-hand-tetrachords' })
    expect(school.hands.right!.pitches).toEqual(hands.right!.pitches)
  })

  it('plays pitches as they were listed, once, and back if asked; the left hand an octave lower beside the right', () => {
    const pitches = ['C4', 'F#4', ['D4', 'A4']]
    expect(played({ pitches })).toBe('0:C4 1:F#4 2:D4 2:A4')
    expect(played({ pitches }, 'right', { course: 'up-down' })).toBe('0:C4 1:F#4 2:D4 2:A4 3:F#4 4:C4')
    expect(played({ pitches }, 'left', { course: 'down' })).toBe('0:D4 0:A4 1:F#4 2:C4')
    expect(fingered({ material: { pitches } }).hands.left!.pitches[0]).toBe('C3')
  })

  it('starts where it fits, unless told where', () => {
    expect(
      fingered({ material: { tonic: 'B', kind: 'double-octaves-major' }, octaves: 4 }, {}, 0).recipe.startOctave,
    ).toBe(2)
    expect(messageOf(() => fingered({ material: { tonic: 'B', kind: 'major' }, octaves: 4, startOctave: 4 }))).toMatch(
      /fits from octave 3/,
    )
  })
})
