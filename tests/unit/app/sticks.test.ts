import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Kind, KINDS } from '#core/material'
import type { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { isFree } from '#core/study'
import {
  mannerOf,
  MANNERS,
  takesManner,
  withManner,
  familyOf,
  completeRecipe,
  movedTo,
  type RecipeInput,
} from '#core/instrument'
import type { MalletRecipe } from '#core/sticking'
import { layoutOf } from '#engraving'
import { fingerLabel } from '~/components/score/speak'
import { namedChange } from '~/stores/desk/changeWords'
import { degreePin, gripPin } from '~/stores/desk/pins'
import { marimba, sticksOf } from '../../support/mallets'
import { anyMallets, anyRecipe } from '../../support/recipes'
import { runs } from '../../support/runs'
import { barsAround, barScale, marksOf, strikesAround, wayOf, stickStairOf } from '#pictures'

const F = { tonic: 'F', kind: 'major' } as const
const study = marimba({ material: F, lead: 'left' })
const [system] = layoutOf(study, 1200)
const alongWith = (recipe: MalletRecipe, kind: Kind | null) =>
  familyOf(recipe).alongWith(recipe, kind) as Partial<MalletRecipe>

describe('the stair of sticks', () => {
  const picture = stickStairOf(study, system!, 200)

  it('has a stroke to every note, the higher the bar the higher it stands', () => {
    const { midi } = study.sticking
    expect(picture.strokes).toHaveLength(29)
    const { strokes } = picture
    for (let at = 1; at < strokes.length; at++) {
      expect(Math.sign(strokes[at - 1]!.y - strokes[at]!.y)).toBe(Math.sign(midi[at]! - midi[at - 1]!))
    }
  })

  it('joins every double, and shades every stay on the accidentals', () => {
    expect(picture.doubles).toHaveLength(study.sticking.doubles.length)
    expect(picture.stays).toHaveLength(4)
    for (const { accidental, x } of picture.strokes) {
      expect(picture.stays.some((stay) => x > stay.x && x < stay.x + stay.width)).toBe(accidental)
    }
  })

  it('crosses out wide steps on which the sticks cross', () => {
    const strict = marimba({ material: F, lead: 'left', school: 'strict' })
    const { crossings } = stickStairOf(strict, layoutOf(strict, 1200)[0]!, 200)
    expect(crossings).toHaveLength(strict.sticking.count.hard)
  })
})

describe('the map of the bars', () => {
  const recipe = study.recipe as MalletRecipe
  const bars = barsAround(study, recipe)
  const scale = barScale(bars, study.recipe as MalletRecipe, { width: 500, height: 240 })

  it('is true to scale: as many pixels to a millimetre across as along', () => {
    const [first, last] = [bars[0]!, bars.at(-1)!]
    expect((scale.x(last.x) - scale.x(first.x)) / (last.x - first.x)).toBeCloseTo(scale.pixels)
    expect((scale.y(0) - scale.y(100)) / 100).toBeCloseTo(scale.pixels)
    expect(scale.width).toBeLessThanOrEqual(500)
    expect(scale.height).toBeLessThanOrEqual(240.001)
  })

  it('shows where the study lies, and every stroke inside its bar', () => {
    const played = new Set(study.sticking.notes.map((note) => note.midi))
    expect([...played].every((midi) => bars.some((bar) => bar.midi === midi))).toBe(true)
    for (const { midi, x, y } of strikesAround(study, 0, scale, 0)) {
      const bar = bars.find((each) => each.midi === midi)!
      expect(Math.abs(x - scale.x(bar.x))).toBeLessThan((bar.width / 2) * scale.pixels)
      expect(y).toBeGreaterThan(scale.y(bar.near + bar.length))
      expect(y).toBeLessThan(scale.y(bar.near))
    }
  })

  it('follows the leg that is looked at, and a chord of four mallets', () => {
    const legs = [0, 20].map((step) => strikesAround(study, step, scale, 0).map((strike) => strike.index))
    expect([legs[0]!.length, legs[1]!.length]).toEqual([15, 14])
    expect(wayOf(strikesAround(study, 0, scale, 0), 'R').match(/[ML]/g)).toHaveLength(
      study.sticking.sticks.slice(0, 15).filter((stick) => stick === 'R').length,
    )
    const four = marimba({ material: F, octaves: 1, mallets: { count: 4 } })
    expect(strikesAround(four, 5, scale, 0).map((strike) => strike.mark)).toEqual(['1', '2', '3', '4'])
  })

  it('keeps both sticks visible on a bar that both strike, one mark for each', () => {
    const thirds = marimba({ material: F, octaves: 1, pattern: { figure: 'broken-thirds' } })
    const strikes = strikesAround(thirds, 0, scale, 8)
    const marks = marksOf(strikes, null)
    const repeated = strikesAround(marimba({ material: F, octaves: 1, rudiment: 'paradiddle' }), 0, scale, 8)
    expect(repeated).toHaveLength(32)
    expect(marksOf(repeated, null)).toHaveLength(16)
    const same = marks.filter(
      ({ midi }) => midi === marks.find((one) => marks.some((two) => two !== one && two.midi === one.midi))!.midi,
    )
    expect(same).toHaveLength(2)
    expect(Math.abs(same[0]!.y - same[1]!.y)).toBe(16)
  })
})

describe('manners of striking', () => {
  it('come out as they are chosen, and every one of them can be played after any other', () => {
    fc.assert(
      fc.property(anyMallets, fc.constantFrom(...MANNERS), (recipe, manner) => {
        const { material } = recipe
        if (!takesManner(isFree(material) ? null : KINDS[material.kind], manner)) return
        const next = completeRecipe({
          ...recipe,
          pins: [],
          ...withManner(recipe as MalletRecipe, manner),
        } as RecipeInput)
        expect(mannerOf(next as MalletRecipe)).toBe(manner)
        // only the compass, or what a hand can reach, may stand against it
        try {
          realise(next, {}, 0)
        } catch (error) {
          expect(['range', 'mallets.reach']).toContain((error as DomainError).code)
        }
      }),
      { numRuns: runs(100) },
    )
  })
})

describe('other material', () => {
  const four = completeRecipe({ instrument: 'marimba-4.3', material: F, mallets: { count: 4 } }) as MalletRecipe
  it('keeps the strokes that it takes, and goes back to hand to hand where it does not', () => {
    expect(alongWith(four, KINDS['harmonic-minor'])).toEqual({})
    expect(alongWith(four, KINDS['double-thirds-major']).mallets).toMatchObject({ count: 2 })
    expect(alongWith(four, null).mallets).toMatchObject({ count: 2 })
    const rudiment = completeRecipe({ instrument: 'marimba-4.3', material: F, rudiment: 'paradiddle' }) as MalletRecipe
    expect(alongWith(rudiment, KINDS['double-thirds-major']).rudiment).toBe('none')
  })
})

describe('another instrument', () => {
  const moved = (recipe: Parameters<typeof movedTo>[0], instrument: Parameters<typeof movedTo>[1]) =>
    completeRecipe({ ...recipe, ...movedTo(recipe, instrument) } as RecipeInput)

  it('takes over what it can, from keys to bars and back', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        const bars = moved(recipe, 'marimba-4.3') as MalletRecipe
        expect([bars.hands, bars.motion, bars.lead, bars.pins]).toEqual(['together', 'similar', 'right', []])
        const back = moved(bars, 'piano')
        expect(back.instrument).toBe('piano')
        expect('lead' in back).toBe(false)
      }),
      { numRuns: runs(100) },
    )
  })

  it('keeps sticks and strokes from one size to the next', () => {
    const rolled = completeRecipe({ instrument: 'marimba-4.3', material: F, lead: 'left', roll: { manner: 'through' } })
    expect(moved(rolled, 'xylophone-3.5')).toMatchObject({ lead: 'left', roll: { manner: 'through' } })
    const ladder = completeRecipe({ ...rolled, rhythm: { ladder: 'strokes' } } as RecipeInput)
    expect(moved(ladder, 'piano').rhythm.ladder).toBe('none')
  })
})

