import { syllabusMessage } from './messages'
import { type Message, joined, sameMessage } from '../message'
import { parseNote, pitchClass } from '../pitch'
import { octavesMessage, titleMessage } from '../realise'
import { studyMessage } from '../study'
import type { RecipeInput } from '../instrument'
import { atomsOf } from './expand'
import { gradeOf, gradeSet } from './grade'
import type { Policies } from './match'
import type { Means } from './weighing'
import type { Atom, Syllabus, Requirement } from './model'
import { isHole } from './drawn'

interface AtomChange {
  readonly words: Message
  /** What is asked otherwise, each as “was, now”. */
  readonly changes: readonly Message[]
}

/** What one edition of a grade asks beside another. */
export interface GradeDifference {
  readonly grade: string
  readonly title: string
  readonly added: readonly Message[]
  readonly dropped: readonly Message[]
  readonly changed: readonly AtomChange[]
}

/** What an atom is, whatever its length, tempo and touch. */
function identityOf({ tonic, variants }: Atom): string {
  const first = variants[0]!
  const { motion, interval, inversion, pattern, rolled, mallets, sticks, lead, bass, board } = first
  const kinds = [...new Set(variants.map(({ kind }) => kind))].sort()
  const hands = [...new Set(variants.map((each) => each.hands))].sort()
  return JSON.stringify([
    pitchClass(parseNote(tonic)),
    ...[kinds, hands, motion, interval, inversion, pattern, rolled, mallets, sticks, lead, bass, board],
  ])
}

const touchMessage = ({ articulations, touch: byHand }: Requirement): Message =>
  byHand
    ? studyMessage('touch.by-hand', byHand)
    : articulations.length === 0
      ? syllabusMessage('edition.any-touch')
      : joined(
          articulations.map((touch) => studyMessage('touch', { touch })),
          'or',
        )

/** What of a requirement an edition may ask otherwise, each with how it is said. */
const SAID: readonly ((required: Requirement) => Message)[] = [
  ({ octaves }) => octavesMessage(octaves),
  ({ tempo }) => syllabusMessage('edition.tempo', { notes: tempo.bpm * tempo.notesPerBeat }),
  touchMessage,
  ({ course }) => titleMessage('course', { course }),
  ({ contraryFrom }) => syllabusMessage('edition.from', { from: contraryFrom ?? 'either' }),
  ({ tonicHand }) => syllabusMessage('edition.tonic-hand', { hand: tonicHand ?? 'either' }),
  ({ top }) => syllabusMessage('edition.top', { top: top ?? 'any' }),
  ({ resolution }) => syllabusMessage('edition.ending', { resolution }),
  ({ bellows, bellowsBeats }) =>
    syllabusMessage('edition.bellows', { bellows: bellows ?? 'any', beats: bellowsBeats ?? 0 }),
  ({ registers }) => syllabusMessage('edition.registers', { registers: registers.join(' + ') || 'any' }),
]

function changesOf(before: Atom, after: Atom): Message[] {
  const [a, b] = [before.variants[0]!, after.variants[0]!]
  return SAID.flatMap((wordsOf) => {
    const [was, now] = [wordsOf(a), wordsOf(b)]
    return sameMessage(was, now) ? [] : [syllabusMessage('edition.changed', { was, now })]
  })
}

/** Atoms of two lists beside one another. */
function compared(before: readonly Atom[], after: readonly Atom[]): Omit<GradeDifference, 'grade' | 'title'> {
  const waiting = new Map<string, Atom[]>()
  for (const atom of before) waiting.set(identityOf(atom), [...(waiting.get(identityOf(atom)) ?? []), atom])
  const added: Message[] = []
  const changed: AtomChange[] = []
  for (const atom of after) {
    const same = waiting.get(identityOf(atom)) ?? []
    const exact = same.findIndex((other) => changesOf(other, atom).length === 0)
    const [other] = same.splice(Math.max(exact, 0), 1)
    if (!other) added.push(atom.words)
    else if (exact < 0) changed.push({ words: atom.words, changes: changesOf(other, atom) })
  }
  return { added, dropped: [...waiting.values()].flat().map((atom) => atom.words), changed }
}

/** What a later syllabus asks beside an earlier one, grade by grade; grades are the same by their ids. */
export function compareSyllabi(before: Syllabus, after: Syllabus): GradeDifference[] {
  const ids = [...new Set([...before.grades, ...after.grades].map(({ id }) => id))]
  return ids.flatMap((id) => {
    const [old, now] = [before, after].map((each) => each.grades.find((grade) => grade.id === id))
    const [was, is] = [old ? atomsOf(before, old) : [], now ? atomsOf(after, now) : []]
    const difference = compared(was, is)
    const { added, dropped, changed } = difference
    const same = added.length + dropped.length + changed.length === 0
    return same ? [] : [{ grade: id, title: (now ?? old)!.title, ...difference }]
  })
}

/** What a set gains and loses when its grade is another edition's. */
export interface Move {
  /** What the new edition asks and the set does not have ready, but for what it lacked before. */
  readonly add: readonly Message[]
  /** Studies that served the old edition and serve the new one no more; places in the set. */
  readonly drop: readonly number[]
}

/** A set beside two editions of its grade. @throws DomainError `grade.unknown` */
export function moveBetween(
  before: Syllabus,
  after: Syllabus,
  grade: string,
  studies: readonly RecipeInput[],
  policies?: Policies,
  means?: Means,
): Move {
  gradeOf(after, grade)
  const was = gradeSet(before, grade, studies, policies, means)
  const is = gradeSet(after, grade, studies, policies, means)
  const key = ({ words }: { words: Message }): string => JSON.stringify(words)
  const open = new Set(was.atoms.filter(isHole).map(key))
  return {
    add: is.atoms.filter((atom) => isHole(atom) && !open.has(key(atom))).map(({ words }) => words),
    drop: is.surplus.filter((at) => !was.surplus.includes(at)),
  }
}
