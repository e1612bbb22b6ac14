import { type ListParam, type Message, type NoteParam, messageMaker } from '../message'
import type { Parts } from './hardness'

type Part = keyof Parts

/** Where hands meet, and what makes a study hard. */
export type TogetherMessages = {
  readonly [P in Part as `difficulty.${P}`]: null
} & {
  'difficulty.times': { value: number }
  'difficulty.more': { value: number }
  'meet.mirrored': { times: number }
  'meet.thumbs': { places: Message; times: number }
  'meet.thirds': { places: Message; times: number }
  'meet.no-thumbs': null
  'meet.no-thirds': null
  'meet.swapped': { places: Message }
  /** `following` counts crossings one straight after the other; 0 where there is none. */
  'meet.cross': { places: Message; following: number }
  'meet.never-cross': { following: number }
  'places.many': { count: number }
  'places.named': { notes: ListParam }
  /** One note against another. */
  'place.two': { upper: NoteParam | '–'; lower: NoteParam | '–' }
  'place.one': { note: NoteParam | '–' }
}
export const togetherMessage = messageMaker<TogetherMessages>()
