import type { Material } from '../material'
import { RecipeError } from '../pitch'
import { shapesFor } from './fit'
import { isFree, isMallets, type Recipe } from './recipe'
import { accompaniesScale, type Figure, figuresFor, journeysFor, takesBookends, walksFor, type Walk } from './shape'

const refuse = (field: string, words: string): RecipeError => new RecipeError('pattern.material', words, field)

const FIGURE_NEEDS = (figure: Figure): string =>
  figure.startsWith('groups') ? 'a run in single notes' : 'a scale of seven notes in single notes'
const WALK_NEEDS = (walk: Walk): string =>
  walk === 'five-finger-first' ? 'a scale of seven notes in single notes' : 'a run'

const nameOf = (id: string): string => `“${id.replaceAll('-', ' ')}”`

function checkAccompaniment({ hands, motion, interval, pattern }: Recipe, { kind }: Material): void {
  if (pattern.accompaniment === 'none') return
  const field = 'pattern.accompaniment'
  const what = pattern.accompaniment === 'held-tonic' ? 'A held tonic' : 'A scale in the bass'
  if (hands !== 'together') throw refuse(field, `${what} needs both hands.`)
  if (motion !== 'similar' || interval !== 'octave') {
    throw refuse(field, `${what} leaves one hand to play the scale: motion must be similar, interval octave.`)
  }
  if (!accompaniesScale(kind)) throw refuse(field, `${what} needs a scale of seven notes in single notes.`)
}

const isPlain = ({ pattern, bookends }: Recipe): boolean =>
  [...Object.values(pattern), ...Object.values(bookends)].every((each) => PLAIN.has(each as string))
const PLAIN = new Set(['straight', 'one-key', 'none'])

/** A part of the pattern beside what this material can take. */
interface Held {
  readonly field: string
  readonly asked: string
  readonly can: readonly string[]
  readonly needs: string
}

/** Sticks take what needs neither thumbs nor a second hand, and four mallets a plain run with their own figure. */
function checkStruck(recipe: Recipe, material: Material): void {
  if (!isMallets(recipe)) return
  const can = shapesFor(isFree(recipe.material) ? null : material.kind, recipe)
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

/**
 * Whether a pattern goes with what is played.
 * @throws RecipeError `pattern.material` naming the part of the pattern, and what it needs
 */
export function checkPattern(recipe: Recipe, material: Material): void {
  if (isPlain(recipe)) return
  checkStruck(recipe, material)
  const { kind } = material
  const { figure, walk, journey } = recipe.pattern
  const shared = recipe.school === 'two-hand-tetrachords' || isFree(recipe.material)
  const what = `${kind.words}${shared && !isFree(recipe.material) ? ' shared between the hands' : ''}`
  const keys = journey.startsWith('relay') ? 'a run' : 'major, natural minor or a mode'
  const parts: Held[] = [
    { field: 'pattern.figure', asked: figure, can: figuresFor(kind), needs: FIGURE_NEEDS(figure) },
    { field: 'pattern.walk', asked: walk, can: walksFor(kind), needs: WALK_NEEDS(walk) },
    { field: 'pattern.journey', asked: journey, can: journeysFor(kind), needs: keys },
  ]
  for (const { field, asked, can, needs } of parts) {
    if (PLAIN.has(asked) || (!shared && can.includes(asked))) continue
    throw refuse(field, `${nameOf(asked)} needs ${needs}; this is ${what}.`)
  }
  checkAccompaniment(recipe, material)
  const bookend = (['before', 'after'] as const).find((end) => recipe.bookends[end] !== 'none')
  if (bookend && (shared || !takesBookends(kind))) {
    throw refuse(`bookends.${bookend}`, `Before and after need a major or minor run in single notes; this is ${what}.`)
  }
}
