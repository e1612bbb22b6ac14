import type { Material } from '../material'
import { midiOf, type Pitch, pitchAbove, RecipeError } from '../pitch'
import { type Course, type Hand, handsOf, type Recipe } from './recipe'

/** One note of one hand. */
export interface LineNote {
  readonly pitch: Pitch
  readonly midi: number
  /** Degree from 0 (tonic), counted within the octave. */
  readonly degree: number
  /** The leg it is reached on; the first note belongs to the leg that it begins. */
  readonly leg: 'up' | 'down'
}

/** What one hand plays, in order. */
export interface Line {
  readonly hand: Hand
  readonly notes: readonly LineNote[]
}

const LEGS: Record<Course, readonly LineNote['leg'][]> = {
  'up-down': ['up', 'down'],
  up: ['up'],
  down: ['down'],
  'down-up': ['down', 'up'],
}
const AGAINST: Record<Course, Course> = { 'up-down': 'down-up', up: 'down', down: 'up', 'down-up': 'up-down' }

/** Lowest tonic of a hand: the left lies an octave under the right, or all its octaves under in contrary motion. */
function lowestTonic(recipe: Recipe, hand: Hand): number {
  if (recipe.hands !== 'together' || hand === 'right') return recipe.startOctave
  return recipe.startOctave - (recipe.motion === 'contrary' ? recipe.octaves : 1)
}

const courseOf = (recipe: Recipe, hand: Hand): Course =>
  recipe.motion === 'contrary' && hand === 'left' ? AGAINST[recipe.course] : recipe.course

function risingLeg(material: Material, leg: LineNote['leg'], lowest: number, octaves: number): LineNote[] {
  const { kind } = material
  const tonic: Pitch = { ...material.tonic, octave: lowest }
  const intervals = kind[leg]
  return Array.from({ length: intervals.length * octaves + 1 }, (_, index) => {
    const degree = index % intervals.length
    const octave = Math.floor(index / intervals.length)
    const { steps, semitones } = intervals[degree]!
    const pitch = pitchAbove(tonic, { steps: steps + 7 * octave, semitones: semitones + 12 * octave })
    return { pitch, midi: midiOf(pitch), degree, leg }
  })
}

function lineOf(recipe: Recipe, material: Material, hand: Hand): Line {
  const lowest = lowestTonic(recipe, hand)
  const notes = LEGS[courseOf(recipe, hand)].flatMap((leg, at) => {
    const rising = risingLeg(material, leg, lowest, recipe.octaves)
    const run = leg === 'up' ? rising : rising.reverse()
    return at === 0 ? run : run.slice(1)
  })
  return { hand, notes }
}

/** The lines of a recipe, right hand first; the note at a turn sounds once. Ranges are not checked here. */
export const linesOf = (recipe: Recipe, material: Material): Line[] =>
  handsOf(recipe.hands).map((hand) => lineOf(recipe, material, hand))

/** Lowest and highest sounding key of some lines, as MIDI numbers. */
export function compassOf(lines: readonly Line[]): { lowest: number; highest: number } {
  const keys = lines.flatMap((line) => line.notes.map((note) => note.midi))
  return { lowest: Math.min(...keys), highest: Math.max(...keys) }
}

/**
 * Holds the lines against the compass of an instrument.
 * @throws RecipeError `range` saying by how much the study leaves it; `details.fits` is the octave that fits, or
 * null where none does, and `details.octaves` then how many octaves would
 */
export function checkCompass(
  recipe: Recipe,
  material: Material,
  bounds: { lowest: number; highest: number; words: string },
): void {
  const { lowest, highest } = compassOf(linesOf(recipe, material))
  const under = Math.max(0, bounds.lowest - lowest)
  const over = Math.max(0, highest - bounds.highest)
  if (under === 0 && over === 0) return
  const fits = octaveThatFits(recipe, lowest, highest, bounds)
  const leaves = [under > 0 ? `${semitones(under)} below` : '', over > 0 ? `${semitones(over)} above` : ''].filter(
    Boolean,
  )
  const octaves = fits === null ? octavesThatFit(recipe, material, bounds) : recipe.octaves
  const mend =
    fits === null
      ? `No octave fits; ${octaves === 1 ? 'one octave does' : `${octaves} octaves do`}.`
      : `It fits from octave ${fits}.`
  throw new RecipeError('range', `The study goes ${leaves.join(' and ')} ${bounds.words}. ${mend}`, 'startOctave', {
    under,
    over,
    fits,
    octaves,
  })
}

const semitones = (count: number): string => `${count} semitone${count === 1 ? '' : 's'}`

function octaveThatFits(
  recipe: Recipe,
  lowest: number,
  highest: number,
  bounds: { lowest: number; highest: number },
): number | null {
  const nearestFirst = [0, -1, 1, -2, 2, -3, 3, -4, 4, -5, 5, -6, 6, -7, 7, -8, 8]
  const shift = nearestFirst.find(
    (octaves) => lowest + 12 * octaves >= bounds.lowest && highest + 12 * octaves <= bounds.highest,
  )
  return shift === undefined ? null : recipe.startOctave + shift
}

function octavesThatFit(recipe: Recipe, material: Material, bounds: { lowest: number; highest: number }): number {
  for (let octaves = recipe.octaves - 1; octaves > 1; octaves--) {
    const fewer = { ...recipe, octaves }
    const { lowest, highest } = compassOf(linesOf(fewer, material))
    if (octaveThatFits(fewer, lowest, highest, bounds) !== null) return octaves
  }
  return 1
}
