import type { AccordionRecipe, Way } from '../../buttons'
import { type LineNote, momentsIn, PLAIN_PATTERN, type Rhythm } from '../../study'
import type { Part } from '../parts'

/** From this step on the bellows go so. */
export interface BellowsChange {
  readonly step: number
  readonly direction: Way
  /** They shake from here on: over and over, beginning so. */
  readonly shakes?: true
}

/** A part's upper line, one note for each step, and where its steps begin in the study. */
interface Span {
  readonly from: number
  readonly notes: readonly LineNote[]
  readonly recipe: AccordionRecipe
  /** Strokes of the left hand alone: they have neither top nor octaves. */
  readonly strokes: boolean
}

const spanOf = ({ from, lines, recipe }: Part): Span => ({
  from,
  notes: lines[0]!.notes.filter((note, at, all) => note.step !== all[at - 1]?.step),
  recipe: recipe as AccordionRecipe,
  strokes: lines[0]!.free === 'strokes',
})

/** How many notes are slurred: a figure's own, or two of unequal length. */
function slurredIn({ recipe }: Span): number {
  const { figure, motif } = recipe.pattern
  const moments = momentsIn(recipe.pattern)
  if ((motif || figure !== PLAIN_PATTERN.figure) && moments !== null) return moments
  return recipe.rhythm.lengths === 'even' ? 1 : 2
}

/** Where the line turns at its top, and at its foot again; the note itself is the first of the new way. */
function tops({ notes, recipe }: Span): number[] {
  const [lowest, highest] = [Math.min(...notes.map(({ midi }) => midi)), Math.max(...notes.map(({ midi }) => midi))]
  if (recipe.pattern.figure !== PLAIN_PATTERN.figure || recipe.pattern.motif) {
    return notes.flatMap(({ leg }, at) => (at > 0 && leg !== notes[at - 1]!.leg ? [at] : []))
  }
  let wanted = notes[0]?.midi === highest ? lowest : highest
  return notes.flatMap(({ midi }, at) => {
    if (midi !== wanted || at === 0 || at === notes.length - 1) return []
    wanted = wanted === highest ? lowest : highest
    return [at]
  })
}

/** Every tonic of the scale but the first, where a new octave begins. */
const octaves = ({ notes }: Span): number[] =>
  notes.flatMap(({ degree }, at) => (degree === 0 && at > 0 && at < notes.length - 1 ? [at] : []))

/** The first note on or after every so many beats. */
function byBeats({ notes, from }: Span, rhythm: Rhythm, beats: number): number[] {
  const start = (at: number): number => rhythm.notes[from + notes[at]!.step]!.start
  const first = start(0)
  const passed = notes.map((_, at) => Math.floor((start(at) - first) / beats + NEAR))
  return notes.flatMap((_, at) => (at > 0 && passed[at]! > passed[at - 1]! ? [at] : []))
}
const NEAR = 1e-6

/** Never inside a slur: a turn waits for the next one to begin. */
const afterSlur = (at: number, slurred: number): number => Math.ceil(at / slurred) * slurred

/** Bars after which strokes alone turn, where a scale would at its octaves, or at its top. */
const STROKE_BARS = { octave: 1, top: 2 }

function plannedIn(span: Span, rhythm: Rhythm): number[] {
  const { turn, beats } = span.recipe.accordion.bellows
  if (turn === 'free' || turn === 'shake') return []
  if (turn === 'beats') return byBeats(span, rhythm, beats)
  if (span.strokes)
    return byBeats(span, rhythm, STROKE_BARS[turn] * rhythm.beatsPerBar).filter((at) => at < span.notes.length - 1)
  return turn === 'octave' ? octaves(span) : tops(span)
}

function turnsIn(span: Span, rhythm: Rhythm): number[] {
  if (span.notes.length < 2) return []
  const requested = plannedIn(span, rhythm)
  const slurred = slurredIn(span)
  return [...new Set(requested.map((at) => afterSlur(at, slurred)))]
    .filter((at) => at < span.notes.length)
    .map((at) => span.from + span.notes[at]!.step)
}

const against = (way: Way): Way => (way === 'opening' ? 'closing' : 'opening')

/** When the bellows turn, over the whole study: at what is asked, and where a new section begins. */
export function bellowsOf(recipe: AccordionRecipe, parts: readonly Part[], rhythm: Rhythm): BellowsChange[] {
  const { turn, first } = recipe.accordion.bellows
  if (turn === 'free') return [{ step: 0, direction: first }]
  if (turn === 'shake') return [{ step: 0, direction: first, shakes: true }]
  const steps = parts.flatMap((part) => [part.from, ...turnsIn(spanOf(part), rhythm)])
  let direction = against(first)
  return [...new Set(steps)].map((step) => ({ step, direction: (direction = against(direction)) }))
}
