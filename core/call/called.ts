import type { Accompaniment, Bookends, Figure, Journey, Ladder, Lengths, Tempo, Walk } from '../study'

/**
 * How a line calls what it says: phrases of the grammar, which read back. They are the line's own language, not what
 * Tactum says.
 */
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
