import { describe, expect, it } from 'vitest'
import type { MalletRecipe } from '#core/sticking'
import { MALLET_INSTRUMENTS } from '#core/surface'
import { barsAround, barScale, pianoMapOf } from '#pictures'
import { fingered, sticked } from '../../support/played'

/** Before a page has measured itself, and on a narrow one, a picture has no room at all. */
const WIDTHS = [-290, 0, 1, 20, 360, 1280]

describe('a picture without room', () => {
  it.each(WIDTHS)('of keys has no size below nothing, in %i pixels', (width) => {
    const study = fingered({ material: { tonic: 'G', kind: 'major' }, octaves: 2 })
    const { whites, blacks, height } = pianoMapOf(study, width, null)
    for (const { width: wide, height: high } of [...whites, ...blacks])
      expect(Math.min(wide, high)).toBeGreaterThanOrEqual(0)
    expect(height).toBeGreaterThanOrEqual(0)
  })

  it.each(WIDTHS)('of bars has no scale below nothing, in %i pixels', (width) => {
    const study = sticked({ instrument: 'marimba-4.3', material: { tonic: 'Bb', kind: 'major' } })
    const recipe = study.recipe as MalletRecipe
    const scale = barScale(barsAround(study, recipe), recipe, { width, height: 244 })
    expect(scale.pixels).toBeGreaterThanOrEqual(0)
    expect(Math.min(scale.width, scale.height)).toBeGreaterThanOrEqual(0)
  })
})

describe('an instrument', () => {
  const tonics = ['C', 'Eb', 'F#', 'Ab', 'B'] as const

  it('has bars of one size, wherever on it a study lies', () => {
    for (const instrument of MALLET_INSTRUMENTS.map(({ id }) => id)) {
      const sizes = tonics.map((tonic) => {
        const { recipe, ...study } = sticked({ instrument, material: { tonic, kind: 'major' }, octaves: 1 })
        const own = recipe as MalletRecipe
        return barScale(barsAround({ ...study, recipe }, own), own, { width: 900, height: 250 }).pixels
      })
      expect(new Set(sizes).size, instrument).toBe(1)
    }
  })

  it('has keys of one size', () => {
    const sizes = tonics.map((tonic) => {
      const [first] = pianoMapOf(fingered({ material: { tonic, kind: 'major' }, octaves: 4 }), 900, null).whites
      return first!.width.toFixed(6)
    })
    expect(new Set(sizes).size).toBe(1)
  })
})
