import { KINDS, keyNamed, materialOf, type NamedMaterial } from '../material'
import { named } from '../message'
import { modulo, pitchClass, spelled } from '../pitch'
import { degreeOver, MOTIF_RANGE, type Motif, type MotifItem, type Tempo } from '../study'
import { callMessage } from './messages'
import type { TypedMotif } from './motifTyped'

/** Keys that were struck together. Times are in units of any one length. */
export interface Struck {
  readonly start: number
  readonly length: number
  /** MIDI numbers. */
  readonly midis: readonly number[]
}

const OCTAVE = 12

/** Lengths that are as short as the shortest, but for the player's unevenness. */
const SHORT = 1.4
/** What is so far from a whole number of the shortest is a half more. */
const OFF = 0.25

/** How long things last, as whole numbers of the shortest, or of its half where they do not go into it. */
function wholeLengths(measured: readonly number[]): number[] {
  // what was let go within the clock's own step lasted no time: it is as short as the shortest, or all of it is alike
  const some = measured.filter((length) => length > 0)
  const shortest = some.length > 0 ? Math.min(...some) : 1
  const lengths = measured.map((length) => Math.max(length, shortest))
  const short = lengths.filter((length) => length <= SHORT * shortest)
  const unit = short.reduce((sum, length) => sum + length, 0) / short.length
  const halved = lengths.some((length) => Math.abs(length / unit - Math.round(length / unit)) > OFF)
  return lengths.map((length) => Math.max(1, Math.round((length / unit) * (halved ? 2 : 1))))
}

/** What is let go before half of its time leaves a rest; whatever is shorter only sounds short. */
const RESTS_AFTER = 0.5

/** Each stroke with its time to the next, and how much of that it is silent. */
function spansOf(struck: readonly Struck[]): { midis: readonly number[]; length: number }[] {
  const apart = struck.slice(1).map(({ start }, at) => start - struck[at]!.start)
  const shortest = apart.length > 1 ? Math.min(...apart) : 0
  return struck.flatMap(({ length, midis }, at) => {
    const last = at === struck.length - 1
    // the last may be let go early: it is no shorter for that than the shortest
    if (last) return [{ midis, length: Math.max(length, shortest) }]
    const span = apart[at]!
    const rest = span - length
    if (rest < RESTS_AFTER * span) return [{ midis, length: span }]
    return [
      { midis, length },
      { midis: [], length: rest },
    ]
  })
}

const timed = (degrees: readonly number[], beats: number): MotifItem => ({
  degree: degrees.length === 1 ? degrees[0]! : degrees,
  beats,
})

function itemsOf(struck: readonly Struck[], perBeat: number, degree: (midi: number) => number): Motif {
  const spans = spansOf(struck)
  const lengths = wholeLengths(spans.map(({ length }) => length))
  const even = lengths.every((length) => length === lengths[0])
  return spans.flatMap(({ midis }, at): MotifItem[] => {
    if (midis.length === 0) return Array<null>(even ? 1 : lengths[at]!).fill(null)
    const degrees = midis.map(degree)
    if (!even) return [timed(degrees, Math.min(lengths[at]! / perBeat, MOTIF_RANGE.beats.most))]
    return [degrees.length === 1 ? degrees[0]! : degrees]
  })
}

/**
 * A motif that was played, on keys or in a file: degrees of a key, the first within the octave over a tonic. Where all
 * notes are as long, nothing is said of lengths; else the shortest is a note of the study's pace. What is not in the key
 * cannot move through it, and it is said why.
 * @param perBeat notes to the beat of the study
 */
export function playedMotif(struck: readonly Struck[], key: NamedMaterial, perBeat: Tempo['notesPerBeat']): TypedMotif {
  const first = struck[0]?.midis[0]
  if (first === undefined) return { fault: callMessage('motif.silent') }
  const material = materialOf(key)
  const tonic = first - modulo(first - pitchClass(material.tonic), OCTAVE)
  const degreeOf = (midi: number): number | null => degreeOver(midi, material.rising.up, tonic)
  const midis = struck.flatMap((each) => each.midis)
  const outside = midis.find((midi) => degreeOf(midi) === null)
  if (outside !== undefined) {
    const note = spelled(outside, material.fifths, KINDS[key.kind].mode === 'minor').replace(/-?\d+$/, '')
    return { fault: callMessage('motif.outside', { note: named(note), key: keyNamed(key) }) }
  }
  const { degree, chord, items } = MOTIF_RANGE
  const far = midis.some((midi) => degreeOf(midi)! < degree.least || degreeOf(midi)! > degree.most)
  if (far) return { fault: callMessage('motif.wide', degree) }
  if (struck.some((each) => each.midis.length > chord.most)) {
    return { fault: callMessage('motif.thick', { most: chord.most }) }
  }
  const motif = itemsOf(struck, perBeat, (midi) => degreeOf(midi)!)
  return motif.length > items.most
    ? { fault: callMessage('motif.long', { count: motif.length, most: items.most }) }
    : { motif, step: null }
}
