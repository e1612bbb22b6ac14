import { type Message, errorMaker, messageMaker, type ListParam } from '#core/message'
import type { Worded, WordedErrors } from '#words'

/** What a request may ask for that there is not. */
export type Thing =
  | 'study'
  | 'set'
  | 'syllabus'
  | 'exam'
  | 'pupil'
  | 'aim'
  | 'route'
  | 'version'
  | 'address'
  | 'thing'
  | 'change'
  | 'studio'
  | 'backup'
  | 'lesson'
  | 'week'
  | 'teacher'
  | 'session'

/** What the services refuse. */
interface Refusals {
  'not-found': { what: Thing }
  'version.stale': { what: Thing }
  'body.size': { most: number }
  'task.long': { seconds: number }
  /** More is asked than can be done now. */
  busy: null
  'change.unplayable': { why: Message }
  'pupil.unknown': null
  'pupil.gone': null
  'entry.unknown': null
  'entry.taken': null
  'mark.day': null
  'id.taken': null
  'choices.most': { most: number }
  'archive.none': null
  'archive.torn': null
  'archive.size': { most: number }
  'archive.newer': { version: number; known: number }
  'archive.lacks': { file: string }
  'archive.changed': { file: string }
  'archive.row': { file: string }
  'archive.unfit': { why: string }
  'archive.pupil': null
  'studio.gone': null
  'studio.only': null
  gone: null
  'sign-in.needed': null
  'sign-in.wrong': null
  'owner.only': null
  'pupil.shared': null
  'invitation.gone': null
  'too-often': { minutes: number }
  'password.length': { least: number; most: number }
  'password.common': null
  'teacher.taken': null
  'teacher.owner': null
  'backup.off': null
  'backup.failed': { why: string }
  'aim.none': null
  'lesson.same-day': null
  'query.date': { field: string }
  'route.stage': { stage: string; known: ListParam }
  'route.needed': { stage: Message }
  'route.last': null
  'set.grade': null
  'exam.changed': null
  'marks.count': { count: number }
  'marks.open': null
  'atom.near': null
  'syllabus.unknown': null
  'syllabus.exists': { id: string }
  'syllabus.shipped': null
  'syllabus.id': null
  'syllabus.used': { sets: ListParam }
  'study.unknown': null
  'study.binned': null
  'study.not-binned': null
  'set.size': { count: number; most: number }
  'file.empty': null
  'paper.empty': null
  'paper.several': null
  'paper.week': null
  'paper.zip': null
  'recipes.notes': { most: number; fits: number }
  'tags.most': { most: number }
  'study.in-set': { titles: ListParam }
}
export const refuse = errorMaker<WordedErrors<Refusals>>()

/** What the services say of what they did. */
interface Said {
  /** Studies that a pupil’s instrument cannot play, and what would do. */
  'studies.unplayable': { titles: ListParam; why: Message }
  'studies.too-wide': { instrument: Message; mend: Message }
  'archive.readme': { studio: string; made: string }
  quoted: { text: string }
  mended: { mend: Message; atom: Message }
  'calendar.name': { name: string; title: string }
  'calendar.item': { study: string; how: string; bpm: number; minutes: number }
  'calendar.practice': { minutes: number }
  'calendar.lesson': { minutes: number }
  'calendar.exam': { title: string }
  'list.version': { title: Message; version: number }
}
export const serverMessage = messageMaker<Worded<Said>>()

/** A name that somebody gave, in a sentence. */
export const quoted = (text: string): Message => serverMessage('quoted', { text })
