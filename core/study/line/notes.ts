import type { Pitch } from '../../pitch'
import type { Hand } from '../hand'
import type { Leg } from './phrase'

/** One note of one hand. */
export interface LineNote {
  readonly pitch: Pitch
  readonly midi: number
  /** Degree from 0, counted within the octave from the first note of the form. */
  readonly degree: number
  /** The leg it is reached on; the first note belongs to the leg that it begins. */
  readonly leg: Leg
  /** When it sounds; notes struck together share a step. */
  readonly step: number
  /** The hand moves to a new position before it, without crossing. */
  readonly fresh: boolean
  /** Which repeat of a figure, or chord of a chain, it belongs to; successive repeats have different numbers. */
  readonly repeat?: number
  /** It leads to the next key, whose degree it is: no pin of its own stretch is meant. */
  readonly link?: true
  /** Steps that it rings on under what the same hand plays next. */
  readonly rings?: number
  /** Which of four mallets strikes it, counted from the lowest. */
  readonly mallet?: number
  /** Steps that it is held for; one unless said. */
  readonly holds?: number
  /** The chord that it stands for, where a whole chord is written by its root. */
  readonly chord?: 'major' | 'minor' | 'seventh' | 'diminished'
  /** It takes its turn with the root under a chord: the bass a fifth up. */
  readonly alternate?: true
  /** What stands beneath it: a chord by its name or degree. */
  readonly label?: string
  /** It begins a scale on a staff where others would be read as basses and chords. */
  readonly solo?: true
}

/** What one hand plays, or two sticks as the right hand would; in order, within a step the lowest note first. */
export interface Line {
  readonly hand: Hand
  readonly notes: readonly LineNote[]
  /** The octave's fingers do not serve it: a figure, or what is held while the other hand plays. */
  readonly free?: 'figure' | 'held' | 'strokes'
}
