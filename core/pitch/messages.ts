import { errorMaker } from '../message'

/** What is wrong with a name of a note. */
export interface PitchErrors {
  'note.unknown': { text: string }
  /** Not read at all, or with a triple sign. */
  'pitch.unknown': { text: string; why: 'unread' | 'triple' }
}
export const pitchError = errorMaker<PitchErrors>()
