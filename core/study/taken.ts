import type { Material } from '../material'
import { type Interval, modulo } from '../pitch'
import { type LineNote, type Motif, MOTIF_RANGE, type MotifItem } from './line'

const OCTAVE = 12

/**
 * The degree of a key over a tonic, from 1; null where the scale does not have it.
 * @param rising the scale's intervals over its tonic
 * @param tonic MIDI number
 */
export function degreeOver(midi: number, rising: readonly Interval[], tonic: number): number | null {
  const degree = rising.findIndex(({ semitones }) => modulo(midi - tonic - semitones, OCTAVE) === 0)
  if (degree < 0) return null
  return 1 + degree + (rising.length * (midi - tonic - rising[degree]!.semitones)) / OCTAVE
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
    const degrees = chord.map(({ midi, leg }) => degreeOver(midi, material.rising[leg], tonic)!)
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
