import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { formatOf } from '#core/formats'
import type { RecipeInput } from '#core/instrument'
import { marksOf, playersIn, type RealisedStudy } from '#core/realise'
import { scoreOf } from '#core/notation'
import { DAMPINGS, DEAD_STROKES } from '#core/sticking'
import { anyNamed, RUNS } from '../support/material'
import { anyShaped } from '../support/recipes'
import { realisedIfItCan } from '../support/realised'
import { runs } from '../support/runs'
import { type Engraved, verovio } from '../support/verovio'

/** Source: Verovio 6.3.0, an engraver that reads MusicXML by its own account of the format (MusicXML 4.0, W3C). */
let read: (document: string) => Engraved
beforeAll(async () => {
  read = await verovio()
})

/** Recipes of all sorts: shapes of runs, and every other kind, by one hand and by two, on keys, bars and bellows. */
const anyRecipe: fc.Arbitrary<RecipeInput> = fc.oneof(
  { weight: 3, arbitrary: anyShaped },
  {
    weight: 2,
    arbitrary: fc
      .record({
        material: anyNamed(),
        octaves: fc.integer({ min: 1, max: 3 }),
        hands: fc.constantFrom('together' as const, 'right' as const, 'left' as const),
        notesPerBeat: fc.constantFrom(1 as const, 2 as const, 3 as const, 4 as const, 6 as const, 8 as const),
        articulation: fc.constantFrom('legato' as const, 'staccato' as const),
        touch: fc.constantFrom(null, { right: 'staccato' as const, left: 'legato' as const }),
      })
      .map(({ notesPerBeat, ...recipe }) => ({ ...recipe, tempo: { notesPerBeat } })),
  },
  {
    weight: 1,
    arbitrary: fc
      .record({
        material: anyNamed(),
        instrument: fc.constantFrom('accordion' as const, 'marimba-5.0' as const, 'xylophone-3.5' as const),
        octaves: fc.integer({ min: 1, max: 2 }),
      })
      .map((recipe) => recipe),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      material: anyNamed(RUNS),
      instrument: fc.constant('vibraphone-3.0' as const),
      ring: fc.record({
        pedal: fc.constantFrom('beat' as const, 'bar' as const, 'down' as const),
        damping: fc.constantFrom(...DAMPINGS),
        dead: fc.constantFrom(...DEAD_STROKES),
      }),
      octaves: fc.integer({ min: 1, max: 2 }),
    }),
  },
)

/** Studies that can be realised, of so many tries. */
function studies(count: number): RealisedStudy[] {
  return fc
    .sample(anyRecipe, { numRuns: count * 2, seed: 18 })
    .flatMap((recipe) => realisedIfItCan(recipe) ?? [])
    .slice(0, count)
}

const written = (study: RealisedStudy): string =>
  formatOf('musicxml').write({ title: 'A study', pieces: [{ title: 'A study', study }] }, {}) as string

/** Three hundred and more at night. */
const COUNT = runs(120)

const UNKNOWN = "[Warning] MusicXML import: Unsupported direction-type 'accordion-registration'"

describe('MusicXML of all sorts of studies, read by an engraver that is not ours', () => {
  it('is read without a warning, with as many notes, fingers and measures', () => {
    const some = studies(COUNT)
    expect(some).toHaveLength(COUNT)
    for (const study of some) {
      const score = scoreOf(study)
      const events = score.staves.flatMap(({ bars }) => bars.flatMap((bar) => bar.events))
      const found = read(written(study))
      const words = JSON.stringify(study.recipe)
      // the format's own sign of an accordion's registers is one that this reader leaves out
      expect(found.log.replaceAll(UNKNOWN, '').trim(), words).toBe('')
      expect(found.measures, words).toBe(Math.max(...score.staves.map(({ bars }) => bars.length)))
      expect(found.notes, words).toBe(events.reduce((sum, { notes }) => sum + notes.length, 0))
      expect(found.pedals, words).toBe(score.signs.filter(({ sign }) => sign.is === 'pedal').length)
      expect(found.fingers, words).toBe(playersIn(study).flatMap((player) => marksOf(study, player)).length)
    }
  })

  it('fills every bar of every staff exactly', () => {
    for (const study of studies(COUNT)) {
      const { staves, beatsPerBar } = scoreOf(study)
      for (const { bars } of staves) {
        bars.forEach(({ events }, bar) => {
          let at = bar * beatsPerBar
          for (const event of events) {
            expect(event.start).toBeCloseTo(at, 6)
            at += event.beats
          }
          expect(at, JSON.stringify(study.recipe)).toBeCloseTo((bar + 1) * beatsPerBar, 6)
        })
      }
    }
  })

  it('is complained of where it is broken, so that silence means something', () => {
    const [study] = studies(1)
    expect(read(written(study!).replaceAll('<type>', '<type>very ')).log).toContain('very')
  })
})
