import type { Hand, Recipe, Rhythm } from '../study'
import type { Difficulty, Together } from '../together'
import type { RealisedHand } from './hands'
import type { RealisedSticking } from './sticks'

/** A stretch of a study with a key, a rhythm or a purpose of its own. */
export interface StudySection {
  readonly words: string
  /** Its first step. */
  readonly from: number
  readonly fifths: number
  readonly notesPerBeat: Recipe['tempo']['notesPerBeat']
}

/** A recipe made whole: what the score, the charts, the page and the terminal are drawn from. Plain data. */
export interface RealisedStudy {
  readonly recipe: Recipe
  readonly title: string
  readonly twin: { readonly tonic: string; readonly title: string } | null
  /** Sharps or flats at the clef; beyond seven none is printed, and every sign stands before its note. */
  readonly keySignature: { readonly fifths: number }
  readonly steps: number
  /** Only where there are several. */
  readonly sections?: readonly StudySection[]
  readonly rhythm: Rhythm
  /** Empty where sticks play. */
  readonly hands: Partial<Record<Hand, RealisedHand>>
  /** Only on mallets. */
  readonly sticking?: RealisedSticking
  /** Only where both hands play. */
  readonly together?: Together
  readonly difficulty: Difficulty
}
