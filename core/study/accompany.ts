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

const lowered = (line: Line): Line => ({
  ...line,
  notes: line.notes.map((note) => ({
    ...note,
    pitch: { ...note.pitch, octave: note.pitch.octave - 1 },
    midi: note.midi - OCTAVE,
  })),
})
const OCTAVE = 12

/** The chord's octave over a scale that begins two octaves under the study's own: the next above its highest note. */
const overScale = ({ startOctave, octaves }: CommonRecipe): number => startOctave - 1 + octaves

/**
 * Gives one hand to the accompaniment: the left holds the tonic under the right hand's scale, or the right holds the
 * tonic triad over the scale in the left, which then lies wholly below it.
 */
export function accompaniment(recipe: CommonRecipe, material: Material, lines: readonly Line[]): Line[] {
  const { accompaniment: requested } = recipe.pattern
  if (requested === 'none') return [...lines]
  const holding = requested === 'held-tonic' ? 'left' : 'right'
  const degrees = requested === 'held-tonic' ? [0] : TRIAD
  const octave = holding === 'left' ? recipe.startOctave - 1 : overScale(recipe)
  const tonic: Pitch = { ...material.tonic, octave }
  return lines.map((line) => {
    if (line.hand !== holding) return holding === 'right' ? lowered(line) : line
    const steps = 1 + line.notes.at(-1)!.step
    return { hand: line.hand, notes: held(recipe, material, tonic, degrees, steps), free: 'held' }
  })
}
