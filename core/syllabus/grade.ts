import { syllabusError, syllabusMessage } from './messages'
import { type Message, inText } from '../message'
import { isFree } from '../study'
import { completeRecipe, type Recipe, type RecipeInput } from '../instrument'
import { assign, type Assigned } from './assign'
import { type ChoiceSet, choiceSets } from './choices'
import { type FullGrade, fullGrade, expand } from './expand'
import { type Policies, DEFAULT_POLICIES } from './match'
import { mendOf, type Mend } from './mend'
import { type Atom, type Grade, isFor, saysHands, type Syllabus } from './model'
import { pairsOf, type Unit } from './pairs'
import { type Gap, type Means, OWN_MEANS } from './weighing'

/** `not-needed`: left over in a choice that has enough. */
export type Status = 'covered' | 'near' | 'missing' | 'not-needed'

export interface AtomReport {
  readonly id: string
  readonly group: string
  readonly entry: string
  readonly words: Message
  readonly status: Status
  /** Place of the study in the set, from 0; null where none serves. */
  readonly study: number | null
  /** Place of the form that it meets or is near to, among the atom's; null where none serves. */
  readonly variant: number | null
  /** What a near study lacks. */
  readonly reasons: readonly Message[]
  /** What one press would do about a near study; null unless near. */
  readonly mend: Mend | null
  /** Whether it counts: what a choice leaves out does not. */
  readonly wanted: boolean
}

interface Totals {
  readonly required: number
  readonly covered: number
  readonly near: number
  readonly missing: number
}

/** Totals of a grade, and by how much they may fall short of the best there is: null where that is proven. */
interface Counted extends Totals {
  readonly gap: Gap | null
}

interface GroupReport extends Totals {
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
  readonly conditions: readonly Message[]
}

/** A set held against one grade. */
export interface GradeReport extends Counted {
  readonly syllabus: string
  readonly grade: string
  readonly atoms: readonly AtomReport[]
  /** Studies that this grade does not ask for. */
  readonly surplus: readonly number[]
  readonly groups: readonly GroupReport[]
  readonly entries: readonly EntryReport[]
}

/** Finds a grade. @throws DomainError `grade.unknown` */
export function gradeOf(syllabus: Syllabus, id: string): Grade {
  const found = syllabus.grades.find((grade) => grade.id === id)
  if (found) return found
  const known = syllabus.grades.map((grade) => grade.id).join(', ')
  throw syllabusError('grade.unknown', { list: syllabus.title, grade: id.slice(0, 40), known }, 'grade')
}

/** A set's studies with an order of their own, so that no answer depends on theirs; equals stay as they stand. */
interface Prepared {
  readonly recipes: readonly Recipe[]
  readonly order: readonly number[]
}

function prepared(studies: readonly RecipeInput[]): Prepared {
  const recipes = studies.map((study) => completeRecipe(study))
  const keys = recipes.map((recipe) => JSON.stringify(recipe))
  const order = recipes.map((_, at) => at).sort((a, b) => (keys[a]! < keys[b]! ? -1 : keys[a]! > keys[b]! ? 1 : a - b))
  return { recipes, order }
}

interface Solved {
  readonly served: readonly (Assigned | undefined)[]
  readonly wanted: readonly boolean[]
  readonly units: readonly Unit[]
  readonly gap: Gap | null
}

/** What a grading goes by, besides the list and the set. */
interface By {
  readonly policies: Policies
  readonly means: Means
}

