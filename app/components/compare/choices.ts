import { SCHOOL_LIST, schoolOf } from '#core/fingering'
import { type KindId, KINDS } from '#core/material'
import { octaveWords, type RealisedStudy, takeAlternative } from '#core/realise'
import { type Hand, isFree, MOST_OCTAVES, type RecipeInput } from '#core/study'

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
const unpinned = (study: RealisedStudy, some: Partial<RecipeInput>): RecipeInput => ({
  ...study.recipe,
  ...some,
  pins: [],
})

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

const schools = (study: RealisedStudy): Beside[] =>
  SCHOOL_LIST.filter((school) => school.id !== study.recipe.school && school.id !== 'two-hand-tetrachords').map(
    ({ id, words, idea }) => ({
      value: id,
      words,
      note: idea,
      base: schoolOf(study.recipe.school).words,
      recipes: [{ label: words, recipe: unpinned(study, { school: id }) }],
    }),
  )

/** The next best of either hand, as pins on the study that stands. */
const nextBest = (study: RealisedStudy): Beside[] =>
  (['right', 'left'] as const satisfies readonly Hand[]).flatMap((hand) =>
    (study.hands[hand]?.alternatives ?? []).slice(0, 2).map((alternative, at) => ({
      value: `${hand}-${at}`,
      words: `${at === 0 ? 'next best' : 'third best'}, ${hand} hand`,
      note: alternative.words,
      base: 'on the desk',
      recipes: [
        {
          label: `${alternative.pattern}, ${hand} hand`,
          recipe: { ...study.recipe, pins: takeAlternative(study, hand, alternative) },
        },
      ],
    })),
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
  ...minors(study),
  ...schools(study),
  ...nextBest(study),
  ...octaves(study),
]
