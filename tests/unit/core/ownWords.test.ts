import { describe, expect, it } from 'vitest'
import { familyOf, INSTRUMENTS, type RecipeInput } from '#core/instrument'
import { othersOf, playersIn, realise, type RealisedStudy } from '#core/realise'
import { partsMessage } from '#core/difficulty'
import { english } from '../../support/english'
import { someOf } from '../../support/night'
import { PARTS, strangeParts } from '../../support/parts'

const MAKES: readonly Partial<RecipeInput>[] = [
  ...INSTRUMENTS.filter(({ id }) => id !== 'accordion').map(({ id }) => ({ instrument: id })),
  ...(['keys-41', 'keys-26', 'c-3', 'c-5', 'b-4'] as const).map((treble) => ({
    instrument: 'accordion' as const,
    accordion: { treble },
  })),
  { instrument: 'accordion', accordion: { treble: 'c-5', left: { board: 'free' } } },
]
const STUDIES = [
  { material: { tonic: 'A', kind: 'harmonic-minor' } },
  { material: { tonic: 'Eb', kind: 'major' }, octaves: 1 },
  { material: { tonic: 'C', kind: 'major-arpeggio' } },
  { material: { tonic: 'D', kind: 'chromatic' }, octaves: 1 },
  { material: { tonic: 'F', kind: 'major' }, hands: 'left' },
] as const

/** Everything that is said of a study, in words. */
function wordsOf(study: RealisedStudy): string[] {
  const family = familyOf(study.recipe)
  const { route } = family
  const stages = route.stages(study.recipe, route.usual)
  return [
    english(study.title),
    ...english(partsMessage(study.difficulty).map(({ part }) => part)),
    ...english(family.meetings(study)),
    ...playersIn(study).flatMap((player) => [
      ...english(family.lineOf(study, player).reasons.map(({ message }) => message)),
      ...english(othersOf(study, player).map(({ message }) => message)),
      ...english(family.landmarksOf(study, player)),
    ]),
    ...english(stages.flatMap((stage) => route.watch(study.recipe, study, stage) ?? [])),
    ...english(stages.map(({ id }) => ({ code: 'stage', params: { stage: id } }))),
  ].map(String)
}

describe('what is said of a study', () => {
  it.each(MAKES.map((make) => [JSON.stringify(make), make] as const))(
    '%s: names no part that it has not',
    (_, make) => {
      const strange = strangeParts(make)
      for (const some of someOf(STUDIES, 3, make.instrument!.length)) {
        const input = { ...some, ...make } as RecipeInput
        if (familyOf(make).id === 'mallets') delete (input as { hands?: unknown }).hands
        const study = realise(input)
        for (const words of wordsOf(study)) for (const part of strange) expect(words, part).not.toMatch(PARTS[part])
      }
    },
  )

  it('has words for every part somewhere, or it would find nothing', () => {
    const all = MAKES.flatMap((make) => {
      const { hands: _, ...plain } = STUDIES[4]
      return wordsOf(realise({ ...STUDIES[0], ...make } as RecipeInput)).concat(
        wordsOf(realise({ ...plain, ...make, bookends: {} } as unknown as RecipeInput)),
      )
    }).join('\n')
    for (const part of ['fingers', 'sticks', 'bellows', 'board', 'buttons'] as const) expect(all).toMatch(PARTS[part])
  })
})
