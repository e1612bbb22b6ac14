import { type ListParam, type Message, errorMaker, messageMaker } from '../message'
import type {
  ACCOMPANIMENTS,
  AFTER,
  BEFORE,
  ContraryFrom,
  ChordLabels,
  Direction,
  Figure,
  Hand,
  HandsApart,
  JourneyName,
  KeyStep,
  LADDERS,
  LegWay,
  LENGTHS,
  LinkId,
  Voicing,
  Walk,
} from '../study'

/** Every choice of a shape, by its field: what it is called in menus, and in titles unless it is plain. */
export interface ShapeChoices {
  readonly figure: Figure
  readonly walk: Walk
  readonly journey: JourneyName
  readonly link: LinkId
  readonly direction: Direction
  readonly return: 'mirrored' | 'retrograde' | 'same' | 'none' | 'other'
  readonly keyStep: KeyStep
  readonly legs: LegWay
  readonly accompaniment: (typeof ACCOMPANIMENTS)[number]
  readonly ladder: (typeof LADDERS)[number]
  readonly lengths: (typeof LENGTHS)[number]
  readonly before: (typeof BEFORE)[number]
  readonly after: (typeof AFTER)[number]
  readonly voicing: Voicing
  readonly labels: ChordLabels
}
type ShapeCode = { [F in keyof ShapeChoices]: `shape.${F}.${ShapeChoices[F]}` }[keyof ShapeChoices]

/** What a title is made of. */
export type TitleMessages = { readonly [C in ShapeCode]: null } & {
  /** A motif in figures, and the degrees from one root to the next. */
  'line.motif': { motif: string; step: number }
  'line.motif-alone': { motif: string }
  'line.step': { step: number }
  'line.count': { count: number }
  'line.return': { how: 'retrograde' | 'same' | 'none' }
  'line.other': { motif: string }
  'line.direction': { direction: 'up' | 'down' }
  /** Keys of a list, and whether they go up and down by turns. */
  'line.keys': { keys: ListParam; legs: LegWay }
  'line.steps': { step: Message; count: number; legs: LegWay }
  'line.link': { link: Message }
  'bookends.cadence': { chords: string }
  'rhythm.swing': { swing: number }
  'rhythm.accents': { accents: number }
  octaves: { octaves: number }
  course: { course: 'up' | 'down' | 'up-down' | 'down-up' }
  'course.back': null
  'apart.contrary': { from: Exclude<ContraryFrom, 'unison'>; hand: Hand | 'usual' }
  /** `hand` is usual where that hand has the tonic which usually has it. */
  apart: { interval: Exclude<HandsApart, 'octave'>; hand: Hand | 'usual' }
  'pitches.pattern': { pitches: ListParam; more: 'yes' | 'no' }
}

export interface RealiseErrors {
  'pattern.material': { why: Message }
  'pattern.length': { most: number; by: 'keys' | 'ladder' | 'motif' | 'walk' | 'figure' | 'octaves' }
}
export interface RealiseMessages {
  'pattern.no-crossing': null
}
export const titleMessage = messageMaker<TitleMessages & RealiseMessages>()
export const realiseError = errorMaker<RealiseErrors>()
