import { intervalAt, type Kind, type Material } from '../material'
import { midiOf, type Pitch, pitchAbove } from '../pitch'
import type { Hand } from './hand'
import { type Accompaniment, ACCOMPANIMENTS, type Leg, type Line, type LineNote } from './line'
import type { CommonRecipe } from './recipe'

const isScale = ({ second, texture, up }: Kind): boolean => texture === 'run' && !second && up.length === 7
const isRun = ({ second, texture }: Kind): boolean => texture === 'run' && !second

/** What one hand holds under or over the other. */
interface Held {
  readonly by: Hand
  /** Degrees over the tonic, from 0. */
  readonly degrees: readonly number[]
  /** It rings through, or is struck anew in every bar. */
  readonly rings: boolean
}

/** What the hands do instead of playing all of it together. */
interface AccompanimentRow {
  readonly goesWith: (kind: Kind) => boolean
  readonly held?: Held
  /** Which notes of the line each hand has; the other rests. */
  readonly has?: (hand: Hand, note: LineNote, line: Line) => boolean
  /** Both hands have the notes of the right one. */
  readonly oneLine?: true
}

const FIRST_LEG = (line: Line): Leg => line.notes[0]!.leg

/** Half of what a line goes through, in semitones over its lowest note. */
function middleOf({ notes }: Line): number {
  const keys = notes.map(({ midi }) => midi)
  return (Math.min(...keys) + Math.max(...keys)) / 2
}

export const ACCOMPANIMENT_ROWS: Readonly<Record<Accompaniment, AccompanimentRow>> = {
  none: { goesWith: () => true },
  'held-tonic': { goesWith: isRun, held: { by: 'left', degrees: [0], rings: true } },
  'held-fifth': { goesWith: isScale, held: { by: 'left', degrees: [0, 4], rings: true } },
  'held-shell': { goesWith: isScale, held: { by: 'left', degrees: [0, 2, 6], rings: true } },
  'scale-in-bass': { goesWith: isScale, held: { by: 'right', degrees: [0, 2, 4], rings: false } },
  'by-turns': {
    goesWith: isRun,
    has: (hand, { leg }, line) => (leg === FIRST_LEG(line)) === (hand === 'right'),
  },
  'handed-over': {
    goesWith: isRun,
    oneLine: true,
    has: (hand, { midi }, line) => midi >= middleOf(line) === (hand === 'right'),
  },
}

/** What goes with some material, in order. */
export const accompanimentsFor = (kind: Kind): readonly Accompaniment[] =>
  ACCOMPANIMENTS.filter((each) => ACCOMPANIMENT_ROWS[each].goesWith(kind))

const BEATS = 4

/** What one hand holds: its notes over the tonic of an octave, for as long as the other plays. */
function heldNotes(recipe: CommonRecipe, material: Material, tonic: Pitch, held: Held, steps: number): LineNote[] {
  const perBar = BEATS * recipe.tempo.notesPerBeat
  const long = held.rings ? steps : perBar
  return Array.from({ length: Math.ceil(steps / long) }, (_, at) =>
    held.degrees.map((degree): LineNote => {
      const pitch = pitchAbove(tonic, intervalAt(material.rising.up, degree))
      const step = at * long
      const holds = Math.min(long, steps - step)
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

function withHeld(recipe: CommonRecipe, material: Material, lines: readonly Line[], held: Held): Line[] {
  const octave = held.by === 'left' ? recipe.startOctave - 1 : overScale(recipe)
  const tonic: Pitch = { ...material.tonic, octave }
  return lines.map((line) => {
    if (line.hand !== held.by) return held.by === 'right' ? lowered(line) : line
    const { step, holds = 1 } = line.notes.at(-1)!
    return { hand: line.hand, notes: heldNotes(recipe, material, tonic, held, step + holds), free: 'held' }
  })
}

/** The part of a line that is a hand's own; after a rest the hand is set down anew. */
function ownPart(line: Line, has: (note: LineNote) => boolean): Line {
  const own = line.notes.filter(has)
  const notes = own.map((note, at) => {
    const before = own[at - 1]
    const rested = before !== undefined && note.step > before.step + (before.holds ?? 1)
    return rested ? { ...note, fresh: true } : note
  })
  return { ...line, notes }
}

/**
 * Gives one hand to the accompaniment: it holds the tonic, a fifth or a chord under the scale, or a triad over the scale
 * in the left hand, which then lies wholly below it; or the hands have the line by turns.
 */
export function accompaniment(recipe: CommonRecipe, material: Material, lines: readonly Line[]): Line[] {
  const { held, has, oneLine } = ACCOMPANIMENT_ROWS[recipe.pattern.accompaniment]
  if (held) return withHeld(recipe, material, lines, held)
  if (!has) return [...lines]
  const upper = lines.find(({ hand }) => hand === 'right')!
  return lines.map((line) => {
    const whole = oneLine ? { ...upper, hand: line.hand } : line
    return ownPart(whole, (note) => has(line.hand, note, whole))
  })
}
