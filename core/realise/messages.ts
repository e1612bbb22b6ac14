import { type ListParam, type Message, errorMaker, messageMaker } from '../message'
import type {
  ACCOMPANIMENTS,
  AFTER,
  BEFORE,
  FIGURES,
  Hand,
  HandsApart,
  JOURNEYS,
  LADDERS,
  LENGTHS,
  WALKS,
} from '../study'

/** Every choice of a shape, by its field: what it is called in menus, and in titles unless it is plain. */
export interface ShapeChoices {
  readonly figure: (typeof FIGURES)[number]
  readonly walk: (typeof WALKS)[number]
  readonly journey: (typeof JOURNEYS)[number]
  readonly accompaniment: (typeof ACCOMPANIMENTS)[number]
  readonly ladder: (typeof LADDERS)[number]
  readonly lengths: (typeof LENGTHS)[number]
  readonly before: (typeof BEFORE)[number]
  readonly after: (typeof AFTER)[number]
}
type ShapeCode = { [F in keyof ShapeChoices]: `shape.${F}.${ShapeChoices[F]}` }[keyof ShapeChoices]

/** What a title is made of. */
export type TitleMessages = { readonly [C in ShapeCode]: null } & {
  'rhythm.swing': { swing: number }
  'rhythm.accents': { accents: number }
  octaves: { octaves: number }
  course: { course: 'up' | 'down' | 'up-down' | 'down-up' }
  'course.back': null
  'apart.contrary': null
  /** `hand` is usual where that hand has the tonic which usually has it. */
  apart: { interval: Exclude<HandsApart, 'octave'>; hand: Hand | 'usual' }
  'pitches.pattern': { pitches: ListParam; more: 'yes' | 'no' }
}

export interface RealiseErrors {
  'pattern.material': { why: Message }
  'pattern.length': { most: number }
}
export interface RealiseMessages {
  'pattern.no-crossing': null
}
export const titleMessage = messageMaker<TitleMessages & RealiseMessages>()
export const realiseError = errorMaker<RealiseErrors>()
