import { describe, expect, it } from 'vitest'
import type { DomainError } from '#core/message'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { errorText } from '../../support/english'

describe('what a pattern cannot do', () => {
  const refused = (recipe: RecipeInput) => {
    try {
      realise(recipe)
    } catch (error) {
      return error as DomainError
    }
    throw new Error('was not refused')
  }
  it.each<[string, RecipeInput, string, RegExp]>([
    [
      'thirds of an arpeggio',
      { material: { tonic: 'C', kind: 'major-arpeggio' }, pattern: { figure: 'broken-thirds' } },
      'pattern.figure',
      /seven notes/,
    ],
    [
      'figures of double notes',
      { material: { tonic: 'C', kind: 'double-thirds-major' }, pattern: { figure: 'groups-of-three' } },
      'pattern.figure',
      /single notes/,
    ],
    [
      'a walk through a cadence',
      { material: { tonic: 'C', kind: 'cadence-major' }, pattern: { walk: 'loops' } },
      'pattern.walk',
      /a run/,
    ],
    [
      'modes of harmonic minor',
      { material: { tonic: 'A', kind: 'harmonic-minor' }, pattern: { journey: 'mode-chain' } },
      'pattern.journey',
      /natural minor/,
    ],
    [
      'a tonic held by one hand',
      { material: { tonic: 'C', kind: 'major' }, hands: 'right', pattern: { accompaniment: 'held-tonic' } },
      'pattern.accompaniment',
      /both hands/,
    ],
    [
      'a tonic held in contrary motion',
      { material: { tonic: 'C', kind: 'major' }, motion: 'contrary', pattern: { accompaniment: 'held-tonic' } },
      'pattern.accompaniment',
      /similar/,
    ],
    [
      'a cadence after the chromatic scale',
      { material: { tonic: 'C', kind: 'chromatic' }, bookends: { after: 'cadence' } },
      'bookends.after',
      /major or minor/,
    ],
    [
      'pairs in triplets',
      { material: { tonic: 'C', kind: 'major' }, tempo: { notesPerBeat: 3 }, rhythm: { lengths: 'long-short' } },
      'rhythm.lengths',
      /no pairs/,
    ],
    [
      'a study without end',
      { material: { tonic: 'C', kind: 'major' }, octaves: 4, pattern: { walk: 'add-a-note', journey: 'relay-fourth' } },
      'pattern',
      /more than 1500/,
    ],
    [
      'a figure that does not exist',
      { material: { tonic: 'C', kind: 'major' }, pattern: { figure: 'spirals' as 'straight' } },
      'pattern.figure',
      /one of/,
    ],
    [
      'a part that does not exist',
      { material: { tonic: 'C', kind: 'major' }, rhythm: { groove: 1 } as object },
      'rhythm.groove',
      /not known/,
    ],
  ])('%s', (_, recipe, path, words) => {
    expect(refused(recipe)).toMatchObject({ path })
    expect(errorText(refused(recipe))).toMatch(words)
  })
})
