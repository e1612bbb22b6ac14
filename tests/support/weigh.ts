import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { type Atom, atomsOf, expand, type GradeReport, gradeSet, type Policies, type Syllabus } from '#core/syllabus'
import { type Match, matchesOf, matchOf } from '../../core/syllabus/match'

/** What an assignment comes to: how many atoms stay uncovered, how many of those are near, and what is left to mend. */
export interface Weight {
  readonly open: number
  readonly near: number
  readonly effort: number
}

const better = (a: Weight, b: Weight): boolean =>
  a.open !== b.open ? a.open < b.open : a.near !== b.near ? a.near > b.near : a.effort < b.effort

/** What a set comes to. */
export const weightOf = (list: Syllabus, studies: readonly RecipeInput[], policies: Policies): Weight =>
  weightIn(list, studies, policies, gradeSet(list, list.grades[0]!.id, studies, policies))

/** What a report comes to. */
export function weightIn(
  list: Syllabus,
  studies: readonly RecipeInput[],
  policies: Policies,
  report: GradeReport,
): Weight {
  const atoms = atomsOf(list, list.grades[0]!)
  const effort = report.atoms.reduce((sum, { id, study, variant, wanted }) => {
    if (study === null || !wanted) return sum
    const atom = atoms.find((each) => each.id === id)!
    const only = { ...atom, variants: [atom.variants[variant!]!] }
    return sum + matchOf(completeRecipe(studies[study]!), only, policies)!.effort
  }, 0)
  return { open: report.required - report.covered, near: report.near, effort }
}

/** A bundle of atoms that counts as a whole; `any` so many of a choice's are asked. */
export interface Choice {
  readonly any: number
  readonly bundles: readonly (readonly Atom[])[]
}

/** What a grade leaves to the candidate, group by group, as its rules read; what is asked anyway is a choice of one. */
export function choicesOf(list: Syllabus): Choice[] {
  const atoms = expand(list.grades[0]!)
  return list.grades[0]!.groups.flatMap((group) => {
    const own = atoms.filter((atom) => atom.group === group.id)
    const by = (some: readonly Atom[], any: number, name: (atom: Atom) => string): Choice => {
      const names = [...new Set(some.map(name))]
      const bundles = names.map((each) => some.filter((atom) => name(atom) === each))
      return { any: Math.min(any, names.length), bundles }
    }
    if (group.rule === 'all') {
      return group.entries.map((entry) => {
        const lines = own.filter((atom) => atom.entry === entry.id)
        return entry.pick === 'all' ? { any: 1, bundles: [lines] } : by(lines, entry.pick, (atom) => atom.tonic)
      })
    }
    const { any, of } = group.rule
    return [by(own, any, (atom) => (of === 'items' ? atom.id : of === 'keys' ? atom.tonic : atom.entry))]
  })
}

/** A way to use a study for an atom: which study, or which hand of it, and how near it comes. */
export interface Use {
  readonly use: string
  readonly kind: string
  readonly match: Match
}

/** Every way in which any of some studies serves an atom. */
export const usesOf = (atom: Atom, recipes: readonly Recipe[], policies: Policies): Use[] =>
  recipes.flatMap((recipe, study) =>
    matchesOf(recipe, atom, policies).map((match) => {
      const { kind, hands } = atom.variants[match.variant]!
      const several = policies.togetherForSeparate && recipe.hands === 'together'
      return { use: several ? `${study}/${hands}` : String(study), kind, match }
    }),
  )

/** Every subset of some things that holds so many. */
function subsets<T>(items: readonly T[], size: number): T[][] {
  if (size === 0) return [[]]
  return items.flatMap((item, at) => subsets(items.slice(at + 1), size - 1).map((rest) => [item, ...rest]))
}

const selections = (choices: readonly Choice[]): Atom[][] =>
  choices.reduce<Atom[][]>(
    (all, { any, bundles }) => {
      const ways = subsets(bundles, any).map((some) => some.flat())
      return all.flatMap((stored) => ways.map((more) => [...stored, ...more]))
    },
    [[]],
  )

interface State {
  readonly used: ReadonlySet<string>
  readonly forms: ReadonlyMap<string, string>
  readonly now: Weight
}

const keyOf = ({ used, forms }: Pick<State, 'used' | 'forms'>): string =>
  JSON.stringify([[...used].sort(), [...forms].sort()])

/** The states that one more atom leads to, of each the best way there. */
function served(states: ReadonlyMap<string, State>, atom: Atom, uses: readonly Use[]): Map<string, State> {
  const next = new Map<string, State>()
  const put = (state: State): void => {
    const key = keyOf(state)
    const known = next.get(key)
    if (!known || better(state.now, known.now)) next.set(key, state)
  }
  for (const { used, forms, now } of states.values()) {
    put({ used, forms, now: { ...now, open: now.open + 1 } })
    for (const { use, kind, match } of uses) {
      const chosen = atom.scope === null ? undefined : forms.get(atom.scope)
      if (used.has(use) || (chosen !== undefined && chosen !== kind)) continue
      const whole = match.short.length === 0
      put({
        used: new Set([...used, use]),
        forms: atom.scope === null ? forms : new Map([...forms, [atom.scope, kind]]),
        now: {
          open: now.open + (whole ? 0 : 1),
          near: now.near + (whole ? 0 : 1),
          effort: now.effort + match.effort,
        },
      })
    }
  }
  return next
}

/** The best that any assignment comes to, by trying every choice, every form and every pairing. */
export function bruteForce(list: Syllabus, studies: readonly RecipeInput[], policies: Policies): Weight {
  const recipes = studies.map((study) => completeRecipe(study))
  let best: Weight = { open: Infinity, near: 0, effort: 0 }
  const nothing: State = { used: new Set(), forms: new Map(), now: { open: 0, near: 0, effort: 0 } }
  for (const atoms of selections(choicesOf(list))) {
    const ends = atoms.reduce<Map<string, State>>(
      (states, atom) => served(states, atom, usesOf(atom, recipes, policies)),
      new Map([[keyOf(nothing), nothing]]),
    )
    for (const { now } of ends.values()) if (better(now, best)) best = now
  }
  return best
}
