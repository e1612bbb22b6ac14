import { type ListParam, type Message, type NoteParam, messageMaker } from '../message'

/** Where hands meet. */
export interface TogetherMessages {
  'meet.mirrored': { times: number }
  'meet.thumbs': { places: Message; times: number }
  'meet.thirds': { places: Message; times: number }
  'meet.no-thumbs': null
  'meet.no-thirds': null
  'meet.swapped': { places: Message }
  /** `following` counts crossings one straight after the other; 0 where there is none. */
  'meet.cross': { places: Message; following: number }
  'meet.never-cross': { following: number }
  /** Which finger of the other hand falls on each crossing of one, where it leads. */
  'meet.cues': { hand: 'right' | 'left'; way: 'up' | 'down'; cues: ListParam }
  'meet.cue': { note: NoteParam | '–'; other: 'right' | 'left'; finger: number }
  'places.many': { count: number }
  'places.named': { notes: ListParam }
  /** One note against another. */
  'place.two': { upper: NoteParam | '–'; lower: NoteParam | '–' }
  'place.one': { note: NoteParam | '–' }
}
export const togetherMessage = messageMaker<TogetherMessages>()
