import type { Stick } from '../study'

/** A stick fixed at one note; `index` counts the notes of the line from 0. */
interface StickNotePin {
  readonly index: number
  readonly stick: Stick
}
/** Sticks fixed over successive notes from `from` on. */
interface StickRunPin {
  readonly from: number
  readonly sticks: readonly Stick[]
}
/** A stick fixed on one degree in every octave; degrees count from 1. */
interface StickDegreePin {
  readonly degree: number
  readonly stick: Stick
  readonly leg?: 'up' | 'down'
}
export type StickPin = StickNotePin | StickRunPin | StickDegreePin
