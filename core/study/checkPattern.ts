import type { Material } from '../material'
import { RecipeError } from '../pitch'
import { type CommonRecipe, isFree } from './recipe'
import { accompaniesScale, type Figure, figuresFor, journeysFor, takesBookends, walksFor, type Walk } from './shape'
import type { Ways } from './ways'

const refuse = (field: string, words: string): RecipeError => new RecipeError('pattern.material', words, field)

const FIGURE_NEEDS = (figure: Figure): string =>
  figure.startsWith('groups') ? 'a run in single notes' : 'a scale of seven notes in single notes'
const WALK_NEEDS = (walk: Walk): string =>
  walk === 'five-finger-first' ? 'a scale of seven notes in single notes' : 'a run'

const nameOf = (id: string): string => `“${id.replaceAll('-', ' ')}”`

function checkAccompaniment({ hands, motion, interval, pattern }: CommonRecipe, { kind }: Material): void {
  if (pattern.accompaniment === 'none') return
  const field = 'pattern.accompaniment'
  const what = pattern.accompaniment === 'held-tonic' ? 'A held tonic' : 'A scale in the bass'
  if (hands !== 'together') throw refuse(field, `${what} needs both hands.`)
  if (motion !== 'similar' || interval !== 'octave') {
    throw refuse(field, `${what} leaves one hand to play the scale: motion must be similar, interval octave.`)
  }
  if (!accompaniesScale(kind)) throw refuse(field, `${what} needs a scale of seven notes in single notes.`)
}

const isPlain = ({ pattern, bookends }: CommonRecipe): boolean =>
  [...Object.values(pattern), ...Object.values(bookends)].every((each) => PLAIN.has(each as string))
const PLAIN = new Set(['straight', 'one-key', 'none'])

/** A part of the pattern beside what this material can take. */
interface Held {
  readonly field: string
  readonly asked: string
  readonly can: readonly string[]
  readonly needs: string
}

/**
 * Whether a pattern goes with what is played.
 * @throws RecipeError `pattern.material` naming the part of the pattern, and what it needs
 */
export function checkPattern(recipe: CommonRecipe, material: Material, ways: Ways): void {
  if (isPlain(recipe)) return
  ways.checkPattern(recipe, material)
  const { kind } = material
  const { figure, walk, journey } = recipe.pattern
  const shared = ways.shares(recipe) || isFree(recipe.material)
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
