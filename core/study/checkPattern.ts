import { kindNamed, type Material } from '../material'
import type { Message, DomainError } from '../message'
import { studyError, studyMessage } from './messages'
import { type CommonRecipe, isFree } from './recipe'
import { accompaniesScale, type Figure, figuresFor, journeysFor, takesBookends, walksFor, type Walk } from './shape'
import type { LayoutRules } from './layoutRules'

const refuse = (field: string, why: Message): DomainError => studyError('pattern.material', { why }, field)

const figureNeeds = (figure: Figure): Message =>
  studyMessage(figure.startsWith('groups') ? 'needs.single-run' : 'needs.scale')
const walkNeeds = (walk: Walk): Message => studyMessage(walk === 'five-finger-first' ? 'needs.scale' : 'needs.run')

/** A part of a pattern by its bare name. */
export const patternNamed = (id: string): Message => ({ code: `pattern.name.${id}` })

function checkAccompaniment({ hands, motion, interval, pattern }: CommonRecipe, { kind }: Material): void {
  const { accompaniment: requested } = pattern
  if (requested === 'none') return
  const field = 'pattern.accompaniment'
  if (hands !== 'together') throw refuse(field, studyMessage('pattern.both-hands', { asked: requested }))
  if (motion !== 'similar' || interval !== 'octave') {
    throw refuse(field, studyMessage('pattern.one-hand-free', { asked: requested }))
  }
  if (!accompaniesScale(kind)) throw refuse(field, studyMessage('pattern.accompanies-scale', { asked: requested }))
}

const isPlain = ({ pattern, bookends }: CommonRecipe): boolean =>
  [...Object.values(pattern), ...Object.values(bookends)].every((each) => PLAIN.has(each as string))
const PLAIN = new Set(['straight', 'one-key', 'none'])

/** A part of the pattern beside what this material can take. */
interface Held {
  readonly field: string
  readonly requested: string
  readonly can: readonly string[]
  readonly needs: Message
}

/**
 * Whether a pattern goes with what is played.
 * @throws DomainError `pattern.material` naming the part of the pattern, and what it needs
 */
export function checkPattern(recipe: CommonRecipe, material: Material, layoutRules: LayoutRules): void {
  if (isPlain(recipe)) return
  layoutRules.checkPattern(recipe, material)
  const { kind } = material
  const { figure, walk, journey } = recipe.pattern
  const shared = layoutRules.shares(recipe) || isFree(recipe.material)
  const between = shared && !isFree(recipe.material) ? 'yes' : 'no'
  const what = studyMessage('material.is', { kind: kindNamed(kind), shared: between })
  const keys = studyMessage(journey.startsWith('relay') ? 'needs.run' : 'needs.diatonic')
  const parts: Held[] = [
    { field: 'pattern.figure', requested: figure, can: figuresFor(kind), needs: figureNeeds(figure) },
    { field: 'pattern.walk', requested: walk, can: walksFor(kind), needs: walkNeeds(walk) },
    { field: 'pattern.journey', requested: journey, can: journeysFor(kind), needs: keys },
  ]
  for (const { field, requested, can, needs } of parts) {
    if (PLAIN.has(requested) || (!shared && can.includes(requested))) continue
    throw refuse(field, studyMessage('pattern.needs', { asked: patternNamed(requested), needs, what }))
  }
  checkAccompaniment(recipe, material)
  const bookend = (['before', 'after'] as const).find((end) => recipe.bookends[end] !== 'none')
  if (bookend && (shared || !takesBookends(kind))) {
    throw refuse(`bookends.${bookend}`, studyMessage('pattern.bookends', { what }))
  }
}
