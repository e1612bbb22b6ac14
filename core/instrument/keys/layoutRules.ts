import type { FingerRecipe } from '../../fingering'
import type { Kind } from '../../material'
import {
  accompaniment,
  accompanimentsFor,
  AFTER,
  BARE_SHAPES,
  BEFORE,
  figuresFor,
  handsOf,
  keyStepsIn,
  type Shapes,
  takesBookends,
  takesMotif,
  walksFor,
  type LayoutRules,
} from '../../study'

const shares = ({ school }: FingerRecipe): boolean => school === 'two-hand-tetrachords'

/** Fingers take every figure, and loops around their crossings; a hand may be spared for an accompaniment. */
function shapesFor(kind: Kind | null, requested: FingerRecipe): Shapes {
  if (!kind || shares(requested)) return BARE_SHAPES
  const { hands, motion, interval } = requested
  const bookends = takesBookends(kind)
  const free = hands === 'together' && motion === 'similar' && interval === 'octave'
  return {
    figure: figuresFor(kind),
    walk: walksFor(kind),
    keySteps: keyStepsIn(kind),
    motif: takesMotif(kind),
    accompaniment: free ? accompanimentsFor(kind) : BARE_SHAPES.accompaniment,
    before: bookends ? BEFORE : BARE_SHAPES.before,
    after: bookends ? AFTER : BARE_SHAPES.after,
  }
}

export const KEY_LAYOUT_RULES: LayoutRules<FingerRecipe> = {
  shapesFor,
  // what goes with fingers is what goes with the notes
  checkPattern: () => {},
  linesFor: ({ hands }) => handsOf(hands),
  accompanied: accompaniment,
  beatsPerBar: () => 4,
  shares,
  struck: (_, __, course) => course,
  strokeRungs: () => [],
  // a bookend is taken by one hand as by the other, whatever shares the study's scale between them
  plainly: (recipe) => (shares(recipe) ? { ...recipe, school: 'conservatory' } : recipe),
}
