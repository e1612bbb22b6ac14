import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { accordion, type AccordionStudy, TWELVE } from '../../../support/accordion'
import { runs } from '../../../support/runs'

const tonics = fc.constantFrom(...TWELVE)
const kinds = fc.constantFrom('major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio', 'chromatic')
const figures = fc.constantFrom('straight', 'groups-of-three', 'groups-of-four', 'thirds')
const turns = fc.constantFrom('octave', 'top', 'beats', 'free')
const shape = fc.record({
  octaves: fc.integer({ min: 1, max: 2 }),
  notesPerBeat: fc.constantFrom(1, 2, 4),
  hands: fc.constantFrom('right', 'together'),
  first: fc.constantFrom('opening', 'closing'),
  beats: fc.integer({ min: 1, max: 16 }),
})

type Input = { turn: string; figure: string; tonic: string; kind: string; shape: Record<string, unknown> }
function made({ turn, figure, tonic, kind, shape: { first, beats, notesPerBeat, ...rest } }: Input): AccordionStudy {
  const bellows = { turn, first, beats }
  return accordion(
    tonic,
    kind as never,
    { bellows } as never,
    {
      ...{ ...rest, pattern: { figure }, tempo: { bpm: 60, notesPerBeat } },
    } as Partial<RecipeInput> as never,
  )
}
/** Steps on which the bellows turn, the beginning aside. */
const turnsOf = ({ bellows }: AccordionStudy): number[] => bellows.slice(1).map(({ step }) => step)
const TRIES = Math.max(12, runs(30))
const holds = (
  input: Partial<Record<'turn' | 'figure', fc.Arbitrary<string>>>,
  what: (study: AccordionStudy, input: Input) => void,
) => {
  let held = 0
  fc.assert(
    fc.property(fc.record({ turn: turns, figure: figures, tonic: tonics, kind: kinds, shape, ...input }), (all) => {
      // what cannot be had is refused by its field, and held elsewhere
      let study: AccordionStudy
      try {
        study = made(all)
      } catch (error) {
        if (!(error instanceof DomainError)) throw error
        return
      }
      held += 1
      what(study, all)
    }),
    { numRuns: TRIES },
  )
  // a property of nothing would hold always
  expect(held).toBeGreaterThan(TRIES / 6)
}

describe('bellows, whatever is asked', () => {
  it('begin as they are told, go to and fro, and turn on a note that is there', () => {
    holds({}, (study, { shape: { first } }) => {
      const { bellows, steps } = study
      expect(bellows[0]).toEqual({ step: 0, direction: first })
      bellows.forEach(({ step, direction }, at) => {
        if (at === 0) return
        expect(direction).not.toBe(bellows[at - 1]!.direction)
        expect(step).toBeGreaterThan(bellows[at - 1]!.step)
        expect(step).toBeLessThan(steps)
      })
    })
  })

  it('turn at the top on the highest note, once each time it is reached', () => {
    holds({ turn: fc.constant('top'), figure: fc.constant('straight') }, (study) => {
      const { midi, notes } = study.hands.right!
      const highest = Math.max(...midi)
      expect(turnsOf(study)).toEqual(notes.flatMap(({ step }, at) => (midi[at] === highest ? [step] : [])))
    })
  })

  it('turn at the octaves on the tonic, and never on the last note', () => {
    holds({ turn: fc.constant('octave'), figure: fc.constant('straight') }, (study) => {
      const { midi, notes } = study.hands.right!
      const tonic = midi[0]! % 12
      const inside = notes.flatMap(({ step }, at) =>
        at > 0 && at < notes.length - 1 && midi[at]! % 12 === tonic ? [step] : [],
      )
      expect(turnsOf(study)).toEqual(inside)
    })
  })

  it('turn by beats where a note begins on the beat or straight after', () => {
    holds({ turn: fc.constant('beats'), figure: fc.constant('straight') }, (study, { shape: { beats } }) => {
      const every = beats as number
      const ends = study.rhythm.notes.at(-1)!.start
      turnsOf(study).forEach((step, at) => expect(study.rhythm.notes[step]!.start).toBe((at + 1) * every))
      expect(turnsOf(study).length).toBe(Math.floor(ends / every))
    })
  })

  it('never turn freely: that is the player’s own', () => {
    holds({ turn: fc.constant('free') }, (study) => expect(turnsOf(study)).toEqual([]))
  })
})
