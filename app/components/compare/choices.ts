import { type AnyPin, familyOf, type RecipeInput } from '#core/instrument'
import { kindNamed, THREE_MINORS } from '#core/material'
import { octavesMessage, othersOf, playersIn, type RealisedStudy } from '#core/realise'
import { isFree, MAX_OCTAVES } from '#core/study'
import { wordsOf } from '~/components/instrument/words'
import { type Beside, unpinned } from './beside'
import { t, formatMessage } from '~/composables/words'

export type { Beside }

function minors(study: RealisedStudy): Beside[] {
  const { material } = study.recipe
  if (isFree(material) || !THREE_MINORS.includes(material.kind)) return []
  const others = THREE_MINORS.filter((kind) => kind !== material.kind)
  const recipes = others.map((kind) => ({
    label: formatMessage(kindNamed({ id: kind })),
    recipe: unpinned(study, { material: { ...material, kind } }),
  }))
  const base = formatMessage(kindNamed({ id: material.kind }))
  return [
    {
      value: 'minors',
      words: t('compare.choices.forms'),
      note: t('compare.choices.forms-why'),
      base,
      recipes,
    },
  ]
}

function schools(study: RealisedStudy): Beside[] {
  const all = familyOf(study.recipe).schoolsFor(study.recipe)
  const base = formatMessage(all.find(({ id }) => id === study.recipe.school)!.called)
  return all
    .filter(({ id, compares }) => compares && id !== study.recipe.school)
    .map(({ id, called, idea }) => ({
      ...{ value: id, words: formatMessage(called), note: formatMessage(idea), base },
      recipes: [{ label: formatMessage(called), recipe: unpinned(study, { school: id } as Partial<RecipeInput>) }],
    }))
}

/** The next best of either hand or of the sticks. */
const nextBest = (study: RealisedStudy): Beside[] =>
  playersIn(study).flatMap((player) =>
    othersOf(study, player)
      .slice(0, 2)
      .map(({ marks, pins = [], message, pattern }, at) => {
        const playerName = wordsOf(study).called(player)
        return {
          value: `${player}-${at}`,
          words: `${at === 0 ? t('compare.choices.next-best') : t('compare.choices.third-best')}, ${playerName}`,
          note: formatMessage(message),
          base: t('compare.choices.desk'),
          recipes: [
            {
              label: `${formatMessage(pattern)}, ${playerName}`,
              recipe: study.recipe,
              take: { player, marks, pins: pins as readonly AnyPin[] },
            },
          ],
        }
      }),
  )

function octaves(study: RealisedStudy): Beside[] {
  const { recipe } = study
  if (isFree(recipe.material)) return []
  return [recipe.octaves - 1, recipe.octaves + 1]
    .filter((count) => count >= 1 && count <= MAX_OCTAVES)
    .map((count) => ({
      value: `octaves-${count}`,
      words: formatMessage(octavesMessage(count)),
      note: count > recipe.octaves ? t('compare.choices.one-more') : t('compare.choices.one-fewer'),
      base: formatMessage(octavesMessage(recipe.octaves)),
      recipes: [{ label: formatMessage(octavesMessage(count)), recipe: unpinned(study, { octaves: count }) }],
    }))
}

/** What was accepted once, beside what the engine would do today with the same recipe. */
const today = ({ recipe }: RealisedStudy): Beside => ({
  value: 'today',
  words: t('compare.choices.engine'),
  note: t('compare.choices.engine-why'),
  base: t('compare.choices.accepted'),
  recipes: [{ label: t('compare.choices.engine'), recipe }],
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
