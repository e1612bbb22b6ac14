import { KINDS } from '#core/material'
import { letterIndex, nameIn, type Naming, parseNote, type Pitch } from '#core/pitch'
import { lineFor, type RealisedStudy } from '#core/realise'
import { isFree, type LineNote } from '#core/study'
import type { FingerSpot } from './draw'

type Spot = Pick<FingerSpot, 'hand' | 'index'>

/** A step of so many semitones in the reader’s words: “W”, “H”. */
type SayStep = (semitones: number) => string
/** The augmented second of harmonic minors; what is wider is a leap. */
const WIDEST = 3

const lettersOver = ({ letter, octave }: Pitch): number => letterIndex(letter) + 7 * octave

/** The step by which a note is reached, to the next letter or on the same; of notes struck together the lowest says it. */
function stepTo(notes: readonly LineNote[], index: number, say: SayStep): string {
  const note = notes[index]!
  const lowest = (step: number): LineNote =>
    notes.filter((each) => each.step === step).reduce((low, each) => (each.midi < low.midi ? each : low))
  const last = notes.findLast(({ step }, at) => at < index && step < note.step)
  if (!last || lowest(note.step) !== note) return ''
  const before = lowest(last.step)
  const semitones = Math.abs(note.midi - before.midi)
  // whole-tone scales spell one of their whole steps as a third
  const steps = semitones <= 2 || Math.abs(lettersOver(note.pitch) - lettersOver(before.pitch)) <= 1
  return steps && semitones > 0 && semitones <= WIDEST ? say(semitones) : ''
}

/** What stands under a study's notes: names in a system, or steps; listed pitches are called as in C major. */
export function namesIn(study: RealisedStudy, naming: Naming, say: SayStep): (spot: Spot) => string {
  if (naming === 'steps') return ({ hand, index }) => stepTo(lineFor(study, hand).notes, index, say)
  const { material } = study.recipe
  const key = isFree(material)
    ? { tonic: { letter: 'C', alteration: 0 } as const, minor: false }
    : { tonic: parseNote(material.tonic), minor: KINDS[material.kind].mode === 'minor' }
  return ({ hand, index }) => nameIn(naming, lineFor(study, hand).notes[index]!.pitch, key)
}
