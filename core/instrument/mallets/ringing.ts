import type { MalletRecipe, Pedal } from '../../sticking'
import type { LineNote, Rhythm } from '../../study'
import type { PlacedSign } from '../family'

const NEAR = 1e-6

/** Beats from one change of a pedal to the next. */
const everyOf = (pedal: Pedal, { beatsPerBar }: Rhythm): number =>
  pedal === 'bar' ? beatsPerBar : pedal === 'beat' ? 1 : Infinity
/** The stretch of a pedal in which a step is struck. */
const stretchOf = (start: number, every: number): number => (every === Infinity ? 0 : Math.floor(start / every + NEAR))

const startOf = ({ notes }: Rhythm, step: number): number => notes[step]!.start
const onBeat = (start: number): boolean => Math.abs(start - Math.round(start)) < NEAR

/** How the notes of a line ring: before which the pedal has changed, and which are dead strokes. */
export function ringingOf({ ring }: MalletRecipe, notes: readonly LineNote[], rhythm: Rhythm) {
  const every = everyOf(ring.pedal, rhythm)
  const stretches = notes.map(({ step }) => stretchOf(startOf(rhythm, step), every))
  return {
    lifted: stretches.map((stretch, at) => ring.pedal === 'note' || (at > 0 && stretch !== stretches[at - 1])),
    dead: notes.map(({ step }) => ring.dead === 'all' || (ring.dead === 'beats' && onBeat(startOf(rhythm, step)))),
  }
}

/** Where the pedal goes down, changes and lifts: nothing where it changes with every note. */
export function pedalSigns({ ring }: MalletRecipe, notes: readonly LineNote[], rhythm: Rhythm): PlacedSign[] {
  if (ring.pedal === 'note' || notes.length === 0) return []
  const every = everyOf(ring.pedal, rhythm)
  const steps = [...new Set(notes.map(({ step }) => step))]
  const changes = steps.filter(
    (step, at) =>
      at > 0 && stretchOf(startOf(rhythm, step), every) !== stretchOf(startOf(rhythm, steps[at - 1]!), every),
  )
  return [
    { step: steps[0]!, sign: { is: 'pedal', goes: 'down' } },
    ...changes.map((step): PlacedSign => ({ step, sign: { is: 'pedal', goes: 'anew' } })),
    { step: rhythm.notes.length, sign: { is: 'pedal', goes: 'up' } },
  ]
}
