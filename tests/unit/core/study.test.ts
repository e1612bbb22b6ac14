import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KIND_IDS, KINDS, materialOf, usualTonics } from '#core/material'
import type { RecipeError } from '#core/pitch'
import { noteName } from '#core/pitch'
import {
  checkCompass,
  completeRecipe,
  COURSES,
  linesOf,
  MOTIONS,
  NOTES_PER_BEAT,
  type Recipe,
  rhythmOf,
} from '#core/study'
import { PIANO } from '#core/surface'

const anyRecipe = fc
  .record({
    kind: fc.constantFrom(...KIND_IDS),
    tonic: fc.nat(14),
    octaves: fc.integer({ min: 1, max: 4 }),
    course: fc.constantFrom(...COURSES),
    motion: fc.constantFrom(...MOTIONS),
  })
  .map(({ kind, tonic, ...rest }) =>
    completeRecipe({ ...rest, material: { tonic: noteName(usualTonics(KINDS[kind])[tonic]!), kind } }),
  )

const keysOf = (recipe: Recipe) =>
  linesOf(recipe, materialOf(recipe.material.tonic, recipe.material.kind)).map((line) =>
    line.notes.map((note) => note.midi),
  )

describe('courses', () => {
  it('that return give each hand the same way back, but for the two-way melodic minor', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        fc.pre(recipe.course.includes('-') && recipe.material.kind !== 'melodic-minor')
        for (const keys of keysOf(recipe)) expect([...keys].reverse()).toEqual(keys)
      }),
    )
  })

  it('count their notes: n to the octave, the turn once (derived: 14n+1 for scales, 6n+1 for triads)', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        const perOctave = KINDS[recipe.material.kind].family === 'scale' ? 7 : 3
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

  it('mirror by degrees in contrary motion, from one key outward', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        fc.pre(recipe.motion === 'contrary' && recipe.course.startsWith('up'))
        const lines = linesOf(recipe, materialOf(recipe.material.tonic, recipe.material.kind))
        const [right, left] = lines.map((line) => line.notes)
        expect(right![0]!.midi).toBe(left![0]!.midi)
        const n = KINDS[recipe.material.kind].up.length
        right!.forEach((note, at) => expect((note.degree + left![at]!.degree) % n).toBe(0))
      }),
    )
  })
})

describe('the compass', () => {
  const check = (input: Parameters<typeof completeRecipe>[0]) => () => {
    const recipe = completeRecipe(input)
    checkCompass(recipe, materialOf(recipe.material.tonic, recipe.material.kind), PIANO)
  }
  const C = { tonic: 'C', kind: 'major' } as const

  it('says by how much a study leaves the keyboard, and which octave fits', () => {
    try {
      check({ material: { tonic: 'D', kind: 'major' }, octaves: 4, startOctave: 4 })()
      expect.unreachable()
    } catch (error) {
      expect((error as RecipeError).details).toEqual({ under: 0, over: 2, fits: 3, octaves: 4 })
      expect((error as RecipeError).path).toBe('startOctave')
    }
  })

  it('says how many octaves would fit where none does', () => {
    expect(check({ material: C, octaves: 4, motion: 'contrary' })).toThrow(/3 octaves do/)
  })

  it('lets every usual tonic play its usual octaves', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        fc.pre(recipe.motion === 'similar' || recipe.octaves < 4)
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
  ])('refuse %j, naming the field', (some, path) => {
    try {
      completeRecipe({ material: { tonic: 'C', kind: 'major' }, ...some } as never)
      expect.unreachable()
    } catch (error) {
      expect((error as RecipeError).path).toBe(path)
    }
  })
})

describe('rhythm', () => {
  it('fills whole bars, each note where the last one ended', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), fc.constantFrom(...NOTES_PER_BEAT), (count, perBeat) => {
        const { notes, rests } = rhythmOf(count, perBeat)
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
    const BEATS = { whole: 4, half: 2, quarter: 1, eighth: 0.5, sixteenth: 0.25 }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.constantFrom(...NOTES_PER_BEAT), (count, perBeat) => {
        const { notes, rests } = rhythmOf(count, perBeat)
        for (const value of [...notes, ...rests]) {
          const written = BEATS[value.written] * (value.dots ? 1.5 : 1) * (value.triplet ? 2 / 3 : 1)
          expect(value.beats).toBeCloseTo(written, 9)
        }
      }),
    )
  })
})