/** Solves in an order that neither studies nor entries dictate, and answers in printed order. */
function solve(
  atoms: readonly Atom[],
  { recipes, order }: Prepared,
  sets: readonly ChoiceSet[],
  { policies, means }: By,
  plays: (recipe: Recipe) => boolean,
): Solved {
  const atomOrder = atoms.map((_, at) => at).sort((a, b) => (atoms[a]!.id < atoms[b]!.id ? -1 : 1))
  const placeOf = new Map(atomOrder.map((at, place) => [at, place]))
  const studyOrder = order.filter((at) => plays(recipes[at]!))
  const ordered = atomOrder.map((at) => atoms[at]!)
  const pairs = pairsOf(
    ordered,
    studyOrder.map((at) => recipes[at]!),
    policies,
  )
  const moved = sets.map((set) => ({
    ...set,
    bundles: set.bundles
      .map((bundle) => bundle.map((at) => placeOf.get(at)!).sort((a, b) => a - b))
      .sort((a, b) => a[0]! - b[0]!),
  }))
  const { served, wanted, gap } = assign(
    ordered,
    pairs,
    moved.sort((a, b) => a.bundles[0]![0]! - b.bundles[0]![0]!),
    means,
  )
  return {
    served: atoms.map((_, at) => served[placeOf.get(at)!]),
    wanted: atoms.map((_, at) => wanted[placeOf.get(at)!]!),
    units: pairs.units.map((unit) => ({ ...unit, study: studyOrder[unit.study]! })),
    gap,
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
    reasons: short.map((each) => each.message()),
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

interface Weighed {
  readonly atoms: readonly Atom[]
  readonly sets: readonly ChoiceSet[]
  readonly solved: Solved
}

function weighed(syllabus: Syllabus, grade: FullGrade, set: Prepared, by: By): Weighed {
  const atoms = expand(grade, saysHands(syllabus))
  const sets = choiceSets(grade, atoms)
  const plays = (recipe: Recipe) => isFor(syllabus.instrument, recipe) && !isFree(recipe.material)
  return { atoms, sets, solved: solve(atoms, set, sets, by, plays) }
}

function graded(syllabus: Syllabus, grade: FullGrade, set: Prepared, by: By): GradeReport {
  const { atoms, sets, solved } = weighed(syllabus, grade, set, by)
  const full = fullness(atoms, sets, solved)
  const reports = atoms.map((atom, at) => reportOf(atom, at, solved, full[at]!, set.recipes))
  const used = new Set(reports.map((atom) => atom.study))
  return {
    syllabus: syllabus.id,
    grade: grade.id,
    ...totals(reports),
    gap: solved.gap,
    atoms: reports,
    surplus: set.recipes.flatMap((_, at) => (used.has(at) ? [] : [at])),
    groups: grade.groups.map(({ id, title }) => ({
      id,
      title,
      ...totals(reports.filter((atom) => atom.group === id)),
    })),
    entries: grade.groups.flatMap((group) =>
      group.entries.map(({ id, words, reading, open, conditions, memory }) => ({
        ...{ id, group: group.id, words, reading, open },
        conditions: [...(memory ? [syllabusMessage('asked.memory')] : []), ...conditions.map(inText)],
      })),
    ),
  }
}

/** Totals alone, without the report. */
function totalsOf(syllabus: Syllabus, grade: FullGrade, set: Prepared, by: By): Counted {
  const { served, wanted, gap } = weighed(syllabus, grade, set, by).solved
  let [required, covered, near] = [0, 0, 0]
  wanted.forEach((counts, at) => {
    if (!counts) return
    required++
    const how = served[at]
    if (how && how.match.short.length === 0) covered++
    else if (how) near++
  })
  return { required, covered, near, missing: required - covered - near, gap }
}

/**
 * Grades a set of studies against one grade. The assignment is optimal, or tells its gap where the means ran out; the
 * report does not depend on the order of studies or entries.
 * @throws DomainError `grade.unknown`, or what `completeRecipe` says of a study
 */
export function gradeSet(
  syllabus: Syllabus,
  gradeId: string,
  studies: readonly RecipeInput[],
  policies: Policies = DEFAULT_POLICIES,
  means: Means = OWN_MEANS,
): GradeReport {
  const grade = fullGrade(syllabus, gradeOf(syllabus, gradeId))
  return graded(syllabus, grade, prepared(studies), { policies, means })
}

/** How a set stands in every grade of a syllabus. Grades need not build on each other; each is held by itself. */
export interface Placement {
  readonly grades: readonly (Counted & { readonly id: string; readonly title: string })[]
  /** The highest grade wholly covered, or null. */
  readonly highest: string | null
}

/** Places a set in a whole syllabus. */
export function placeSet(
  syllabus: Syllabus,
  studies: readonly RecipeInput[],
  policies: Policies = DEFAULT_POLICIES,
  means: Means = OWN_MEANS,
): Placement {
  const set = prepared(studies)
  const grades = syllabus.grades.map((grade) => {
    const { id, title } = grade
    return { id, title, ...totalsOf(syllabus, fullGrade(syllabus, grade), set, { policies, means }) }
  })
  const whole = grades.filter((grade) => grade.required > 0 && grade.covered === grade.required)
  return { grades, highest: whole.at(-1)?.id ?? null }
}
