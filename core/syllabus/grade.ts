import { RecipeError } from '../pitch'
import { completeRecipe, type Recipe, type RecipeInput } from '../study'
import { expand } from './expand'
import { GainFlow } from './flow'
import { type Match, matchOf } from './match'
import type { Atom, Grade, Group, Syllabus } from './model'

/** `not-needed`: left over in a group that asks for any so many and has them. */
export type Status = 'covered' | 'near' | 'missing' | 'not-needed'

export interface AtomReport {
  readonly id: string
  readonly group: string
  readonly entry: string
  readonly words: string
  readonly status: Status
  /** Place of the study in the set, from 0; null where none serves. */
  readonly study: number | null
  /** What a near study lacks, in words. */
  readonly reasons: readonly string[]
}

export interface Totals {
  readonly required: number
  readonly covered: number
  readonly near: number
  readonly missing: number
}

export interface GroupReport extends Totals {
  readonly id: string
  readonly title: string
}

/** A set held against one grade. */
export interface GradeReport extends Totals {
  readonly syllabus: string
  readonly grade: string
  readonly atoms: readonly AtomReport[]
  /** Studies that this grade does not ask for. */
  readonly surplus: readonly number[]
  readonly groups: readonly GroupReport[]
}

const COVERED = 1_000_000
const NEAR = 1_000

const required = (group: Group, atoms: readonly Atom[]): number =>
  group.rule === 'all' ? atoms.length : Math.min(group.rule.any, atoms.length)

const gainOf = (match: Match): number => (match.short.length === 0 ? COVERED : NEAR - Math.min(match.effort, NEAR - 1))

interface Assigned {
  readonly study: number
  readonly match: Match
}

/** Studies to atoms, one to one: most covered, then most near, then least left to mend; never more than a group asks. */
function assign(grade: Grade, atoms: readonly Atom[], recipes: readonly Recipe[]): (Assigned | undefined)[] {
  const [source, sink] = [0, 1]
  const studyNode = (study: number) => 2 + study
  const atomNode = (atom: number) => 2 + recipes.length + atom
  const groupNode = (group: number) => 2 + recipes.length + atoms.length + group
  const flow = new GainFlow(groupNode(grade.groups.length))
  recipes.forEach((_, study) => flow.join(source, studyNode(study), 1, 0))
  const links: { atom: number; study: number; match: Match; flows: () => number }[] = []
  atoms.forEach((atom, at) => {
    flow.join(atomNode(at), groupNode(grade.groups.findIndex((group) => group.id === atom.group)), 1, 0)
    recipes.forEach((recipe, study) => {
      const match = matchOf(recipe, atom)
      if (match)
        links.push({ atom: at, study, match, flows: flow.join(studyNode(study), atomNode(at), 1, gainOf(match)) })
    })
  })
  grade.groups.forEach((group, at) => {
    const mine = atoms.filter((atom) => atom.group === group.id)
    flow.join(groupNode(at), sink, required(group, mine), 0)
  })
  flow.run(source, sink)
  const found: (Assigned | undefined)[] = atoms.map(() => undefined)
  for (const { atom, study, match, flows } of links) if (flows() > 0) found[atom] = { study, match }
  return found
}

function atomReport(atom: Atom, assigned: Assigned | undefined, full: boolean): AtomReport {
  const { id, group, entry, words } = atom
  if (!assigned) {
    return { id, group, entry, words, status: full ? 'not-needed' : 'missing', study: null, reasons: [] }
  }
  const { study, match } = assigned
  const status = match.short.length === 0 ? 'covered' : 'near'
  return { id, group, entry, words, status, study, reasons: match.short.map((short) => short.words) }
}

function totals(asked: number, atoms: readonly AtomReport[]): Totals {
  const count = (status: Status) => atoms.filter((atom) => atom.status === status).length
  const [covered, near] = [count('covered'), count('near')]
  return { required: asked, covered, near, missing: asked - covered - near }
}

/** Finds a grade. @throws RecipeError `grade.unknown` */
export function gradeOf(syllabus: Syllabus, id: string): Grade {
  const found = syllabus.grades.find((grade) => grade.id === id)
  if (found) return found
  const known = syllabus.grades.map((grade) => grade.id).join(', ')
  throw new RecipeError(
    'grade.unknown',
    `${syllabus.title} has no grade “${id.slice(0, 40)}”. It has: ${known}.`,
    'grade',
  )
}

/**
 * Grades a set of studies against one grade. The assignment is optimal, so the order of the studies does not matter
 * to the totals.
 * @throws RecipeError `grade.unknown`, or what `completeRecipe` says of a study
 */
export function gradeSet(syllabus: Syllabus, gradeId: string, studies: readonly RecipeInput[]): GradeReport {
  const grade = gradeOf(syllabus, gradeId)
  const recipes = studies.map((study) => completeRecipe(study))
  const atoms = expand(grade)
  const assigned = assign(grade, atoms, recipes)
  const groups = grade.groups.map((group) => {
    const mine = atoms.flatMap((atom, at) => (atom.group === group.id ? [at] : []))
    const asked = required(
      group,
      mine.map((at) => atoms[at]!),
    )
    const full = mine.filter((at) => assigned[at]).length >= asked
    const reports = mine.map((at) => atomReport(atoms[at]!, assigned[at], full))
    return { report: { id: group.id, title: group.title, ...totals(asked, reports) }, reports }
  })
  const reports = groups.flatMap((group) => group.reports)
  const used = new Set(reports.map((atom) => atom.study))
  return {
    syllabus: syllabus.id,
    grade: grade.id,
    ...totals(
      groups.reduce((sum, { report }) => sum + report.required, 0),
      reports,
    ),
    atoms: reports,
    surplus: recipes.flatMap((_, at) => (used.has(at) ? [] : [at])),
    groups: groups.map(({ report }) => report),
  }
}

/** How a set stands in every grade of a syllabus. Grades need not build on each other; each is held by itself. */
export interface Placement {
  readonly grades: readonly (Totals & { readonly id: string; readonly title: string })[]
  /** The highest grade wholly covered, or null. */
  readonly highest: string | null
}

/** Places a set in a whole syllabus. */
export function placeSet(syllabus: Syllabus, studies: readonly RecipeInput[]): Placement {
  const grades = syllabus.grades.map((grade) => {
    const { required: asked, covered, near, missing } = gradeSet(syllabus, grade.id, studies)
    return { id: grade.id, title: grade.title, required: asked, covered, near, missing }
  })
  const whole = grades.filter((grade) => grade.covered === grade.required)
  return { grades, highest: whole.at(-1)?.id ?? null }
}

/** The recipes that fill a grade's holes, one for each missing atom, at the tempo asked. */
export function recipesForMissing(syllabus: Syllabus, report: GradeReport): RecipeInput[] {
  const atoms = new Map(expand(gradeOf(syllabus, report.grade)).map((atom) => [atom.id, atom]))
  const holes = report.groups.flatMap((group) =>
    report.atoms.filter((atom) => atom.group === group.id && atom.status === 'missing').slice(0, group.missing),
  )
  return holes.map((hole) => recipeFor(atoms.get(hole.id)!))
}

function recipeFor(atom: Atom): RecipeInput {
  const { tonic, kind, hands, motion, octaves, course, articulations, tempo } = atom.variants[0]!
  return {
    material: { tonic, kind },
    hands,
    motion,
    octaves,
    course,
    articulation: articulations[0] ?? 'legato',
    tempo: { bpm: tempo.bpm, notesPerBeat: tempo.notesPerBeat },
  }
}
