import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { Hand } from '../study'
import type { Term } from './school'
import type { SchoolId } from './settings'

/** Cost terms that name the finger that is crossed, and those that no note says more of. */
export const OF_CROSSING = ['pass-at-white', 'pass-by-two', 'pass-by-five'] as const
export const OF_NOTHING = [
  'pass',
  'far-pass',
  'four-before-three',
  'third-and-fourth',
  'skipped-finger',
  'cramped',
] as const
type OfCrossing = (typeof OF_CROSSING)[number]
type OfNothing = (typeof OF_NOTHING)[number]

/** Everything that is said of fingers: schools, cost terms, reasons, other fingerings. */
export type FingeringMessages = {
  /** What a fingering pays for, at a note. */
  readonly [T in Exclude<Term, OfCrossing | OfNothing> as `charge.${T}`]: { note: NoteParam }
} & {
  /** The same of crossings, where the finger lies that is not the thumb. */
  readonly [T in OfCrossing as `charge.${T}`]: { crossed: NoteParam }
} & {
  readonly [T in OfNothing as `charge.${T}`]: null
} & {
  readonly [S in SchoolId as `school.${S}` | `school.${S}.idea`]: null
} & {
  /** What would be next best: a row of fingers, what it would pay and how that weighs. */
  'rival.next': { row: Message; why: Message; weighs: Message }
  'rival.black': null
  /** What the tonic would have inside the line. */
  'rival.tonic': { note: NoteParam; finger: number }
  'rival.as-good': { row: Message }
  'rival.shape': { row: string; weighs: Message }
  'row.thumb-to': { fingers: string; note: NoteParam }
  'row.without': { fingers: string }
  'rival.none': null
  'rival.pin': null
  'reason.thumb-under': { to: NoteParam; after: NoteParam; key: 'black' | 'white'; rival: Message }
  'reason.finger-over': { finger: number; to: NoteParam; key: 'black' | 'white'; rival: Message }
  'reason.black-thumb': { notes: ListParam; many: 'yes' | 'no'; why: Message }
  'why.no-better': { rival: Message }
  'why.no-rule': null
  /** One shape of the hand for every repeat, up and back. */
  'reason.repeats': { there: string; back: string; returns: 'yes' | 'no'; rival: Message }
  'reason.onward': { before: number; finger: number; row: string }
  'reason.other-shape': { fingers: string; notes: ListParam; count: number; why: 'black' | 'reach' }
  'reason.chords': null
  /** Which of two neighbouring white keys takes 2. */
  'reason.chromatic': { twos: 'upper' | 'lower' }
  'reason.lift': { notes: ListParam; why: 'reach' | 'position' }
  'reason.two-way': { down: ListParam; up: ListParam }
  'reason.end': { finger: number; note: NoteParam }
  /** The same of double notes. */
  'reason.pair-end': { fingers: string; note: NoteParam }
  'reason.first-finger': { pattern: number; compact: string; begins: 'pattern' | 'compact' }
  /** How the hand goes on from key to key, and which notes leave their pattern for it. */
  'reason.joint': {
    finger: number
    note: NoteParam
    after: number
    before: NoteParam
    count: number
    gave: ListParam
  }
  'reason.pin': { pins: ListParam; others: number }
  /** “3 on F”. */
  taken: { fingers: string; note: NoteParam }
  'pinned.run': { fingers: string; note: NoteParam }
  'pinned.degree': { finger: number; degree: number; leg: 'up' | 'down' | 'both' }
  /** The same in an error, with the note's number in the line. */
  'pin.run': { marks: string; note: NoteParam; number: number }
  'pin.note': { mark: string | number; note: NoteParam; number: number }
  'pin.degree': { mark: string | number; degree: number }
  /** “begins with 2 on F”. */
  'end.with': { where: 'first' | 'last' | 'turn'; fingers: string; note: NoteParam }
  /** Another shape of the hand in every repeat, or for a chord. */
  'shape.repeats': { fingers: string }
  /** Most repeats, and those that have another. */
  'shape.mixed': { fingers: string; others: ListParam }
  'shape.from': { fingers: string; notes: ListParam }
  'shape.chord': { notes: ListParam }
  'thumbs.none': null
  'thumbs.on': { count: number; notes: ListParam }
  'thumbs.two-way': { count: number; up: ListParam; down: ListParam }
  'thumbs.not-on': { note: NoteParam }
  'both-ways': { up: string; down: string }
  'price.rule': null
  'price.habit': null
  'price.dearer': null
  'price.little': null
  'price.nearly': null
}

/** Whose notes a pin counts: a hand's, or those of a line that both hands share. */
export type PinnedLine = Hand | 'line'

export interface FingeringErrors {
  reach: { pitches: string; size: 'small' | 'average' | 'large'; hand: Hand }
  'pin.note': { of: PinnedLine; count: number; index: number }
  'pin.degree': { of: PinnedLine; degree: number; degrees: number }
  /** `because` is none where the pins alone are at odds. */
  'pin.conflict': { of: PinnedLine; pins: ListParam; count: number; because: Message | 'none' }
}
export const fingeringMessage = messageMaker<FingeringMessages>()
export const fingeringError = errorMaker<FingeringErrors>()
