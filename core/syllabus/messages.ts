import { type ListParam, type Message, type NoteParam, errorMaker, messageMaker } from '../message'
import type { Articulation, Bookends, ContraryFrom, Course, Hand, HandsApart } from '../study'

/** What a list asks, what a study falls short of, and what would mend it. */
export interface SyllabusMessages {
  /** Forms of minor that share the word: “harmonic or melodic minor”. */
  'forms.minor': { forms: ListParam }
  'required.key': { tonic: NoteParam; forms: Message }
  'required.seventh-of': { tonic: NoteParam; seventh: 'dominant' | 'diminished' }
  /** Forms of all keys, a seventh perhaps of the key. */
  'required.forms': { forms: Message; ofKey: 'yes' | 'no' }
  'required.inversion': { inversion: number }
  'required.apart': { interval: Exclude<HandsApart, 'octave'>; hand: Hand | 'any' }
  'required.either-hand': null
  'required.resolution': { resolution: Exclude<Bookends['after'], 'none'> }
  'required.top-twice': null
  'required.rolled': null
  'required.four-mallets': null
  'required.memory': null
  /** What an accordion is asked. */
  'required.bass': { part: string; hands: 'together' | Hand }
  'required.bellows': { bellows: string; beats: number }
  'required.rows': { rows: ListParam }
  'required.row': { row: string }
  'required.treble': { treble: 'keys' | 'buttons' }
  'required.registers': { registers: string }
  'mend.bellows': { bellows: string; beats: number }
  'mend.registers': { registers: string }
  touch: { touch: Articulation }
  /** Who plays, as an examiner begins a call. */
  'call.hands': { hands: 'together' | 'right' | 'left' | 'either' | 'contrary' }
  'call.seventh-of': { tonic: NoteParam; seventh: 'dominant' | 'diminished' }
  call: { message: Message }
  'short.kind': { required: Message; own: Message }
  'short.inversion': { required: number; own: number }
  'short.octaves': { own: number; required: number }
  'short.just-octaves': { own: number; required: number }
  'short.course': { required: Course; own: Course }
  'short.shape': { required: Message | 'plain'; own: Message | 'plain' }
  'short.resolution': { resolution: Exclude<Bookends['after'], 'none'> }
  'short.touch': { required: ListParam; own: Articulation }
  'short.tempo': { own: number; least: number }
  'short.tempo-most': { own: number; most: number }
  'short.just-tempo': { own: number; least: number }
  'mend.tempo': { bpm: number; how: 'raise' | 'lower' }
  'mend.octaves': { more: number; required: number }
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
    required: number
    listed: number
  }
  'entry.empty': { entry: string }
  'tempo.most': { most: number; bpm: number }
}
export const syllabusMessage = messageMaker<SyllabusMessages>()
export const syllabusError = errorMaker<SyllabusErrors>()
