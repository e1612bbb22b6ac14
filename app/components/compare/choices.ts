import { SCHOOL_LIST, schoolOf } from '#core/fingering'
import { type KindId, KINDS } from '#core/material'
import { octaveWords, type RealisedStudy, takeAlternative } from '#core/realise'
import { STICKING_SCHOOL_LIST, stickingSchoolOf } from '#core/sticking'
import { othersOf } from '~/components/why/others'
import { isFree, isMallets, MOST_OCTAVES, type RecipeInput } from '#core/study'

/** Something to lay beside the study on the desk. */
export interface Beside {
  readonly value: string
  readonly words: string
  readonly note: string
  /** What the study on the desk is called beside them. */
  readonly base: string
  /** One study or several, each with what it is called here. */
  readonly recipes: readonly { readonly label: string; readonly recipe: RecipeInput }[]
}

const MINORS: readonly KindId[] = ['natural-minor', 'harmonic-minor', 'melodic-minor']

/** Pins count notes and fingers of the study they were made for; beside it stands what the engine itself would do. */
const unpinned = (study: RealisedStudy, some: Partial<RecipeInput>): RecipeInput =>
  ({ ...study.recipe, ...some, pins: [] }) as RecipeInput

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

/** Schools of the instrument, and what the one on the desk is called. */
function schoolsFor({ recipe }: RealisedStudy) {
  if (isMallets(recipe)) return { base: stickingSchoolOf(recipe.school).words, list: STICKING_SCHOOL_LIST }
  return { base: schoolOf(recipe.school).words, list: SCHOOL_LIST.filter(({ id }) => id !== 'two-hand-tetrachords') }
}

function schools(study: RealisedStudy): Beside[] {
  const { base, list } = schoolsFor(study)
  return list
    .filter(({ id }) => id !== study.recipe.school)
    .map(({ id, words, idea }) => ({
      ...{ value: id, words, note: idea, base },
      recipes: [{ label: words, recipe: unpinned(study, { school: id }) }],
    }))
}

/** The same line led by the other hand. */
function otherLead(study: RealisedStudy): Beside[] {
  const { recipe } = study
  if (!isMallets(recipe) || recipe.mallets.count === 4) return []
  const lead = recipe.lead === 'right' ? 'left' : 'right'
  const label = `${lead} lead`
  return [
    {
      value: 'lead',
      words: label,
      note: 'the other hand begins',
      base: `${recipe.lead} lead`,
      recipes: [{ label, recipe: unpinned(study, { lead }) }],
    },
  ]
}

/** The next best of either hand or of the sticks, as pins on the study that stands. */
const nextBest = (study: RealisedStudy): Beside[] =>
  (['right', 'left', 'sticks'] as const).flatMap((player) =>
    othersOf(study, player)
      .slice(0, 2)
      .map(({ marks, words, pattern }, at) => {
        const who = player === 'sticks' ? 'sticks' : `${player} hand`
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
  ...otherLead(study),
  ...minors(study),
  ...schools(study),
  ...nextBest(study),
  ...octaves(study),
]
