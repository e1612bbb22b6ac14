import { familyOf, type RecipeInput } from '#core/instrument'
import { type KindId, KINDS } from '#core/material'
import { octaveWords, othersOf, playersIn, type RealisedStudy, takeAlternative } from '#core/realise'
import { isFree, MOST_OCTAVES } from '#core/study'
import { wordsOf } from '~/components/instrument/words'
import { type Beside, unpinned } from './beside'

export type { Beside }

const MINORS: readonly KindId[] = ['natural-minor', 'harmonic-minor', 'melodic-minor']

function minors(study: RealisedStudy): Beside[] {
  const { material } = study.recipe
  if (isFree(material) || !MINORS.includes(material.kind)) return []
  const others = MINORS.filter((kind) => kind !== material.kind)
  const recipes = others.map((kind) => ({
    label: KINDS[kind].words,
    recipe: unpinned(study, { material: { ...material, kind } }),
  }))
  const base = KINDS[material.kind].words
  return [{ value: 'minors', words: 'the other two minors', note: 'what changes from form to form', base, recipes }]
}

function schools(study: RealisedStudy): Beside[] {
  const { schools: all } = familyOf(study.recipe)
  const base = all.find(({ id }) => id === study.recipe.school)!.words
  return all
    .filter(({ id, compares }) => compares && id !== study.recipe.school)
    .map(({ id, words, idea }) => ({
      ...{ value: id, words, note: idea, base },
      recipes: [{ label: words, recipe: unpinned(study, { school: id } as Partial<RecipeInput>) }],
    }))
}

/** The next best of either hand or of the sticks, as pins on the study that stands. */
const nextBest = (study: RealisedStudy): Beside[] =>
  playersIn(study).flatMap((player) =>
    othersOf(study, player)
      .slice(0, 2)
      .map(({ marks, words, pattern }, at) => {
        const who = wordsOf(study).called(player)
        const pins = takeAlternative(study, player, marks)
        return {
          value: `${player}-${at}`,
          words: `${at === 0 ? 'next best' : 'third best'}, ${who}`,
          note: words,
          base: 'on the desk',
          recipes: [{ label: `${pattern}, ${who}`, recipe: { ...study.recipe, pins } as RecipeInput }],
        }
      }),
  )

function octaves(study: RealisedStudy): Beside[] {
  const { recipe } = study
  if (isFree(recipe.material)) return []
  return [recipe.octaves - 1, recipe.octaves + 1]
    .filter((count) => count >= 1 && count <= MOST_OCTAVES)
    .map((count) => ({
      value: `octaves-${count}`,
      words: octaveWords(count),
      note: count > recipe.octaves ? 'one more' : 'one fewer',
      base: octaveWords(recipe.octaves),
      recipes: [{ label: octaveWords(count), recipe: unpinned(study, { octaves: count }) }],
    }))
}

/** What was accepted once, beside what the engine would do today with the same recipe. */
const today = ({ recipe }: RealisedStudy): Beside => ({
  value: 'today',
  words: 'today’s engine',
  note: 'what was accepted, and what it would be now',
  base: 'as it was accepted',
  recipes: [{ label: 'today’s engine', recipe }],
})

/**
 * What may be laid beside a study, the most telling first.
 * @param departs whether the engine would finger it otherwise today
 */
export const besides = (study: RealisedStudy, departs = false): Beside[] => [
  ...(departs ? [today(study)] : []),
  ...wordsOf(study).besides(study),
  ...minors(study),
  ...schools(study),
  ...nextBest(study),
  ...octaves(study),
]
