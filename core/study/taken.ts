import type { Material } from '../material'
import { modulo } from '../pitch'
import { type LineNote, type Motif, MOTIF_RANGE, type MotifItem } from './line'

const OCTAVE = 12

/** Degree of a note over the tonic of the first one's octave, from 1; of a chord, each note has its own. */
function degreeOf({ midi, leg }: LineNote, { rising }: Material, tonic: number): number {
  const own = rising[leg]
  const degree = own.findIndex(({ semitones }) => modulo(midi - tonic - semitones, OCTAVE) === 0)
  return 1 + degree + (own.length * (midi - tonic - own[degree]!.semitones)) / OCTAVE
}

/**
 * Some successive notes of one hand as a motif: their degrees, struck together where they were, with rests between where
 * there were any. Null where they are none: too many, or from a material without degrees.
 */
export function motifTaken(notes: readonly LineNote[], material: Material): Motif | null {
  const [first] = notes
  if (!first || material.rising.up.length === 0) return null
  const tonic = first.midi - material.rising[first.leg][first.degree]!.semitones
  const items: MotifItem[] = []
  let next = first.step
  for (let at = 0; at < notes.length;) {
    const { step, holds = 1 } = notes[at]!
    const chord = notes.filter((note) => note.step === step)
    const degrees = chord.map((note) => degreeOf(note, material, tonic))
    for (; next < step; next++) items.push(null)
    items.push(degrees.length === 1 ? degrees[0]! : degrees)
    next = step + holds
    at += chord.length
  }
  const { least, most } = MOTIF_RANGE.degree
  const fits = items
    .flat()
    .every((degree) => degree === null || ((degree as number) >= least && (degree as number) <= most))
  return items.length <= MOTIF_RANGE.items.most && fits ? items : null
}
