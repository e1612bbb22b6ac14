import type { Note, Pitch } from '../pitch'
import { isBlack } from '../surface'

/** What worksheets ask of an instrument itself: its board, its rows of buttons, its bars. A family has some of them. */
export const INSTRUMENT_TASKS = [
  'black-keys',
  'button-rows',
  'bass-rows',
  'bass-columns',
  'chord-buttons',
  'board-way',
  'bar-rows',
  'row-moves',
] as const
export type InstrumentTask = (typeof INSTRUMENT_TASKS)[number]

/** Notes of an octave in order, and what is written under each; signs that are read in every language. */
export interface TaskAnswer {
  readonly notes: readonly Note[]
  readonly marks: readonly string[]
}

/** A task of a family: how the octave is played that it asks about, and what belongs under its notes; null where nothing does. */
export interface OwnTask<R, P> {
  readonly task: InstrumentTask
  readonly played: Readonly<Record<string, unknown>>
  /** Whether an instrument of this make has what is asked about; all do unless said. */
  has?(recipe: R): boolean
  answer(recipe: R, performance: P): TaskAnswer | null
}

/** Degrees that lie on black keys by their numbers, the octave's own tonic counted once. */
export const onBlackKeys = (pitches: readonly Pitch[], midi: readonly number[]): TaskAnswer => ({
  notes: pitches.slice(0, -1),
  marks: midi.slice(0, -1).map((each, at) => (isBlack(each) ? String(at + 1) : '·')),
})
