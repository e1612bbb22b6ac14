import {
  completeRecipe,
  familyOf,
  familySolverOf,
  type Player,
  type Recipe,
  type RecipeInput,
  type AnyPin,
} from '../instrument'
import { DomainError, joined } from '../message'
import { checkCompass, checkPattern, isFree, type Line, rhythmOf, stepsIn } from '../study'
import { materialFor } from './material'
import { joinedLines, type Part, partsOf, signatureOver, stretchOf } from './parts'
import { type Accepted, marksOf } from './players'
import type { RealisedStudy, StudySection } from './study'
import { titleOf, twinMessage } from './title'

/**
 * Realises a recipe: spells it, gives it fingers or sticks, says why. The one door to the core for pages, server and
 * terminal.
 * @param accepted fingers or sticks that stand instead of the engine's, with the same number of notes
 * @param alternatives how many further ways of each hand (or line of sticks) are wanted at the most; five unless said
 * @throws DomainError with code, message and the path of the field
 */
export function realise(input: RecipeInput, accepted: Accepted = {}, alternatives?: number): RealisedStudy {
  const requested = completeRecipe(input)
  const material = materialFor(requested)
  // the whole recipe first, so that what does not go together is reported by its own names
  checkPattern(requested, material, familyOf(requested))
  const { recipe, parts } = placed(requested, input)
  const lines = joinedLines(parts)
  const rhythm = rhythmOf(
    parts.map((part, at) => stretchOf(part, at === parts.length - 1)),
    familyOf(recipe).accentsOf(recipe),
    familyOf(recipe).beatsPerBar(recipe),
  )
  return {
    recipe,
    title: titleOf(recipe),
    twin: isFree(recipe.material) ? null : twinMessage(material),
    keySignature: { fifths: signatureOver(parts) },
    steps: stepsIn(lines),
    ...(parts.length > 1 ? { sections: parts.map(sectionOf) } : {}),
    rhythm,
    ...familySolverOf(recipe).solve(recipe, parts, lines, rhythm, { accepted, alternatives }),
  } as RealisedStudy
}

/**
 * A recipe with nothing left open, where it stands on its instrument and as long as that takes it; nothing is fingered.
 * @throws DomainError
 */
export const fittedRecipe = (input: RecipeInput): Recipe => placed(completeRecipe(input), input).recipe

const sectionOf = ({ label, from, fifths, recipe }: Part): StudySection => ({
  ...{ words: joined(label, 'comma'), from, fifths },
  notesPerBeat: recipe.tempo.notesPerBeat,
})

/**
 * The parts of a recipe, on its instrument. Where the start was left open and does not fit, the nearest that does is
 * taken; where the octaves were left open too, as many as fit.
 */
function placed(recipe: Recipe, { startOctave, octaves }: RecipeInput): { recipe: Recipe; parts: Part[] } {
  const parts = partsOf(recipe)
  const family = familyOf(recipe)
  try {
    const within = (lines: readonly Line[]): readonly Line[] => lines.filter(({ hand }) => family.hasCompass(hand))
    const linesFor = (other: Recipe) => within(joinedLines(other === recipe ? parts : partsOf(other)))
    checkCompass(recipe, linesFor, family.compassOf(recipe))
    return { recipe, parts }
  } catch (error) {
    if (!(error instanceof DomainError) || startOctave !== undefined) throw error
    const { fits, octaves: fewer } = error.details
    if (typeof fits === 'number') {
      const moved = { ...recipe, startOctave: fits }
      return { recipe: moved, parts: partsOf(moved) }
    }
    if (octaves !== undefined || typeof fewer !== 'number' || fewer >= recipe.octaves) throw error
    return placed({ ...recipe, octaves: fewer }, { octaves: fewer, material: recipe.material })
  }
}

/** Pins for the notes on which a player should have other marks than the study gives. */
function pinsFor(study: RealisedStudy, player: Player, marks: readonly string[]): AnyPin[] {
  const own = marksOf(study, player)
  return marks.flatMap((mark, index): AnyPin[] => {
    if (mark === own[index]) return []
    return [familyOf(study.recipe).pins.atNote(player, index, mark) as AnyPin]
  })
}

/**
 * The pins that make a player take one of the alternatives: what was pinned stays, and every mark in which the
 * alternative departs is pinned as well. Where the rest would then move to better places, it is pinned too.
 * @param first pins that the alternative brings with it, where marks alone do not say it
 */
export function takeAlternative(
  study: RealisedStudy,
  player: Player,
  marks: readonly string[],
  first: readonly AnyPin[] = [],
): readonly AnyPin[] {
  let pins: AnyPin[] = [...study.recipe.pins, ...first]
  for (let now = first.length === 0 ? study : realise({ ...study.recipe, pins } as RecipeInput, {}, 0); ;) {
    const more = pinsFor(now, player, marks)
    if (more.length === 0) return pins
    pins = [...pins, ...more]
    now = realise({ ...study.recipe, pins } as RecipeInput, {}, 0)
  }
}
