import { intervalAt, type Material } from '../material'
import { midiOf, type Pitch, pitchAbove } from '../pitch'
import type { Line, LineNote } from './line'
import type { CommonRecipe } from './recipe'

const BEATS = 4
const TRIAD = [0, 2, 4]

/** What one hand holds, struck anew in every bar: its notes over the tonic of an octave, for as long as the other plays. */
function held(
  recipe: CommonRecipe,
  material: Material,
  tonic: Pitch,
  degrees: readonly number[],
  steps: number,
): LineNote[] {
  const perBar = BEATS * recipe.tempo.notesPerBeat
  return Array.from({ length: Math.ceil(steps / perBar) }, (_, bar) =>
    degrees.map((degree): LineNote => {
      const pitch = pitchAbove(tonic, intervalAt(material.rising.up, degree))
      const step = bar * perBar
      const holds = Math.min(perBar, steps - step)
      return { pitch, midi: midiOf(pitch), degree, leg: 'up', step, fresh: false, holds }
    }),
  ).flat()
}

/**
 * Gives one hand to the accompaniment: the left holds the tonic under the right hand's scale, or the right holds the
 * tonic triad over the scale in the left.
 */
export function accompaniment(recipe: CommonRecipe, material: Material, lines: readonly Line[]): Line[] {
  const { accompaniment: asked } = recipe.pattern
  if (asked === 'none') return [...lines]
  const holding = asked === 'held-tonic' ? 'left' : 'right'
  const degrees = asked === 'held-tonic' ? [0] : TRIAD
  const octave = holding === 'left' ? recipe.startOctave - 1 : recipe.startOctave
  const tonic: Pitch = { ...material.tonic, octave }
  return lines.map((line) => {
    if (line.hand !== holding) return line
    const steps = 1 + line.notes.at(-1)!.step
    return { hand: line.hand, notes: held(recipe, material, tonic, degrees, steps), free: 'held' }
  })
}
