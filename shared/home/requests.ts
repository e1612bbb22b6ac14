import type { Recipe } from '#core/instrument'
import type { WeekLine } from '#core/lesson'
import type { Message } from '#core/message'
import type { StoredEntry } from '../api'
import type { StoredWeek } from '../lessons'

/** What of a line its music follows from: pupils who are set the same share it. */
export type LinePlayed = Pick<WeekLine, 'study' | 'hands' | 'octaves' | 'stage' | 'test' | 'where'>

/** One system of music as it stands on a page. */
export interface MusicLine {
  readonly width: number
  readonly height: number
  /** Markup of SVG: the notes, and the fingers by themselves, which may be put away. */
  readonly notes: string
  readonly fingers: string
}

/** A line as it is drawn, and what is known of it once it is realised. */
export interface DrawnLine {
  readonly music: readonly MusicLine[]
  /** Outlines of the signs in it, by their names. */
  readonly glyphs: readonly (readonly [name: string, d: string])[]
  /** What is heard. */
  readonly recipe: Recipe
  /** What to watch for; null where there is nothing to say. */
  readonly watch: Message | null
}

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
