import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { PinnedLine } from '../fingering'
import type { Hand, Leg } from '../study'
import type { StrokeType } from './strokeType'
import type { Pedal, Rudiment, StickingSchoolId } from './settings'

type Across = 'none' | 'one' | 'all' | 'some'
type RudimentName = Exclude<Rudiment, 'none'>

/** Everything that is said of sticks: schools, reasons, other ways. */
export type StickingMessages = {
  readonly [S in StickingSchoolId as `sticking.${S}` | `sticking.${S}.idea`]: null
} & {
  readonly [R in RudimentName as `rudiment.${R}`]: null
} & {
  readonly [S in StrokeType as `stroke.${S}`]: null
} & {
  /** A double inside a sentence, and as one of its own. */
  double: { first: NoteParam; second: NoteParam; hand: Hand; why: Message | 'none' }
  'reason.double': { first: NoteParam; second: NoteParam; hand: Hand; why: Message }
  'double.pinned': null
  'double.restores': { note: NoteParam; hand: Hand }
  'double.uncrosses': { from: NoteParam; to: NoteParam }
  'double.frees': { note: NoteParam; hand: Hand }
  'double.cheaper': null
  'double.falls': { note: NoteParam; hand: Hand }
  'double.of-rudiment': { rudiment: Message }
  'without-double': null
  /** While the pedal is down: the mallet that struck a bar goes back on it; or the other comes for it. */
  'reason.damp-back': { pedal: Pedal }
  'reason.damp-follows': { note: NoteParam; next: NoteParam; hand: Hand }
  'reason.dead': { which: 'beats' | 'all' }
  'reason.sticks-cross': { from: NoteParam; to: NoteParam; upper: NoteParam }
  'stick.count': { hard: number; doubles: number; rowDoubles: number; across: Across }
  'reason.lead': { lead: Hand; own: Message; other: Message }
  'reason.octaves': { hand: Hand }
  'reason.tops': { swaps: 'yes' | 'no' }
  'reason.stick-pin': { notes: ListParam; count: number; costs: 'yes' | 'no' }
  'reason.together': null
  'reason.figure': { figure: string; numbering: 'low-to-high' | 'high-to-low'; strokes: ListParam }
  'reason.rudiment': { rudiment: Message; row: string; swaps: 'yes' | 'no' }
  'reason.turns': { first: Leg; hand: Hand }
  'reason.roll': {
    manner: 'separate' | 'through'
    hand: Hand
    ending: 'tied' | 'released'
    strokes: number
    perSecond: number
  }
  'reason.roll-register': {
    least: number
    most: number
    strokes: number
    perSecond: number
    reach: 'within' | 'short' | 'beyond'
    bpm: number
    doubt: Message
  }
  'roll.doubt': { make: string }
  'alternative.sticks': { double: Message; count: Message }
  /** What forbids a pin, besides the other pins. */
  'because.strict': { hand: Hand }
  'because.restores': { hand: Hand }
  /** What says which stick strikes. */
  'dictates.figure': null
  'dictates.roll': null
  'dictates.rudiment': { rudiment: Message }
  'dictates.turns': null
}

export interface StickingErrors {
  'field.instrument': { field: string; for: string; instrument: string }
  'mallets.figure': { why: 'strokes' | 'twice'; most: number }
  'mallets.shape': null
  'mallets.crossed': { degree: number; below: number }
  'mallets.reach': { hand: Hand; pitches: string; apart: number; reach: number }
  'mallets.material': { kind: Message | 'pitches' }
  'mallets.pitches': null
  'instrument.material': { kind: Message; why: 'chords' | 'shared' }
  'instrument.hands': { field: string; value: string; instrument: string }
  'rhythm.ladder': { why: 'no-roll' | 'rolled' | 'sticks-only' }
  'ring.pedal': { instrument: string }
  'ring.dead': null
  'ring.damping': { why: 'pedal' | 'strokes' | 'double' }
  'roll.mallets': null
  'roll.rudiment': null
  'roll.strokes': { strokes: number; notes: number }
  'rudiment.mallets': null
  'rudiment.material': null
  'pin.dictated': { what: Message }
  'pin.conflict': { of: PinnedLine; pins: ListParam; count: number; because: Message | 'none' }
}
export const stickingMessage = messageMaker<StickingMessages>()
export const stickingError = errorMaker<StickingErrors>()
