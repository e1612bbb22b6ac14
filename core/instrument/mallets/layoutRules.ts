import { instrumentMessage } from '../messages'
import type { DomainError, Message } from '../../message'
import type { Kind, Material } from '../../material'
import { type MalletRecipe, ROLL_STROKES, struck } from '../../sticking'
import {
  BARE_SHAPES,
  BEFORE,
  cellsOf,
  figuresFor,
  isFree,
  keyStepsIn,
  type Shapes,
  takesBookends,
  takesMotif,
  walksFor,
  type LayoutRules,
  PLAIN_PATTERN,
  patternNamed,
  studyError,
  studyMessage,
  accompanimentsFor,
} from '../../study'
import { mannerOf } from './strokes'

/** What comes from another family says nothing of strokes yet. */
const goesBySchool = (requested: MalletRecipe): boolean =>
  requested.mallets === undefined || mannerOf(requested) === 'school'

/** Only where each leg can be left to one stick: nothing else says which stick strikes. */
const turnsFor = (kind: Kind, requested: MalletRecipe): Shapes['accompaniment'] =>
  accompanimentsFor(kind).filter((each) => each === 'none' || (each === 'by-turns' && goesBySchool(requested)))

/** Sticks have no thumbs to loop around, no hand to hold anything, and no chords of three. */
const shapesFor = (kind: Kind | null, requested: MalletRecipe): Shapes =>
  kind
    ? {
        ...BARE_SHAPES,
        figure: figuresFor(kind),
        walk: walksFor(kind).filter((walk) => walk !== 'crossing-loops'),
        keySteps: keyStepsIn(kind),
        motif: takesMotif(kind),
        accompaniment: turnsFor(kind, requested),
        before: takesBookends(kind) ? BEFORE : BARE_SHAPES.before,
      }
    : BARE_SHAPES

const refuse = (field: string, why: Message): DomainError => studyError('pattern.material', { why }, field)

function whyNot(field: 'walk' | 'accompaniment', requested: string): Message {
  const asked = patternNamed(requested)
  if (field === 'walk') return instrumentMessage('sticks.no-thumbs', { asked })
  return instrumentMessage(requested === 'by-turns' ? 'sticks.turns-alone' : 'sticks.no-hand', { asked })
}

/** Sticks take what needs neither thumbs nor a second hand, and four mallets a plain run with their own figure. */
function checkPattern(recipe: MalletRecipe, material: Material): void {
  const can = shapesFor(isFree(recipe.material) ? null : material.kind, recipe)
  for (const field of ['walk', 'accompaniment'] as const) {
    const requested = recipe.pattern[field]
    if ((can[field] as readonly string[]).includes(requested)) continue
    throw refuse(`pattern.${field}`, whyNot(field, requested))
  }
  if (recipe.bookends.after !== 'none') {
    throw refuse('bookends.after', instrumentMessage('sticks.no-chords'))
  }
  checkMotif(recipe)
}

const MOST_AT_ONCE = 2

/** Four mallets have a figure of their own; two strike no more than two bars at once. */
function checkMotif({ mallets, pattern: { figure, motif } }: MalletRecipe): void {
  if (mallets.count === 4 && (figure !== PLAIN_PATTERN.figure || motif)) {
    throw refuse(motif ? 'pattern.motif' : 'pattern.figure', instrumentMessage('sticks.own-figure'))
  }
  if (motif && cellsOf(motif).some(({ places }) => places.length > MOST_AT_ONCE)) {
    throw refuse('pattern.motif', instrumentMessage('sticks.no-chords'))
  }
}

export const MALLET_LAYOUT_RULES: LayoutRules<MalletRecipe> = {
  shapesFor,
  checkPattern,
  linesFor: () => ['right'],
  accompanied: (_, __, lines) => [...lines],
  beatsPerBar: () => 4,
  shares: () => false,
  struck,
  /** The same notes rolled with more strokes each time. */
  strokeRungs: (recipe) =>
    ROLL_STROKES.map((strokes) => ({
      recipe: { ...recipe, roll: { ...recipe.roll, strokes } },
      label: studyMessage('section.strokes', { strokes }),
    })),
  plainly: (recipe) => recipe,
}
