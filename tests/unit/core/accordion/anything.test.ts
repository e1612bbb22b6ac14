import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HARMONIES, LEFT_BOARDS, LEFT_PARTS, TURNS, WAYS } from '#core/buttons'
import { parseCall, writeCall } from '#core/call'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { KIND_IDS } from '#core/material'
import { DomainError } from '#core/message'
import { playedNotes } from '#core/playback'
import { realise } from '#core/realise'
import { AFTER, BEFORE, COURSES, FIGURES, JOURNEYS, LADDERS, LENGTHS, WALKS } from '#core/study'
import { BASS_ROWS, BASSES, FREE_LOWS, FREE_ROWS, FREE_SYSTEMS, TREBLES } from '#core/surface'
import { layoutOf } from '#engraving'
import type { AccordionStudy } from '../../../support/accordion'
import { english, inEnglish } from '../../../support/english'
import { runs } from '../../../support/runs'
import { TWELVE } from '../../../support/accordion'

const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined })
const anyAccordion = fc.record({
  treble: fc.constantFrom(...TREBLES),
  bass: fc.constantFrom(...BASSES),
  columns: maybe(fc.record({ from: fc.integer({ min: -12, max: 0 }), to: fc.integer({ min: 0, max: 12 }) })),
  rows: maybe(fc.subarray([...BASS_ROWS], { minLength: 1 })),
  missing: fc.array(fc.record({ row: fc.constantFrom(...BASS_ROWS), column: fc.integer({ min: -12, max: 12 }) }), {
    maxLength: 4,
  }),
  free: fc.record({
    system: fc.constantFrom(...FREE_SYSTEMS),
    rows: fc.constantFrom(...FREE_ROWS),
    lows: fc.constantFrom(...FREE_LOWS),
    notes: fc.integer({ min: 30, max: 58 }),
    lowest: fc.integer({ min: 24, max: 48 }),
  }),
  left: fc.record({
    board: fc.constantFrom(...LEFT_BOARDS),
    part: maybe(fc.constantFrom(...LEFT_PARTS)),
    every: fc.constantFrom(1, 2),
    held: fc.boolean(),
    harmony: fc.constantFrom(...HARMONIES),
    bars: fc.constant(['I', 'V7', 'IV']),
  }),
  bellows: fc.record({
    turn: fc.constantFrom(...TURNS),
    beats: fc.integer({ min: 1, max: 12 }),
    first: fc.constantFrom(...WAYS),
  }),
})
const anyRecipe = fc.record(
  {
    instrument: fc.constant('accordion'),
    material: fc.record({ tonic: fc.constantFrom(...TWELVE), kind: fc.constantFrom(...KIND_IDS) }),
    hands: fc.constantFrom('right', 'left', 'together'),
    octaves: fc.integer({ min: 1, max: 3 }),
    course: fc.constantFrom(...COURSES),
    accordion: anyAccordion,
    tempo: fc.record({ bpm: fc.constant(60), notesPerBeat: fc.constantFrom(1, 2, 3, 4, 6, 8) }),
    pattern: fc.record(
      { figure: fc.constantFrom(...FIGURES), walk: fc.constantFrom(...WALKS), journey: fc.constantFrom(...JOURNEYS) },
      { requiredKeys: [] },
    ),
    rhythm: fc.record(
      { lengths: fc.constantFrom(...LENGTHS), ladder: fc.constantFrom(...LADDERS) },
      { requiredKeys: [] },
    ),
    bookends: fc.record({ before: fc.constantFrom(...BEFORE), after: fc.constantFrom(...AFTER) }),
  },
  { requiredKeys: ['instrument', 'material', 'accordion'] },
)

/** A study of it, or null where it is refused: with a code and a field, never with a fault of ours. */
function studyOf(recipe: RecipeInput): AccordionStudy | null {
  try {
    return realise(recipe) as AccordionStudy
  } catch (error) {
    expect(error).toBeInstanceOf(DomainError)
    expect((error as DomainError).path).not.toBe('')
    return null
  }
}

describe('anything that may be asked of an accordion', () => {
  it('is played, engraved, told and written down, or refused by its field', () => {
    fc.assert(
      fc.property(anyRecipe, (required) => {
        const study = studyOf(required as RecipeInput)
        if (!study) return
        const { bass, bellows, hands, steps, recipe } = study
        expect(inEnglish(study.title)).toMatch(/accordion/)
        english([bass?.reasons, bass?.alternatives, hands.right?.reasons, hands.right?.alternatives])
        expect(playedNotes(study).every(({ beats, strength }) => beats > 0 && strength > 0)).toBe(true)
        // what is held ends with the study, and the bellows turn within it, this way and that by turns
        for (const { step, holds = 1 } of bass?.notes ?? []) expect(step + holds).toBeLessThanOrEqual(steps)
        bellows.forEach(({ step, direction }, at) => {
          expect(step).toBeLessThan(steps)
          if (at > 0) expect(direction).not.toBe(bellows[at - 1]!.direction)
        })
        expect(layoutOf(study, 900).at(-1)!.to).toBe(steps)
        expect(parseCall(writeCall(recipe)).studies.map((input) => completeRecipe(input))).toEqual([recipe])
      }),
      { numRuns: runs(120) },
    )
  })
})
