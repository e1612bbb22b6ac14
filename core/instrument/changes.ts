import { FREE, type Kind, KINDS } from '../material'
import { type CommonInput, type CommonRecipe, type Hand, isFree } from '../study'
import { families, familyOf, sameFamily } from './find'
import { fitShape } from './moved'
import { overWhole } from './nested'
import type { Recipe, RecipeInput } from './recipe'

/** Fields that move or change notes whatever plays them. */
const MOVING: readonly string[] = [
  'material',
  'hands',
  'motion',
  'interval',
  'tonicHand',
  'contraryFrom',
  'octaves',
  'course',
  'pattern',
  'bookends',
  'instrument',
]

/**
 * Whether giving a recipe some fields moves or changes notes: pins count notes, so they cannot outlive it. Of the
 * rhythm only the ladder does.
 */
export const movesNotes = (before: RecipeInput, some: Partial<RecipeInput>): boolean =>
  MOVING.some((field) => field in some) ||
  families().some((family) => family.moves(before as CommonInput, some as Partial<CommonInput>)) ||
  ('rhythm' in some && (some.rhythm?.ladder ?? 'none') !== (before.rhythm?.ladder ?? 'none'))

/** How the hands share a study, all of it: what is chosen at once. */
export type HandsChoice = Pick<Recipe, 'hands' | 'motion' | 'interval' | 'tonicHand' | 'contraryFrom'>
const handsChoice = (hands: Recipe['hands'], more: Partial<HandsChoice> = {}): HandsChoice => ({
  hands,
  motion: 'similar',
  interval: 'octave',
  tonicHand: 'left',
  contraryFrom: 'unison',
  ...more,
})

const kindOf = ({ material }: Pick<Recipe, 'material'>): Kind | null => (isFree(material) ? null : KINDS[material.kind])

const DEGREES_APART = [3, 4, 7, 12]
const APART: readonly HandsChoice[] = (['third', 'sixth', 'tenth'] as const).flatMap((interval) =>
  (['left', 'right'] as const satisfies readonly Hand[]).map((tonicHand) =>
    handsChoice('together', { interval, tonicHand }),
  ),
)

/** Hands that begin so far apart and move against each other, the tonic in the hand that usually has it. */
const CONTRARY_APART: readonly HandsChoice[] = (['third', 'sixth', 'tenth'] as const).map((contraryFrom) =>
  handsChoice('together', { motion: 'contrary', contraryFrom, tonicHand: contraryFrom === 'sixth' ? 'right' : 'left' }),
)

/** Ways in which hands can share a recipe: runs alone have contrary motion, and hands a third, sixth or tenth apart. */
export function handsFor(recipe: Recipe): readonly HandsChoice[] {
  const kind = kindOf(recipe)
  const family = familyOf(recipe)
  const runs = kind?.texture === 'run' && family.movesApart && !family.shares(recipe)
  const apart = runs && !kind.second && DEGREES_APART.includes(kind.up.length)
  return [
    handsChoice('together'),
    ...(runs
      ? [
          handsChoice('together', { motion: 'contrary' }),
          handsChoice('together', { motion: 'contrary', contraryFrom: 'octave' }),
          ...(apart ? CONTRARY_APART : []),
        ]
      : []),
    handsChoice('right'),
    handsChoice('left'),
    ...(apart ? APART : []),
  ]
}

/** How the hands share a recipe, without what says nothing there. */
export function handsIn({ hands, motion, interval, tonicHand, contraryFrom }: HandsChoice): HandsChoice {
  if (hands !== 'together') return handsChoice(hands)
  if (motion === 'contrary') {
    const apart = contraryFrom !== 'unison' && contraryFrom !== 'octave'
    return handsChoice(hands, { motion, contraryFrom, ...(apart ? { tonicHand } : {}) })
  }
  return interval === 'octave' ? handsChoice(hands) : handsChoice(hands, { interval, tonicHand })
}

/** What of pattern and bookends has to change with other material, or other hands. */
function refitted(recipe: Recipe, material: Recipe['material'], some: Partial<HandsChoice>): Partial<RecipeInput> {
  const fit = fitShape(recipe, isFree(material) ? null : KINDS[material.kind], { ...recipe, ...some } as Recipe)
  const same = (part: 'pattern' | 'bookends'): boolean => JSON.stringify(fit[part]) === JSON.stringify(recipe[part])
  return {
    ...(same('pattern') ? {} : { pattern: fit.pattern }),
    ...(same('bookends') ? {} : { bookends: fit.bookends }),
  }
}

/** What changes when the hands share a study otherwise. */
export const withHands = (recipe: Recipe, hands: HandsChoice): Partial<RecipeInput> => ({
  ...hands,
  ...familyOf(recipe).alongHands(recipe, hands.hands),
  ...refitted(recipe, recipe.material, hands),
})

/** What changes with the material: another family of kinds may lie elsewhere, be shorter, and know other ways for the hands. */
export function withMaterial(recipe: Recipe, material: Recipe['material']): Partial<RecipeInput> {
  const next = isFree(material) ? FREE : KINDS[material.kind]
  const before = kindOf(recipe) ?? FREE
  const sameTexture = next.texture === before.texture
  const sameShape = sameTexture && !next.second === !before.second && next.up.length === before.up.length
  const keepsHands = sameShape || (next.texture === 'run' && recipe.interval === 'octave')
  const hands = keepsHands ? {} : ({ motion: 'similar', interval: 'octave' } as const)
  return {
    material,
    ...(sameTexture ? {} : { octaves: undefined, course: undefined, tempo: undefined }),
    ...hands,
    ...familyOf(recipe).alongWith(recipe, isFree(material) ? null : next),
    ...refitted(recipe, material, hands),
  } as Partial<RecipeInput>
}

const PARTS: readonly (keyof CommonRecipe)[] = ['tempo', 'pattern', 'rhythm', 'bookends']

/**
 * A recipe as it is asked, over what the core has filled in; until the study has moved to another family, as it was
 * realised last.
 */
export function overlaid(whole: Recipe, requested: RecipeInput): Recipe {
  if (!sameFamily(whole, requested)) return whole
  const parts = [...PARTS, ...familyOf(whole).parts] as (keyof Recipe)[]
  const overlays = parts.map((part) => [
    part,
    overWhole(whole[part] as object, requested[part as keyof RecipeInput] as object | undefined),
  ])
  return { ...whole, ...requested, ...Object.fromEntries(overlays) } as Recipe
}
