import { describe, expect, it } from 'vitest'
import type { MalletRecipe } from '#core/sticking'
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
    const scale = barScale(barsAround(study, study.recipe as MalletRecipe), { width, height: 244 })
    expect(scale.pixels).toBeGreaterThanOrEqual(0)
    expect(Math.min(scale.width, scale.height)).toBeGreaterThanOrEqual(0)
  })
})
