import { listed, type Message } from '../message'
import type { Line } from './line'
import { studyError, studyMessage } from './messages'
import { type CommonRecipe, isFree } from './recipe'

interface Bounds {
  readonly lowest: number
  readonly highest: number
}

/** Lowest and highest sounding key of some lines, as MIDI numbers. */
function compassOf(lines: readonly Line[]): Bounds {
  const keys = lines.flatMap((line) => line.notes.map((note) => note.midi))
  return { lowest: Math.min(...keys), highest: Math.max(...keys) }
}

/**
 * Holds the lines of a recipe against the compass of an instrument.
 * @param linesFor everything that a recipe plays
 * @throws DomainError `range` at the start, or at the octaves where no start helps, saying by how much the study leaves
 * it; `details.fits` is the octave that fits, or null where none does, and `details.octaves` then how many octaves would
 */
export function checkCompass<R extends CommonRecipe>(
  recipe: R,
  linesFor: (recipe: R) => readonly Line[],
  bounds: Bounds & { readonly compass: Message },
): void {
  const lines = linesFor(recipe)
  if (lines.length === 0) return
  const { lowest, highest } = compassOf(lines)
  const under = Math.max(0, bounds.lowest - lowest)
  const over = Math.max(0, highest - bounds.highest)
  if (under === 0 && over === 0) return
  const leaves = listed([
    ...(under > 0 ? [studyMessage('range.below', { semitones: under })] : []),
    ...(over > 0 ? [studyMessage('range.above', { semitones: over })] : []),
  ])
  const instrument = bounds.compass
  if (isFree(recipe.material)) {
    throw studyError('range', { leaves, instrument, mend: 'none' }, 'material.pitches', { under, over })
  }
  const fits = octaveThatFits(recipe, { lowest, highest }, bounds)
  const octaves = fits === null ? octavesThatFit(recipe, linesFor, bounds) : recipe.octaves
  const mend = fits === null ? studyMessage('range.shorter', { octaves }) : studyMessage('range.fits', { octave: fits })
  throw studyError('range', { leaves, instrument, mend }, fits === null ? 'octaves' : 'startOctave', {
    under,
    over,
    fits,
    octaves,
  })
}

function octaveThatFits(recipe: CommonRecipe, compass: Bounds, bounds: Bounds): number | null {
  const nearestFirst = [0, -1, 1, -2, 2, -3, 3, -4, 4, -5, 5, -6, 6, -7, 7, -8, 8]
  const shift = nearestFirst.find(
    (octaves) => compass.lowest + 12 * octaves >= bounds.lowest && compass.highest + 12 * octaves <= bounds.highest,
  )
  return shift === undefined ? null : recipe.startOctave + shift
}

function octavesThatFit<R extends CommonRecipe>(
  recipe: R,
  linesFor: (recipe: R) => readonly Line[],
  bounds: Bounds,
): number {
  for (let octaves = recipe.octaves - 1; octaves > 1; octaves--) {
    const fewer = { ...recipe, octaves }
    if (octaveThatFits(fewer, compassOf(linesFor(fewer)), bounds) !== null) return octaves
  }
  return 1
}
