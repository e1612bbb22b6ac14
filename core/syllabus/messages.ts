import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { Bookends, ContraryFrom, Course, Hand, HandsApart } from '../study'

/** What a list asks, what a study falls short of, and what would mend it. */
export interface SyllabusMessages {
  /** Forms of minor that share the word: “harmonic or melodic minor”. */
  'forms.minor': { forms: ListParam }
  'asked.key': { tonic: NoteParam; forms: Message }
  'asked.seventh-of': { tonic: NoteParam; seventh: 'dominant' | 'diminished' }
  /** Forms of all keys, a seventh perhaps of the key. */
  'asked.forms': { forms: Message; ofKey: 'yes' | 'no' }
  'asked.inversion': { inversion: number }
  'asked.apart': { interval: Exclude<HandsApart, 'octave'>; hand: Hand | 'any' }
  'asked.either-hand': null
  'asked.resolution': { resolution: Exclude<Bookends['after'], 'none'> }
  'asked.top-twice': null
  'asked.rolled': null
  'asked.four-mallets': null
  'asked.figure': { figure: string }
  'asked.rudiment': { rudiment: string }
  'asked.alternating': null
  'asked.make': { make: string }
  'mend.sticking': null
  'asked.memory': null
  /** What an accordion is asked. */
  'asked.bass': { part: string; hands: 'together' | Hand }
  'asked.bellows': { bellows: string; beats: number }
  'asked.rows': { rows: ListParam }
  'asked.row': { row: string }
  'asked.board': { board: 'standard' | 'free' }
  'asked.treble': { treble: 'keys' | 'buttons' }
  'asked.registers': { registers: string }
  'mend.bellows': { bellows: string; beats: number }
  'mend.registers': { registers: string }
  /** Who plays, as an examiner begins a call. */
  'call.hands': { hands: 'together' | 'right' | 'left' | 'either' | 'contrary' }
  'call.seventh-of': { tonic: NoteParam; seventh: 'dominant' | 'diminished' }
  call: { said: Message }
  'short.kind': { asked: Message; own: Message }
  'short.inversion': { asked: number; own: number }
  'short.octaves': { own: number; asked: number }
  'short.just-octaves': { own: number; asked: number }
  'short.course': { asked: Course; own: Course }
  'short.shape': { asked: Message | 'plain'; own: Message | 'plain' }
  'short.resolution': { resolution: Exclude<Bookends['after'], 'none'> }
  'short.touch': { asked: ListParam; own: Message }
  'short.tempo': { own: number; least: number }
  'short.tempo-most': { own: number; most: number }
  'short.just-tempo': { own: number; least: number }
  'mend.tempo': { bpm: number; how: 'raise' | 'lower' }
  'mend.octaves': { more: number; asked: number }
  'mend.course': null
  'mend.top': { top: 'once' | 'twice' }
  'mend.resolution': null
  'mend.contrary-from': { from: ContraryFrom }
  'mend.tonic-hand': null
  'mend.add': { field: string }
  'choice.hands': null
  'choice.hand': { hand: 'together' | Hand }
  /** What an edition asks otherwise. */
  'edition.changed': { was: Message; now: Message }
  'edition.tempo': { notes: number }
  'edition.any-touch': null
  'edition.from': { from: ContraryFrom | 'either' }
  'edition.tonic-hand': { hand: Hand | 'either' }
  'edition.top': { top: 'once' | 'twice' | 'any' }
  'edition.ending': { resolution: Bookends['after'] }
  'edition.bellows': { bellows: string; beats: number }
  'edition.registers': { registers: string }
}

export interface SyllabusErrors {
  'includes.unknown': { grade: string }
  'includes.circle': { grades: string }
  'grade.unknown': { list: string; grade: string; known: string }
  'keys.unknown': { entry: string }
  'keys.circle': { entries: string }
  'keys.steps': { entry: string; most: number }
  'entry.size': { entry: string; count: number; most: number }
  'list.size': { count: number; most: number }
  'marks.range': { criterion: string; most: number }
  'marking.band': { band: string; least: number; total: number }
  'syllabus.twice': { what: 'grade' | 'group' | 'entry' | 'criterion'; id: string }
  'syllabus.size': { grade: string; count: number; most: number }
  'syllabus.choice': {
    name: string
    why: 'mixed' | 'any' | 'pick' | 'ways' | 'draw'
    asked: number
    listed: number
  }
  'entry.empty': { entry: string }
  'tempo.most': { most: number; bpm: number }
}
export const syllabusMessage = messageMaker<SyllabusMessages>()
export const syllabusError = errorMaker<SyllabusErrors>()
