import type { Message } from '../message'
import type { Recipe } from '../instrument'
import type { DrawPattern } from './chance'
import type { FullGrade } from './expand'
import type { AtomReport, GradeReport } from './grade'
import type { Atom } from './model'

/** Common practice, no source: an examiner asks some six items. */
const DEFAULT_DRAW = 6

/** @param pools how many items count in each group */
export function drawPattern(grade: FullGrade, pools: ReadonlyMap<string, number>): DrawPattern {
  const says = grade.draw !== null || grade.groups.some((group) => group.draw !== null)
  const groups = grade.groups.map((group) => ({
    group: group.id,
    asks: Math.min(group.draw ?? (says ? 0 : 1), pools.get(group.id) ?? 0),
  }))
  const all = [...pools.values()].reduce((sum, size) => sum + size, 0)
  const fixed = groups.reduce((sum, { asks }) => sum + asks, 0)
  const total = Math.min(grade.draw ?? (says ? fixed : Math.max(DEFAULT_DRAW, fixed)), all)
  return { groups, more: Math.max(0, total - fixed), assumed: !says }
}

/** The draw of somebody who is examined by no list: the usual number, out of everything. */
export const openDraw = (items: number): ExamDraw => ({
  pattern: { groups: [{ group: '', asks: Math.min(DEFAULT_DRAW, items) }], more: 0, assumed: true },
  items: Array.from({ length: items }, (_, study) => ({ group: '', atom: null, words: null, study, required: null })),
})

/** Something that a draw may ask. */
interface DrawnFrom {
  readonly group: string
  /** Id and words of what the list asks; null where no list does. */
  readonly atom: string | null
  readonly words: Message | null
  /** Place of the study in which it is practised; null where there is none. */
  readonly study: number | null
  /** What the list asks of it, whatever its sheet says; null where no list does. */
  readonly required: { readonly notesPerMinute: number; readonly octaves: number } | null
  /** Where there is no study in which it is practised: what the record has that would serve. */
  readonly beside?: Recipe
}

/** Recipes that are practised no more, and how they serve the same grade. */
interface Beside {
  readonly recipes: readonly Recipe[]
  readonly report: Pick<GradeReport, 'atoms'>
}

/** Everything that a draw may ask, and how it is drawn. */
export interface ExamDraw {
  readonly pattern: DrawPattern
  readonly items: readonly DrawnFrom[]
}

/** What the sheet says of tempo and length hinders nobody from playing what is asked. */
const ON_PAPER = new Set(['short.tempo', 'short.tempo-most', 'short.just-tempo', 'short.octaves', 'short.just-octaves'])
const serves = ({ status, reasons }: AtomReport): boolean =>
  status === 'covered' || (status === 'near' && reasons.every(({ code }) => ON_PAPER.has(code)))

const requirementOf = ({ variants }: Atom, { variant }: AtomReport): DrawnFrom['required'] => {
  const { tempo, octaves } = variants[variant!]!
  return { notesPerMinute: tempo.bpm * tempo.notesPerBeat, octaves }
}

/**
 * The draw of a graded set: printed or not, every item that counts may be asked.
 * @param beside what was practised once and is in the set no more: it can still be asked
 */
export function drawOf(
  grade: FullGrade,
  atoms: readonly Atom[],
  report: Pick<GradeReport, 'atoms'>,
  beside: Beside = { recipes: [], report: { atoms: [] } },
): ExamDraw {
  const items = report.atoms.flatMap((atomReport, at): DrawnFrom[] => {
    if (!atomReport.wanted) return []
    const { group, id, words } = atomReport
    if (serves(atomReport))
      return [{ group, atom: id, words, study: atomReport.study, required: requirementOf(atoms[at]!, atomReport) }]
    const other = beside.report.atoms[at]
    const none = { group, atom: id, words, study: null, required: null }
    if (!other || !serves(other)) return [none]
    return [{ ...none, required: requirementOf(atoms[at]!, other), beside: beside.recipes[other.study!]! }]
  })
  return { pattern: drawPattern(grade, sizesOf(report.atoms)), items }
}

/** How many items count, by group. */
export function sizesOf(atoms: readonly Pick<AtomReport, 'group' | 'wanted'>[]): Map<string, number> {
  const sizes = new Map<string, number>()
  for (const { group, wanted } of atoms) if (wanted) sizes.set(group, (sizes.get(group) ?? 0) + 1)
  return sizes
}

/** Whether something that counts is not printed as asked. */
export const isHole = ({ wanted, status }: AtomReport): boolean => wanted && status !== 'covered'
/** Near ones first: they are nearest to covered. */
export const ease = ({ status, mend }: AtomReport): number =>
  status === 'near' ? (mend?.manner === 'alter' ? 0 : 1) : 2
