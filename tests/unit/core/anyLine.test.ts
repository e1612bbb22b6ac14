import fc from 'fast-check'
import { expect, it } from 'vitest'
import { LEFT_PARTS } from '#core/buttons'
import { parseCall, writeCall } from '#core/call'
import { REPEATS } from '#core/fingering'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { KIND_IDS } from '#core/material'
import { DomainError } from '#core/message'
import { realise, type RealisedStudy } from '#core/realise'
import { ACCOMPANIMENTS, COURSES, FIGURES, JOURNEYS, KEY_STEP_IDS, LINKS, RETURNS, WALKS } from '#core/study'
import { runs } from '../../support/runs'

const degree = fc.integer({ min: -3, max: 10 })
const motif = fc.array(
  fc.oneof(
    { weight: 4, arbitrary: degree },
    { weight: 1, arbitrary: fc.constant(null) },
    { weight: 1, arbitrary: fc.uniqueArray(degree, { minLength: 1, maxLength: 3 }) },
    {
      weight: 1,
      arbitrary: fc.record({ degree, beats: fc.constantFrom(0.5, 1, 2, 0.25), held: fc.boolean() }),
    },
  ),
  { minLength: 1, maxLength: 6 },
)
const legs = fc.constantFrom('each', 'alternate')
const key = fc.oneof(
  fc.constantFrom('C', 'Eb', 'F#', 'Gb', 'A'),
  fc.record({
    tonic: fc.constantFrom('A', 'C', 'Ab'),
    kind: fc.constantFrom('natural-minor', 'harmonic-minor', 'major', 'blues', 'bebop-major', 'chromatic'),
  }),
)
const pattern = fc.record({
  figure: fc.constantFrom('straight', ...FIGURES),
  walk: fc.constantFrom('straight', 'straight', ...WALKS),
  journey: fc.oneof(
    fc.constantFrom(...JOURNEYS),
    fc.record({ by: fc.constantFrom(...KEY_STEP_IDS), count: fc.integer({ min: 1, max: 5 }), legs }),
    fc.record({ keys: fc.array(key, { minLength: 1, maxLength: 3 }), legs }),
  ),
  link: fc.constantFrom(...LINKS),
  accompaniment: fc.constantFrom('none', 'none', ...ACCOMPANIMENTS),
})
const sequence = fc.record({
  step: fc.integer({ min: 0, max: 7 }),
  direction: fc.constantFrom('course', 'up', 'down'),
  return: fc.oneof(fc.constantFrom(...RETURNS), fc.record({ motif: fc.array(degree, { minLength: 1, maxLength: 3 }) })),
})
/** How a family plays it. */
const strokes = fc.constantFrom(
  ...[{}, {}, { mallets: { count: 4, figure: '1234' } }, { rudiment: 'paradiddle' }, { roll: { manner: 'separate' } }],
  ...[{ tops: 'twice' }, { school: 'strict', lead: 'left' }, { school: 'restore-lead' }],
)
const board = fc.record({
  treble: fc.constantFrom('keys-41', 'c-5', 'b-3'),
  left: fc.record({ part: fc.constantFrom('none', ...LEFT_PARTS) }),
})
const fingering = fc.record({ repeats: fc.constantFrom(...REPEATS), firstFinger: fc.constantFrom('usual', 'two') })
const bookends = fc.record({
  before: fc.constantFrom('none', 'none', 'five-finger'),
  after: fc.constantFrom('none', 'none', 'tonic-chord', 'cadence'),
})

/** Anything that can be asked of a line, on anything that plays. */
const anyAsked = fc
  .record({
    instrument: fc.constantFrom('piano', 'piano', 'accordion', 'marimba-4.3', 'vibraphone-3.0'),
    tonic: fc.constantFrom('C', 'Db', 'F#', 'Cb', 'A', 'E', 'B', 'G#', 'Bb'),
    kind: fc.oneof(fc.constantFrom('major', 'natural-minor', 'dorian'), fc.constantFrom(...KIND_IDS)),
    hands: fc.constantFrom('right', 'left', 'together'),
    motion: fc.constantFrom('similar', 'similar', 'contrary'),
    interval: fc.constantFrom('octave', 'octave', 'third', 'sixth'),
    octaves: fc.integer({ min: 1, max: 2 }),
    course: fc.constantFrom(...COURSES),
    pattern,
    own: fc.option(fc.record({ motif, sequence })),
    ladder: fc.constantFrom('none', 'none', 'notes'),
    ...{ strokes, board: fc.option(board), fingering, bookends },
  })
  .map(({ tonic, kind, own, ladder, hands, motion, interval, ...all }) => {
    const { strokes: struck, board: accordion, fingering: fingered, ...asked } = all
    const fingers = asked.instrument === 'piano'
    const sticks = asked.instrument.includes('-')
    return {
      ...asked,
      material: { tonic, kind },
      ...(sticks ? {} : { hands }),
      ...(fingers ? { motion, interval, ...fingered } : {}),
      ...(sticks ? struck : {}),
      ...(asked.instrument === 'accordion' && accordion ? { accordion } : {}),
      pattern: { ...asked.pattern, ...(own ? { ...own, figure: 'straight', walk: 'straight' } : {}) },
      rhythm: { ladder },
    } as unknown as RecipeInput
  })

it('any line on anything is played, or refused by the name of what does not go, and reads back from its call', () => {
  let played = 0
  fc.assert(
    fc.property(anyAsked, (asked) => {
      let study: RealisedStudy
      try {
        study = realise(asked, {}, 0)
      } catch (error) {
        // anything else is a fault of ours
        expect(error).toBeInstanceOf(DomainError)
        expect((error as DomainError).path).not.toBe('')
        return
      }
      played++
      const { recipe } = study
      const line = writeCall(recipe)
      const { studies } = parseCall(line)
      expect(studies, line).toHaveLength(1)
      expect(completeRecipe(studies[0]!).pattern, line).toEqual(recipe.pattern)
    }),
    { numRuns: runs(600) },
  )
  expect(played).toBeGreaterThan(0)
})
