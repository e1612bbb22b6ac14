import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { MALLET_IDS } from '#core/surface'
import { english } from '../../support/english'

/** Figures of a sentence, in order. */
const figures = (text: string): number[] => [...text.matchAll(/\d+(?:\.\d+)?/g)].map(([each]) => Number(each))

describe('what is said of a roll', () => {
  it.each(MALLET_IDS.map((id) => [id]))('%s: is so at every tempo', (instrument) => {
    for (const bpm of [40, 60, 72, 96, 132, 176, 208]) {
      const study = realise(
        {
          instrument,
          material: { tonic: 'C', kind: 'major' },
          roll: { manner: 'separate', strokes: 4 },
          tempo: { bpm, notesPerBeat: 1 },
        } as RecipeInput,
        {},
        0,
      ) as any
      const words = study.sticking.reasons
        .map(({ message }: any) => english(message))
        .find((text: string) => text.includes('strokes a second'))
      const [least, most, strokes, made, wanted] = figures(words.split('Roll speeds')[0])
      expect((bpm / 60) * strokes!, words).toBeCloseTo(made!, 0)
      if (words.includes('make only')) {
        expect(made, words).toBeLessThan(least!)
        expect((wanted! / 60) * strokes!, words).toBeGreaterThanOrEqual(least!)
      } else if (words.includes('already make')) {
        expect(made, words).toBeGreaterThan(most!)
        expect((wanted! / 60) * strokes!, words).toBeLessThanOrEqual(most!)
      } else {
        expect(made, words).toBeGreaterThanOrEqual(least! - 0.1)
        expect(made, words).toBeLessThanOrEqual(most! + 0.1)
      }
    }
  })
})
