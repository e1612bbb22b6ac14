import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { Damping } from '../sticking'
import type { ContraryFrom, Hand, HandsApart, Motion } from '../study'
import type { GroupPlace } from '../surface'

/** What any family says of who plays, and on what. */
export type InstrumentMessages = {
  /** How a key is found beside the groups of two and three. */
  'find.key': { note: NoteParam; place: GroupPlace; on: 'keys' | 'bars' }
  /** “hands together”, “contrary motion”, “right hand”. */
  'hands.together': null
  'hands.contrary': null
  'hands.one': { hand: Hand }
  /** A make of instruments by its name. */
  make: { make: string }
  /** An instrument as a compass names it: “the marimba of 4.3 octaves”. */
  compass: { make: string; size: string }
  /** A keyboard of an accordion as a compass names it. */
  'compass.keys': { keys: number }
  'compass.buttons': { system: string; rows: number }
  /** Who plays an accordion: “accordion, right hand over alternating bass”. */
  'reeds.by': { hands: 'together' | Hand; part: string }
  'reeds.slow': null
  'reeds.bellows': { turn: string; beats: number; first: 'opening' | 'closing' }
  'reeds.registers': { registers: string }
  /** How its hands go together. */
  'reeds.against': { count: number }
  'reeds.pair': { right: number; left: number; on: 'bass' | 'chord' }
  'reeds.pairs': { count: number; pairs: ListParam; more: 'yes' | 'no' }
  'reeds.thirds': { notes: ListParam; times: number }
  'said.pin-button': { button: Message; note: number; hand: Hand }
  /** A figure that is written otherwise than it was. */
  practised: { figure: Message }
  /** Why buttons do not take a pattern. */
  'buttons.no-thumbs': { asked: Message }
  'buttons.no-chords': { most: number }
  'watch.left-alone': null
  'watch.leap': { note: NoteParam }
  'watch.against': null
  'watch.bellows': { note: NoteParam; direction: 'opening' | 'closing' }
  /** Pins as a line says them, notes counted from 1. */
  'said.pin': { mark: string; note: number; hand: Hand | 'none' }
  'said.pin-run': { marks: string; note: number; hand: Hand | 'none' }
  'said.pin-degree': { mark: string; degree: number; leg: 'up' | 'down' | 'both'; hand: Hand | 'none' }
  /** What a line is remembered by: “RH 4 on B♭”, “R leads”, “doubled: E”, “counterbass: E, A”. */
  'landmark.finger': { finger: number; hand: Hand; note: NoteParam }
  'landmark.lead': { stick: string }
  'landmark.doubles': { notes: ListParam }
  'landmark.counterbass': { notes: ListParam }
  /** What a study falls short of. */
  'short.motion': { asked: Motion; own: Motion }
  'short.contrary-from': { asked: ContraryFrom; own: ContraryFrom }
  'short.interval': { asked: HandsApart; own: HandsApart }
  'short.tonic-hand': { asked: Hand; own: Hand }
  'short.hands': { asked: 'together' | Hand; own: 'together' | Hand }
  'short.mallets': { asked: number; own: number }
  'short.lead': { asked: Hand; own: Hand }
  'short.rolled': { asked: 'rolled' | 'single' }
  'short.rudiment': { asked: string; own: string }
  'short.figure': { asked: string; own: string }
  'short.alternating': null
  'short.make': { asked: string; own: string }
  'bass-row': { row: string }
  'short.bass': { asked: string; own: string }
  'short.bellows': { asked: string; beats: number; own: string; ownBeats: number }
  'short.registers': { asked: string; own: string }
  'short.rows': { rows: ListParam; bass: number }
  'short.board': { asked: 'standard' | 'free'; own: 'standard' | 'free' }
  'short.treble': { asked: 'keys' | 'buttons'; own: 'keys' | 'buttons' }
  'short.top': { asked: 'once' | 'twice'; own: 'once' | 'twice' }
  /** What a title says of sticks. */
  'stick.lead': { hand: Hand }
  'stick.top-twice': null
  'stick.rudiment': { rudiment: Message; on: 'degree' | 'stroke' }
  'stick.rolled': { manner: 'separate' | 'through'; strokes: number | 'ladder' }
  'stick.four': { figure: string }
  'stick.pedal': { pedal: 'beat' | 'bar' | 'down'; damping: Damping }
  'stick.dead': { which: 'beats' | 'all' }
  /** Why sticks do not take a pattern. */
  'sticks.no-thumbs': { asked: Message }
  'sticks.no-hand': { asked: Message }
  'sticks.turns-alone': { asked: Message }
  'sticks.no-chords': null
  'sticks.own-figure': null
  'sticks.no-loops': null
  /** A stage of the way through a study. */
  stage: { stage: string }
  /** What to watch for while practising. */
  'watch.crossing': { kind: 'thumb-under' | 'over-thumb'; finger: number; note: NoteParam; hand: Hand }
  'watch.parting': { note: NoteParam }
  'watch.returning': { notes: ListParam }
  'watch.blocks': null
  'watch.rhythms': null
  'watch.ladder': null
  'watch.once': null
  'watch.rolled': null
  'watch.turns': null
  'watch.other-lead': { hand: Hand }
  'watch.doubles': { count: number }
  /** The school in a title. */
  'stick.school': { school: 'strict' | 'restore-lead' | 'least-effort' }
}

export interface InstrumentErrors {
  'field.instrument': { field: string; for: string; instrument: string }
  'accepted.length': { of: string; notes: number; marks: number }
  'pin.hand': { hand: Hand }
}
export const instrumentMessage = messageMaker<InstrumentMessages>()
export const instrumentError = errorMaker<InstrumentErrors>()
