import { seeded, some } from '../random'
import type { Message } from '../message'
import type { FullGrade } from './expand'
import type { GradeReport } from './grade'
import type { RequiredTempo, Atom } from './model'
import { drawPattern, sizesOf } from './drawn'
import { examinerCall } from './words'

/** One request of a mock exam. */
export interface DrawnItem {
  readonly atom: string
  readonly group: string
  /** As an examiner calls it. */
  readonly call: Message
  /** What is asked, and how fast, for whoever marks it. */
  readonly words: Message
  readonly beat: RequiredTempo['beat']
  readonly bpm: number
  readonly notesPerMinute: number
  /** Whether the set has it as it is asked. */
  readonly printed: boolean
  /** Place of the study that serves it, from 0; null where none does. */
  readonly study: number | null
}

/**
 * Draws a mock exam as an examiner would: so many from each group as the board asks, more from what is left; of what
 * the candidate chooses only what was prepared. Groups are called in printed order.
 * @param seed a whole number; the same one draws the same exam
 */
export function drawExam(
  grade: FullGrade,
  atoms: readonly Atom[],
  report: Pick<GradeReport, 'atoms'>,
  seed: number,
  saysHands = true,
): DrawnItem[] {
  const random = seeded(seed)
  const pool = report.atoms.flatMap((atom, at) => (atom.wanted ? [{ atom, at }] : []))
  const pattern = drawPattern(grade, sizesOf(report.atoms))
  const first = pattern.groups.flatMap(({ group, asks }) =>
    some(
      pool.filter(({ atom }) => atom.group === group),
      asks,
      random,
    ),
  )
  const rest = some(
    pool.filter((each) => !first.includes(each)),
    pattern.more,
    random,
  )
  const order = new Map(grade.groups.map((group, at) => [group.id, at]))
  return [...first, ...rest]
    .sort((a, b) => order.get(a.atom.group)! - order.get(b.atom.group)!)
    .map(({ atom: atomReport, at }) => {
      const atom = atoms[at]!
      const variant = atom.variants[atomReport.variant ?? 0]!
      return {
        ...{ atom: atom.id, group: atom.group, words: atom.words, study: atomReport.study },
        call: examinerCall(atom, variant, saysHands),
        beat: variant.tempo.beat,
        bpm: variant.tempo.bpm,
        notesPerMinute: variant.tempo.bpm * variant.tempo.notesPerBeat,
        printed: atomReport.status === 'covered',
      }
    })
}
