import { parseNote, pitchClass } from '../pitch'
import { octaveWords } from '../realise'
import type { RecipeInput } from '../instrument'
import { atomsOf } from './expand'
import { gradeOf, gradeSet } from './grade'
import type { Policies } from './match'
import type { Atom, Syllabus } from './model'
import { isUnready } from './readiness'

export interface AtomChange {
  readonly words: string
  /** What is asked otherwise, each as “was, now”. */
  readonly changes: readonly string[]
}

/** What one edition of a grade asks beside another. */
export interface GradeDifference {
  readonly grade: string
  readonly title: string
  readonly added: readonly string[]
  readonly dropped: readonly string[]
  readonly changed: readonly AtomChange[]
}

/** What an atom is, whatever its length, tempo and touch. */
function identityOf({ tonic, variants }: Atom): string {
  const first = variants[0]!
  const { motion, interval, inversion, figure, walk, rolled, mallets, lead } = first
  const kinds = [...new Set(variants.map(({ kind }) => kind))].sort()
  const hands = [...new Set(variants.map((each) => each.hands))].sort()
  return JSON.stringify([
    pitchClass(parseNote(tonic)),
    ...[kinds, hands, motion, interval, inversion, figure, walk, rolled, mallets, lead],
  ])
}

function changesOf(before: Atom, after: Atom): string[] {
  const [a, b] = [before.variants[0]!, after.variants[0]!]
  const perMinute = ({ tempo }: typeof a) => tempo.bpm * tempo.notesPerBeat
  const touch = ({ articulations }: typeof a) => articulations.join(' or ') || 'any touch'
  const pairs: [string, string][] = [
    [octaveWords(a.octaves), octaveWords(b.octaves)],
    [`${perMinute(a)} notes a minute`, `${perMinute(b)} notes a minute`],
    [touch(a), touch(b)],
    [a.course.replace('-', ' and '), b.course.replace('-', ' and ')],
    [`from ${a.contraryFrom ?? 'either'}`, `from ${b.contraryFrom ?? 'either'}`],
    [`${a.tonicHand ?? 'either'} hand on the tonic`, `${b.tonicHand ?? 'either'} hand on the tonic`],
    [`top ${a.top ?? 'as you like'}`, `top ${b.top ?? 'as you like'}`],
    [`ending: ${a.resolution}`, `ending: ${b.resolution}`],
  ]
  return pairs.flatMap(([was, now]) => (was === now ? [] : [`${was}, now ${now}`]))
}

/** Atoms of two lists beside one another. */
function compared(before: readonly Atom[], after: readonly Atom[]): Omit<GradeDifference, 'grade' | 'title'> {
  const waiting = new Map<string, Atom[]>()
  for (const atom of before) waiting.set(identityOf(atom), [...(waiting.get(identityOf(atom)) ?? []), atom])
  const added: string[] = []
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
  readonly add: readonly string[]
  /** Studies that served the old edition and serve the new one no more; places in the set. */
  readonly drop: readonly number[]
}

/** A set beside two editions of its grade. @throws RecipeError `grade.unknown` */
export function moveBetween(
  before: Syllabus,
  after: Syllabus,
  grade: string,
  studies: readonly RecipeInput[],
  policies?: Policies,
): Move {
  gradeOf(after, grade)
  const was = gradeSet(before, grade, studies, policies)
  const is = gradeSet(after, grade, studies, policies)
  const open = new Set(was.atoms.filter(isUnready).map(({ words }) => words))
  return {
    add: is.atoms.filter((atom) => isUnready(atom) && !open.has(atom.words)).map(({ words }) => words),
    drop: is.surplus.filter((at) => !was.surplus.includes(at)),
  }
}