describe('sticks in words', () => {
  it('are spoken with what is special there', () => {
    expect(fingerLabel(study, { hand: 'sticks', index: 2 })).toBe('note 3 of 29, A4, right stick, second of a double')
    expect(fingerLabel(study, { hand: 'sticks', index: 3 })).toMatch(/left stick, out to the accidentals$/)
    const rolled = marimba({ material: F, octaves: 1, roll: { manner: 'separate', strokes: 6 } })
    expect(fingerLabel(rolled, { hand: 'sticks', index: 0 })).toMatch(/right stick, rolled, 6 strokes$/)
    const four = marimba({ material: F, octaves: 1, mallets: { count: 4 } })
    expect(fingerLabel(four, { hand: 'sticks', index: 1 })).toMatch(/mallet 2$/)
  })

  it('are pinned by degree or by stretch as they stand', () => {
    expect(degreePin(study, { hand: 'sticks', index: 2 })).toEqual({ degree: 3, stick: 'R' })
    const pin = gripPin(study, { hand: 'sticks', index: 3 })
    expect(pin).toEqual({ from: 2, sticks: study.sticking.sticks.slice(2, study.sticking.doubles[1]!.index) })
    expect(sticksOf(realise({ ...study.recipe, pins: [pin] } as RecipeInput)).sticks).toEqual(study.sticking.sticks)
  })

  it('name a change', () => {
    const before = { instrument: 'marimba-4.3', material: F } as const
    const named = (some: Partial<RecipeInput>) => namedChange(before, { ...before, ...some }, study).words
    expect(named({ lead: 'left' })).toBe('lead: left')
    expect(named({ instrument: 'vibraphone-3.0' })).toBe('instrument: vibraphone 3.0')
    expect(named({ mallets: { count: 4 } })).toBe('mallets: four, 1234')
    expect(named({ pins: [{ index: 3, stick: 'R' }] })).toBe('pin R on B♭')
    expect(named({ pins: [{ degree: 2, stick: 'L' }] })).toBe('pin L on every 2. degree')
  })
})

describe('moves between the rows', () => {
  it('are each stick’s own in double stops', () => {
    const { rowMoves, midi, notes } = marimba({
      material: { tonic: 'D', kind: 'double-thirds-major' },
      octaves: 1,
      course: 'up',
    }).sticking!
    const out = (index: number) => [1, 6].includes(midi[index]! % 12)
    const expected = notes.flatMap((_, index) => (index > 1 && out(index) !== out(index - 2) ? [index] : []))
    expect(rowMoves.map(({ index }) => index)).toEqual(expected)
  })
})
