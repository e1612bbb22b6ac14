import type { AccordionRecipe } from '../../buttons'
import type { Kind, Material } from '../../material'
import type { Message, DomainError } from '../../message'
import {
  AFTER,
  BARE_SHAPES,
  BEFORE,
  cellsOf,
  figuresFor,
  handsOf,
  isFree,
  keyStepsIn,
  patternNamed,
  studyError,
  type Shapes,
  takesBookends,
  takesMotif,
  walksFor,
  type LayoutRules,
} from '../../study'
import { trebleOf } from '../../surface'
import { instrumentMessage } from '../messages'
import { withLeftHand } from './leftHand'

const onKeys = ({ accordion }: AccordionRecipe): boolean => trebleOf(accordion.treble).plays === 'keys'

/** What the right hand takes, as a piano's does; loops around crossings want keys, where the thumb crosses. */
function shapesFor(kind: Kind | null, requested: AccordionRecipe): Shapes {
  if (!kind) return BARE_SHAPES
  const bookends = takesBookends(kind)
  const loops = requested.accordion === undefined || onKeys(requested)
  return {
    figure: figuresFor(kind),
    walk: walksFor(kind).filter((walk) => loops || walk !== 'crossing-loops'),
    keySteps: keyStepsIn(kind),
    motif: takesMotif(kind),
    accompaniment: BARE_SHAPES.accompaniment,
    before: bookends ? BEFORE : BARE_SHAPES.before,
    after: bookends ? AFTER : BARE_SHAPES.after,
  }
}

const refuse = (field: string, why: Message): DomainError => studyError('pattern.material', { why }, field)

/** Notes that a motif strikes at once: the left hand’s own scale is one of single buttons. */
const MOST_AT_ONCE = 2

function checkPattern(recipe: AccordionRecipe, material: Material): void {
  const can = shapesFor(isFree(recipe.material) ? null : material.kind, recipe)
  const { walk } = recipe.pattern
  if (walk === 'crossing-loops' && !can.walk.includes(walk)) {
    throw refuse('pattern.walk', instrumentMessage('buttons.no-thumbs', { asked: patternNamed(walk) }))
  }
  const { motif } = recipe.pattern
  const most = recipe.hands === 'right' ? MOST_AT_ONCE : 1
  if (motif && cellsOf(motif).some(({ places }) => places.length > most)) {
    throw refuse('pattern.motif', instrumentMessage('buttons.no-chords', { most }))
  }
}

export const ACCORDION_LAYOUT_RULES: LayoutRules<AccordionRecipe> = {
  shapesFor,
  checkPattern,
  linesFor: ({ hands }) => handsOf(hands),
  accompanied: withLeftHand,
  beatsPerBar: ({ accordion }) => (accordion.left.part === 'waltz' ? 3 : 4),
  shares: () => false,
  struck: (_, __, course) => course,
  strokeRungs: () => [],
  plainly: (recipe) => recipe,
}
