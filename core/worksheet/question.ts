import {
  completeRecipe,
  familyOf,
  INSTRUMENT_TASKS,
  type InstrumentTask,
  type Player,
  type PlayerSettings,
  playerSettingsOf,
  type RecipeInput,
  type TaskAnswer,
} from '../instrument'
import type { Note } from '../pitch'
import type { RealisedStudy } from '../realise'

/** What is left blank, in the order in which it is taught. */
export const TASKS = [
  'signature',
  'notes',
  'steps',
  'tetrachords',
  ...INSTRUMENT_TASKS,
  'upper-marks',
  'lower-marks',
  'crossings',
  'twin',
  'arpeggio',
  'minor-form',
  'line',
] as const
export type Task = (typeof TASKS)[number]

const isOfInstrument = (task: Task): task is InstrumentTask => (INSTRUMENT_TASKS as readonly string[]).includes(task)

/** Tasks that sheets for a player can have: of those about an instrument only what that make of it has. */
export function tasksFor(player: PlayerSettings): readonly Task[] {
  const recipe = completeRecipe({ ...playerSettingsOf(player), material: { tonic: 'C', kind: 'major' } } as RecipeInput)
  const own = familyOf(player)
    .tasks.filter(({ has }) => !has || has(recipe))
    .map(({ task }) => task)
  return TASKS.filter((task) => !isOfInstrument(task) || own.includes(task))
}

/** Which keys are asked: of at most two signs, of four, or all. */
export const LEVELS = [1, 2, 3] as const
export type Level = (typeof LEVELS)[number]

/** Four notes by the steps between them, as they are called in theory books (common practice). */
export type Tetrachord = 'major' | 'minor' | 'phrygian' | 'harmonic' | 'lydian'
export type Form = 'natural' | 'harmonic' | 'melodic'

/** What is written on lines beside or under the notes. */
export type WrittenAnswer =
  | ({ readonly is: 'marks' } & TaskAnswer)
  | { readonly is: 'tetrachords'; readonly lower: Tetrachord; readonly upper: Tetrachord; readonly between: number }
  | { readonly is: 'key'; readonly tonic: Note; readonly fifths: number }
  /** Notes from the lowest, root position first. */
  | { readonly is: 'chords'; readonly chords: readonly (readonly Note[])[] }
  | { readonly is: 'form'; readonly form: Form }

/** One question: an octave upward or a line, of which something is blank, or lines to write on, or both. */
export interface Question {
  readonly task: Task
  readonly tonic: Note
  /** The octave that it is about; its staff stands where `staff` says so. */
  readonly study: RealisedStudy
  readonly player: Player
  /** What is printed of the staff, and what is asked; null where no staff is wanted. */
  readonly staff: {
    /** `begun`: the first of them stand, the others are written. */
    readonly notes: 'given' | 'asked' | 'begun' | 'none'
    /** Steps that stand of a line that is begun. */
    readonly begun?: number
    readonly signature: 'given' | 'asked' | 'none'
    /** Fingers or sticks over the notes. */
    readonly marks: 'asked' | 'none'
    /** Notes, by their place, to be ringed. */
    readonly ringed: readonly number[] | null
    /** Semitones from note to note, to be written between them. */
    readonly steps: readonly number[] | null
  } | null
  readonly written: WrittenAnswer | null
}
