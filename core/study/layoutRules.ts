import type { Kind, Material } from '../material'
import type { Message } from '../message'
import type { Hand } from './hand'
import type { Accompaniment, Line } from './line'
import type { Meter } from './rhythm'
import type { Step } from './places'
import type { CommonRecipe } from './recipe'
import type { AFTER, BEFORE, figuresFor, keyStepsIn, walksFor } from './shape'

/** Which parts of a pattern, and which bookends, a study can take. */
export interface Shapes {
  readonly figure: ReturnType<typeof figuresFor>
  readonly walk: ReturnType<typeof walksFor>
  /** Ways from key to key; with any of them a list of keys can be taken as well. */
  readonly keySteps: ReturnType<typeof keyStepsIn>
  /** A motif of one's own. */
  readonly motif: boolean
  readonly accompaniment: readonly Accompaniment[]
  readonly before: readonly (typeof BEFORE)[number][]
  readonly after: readonly (typeof AFTER)[number][]
}

/** A rung of a ladder that only one family of instruments climbs. */
interface Rung<R> {
  readonly recipe: R
  /** “4 strokes to the beat”. */
  readonly label: Message
}

/**
 * What a family of instruments makes of the notes of a study before they are played: asked in this room, answered by
 * the family's entry in the register. Written as methods, so that an entry may know its own recipes.
 */
export interface LayoutRules<R extends CommonRecipe = CommonRecipe> {
  /** What of pattern and bookends it takes with a kind (null: a list of pitches), played as the recipe says. */
  shapesFor(kind: Kind | null, requested: R): Shapes
  /** Refuses patterns in its own words. @throws DomainError naming the field */
  checkPattern(recipe: R, material: Material): void
  /** Whose lines a study has, the upper first; sticks share the right hand's. */
  linesFor(recipe: R): readonly Hand[]
  /** Whether the hands share one octave between them, each playing a part of it. */
  shares(recipe: R): boolean
  /** The lines as they are played together: an accompaniment may take the place of one. */
  accompanied(recipe: R, material: Material, lines: readonly Line[]): Line[]
  /** Quarters in a bar. */
  beatsPerBar(recipe: R): Meter
  /** A course as it is struck on the instrument. */
  struck(recipe: R, material: Material, course: readonly Step[]): readonly Step[]
  /** The rungs of the ladder of strokes; none where there is no such ladder. */
  strokeRungs(recipe: R): readonly Rung<R>[]
  /** A recipe as its bookends are played: what the study's own course alone is played in is left. */
  plainly(recipe: R): R
}
