import { ACCOMPANIMENT_ROWS } from './accompany'
import { kindNamed, type Material } from '../material'
import type { Message, DomainError } from '../message'
import { studyError, studyMessage } from './messages'
import { type CommonRecipe, isFree } from './recipe'
import {
  figuresFor,
  isPlainPattern,
  keyStepsIn,
  NO_BOOKENDS,
  PLAIN_PATTERN,
  takesBookends,
  takesMotif,
  walksFor,
} from './shape'
import { type Figure, FIGURE_ROWS, goes, isPlainSequence, KEY_STEPS, type Walk, WALK_ROWS, wayOf } from './line'
import type { LayoutRules } from './layoutRules'

const refuse = (field: string, why: Message): DomainError => studyError('pattern.material', { why }, field)

const figureNeeds = (figure: Figure): Message =>
  studyMessage(FIGURE_ROWS[figure].needs === 'run' ? 'needs.single-run' : 'needs.scale')
const walkNeeds = (walk: Walk): Message => studyMessage(WALK_ROWS[walk].needs === 'run' ? 'needs.run' : 'needs.scale')

/** A part of a pattern by its bare name. */
export const patternNamed = (id: string): Message => ({ code: `pattern.name.${id}` })

function checkAccompaniment({ hands, motion, interval, pattern }: CommonRecipe, { kind }: Material): void {
  const { accompaniment: requested } = pattern
  if (requested === 'none') return
  const field = 'pattern.accompaniment'
  if (hands !== 'together') throw refuse(field, studyMessage('pattern.both-hands', { asked: patternNamed(requested) }))
  if (motion !== 'similar' || interval !== 'octave') {
    throw refuse(field, studyMessage('pattern.one-hand-free', { asked: patternNamed(requested) }))
  }
  if (!ACCOMPANIMENT_ROWS[requested].goesWith(kind)) {
    throw refuse(field, studyMessage('pattern.accompanies-scale', { asked: patternNamed(requested) }))
  }
}

const isPlain = ({ pattern, bookends }: CommonRecipe): boolean =>
  isPlainPattern(pattern) && bookends.before === NO_BOOKENDS.before && bookends.after === NO_BOOKENDS.after

/** A motif stands in place of figure and walk; only what it says can be moved by a sequence. */
function checkMotif({ pattern }: CommonRecipe, { kind }: Material, shared: boolean, what: Message): void {
  const { motif, sequence, figure, walk } = pattern
  if (!motif) {
    if (isPlainSequence(sequence)) return
    throw refuse('pattern.sequence', studyMessage('pattern.sequence-alone'))
  }
  const other = figure === PLAIN_PATTERN.figure ? walk : figure
  if (other !== PLAIN_PATTERN.walk) {
    throw refuse('pattern.motif', studyMessage('pattern.motif-or', { asked: patternNamed(other) }))
  }
  if (takesMotif(kind) && !shared) return
  throw refuse('pattern.motif', studyMessage('pattern.motif-needs', { needs: studyMessage('needs.single-run'), what }))
}

/** Keys are led through by runs; some ways are told by signatures, by modes, or by the other key of a pair. */
function checkJourney({ pattern: { journey } }: CommonRecipe, { kind }: Material, shared: boolean, what: Message) {
  if (goes(journey, shared ? [] : keyStepsIn(kind))) return
  const by = wayOf(journey)
  const needs = studyMessage(`needs.${by === null ? 'run' : KEY_STEPS[by].needs}`)
  if (typeof journey !== 'string') {
    throw refuse('pattern.journey', studyMessage('pattern.keys-need', { needs, what }))
  }
  throw refuse('pattern.journey', studyMessage('pattern.needs', { asked: patternNamed(journey), needs, what }))
}

/** A part of the pattern beside what this material can take. */
interface Held {
  readonly field: string
  readonly requested: string
  readonly plain: string
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
  const { figure, walk } = recipe.pattern
  const shared = layoutRules.shares(recipe) || isFree(recipe.material)
  const between = shared && !isFree(recipe.material) ? 'yes' : 'no'
  const what = studyMessage('material.is', { kind: kindNamed(kind), shared: between })
  const parts: Held[] = [
    {
      field: 'pattern.figure',
      requested: figure,
      plain: PLAIN_PATTERN.figure,
      can: figuresFor(kind),
      needs: figureNeeds(figure),
    },
    { field: 'pattern.walk', requested: walk, plain: PLAIN_PATTERN.walk, can: walksFor(kind), needs: walkNeeds(walk) },
  ]
  for (const { field, requested, plain, can, needs } of parts) {
    if (requested === plain || (!shared && can.includes(requested))) continue
    throw refuse(field, studyMessage('pattern.needs', { asked: patternNamed(requested), needs, what }))
  }
  checkMotif(recipe, material, shared, what)
  checkJourney(recipe, material, shared, what)
  checkAccompaniment(recipe, material)
  const bookend = (['before', 'after'] as const).find((end) => recipe.bookends[end] !== 'none')
  if (bookend && (shared || !takesBookends(kind))) {
    throw refuse(`bookends.${bookend}`, studyMessage('pattern.bookends', { what }))
  }
}
