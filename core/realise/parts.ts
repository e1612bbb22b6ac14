import { realiseError, titleMessage } from './messages'
import { degreesOf, familyOf, notesOver, type Part, familySolverOf, type Recipe } from '../instrument'
import type { Material } from '../material'
import { materialFor } from './material'
import {
  isFree,
  type Line,
  linesOf,
  PLAIN_PATTERN,
  PLAIN_RHYTHM,
  type Section,
  sectionsOf,
  stepsIn,
  type Stretch,
  WALK_ROWS,
} from '../study'

export { degreesOf, type Part }

/** More notes than this are no study: pages of them would be neither read nor practised. */
const MAX_STEPS = 1500

/** The straight rising course of a section, whose crossings its loops go around. */
const rising = (recipe: Recipe, octaves: number): Recipe => ({
  ...recipe,
  octaves,
  course: 'up',
  pattern: PLAIN_PATTERN,
})

const HIGHEST_KEY = 127
/**
 * The same where there are keys at all: crossings land on the same steps in every octave, and whether the study itself
 * fits its instrument is checked when all of it is known.
 */
function onKeys(recipe: Recipe, material: Material): Recipe {
  const keys = linesOf(recipe, material, familyOf(recipe)).flatMap(({ notes }) => notes.map(({ midi }) => midi))
  const under = Math.max(0, Math.ceil(-Math.min(...keys) / 12))
  const over = Math.max(0, Math.ceil((Math.max(...keys) - HIGHEST_KEY) / 12))
  return under === over ? recipe : { ...recipe, startOctave: recipe.startOctave + under - over }
}

/** Steps of the first octave on which either hand lands a crossing, going up. */
function crossingsOver(recipe: Recipe, material: Material, octaves: number): number[] {
  const straight = onKeys(rising(recipe, octaves), material)
  const family = familyOf(recipe)
  const steps = linesOf(straight, material, family).flatMap((line) =>
    familySolverOf(recipe)
      .landings(straight, material, line)
      .map((index) => line.notes[index]!.step),
  )
  // a left hand that ends the octave on its thumb crosses to the note after
  const octave = material.rising.up.length + 1
  return [...new Set(steps.filter((step) => step <= octave))].sort((a, b) => a - b)
}

/** Where a single octave has no crossing, the one that leads into the next. @throws DomainError where there is none */
function crossingsIn(recipe: Recipe, material: Material): number[] {
  const own = crossingsOver(recipe, material, recipe.octaves)
  const found = own.length > 0 ? own : crossingsOver(recipe, material, 2)
  if (found.length > 0) return found
  throw realiseError('pattern.material', { why: titleMessage('pattern.no-crossing') }, 'pattern.walk')
}

/** A section with what it is made of. */
interface Made {
  readonly section: Section
  readonly material: Material
}

/** A section's lines, with the notes that lead to the next. @throws DomainError */
function linesFor({ section, material }: Made, next: Made | undefined): Line[] {
  const recipe = section.recipe as Recipe
  const family = familyOf(recipe)
  const { walk } = recipe.pattern
  const loops = WALK_ROWS[walk].around === 'crossings' && family.shapesFor(material.kind, recipe).walk.includes(walk)
  return linesOf(recipe, material, family, {
    ...(loops ? { crossings: crossingsIn(recipe, material) } : {}),
    ...(section.link && next
      ? { next: { recipe: next.section.recipe, material: next.material, link: section.link } }
      : {}),
  })
}

/** What makes a study so long: the part that a teacher would shorten first. */
function lengthened({ pattern, rhythm }: Recipe): 'keys' | 'ladder' | 'motif' | 'walk' | 'figure' | 'octaves' {
  if (pattern.journey !== PLAIN_PATTERN.journey) return 'keys'
  if (rhythm.ladder !== PLAIN_RHYTHM.ladder) return 'ladder'
  if (pattern.motif) return 'motif'
  if (pattern.walk !== PLAIN_PATTERN.walk) return 'walk'
  return pattern.figure === PLAIN_PATTERN.figure ? 'octaves' : 'figure'
}

/** The parts of a complete recipe, one after another. @throws DomainError; `pattern.length` where they grow too long */
export function partsOf(recipe: Recipe): Part[] {
  let from = 0
  const made = sectionsOf(recipe, familyOf(recipe)).map((section): Made => {
    return { section, material: materialFor(section.recipe) }
  })
  return made.map(({ section, material }, at): Part => {
    const lines = linesFor({ section, material }, made[at + 1])
    const steps = stepsIn(lines)
    const part = { ...section, material, fifths: material.fifths, lines, from, steps }
    from += steps
    if (from > MAX_STEPS) {
      throw realiseError('pattern.length', { most: MAX_STEPS, by: lengthened(recipe) }, 'pattern')
    }
    return part
  })
}

/** The lines of all parts as one line a hand. */
export function joinedLines(parts: readonly Part[]): Line[] {
  const hands = parts[0]!.lines.map((line) => line.hand)
  return hands.map((hand) => ({ hand, notes: notesOver(parts, hand) }))
}

export const stretchOf = ({ steps, recipe, rests }: Part, last: boolean): Stretch => ({
  steps,
  perBeat: recipe.tempo.notesPerBeat,
  lengths: recipe.rhythm.lengths,
  ...(rests && !last ? { rests } : {}),
})

/** The signature that all parts share; none where the keys change, so that every sign stands before its note. */
export function signatureOver(parts: readonly Part[]): number {
  const { fifths } = parts[0]!
  const tonal = parts.filter(({ recipe }) => !isFree(recipe.material))
  return tonal.every((part) => part.fifths === fifths) ? fifths : 0
}
