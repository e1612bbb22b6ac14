import { KINDS } from '#core/material'
import { letterIndex, nameIn, type Naming, parseNote, type Pitch, stepName } from '#core/pitch'
import { lineFor, type RealisedStudy } from '#core/realise'
import { isFree, type LineNote } from '#core/study'
import type { FingerSpot } from './draw'

type Spot = Pick<FingerSpot, 'hand' | 'index'>

const lettersOver = ({ letter, octave }: Pitch): number => letterIndex(letter) + 7 * octave

/** The step by which a note is reached, to the next letter or on the same; of notes struck together the lowest says it. */
function stepTo(notes: readonly LineNote[], index: number): string {
  const note = notes[index]!
  const lowest = (step: number): LineNote =>
    notes.filter((each) => each.step === step).reduce((low, each) => (each.midi < low.midi ? each : low))
  const last = notes.findLast(({ step }, at) => at < index && step < note.step)
  if (!last || lowest(note.step) !== note) return ''
  const before = lowest(last.step)
  const semitones = note.midi - before.midi
  // whole-tone scales spell one of their whole steps as a third
  const steps = Math.abs(semitones) <= 2 || Math.abs(lettersOver(note.pitch) - lettersOver(before.pitch)) <= 1
  return steps ? stepName(semitones) : ''
}

/** What stands under a study's notes: names in a system, or steps; listed pitches are called as in C major. */
export function namesIn(study: RealisedStudy, naming: Naming): (spot: Spot) => string {
  if (naming === 'steps') return ({ hand, index }) => stepTo(lineFor(study, hand).notes, index)
  const { material } = study.recipe
  const key = isFree(material)
    ? { tonic: { letter: 'C', alteration: 0 } as const, minor: false }
    : { tonic: parseNote(material.tonic), minor: KINDS[material.kind].mode === 'minor' }
  return ({ hand, index }) => nameIn(naming, lineFor(study, hand).notes[index]!.pitch, key)
}
