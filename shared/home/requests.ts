import type { StoredEntry } from '../api'
import type { StoredWeek } from '../lessons'

/** What a pupil's own page is made from. */
export interface HomeRequest {
  readonly name: string
  readonly studio: string
  /** What was set last; null where nothing is. */
  readonly week: StoredWeek | null
  /** What was played since it was set. */
  readonly record: readonly StoredEntry[]
  /** The day of the next lesson; null where none is in sight. */
  readonly next: string | null
  readonly today: string
  /** Where the page is. */
  readonly path: string
  /** Files of the page's program and of its look. */
  readonly files: { readonly script: string; readonly styles: readonly string[] }
}

/** What the page's program knows of a line: what is played, and how fast. */
export interface HomeLineData {
  readonly id: string
  /** The recipe that is heard. */
  readonly study: object
  /** Beats a minute, and notes to the beat. */
  readonly bpm: number
  readonly notesPerBeat: number
  /** Whether there are two hands to choose from. */
  readonly twoHands: boolean
}

/** What the page's program says by itself. */
export const HOME_WORDS = [
  'home.play',
  'home.stop',
  'home.opening',
  'home.no-sound',
  'home.saved',
  'home.waiting',
  'home.closed',
  'home.undone',
] as const
export interface HomeData {
  readonly lines: readonly HomeLineData[]
  readonly words: Readonly<Record<(typeof HOME_WORDS)[number], string>>
  readonly outcomes: Readonly<Record<string, string>>
}
