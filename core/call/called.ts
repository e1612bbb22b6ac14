import {
  type Accompaniment,
  type Bookends,
  FIGURE_ROWS,
  JOURNEY_ROWS,
  KEY_STEP_CALLS,
  type Ladder,
  type Lengths,
  LINK_CALLS,
  type Tempo,
  WALK_ROWS,
} from '../study'

/*
 * How a line calls what it says: phrases of the grammar, which read back. They are the line's own language, not what
 * Tactum says.
 */

/** A phrase of the lexicon with its first alternatives, nothing left out. */
const writtenOf = (phrase: string): string =>
  phrase
    .split(' ')
    .map((slot) => slot.replace(/\?$/, '').split('|')[0]!)
    .join(' ')
/** The first phrase of each row of a table, in full. */
const firstCalls = <K extends string>(rows: Readonly<Record<K, { readonly calls: readonly string[] }>>) =>
  Object.fromEntries((Object.keys(rows) as K[]).map((name) => [name, writtenOf(rows[name].calls[0]!)])) as Readonly<
    Record<K, string>
  >

export const FIGURE = firstCalls(FIGURE_ROWS)
export const WALK = firstCalls(WALK_ROWS)
export const JOURNEY = firstCalls(JOURNEY_ROWS)
const firstOf = <K extends string>(calls: Readonly<Record<K, readonly string[]>>) =>
  Object.fromEntries((Object.keys(calls) as K[]).map((name) => [name, writtenOf(calls[name][0]!)])) as Readonly<
    Record<K, string>
  >
export const KEY_STEP = firstOf(KEY_STEP_CALLS)
export const LINK = firstOf(LINK_CALLS)
export const ACCOMPANIMENT: Record<Accompaniment, string> = {
  none: 'both hands play',
  'held-tonic': 'tonic held in the left hand',
  'held-fifth': 'root and fifth held in the left hand',
  'held-shell': 'shell held in the left hand',
  'scale-in-bass': 'scale in the bass',
  'by-turns': 'right hand up, left hand down',
  'handed-over': 'from hand to hand',
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
export const VOICING: Record<Bookends['voicing'], string> = {
  close: 'chords in both hands',
  'root-and-chord': 'root left, chord right',
}
export const LABELS: Record<Bookends['labels'], string> = {
  none: 'no chord names',
  names: 'chord names beneath',
  degrees: 'chord degrees beneath',
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
