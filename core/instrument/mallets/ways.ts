import type { Kind, Material } from '../../material'
import { RecipeError } from '../../pitch'
import { type MalletRecipe, ROLL_STROKES, struck } from '../../sticking'
import {
  BARE_SHAPES,
  BEFORE,
  figuresFor,
  isFree,
  journeysFor,
  type Shapes,
  takesBookends,
  walksFor,
  type Ways,
} from '../../study'

/** Sticks have no thumbs to loop around, no hand to spare for an accompaniment, and no chords of three. */
const shapesFor = (kind: Kind | null): Shapes =>
  kind
    ? {
        ...BARE_SHAPES,
        figure: figuresFor(kind),
        walk: walksFor(kind).filter((walk) => walk !== 'crossing-loops'),
        journey: journeysFor(kind),
        before: takesBookends(kind) ? BEFORE : BARE_SHAPES.before,
      }
    : BARE_SHAPES

const refuse = (field: string, words: string): RecipeError => new RecipeError('pattern.material', words, field)
const nameOf = (id: string): string => `“${id.replaceAll('-', ' ')}”`

/** Sticks take what needs neither thumbs nor a second hand, and four mallets a plain run with their own figure. */
function checkPattern(recipe: MalletRecipe, material: Material): void {
  const can = shapesFor(isFree(recipe.material) ? null : material.kind)
  for (const field of ['walk', 'accompaniment'] as const) {
    const asked = recipe.pattern[field]
    if ((can[field] as readonly string[]).includes(asked)) continue
    throw refuse(
      `pattern.${field}`,
      `${nameOf(asked)} is for fingers: sticks have no thumbs to cross and share one line.`,
    )
  }
  if (recipe.bookends.after !== 'none') {
    throw refuse(
      'bookends.after',
      'Chords of three notes and more are for fingers: two sticks strike two bars at the most.',
    )
  }
  if (recipe.mallets.count === 4 && recipe.pattern.figure !== 'straight') {
    throw refuse('pattern.figure', 'Four mallets have a figure of their own: pattern.figure must be straight.')
  }
}

export const MALLET_WAYS: Ways<MalletRecipe> = {
  shapesFor,
  checkPattern,
  linesFor: () => ['right'],
  shares: () => false,
  struck,
  /** The same notes rolled with more strokes each time. */
  strokeRungs: (recipe) =>
    ROLL_STROKES.map((strokes) => ({
      recipe: { ...recipe, roll: { ...recipe.roll, strokes } },
      words: `${strokes} strokes to the beat`,
    })),
  plainly: (recipe) => recipe,
}
