import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { Tempo } from './pace'
import type { Articulation } from './articulation'
import type { Accompaniment, Figure, JourneyName, Walk } from './line/names'

type Named =
  | Exclude<Figure, 'straight'>
  | Exclude<Walk, 'straight'>
  | Exclude<JourneyName, 'one-key'>
  | Exclude<Accompaniment, 'none'>

export type StudyMessages = {
  /** Parts of a pattern by their bare names, as they are quoted. */
  readonly [N in Named as `pattern.name.${N}`]: null
} & {
  /** Notes to the beat: “triplets”. */
  notes: { perBeat: Tempo['notesPerBeat'] }
  touch: { touch: Articulation }
  'touch.by-hand': { right: Articulation; left: Articulation }
  'section.key': { tonic: NoteParam }
  'section.signs': { signs: number; of: 'sharp' | 'flat' }
  'section.notes': { perBeat: Tempo['notesPerBeat'] }
  'section.strokes': { strokes: number }
  'section.five-finger': null
  'section.cadence': null
  'section.tonic-chord': null
  /** What a part of a pattern needs. */
  'needs.single-run': null
  'needs.scale': null
  'needs.run': null
  'needs.diatonic': null
  'needs.paired': null
  /** What it is instead: a kind, which the hands may share, or a list of pitches. */
  'material.is': { kind: Message; shared: 'yes' | 'no' }
  /** Why a pattern does not go with what is played. */
  'pattern.needs': { asked: Message; needs: Message; what: Message }
  'pattern.motif-or': { asked: Message }
  'pattern.motif-needs': { needs: Message; what: Message }
  'pattern.sequence-alone': null
  'pattern.keys-need': { needs: Message; what: Message }
  'pattern.both-hands': { asked: Message }
  'pattern.one-hand-free': { asked: Message }
  'pattern.accompanies-scale': { asked: Message }
  'pattern.bookends': { what: Message }
  /** By how much a study leaves an instrument, and what would mend it. */
  'range.below': { semitones: number }
  'range.above': { semitones: number }
  'range.fits': { octave: number }
  'range.shorter': { octaves: number }
}

export interface StudyErrors {
  'field.range': {
    field: string
    of: 'whole' | 'pitches' | 'chord' | 'fingers' | 'sticks' | 'keys'
    least: number
    most: number
  }
  'field.unknown': {
    field: string
    of: 'choice' | 'parts' | 'stray' | 'list' | 'pin' | 'stick-pin' | 'key'
    among: string
  }
  'field.missing': { field: string }
  'motif.items': { field: string; least: number; most: number }
  'motif.degree': { field: string; least: number; most: number }
  'motif.chord': { field: string; most: number }
  'motif.beats': { field: string; least: number; most: number }
  'motif.silent': { field: string }
  'bookends.chords': { field: string; most: number }
  /** A length that the pace cannot say. */
  'motif.pace': { beats: number; perBeat: number }
  'rhythm.beat': { why: 'threes' | 'sixty-fourths' }
  /** `mend` is none where the pitches are listed. */
  range: { leaves: ListParam; instrument: Message; mend: Message | 'none' }
  'pattern.material': { why: Message }
  'school.material': null
  'motion.material': { kind: Message }
  'interval.motion': null
  'interval.material': { interval: 'third' | 'sixth' | 'tenth' }
}
export const studyMessage = messageMaker<StudyMessages>()
export const studyError = errorMaker<StudyErrors>()

/** “sixteenths”: how the beat is divided. */
export const notesMessage = (perBeat: Tempo['notesPerBeat']): Message => studyMessage('notes', { perBeat })
