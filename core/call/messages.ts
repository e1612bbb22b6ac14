import { type ListParam, type Message, type NoteParam, messageMaker } from '../message'
import type { Features } from './part'

type Shape = NonNullable<Features['shape']>

/** How a line was understood, what was assumed, what is missing. */
export type CallMessages = {
  readonly [S in Shape as `feature.shape.${S}`]: null
} & {
  'feature.pentatonic': null
} & {
  'echo.note': { note: NoteParam }
  'echo.pitches': { count: number }
  'echo.all': null
  'echo.three-minors': null
  'echo.two-minors': null
  'echo.hand-on': { hand: 'right' | 'left'; note: NoteParam }
  'echo.start': { note: NoteParam }
  'echo.signs': { sharps: number | 'none'; flats: number | 'none'; exact: 'yes' | 'no' }
  'echo.inversion': { inversion: number }
  'echo.except': { notes: ListParam }
  'echo.tempo': { beat: string; bpm: number; most: number | 'none' }
  /** What was assumed. */
  'assumed.harmonic': null
  'assumed.major': null
  'assumed.dominant': null
  'assumed.jazz': null
  /** What is missing or does not go together. */
  'call.no-scale': { quality: Message }
  'call.apart': { named: Message; shape: Message }
  'call.augmented-seventh': null
  'call.double-notes': null
  'call.tetrachords': null
  'call.minor-thirds': null
  'call.contradiction': { before: Message; after: Message }
  'call.no-inversions': { kind: Message }
  /** A line that names no key changes the study it is said over. */
  'call.changes': { title: Message }
  'echo.more-octaves': { octaves: number }
  'call.no-key': null
  /** A line that is understood, and asks for what is no study or cannot be written. */
  'call.grade': { grade: number }
  'call.long-notes': null
  'call.rounded': { bpm: number }
  'call.no-keys': null
  /** Why something that was typed is no motif. */
  'motif.empty': null
  'motif.silent': null
  'motif.long': { count: number; most: number }
  'motif.wide': { least: number; most: number }
  'motif.thick': { most: number }
  'motif.unread': { text: string }
  'motif.outside': { note: NoteParam; key: Message }
  'call.no-related': { kind: Message }
  'call.no-start': { note: NoteParam; title: Message }
  'call.two-keys': null
  'call.one-hand-contrary': null
  /** How something was taken that the words leave open. */
  'call.read-as': { typed: string; word: string }
  'call.seventh-of-key': { key: NoteParam; root: NoteParam; kind: Message }
  'call.seventh-on-note': { key: NoteParam; kind: Message }
  'call.started': { note: NoteParam; title: Message }
  'call.both-hands': null
  'call.pace': { bpm: number }
  'call.limit': { bpm: number }
  'echo.pace.by': { by: number }
  'echo.pace.times': { times: number }
  'echo.related': { by: string; mode: string }
  'echo.moved': { way: string; semitones: number }
  'echo.draw': null
  'echo.degree': { degree: number }
  'call.too-many': { count: number; most: number }
  'asked.no-key': null
  'asked.none-above': null
  'asked.notes-to-beat': null
  'asked.twice': { before: Message; after: Message }
  'asked.start': { note: NoteParam }
  'asked.not-asked': { field: string }
  'asked.lost': { typed: string; nearest: string }
  'asked.long': { count: number; most: number }
}
export const callMessage = messageMaker<CallMessages>()
