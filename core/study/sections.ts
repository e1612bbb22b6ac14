import { KINDS } from '../material'
import { after, before } from './bookends'
import { climbed } from './ladder'
import type { LayoutRules } from './layoutRules'
import { type CommonRecipe, isFree } from './recipe'
import type { Section } from './section'
import { NO_BOOKENDS, PLAIN_PATTERN } from './shape'
import { travelled } from './travel'

/**
 * What a recipe consists of, in order: bookend, keys of the journey, each up the ladder, bookend. Sections hold no
 * journey, ladder, bookends or pins of their own.
 */
export function sectionsOf(recipe: CommonRecipe, layoutRules: LayoutRules): Section[] {
  const plain = !isFree(recipe.material)
  const keys = plain ? travelled(recipe) : [{ recipe, label: [] }]
  // where each key climbs a ladder, the hand is set down anew on every rung
  const joined = keys.map((key, at) => (at > 0 && recipe.rhythm.ladder === 'none' ? { ...key, joins: true } : key))
  const played = joined.flatMap((section) => climbed(section, layoutRules))
  const ends = plain
    ? { before: before(keys[0]!.recipe, layoutRules), after: after(keys.at(-1)!.recipe, layoutRules) }
    : { before: [], after: [] }
  return [...ends.before, ...played, ...ends.after].map((section) => ({
    ...section,
    recipe: cleared(section.recipe),
  }))
}

/** A bookend is straight, whatever the study's pattern. */
function cleared(recipe: CommonRecipe): CommonRecipe {
  const straight = isFree(recipe.material) || KINDS[recipe.material.kind].texture !== 'run'
  return {
    ...recipe,
    pattern: straight ? PLAIN_PATTERN : { ...recipe.pattern, journey: PLAIN_PATTERN.journey, link: PLAIN_PATTERN.link },
    rhythm: { ...recipe.rhythm, ladder: 'none' },
    bookends: NO_BOOKENDS,
    pins: [],
  }
}
