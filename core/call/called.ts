import type { KindId } from '../material'
import type { Accompaniment, Bookends, Figure, Journey, Ladder, Lengths, Tempo, Walk } from '../study'

/**
 * How a line calls what it says: phrases of the grammar, which read back. They are the line's own language, not what
 * Tactum says.
 */
export const CALLED: Record<KindId, string> = {
  major: 'major',
  'natural-minor': 'natural minor',
  'harmonic-minor': 'harmonic minor',
  'melodic-minor': 'melodic minor',
  'melodic-minor-jazz': 'jazz melodic minor',
  ionian: 'ionian',
  dorian: 'dorian',
  phrygian: 'phrygian',
  lydian: 'lydian',
  mixolydian: 'mixolydian',
  aeolian: 'aeolian',
  locrian: 'locrian',
  'major-pentatonic': 'major pentatonic',
  'minor-pentatonic': 'minor pentatonic',
  blues: 'blues',
  'whole-tone': 'whole-tone',
  chromatic: 'chromatic',
  'octatonic-half-whole': 'octatonic half step first',
  'octatonic-whole-half': 'octatonic whole step first',
  'five-finger-major': 'major five-finger',
  'five-finger-minor': 'minor five-finger',
  'tetrachords-major': 'major in tetrachords',
  'major-arpeggio': 'major arpeggio',
  'minor-arpeggio': 'minor arpeggio',
  'diminished-arpeggio': 'diminished arpeggio',
  'augmented-arpeggio': 'augmented arpeggio',
  'dominant-seventh-arpeggio': 'dominant seventh arpeggio',
  'diminished-seventh-arpeggio': 'diminished seventh arpeggio',
  'major-seventh-arpeggio': 'major seventh arpeggio',
  'minor-seventh-arpeggio': 'minor seventh arpeggio',
  'half-diminished-seventh-arpeggio': 'half-diminished seventh arpeggio',
  'double-thirds-major': 'major in double thirds',
  'double-thirds-natural-minor': 'natural minor in double thirds',
  'double-thirds-harmonic-minor': 'harmonic minor in double thirds',
  'double-thirds-melodic-minor': 'melodic minor in double thirds',
  'double-thirds-chromatic-minor': 'chromatic in double minor thirds',
  'double-sixths-major': 'major in double sixths',
  'double-sixths-natural-minor': 'natural minor in double sixths',
  'double-sixths-harmonic-minor': 'harmonic minor in double sixths',
  'double-sixths-melodic-minor': 'melodic minor in double sixths',
  'double-octaves-major': 'major in double octaves',
  'double-octaves-natural-minor': 'natural minor in double octaves',
  'double-octaves-harmonic-minor': 'harmonic minor in double octaves',
  'double-octaves-melodic-minor': 'melodic minor in double octaves',
  'double-octaves-chromatic': 'chromatic in double octaves',
  'diatonic-triads-major': 'major in diatonic triads',
  'diatonic-triads-natural-minor': 'natural minor in diatonic triads',
  'diatonic-triads-harmonic-minor': 'harmonic minor in diatonic triads',
  'diatonic-triads-melodic-minor-jazz': 'jazz melodic minor in diatonic triads',
  'diatonic-sevenths-major': 'major in diatonic sevenths',
  'diatonic-sevenths-natural-minor': 'natural minor in diatonic sevenths',
  'diatonic-sevenths-harmonic-minor': 'harmonic minor in diatonic sevenths',
  'diatonic-sevenths-melodic-minor-jazz': 'jazz melodic minor in diatonic sevenths',
  'broken-chord-major': 'major broken chord',
  'broken-chord-minor': 'minor broken chord',
  'broken-chord-dominant-seventh': 'dominant broken chord',
  'broken-chord-diminished-seventh': 'diminished broken chord',
  'cadence-major': 'major cadence',
  'cadence-minor': 'minor cadence',
}
export const FIGURE: Record<Figure, string> = {
  straight: 'straight',
  'groups-of-three': 'in groups of three',
  'groups-of-four': 'in groups of four',
  'broken-thirds': 'in broken thirds',
  'broken-fourths': 'in broken fourths',
  'broken-fifths': 'in broken fifths',
  'broken-sixths': 'in broken sixths',
  'broken-sevenths': 'in broken sevenths',
  'fourth-then-second': 'a fourth then a second',
  'fifth-then-third': 'a fifth then a third',
  'seventh-then-sixth': 'a seventh then a sixth',
  'broken-triads': 'in broken triads',
  'broken-seventh-chords': 'in broken seventh chords',
}
export const WALK: Record<Walk, string> = {
  straight: 'straight through',
  loops: 'in loops',
  'crossing-loops': 'loops around the crossings',
  'add-a-note': 'adding a note',
  'five-finger-first': 'five degrees first',
}
export const JOURNEY: Record<Journey, string> = {
  'one-key': 'in one key',
  'relay-half-step': 'relay by half steps',
  'relay-fourth': 'relay by fourths',
  'mode-chain': 'modes in a chain',
  'one-fewer': 'one sign fewer each time',
}
export const ACCOMPANIMENT: Record<Accompaniment, string> = {
  none: 'both hands play',
  'held-tonic': 'tonic held in the left hand',
  'scale-in-bass': 'scale in the bass',
}
export const LADDER: Record<Ladder, string> = {
  none: 'one rhythm',
  notes: 'up the ladder of notes',
  octaves: 'an octave more each time, and faster',
  strokes: 'up the ladder of strokes',
}
export const LENGTHS: Record<Lengths, string> = { even: 'even', 'long-short': 'long-short', 'short-long': 'short-long' }
export const BEFORE: Record<Bookends['before'], string> = { none: '', 'five-finger': 'five-finger run before' }
export const AFTER: Record<Bookends['after'], string> = {
  none: '',
  'tonic-chord': 'tonic chord after',
  cadence: 'cadence after',
}
export const NOTES: Record<Tempo['notesPerBeat'], string> = {
  1: 'quarters',
  2: 'eighths',
  3: 'triplets',
  4: 'sixteenths',
  6: 'sextuplets',
  8: 'thirty-seconds',
}
export const OCTAVES = ['no', 'one', 'two', 'three', 'four'] as const
/** What sends a study to the instrument that is meant where none is named. */
export const ON_USUAL = 'on the piano'
