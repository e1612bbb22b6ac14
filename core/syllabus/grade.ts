import { RecipeError } from '../pitch'
import { completeRecipe, isFree, type Recipe, type RecipeInput } from '../study'
import { assign, type Assigned } from './assign'
import { type ChoiceSet, choiceSets } from './choices'
import { type AskedGrade, askedGrade, expand } from './expand'
import { type Policies, USUAL_POLICIES } from './match'
import { mendOf, type Mend } from './mend'
import { type Atom, type Grade, isFor, type Syllabus } from './model'
import { pairsOf, type Unit } from './pairs'

/** `not-needed`: left over in a choice that has enough. */
export type Status = 'covered' | 'near' | 'missing' | 'not-needed'

export interface AtomReport {
  readonly id: string
  readonly group: string
  readonly entry: string
  readonly words: string
  readonly status: Status
  /** Place of the study in the set, from 0; null where none serves. */
  readonly study: number | null
  /** Place of the form that it meets or is near to, among the atom's; null where none serves. */
  readonly variant: number | null
  /** What a near study lacks, in words. */
  readonly reasons: readonly string[]
  /** What one press would do about a near study; null unless near. */
  readonly mend: Mend | null
  /** Whether it counts: what a choice leaves out does not. */
  readonly wanted: boolean
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

/** An entry as it is printed, and what was read into it. */
export interface EntryReport {
  readonly id: string
  readonly group: string
  readonly words: string
  readonly reading: string
  readonly open: readonly string[]
  readonly conditions: readonly string[]
}

/** A set held against one grade. */
export interface GradeReport extends Totals {
  readonly syllabus: string
  readonly grade: string
  readonly atoms: readonly AtomReport[]
  /** Studies that this grade does not ask for. */
  readonly surplus: readonly number[]
  readonly groups: readonly GroupReport[]
  readonly entries: readonly EntryReport[]
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

/** A set's studies in an order of their own, so that the answer does not depend on theirs; equals stay as they stand. */
function inOwnOrder(recipes: readonly Recipe[]): number[] {
  const keys = recipes.map((recipe) => JSON.stringify(recipe))
  return recipes.map((_, at) => at).sort((a, b) => (keys[a]! < keys[b]! ? -1 : keys[a]! > keys[b]! ? 1 : a - b))
}

interface Solved {
  readonly served: readonly (Assigned | undefined)[]
  readonly wanted: readonly boolean[]
  readonly units: readonly Unit[]
}

/** Solves in an order that neither studies nor entries dictate, and answers in printed order. */
function solve(
  atoms: readonly Atom[],
  recipes: readonly Recipe[],
  sets: readonly ChoiceSet[],
  policies: Policies,
): Solved {
  const atomOrder = atoms.map((_, at) => at).sort((a, b) => (atoms[a]!.id < atoms[b]!.id ? -1 : 1))
  const placeOf = new Map(atomOrder.map((at, place) => [at, place]))
  const studyOrder = inOwnOrder(recipes)
  const pairs = pairsOf(
    atomOrder.map((at) => atoms[at]!),
    studyOrder.map((at) => recipes[at]!),
    policies,
  )
  const moved = sets.map((set) => ({
    ...set,
    bundles: set.bundles
      .map((bundle) => bundle.map((at) => placeOf.get(at)!).sort((a, b) => a - b))
      .sort((a, b) => a[0]! - b[0]!),
  }))
  const { served, wanted } = assign(
    atomOrder.map((at) => atoms[at]!),
    pairs,
    moved.sort((a, b) => a.bundles[0]![0]! - b.bundles[0]![0]!),
  )
  return {
    served: atoms.map((_, at) => served[placeOf.get(at)!]),
    wanted: atoms.map((_, at) => wanted[placeOf.get(at)!]!),
    units: pairs.units.map((unit) => ({ ...unit, study: studyOrder[unit.study]! })),
  }
}

function reportOf(
  atom: Atom,
  at: number,
  { served, wanted, units }: Solved,
  full: boolean,
  recipes: readonly Recipe[],
): AtomReport {
  const { id, group, entry, words } = atom
  const how = served[at]
  const common = { id, group, entry, words, wanted: wanted[at]! }
  if (!how) {
    const status = full && !wanted[at] ? 'not-needed' : 'missing'
    return { ...common, status, study: null, variant: null, reasons: [], mend: null }
  }
  const { study } = units[how.unit]!
  const { short, variant } = how.match
  const near = short.length > 0
  const mend = near ? mendOf(recipes[study]!, atom.variants[variant]!, short) : null
  return {
    ...common,
    status: near ? 'near' : 'covered',
    study,
    variant,
    reasons: short.map((each) => each.words),
    mend,
  }
}

function totals(reports: readonly AtomReport[]): Totals {
  const wanted = reports.filter((atom) => atom.wanted)
  const count = (status: Status) => wanted.filter((atom) => atom.status === status).length
  const [required, covered, near] = [wanted.length, count('covered'), count('near')]
  return { required, covered, near, missing: required - covered - near }
}

/** Atoms left out of a choice are not needed once the choice has no hole. */
function fullness(atoms: readonly Atom[], sets: readonly ChoiceSet[], { served, wanted }: Solved): boolean[] {
  const full = atoms.map(() => true)
  for (const { bundles } of sets) {
    const own = bundles.flat()
    const holes = own.some((at) => wanted[at] && !served[at])
    for (const at of own) full[at] = !holes
  }
  return full
}

function graded(syllabus: Syllabus, grade: AskedGrade, all: readonly Recipe[], policies: Policies): GradeReport {
  const atoms = expand(grade, syllabus.instrument === 'mallets')
  const fit = all.flatMap((recipe, at) => (isFor(syllabus.instrument, recipe) && !isFree(recipe.material) ? [at] : []))
  const sets = choiceSets(grade, atoms)
  const solved = solve(
    atoms,
    fit.map((at) => all[at]!),
    sets,
    policies,
  )
  const inSet = { ...solved, units: solved.units.map((unit) => ({ ...unit, study: fit[unit.study]! })) }
  const full = fullness(atoms, sets, solved)
  const reports = atoms.map((atom, at) => reportOf(atom, at, inSet, full[at]!, all))
  const used = new Set(reports.map((atom) => atom.study))
  return {
    syllabus: syllabus.id,
    grade: grade.id,
    ...totals(reports),
    atoms: reports,
    surplus: all.flatMap((_, at) => (used.has(at) ? [] : [at])),
    groups: grade.groups.map(({ id, title }) => ({
      id,
      title,
      ...totals(reports.filter((atom) => atom.group === id)),
    })),
    entries: grade.groups.flatMap((group) =>
      group.entries.map(({ id, words, reading, open, conditions, memory }) => ({
        ...{ id, group: group.id, words, reading, open },
        conditions: memory ? ['from memory', ...conditions] : conditions,
      })),
    ),
  }
}

/**
 * Grades a set of studies against one grade. The assignment is optimal, and the report does not depend on the order of
 * studies or entries.
 * @throws RecipeError `grade.unknown`, or what `completeRecipe` says of a study
 */
export function gradeSet(
  syllabus: Syllabus,
  gradeId: string,
  studies: readonly RecipeInput[],
  policies: Policies = USUAL_POLICIES,
): GradeReport {
  const grade = askedGrade(syllabus, gradeOf(syllabus, gradeId))
  return graded(
    syllabus,
    grade,
    studies.map((study) => completeRecipe(study)),
    policies,
  )
}

/** How a set stands in every grade of a syllabus. Grades need not build on each other; each is held by itself. */
export interface Placement {
  readonly grades: readonly (Totals & { readonly id: string; readonly title: string })[]
  /** The highest grade wholly covered, or null. */
  readonly highest: string | null
}

/** Places a set in a whole syllabus. */
export function placeSet(
  syllabus: Syllabus,
  studies: readonly RecipeInput[],
  policies: Policies = USUAL_POLICIES,
): Placement {
  const recipes = studies.map((study) => completeRecipe(study))
  const grades = syllabus.grades.map((grade) => {
    const { required, covered, near, missing } = graded(syllabus, askedGrade(syllabus, grade), recipes, policies)
    return { id: grade.id, title: grade.title, required, covered, near, missing }
  })
  const whole = grades.filter((grade) => grade.required > 0 && grade.covered === grade.required)
  return { grades, highest: whole.at(-1)?.id ?? null }
}
