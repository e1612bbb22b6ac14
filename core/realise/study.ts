import type { Message } from '../message'
import type { Staged } from '../instrument'
import type { Rhythm, Tempo } from '../study'

/** A stretch of a study with a key, a rhythm or a purpose of its own. */
export interface StudySection {
  readonly words: Message
  /** Its first step. */
  readonly from: number
  readonly fifths: number
  readonly notesPerBeat: Tempo['notesPerBeat']
}

/** What every study has, whatever plays it. */
interface Common {
  readonly title: Message
  readonly twin: { readonly tonic: string; readonly title: Message } | null
  /** Sharps or flats at the clef; beyond seven none is printed, and every sign stands before its note. */
  readonly keySignature: { readonly fifths: number }
  readonly steps: number
  /** Only where there are several. */
  readonly sections?: readonly StudySection[]
  readonly rhythm: Rhythm
}

/**
 * A recipe made whole: what the score, the charts, the page and the terminal are drawn from. Plain data; `plays` tells
 * what only one family has.
 */
export type RealisedStudy = Common & Staged
