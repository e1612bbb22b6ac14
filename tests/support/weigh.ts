import { completeRecipe, type RecipeInput } from '#core/instrument'
import { type Atom, expand, type Policies, type Syllabus } from '#core/syllabus'
import { matchesOf } from '../../core/syllabus/match'

/** What an assignment comes to: how many atoms stay uncovered, how many of those are near, and what is left to mend. */
export interface Weight {
  readonly open: number
  readonly near: number
  readonly effort: number
}

const better = (a: Weight, b: Weight): boolean =>
  a.open !== b.open ? a.open < b.open : a.near !== b.near ? a.near > b.near : a.effort < b.effort

/** Every subset of some things that holds so many. */
function subsets<T>(items: readonly T[], size: number): T[][] {
  if (size === 0) return [[]]
  return items.flatMap((item, at) => subsets(items.slice(at + 1), size - 1).map((rest) => [item, ...rest]))
}

/** Every set of atoms that a grade's rules let a candidate be asked. */
function selections(list: Syllabus, atoms: readonly Atom[]): Atom[][] {
  let all: Atom[][] = [[]]
  for (const group of list.grades[0]!.groups) {
    const own = atoms.filter((atom) => atom.group === group.id)
    const ways = (some: readonly Atom[], any: number, name: (atom: Atom) => string): Atom[][] => {
      const names = [...new Set(some.map(name))]
      return subsets(names, Math.min(any, names.length)).map((kept) => some.filter((atom) => kept.includes(name(atom))))
    }
    let mine: Atom[][] = [[]]
    if (group.rule === 'all') {
      for (const entry of group.entries) {
        const lines = own.filter((atom) => atom.entry === entry.id)
        const each = entry.pick === 'all' ? [lines] : ways(lines, entry.pick, (atom) => atom.tonic)
        mine = mine.flatMap((kept) => each.map((more) => [...kept, ...more]))
      }
    } else {
      const { any, of } = group.rule
      mine = ways(own, any, (atom) => (of === 'items' ? atom.id : of === 'keys' ? atom.tonic : atom.entry))
    }
    all = all.flatMap((kept) => mine.map((more) => [...kept, ...more]))
  }
  return all
}

/** The best that any assignment comes to, by trying every choice, every form and every pairing. */
export function bruteForce(list: Syllabus, studies: readonly RecipeInput[], policies: Policies): Weight {
  const recipes = studies.map((study) => completeRecipe(study))
  let best: Weight = { open: Infinity, near: 0, effort: 0 }
  for (const atoms of selections(list, expand(list.grades[0]!))) {
    const go = (at: number, used: ReadonlySet<string>, forms: ReadonlyMap<string, string>, now: Weight): void => {
      if (at === atoms.length) {
        if (better(now, best)) best = now
        return
      }
      const atom = atoms[at]!
      go(at + 1, used, forms, { ...now, open: now.open + 1 })
      recipes.forEach((recipe, study) => {
        for (const match of matchesOf(recipe, atom, policies)) {
          const { kind, hands } = atom.variants[match.variant]!
          const several = policies.togetherForSeparate && recipe.hands === 'together'
          const use = several ? `${study}/${hands}` : String(study)
          const chosen = atom.scope === null ? undefined : forms.get(atom.scope)
          if (used.has(use) || (chosen !== undefined && chosen !== kind)) continue
          const bound = atom.scope === null ? forms : new Map([...forms, [atom.scope, kind]])
          const whole = match.short.length === 0
          go(at + 1, new Set([...used, use]), bound, {
            open: now.open + (whole ? 0 : 1),
            near: now.near + (whole ? 0 : 1),
            effort: now.effort + match.effort,
          })
        }
      })
    }
    go(0, new Set(), new Map(), { open: 0, near: 0, effort: 0 })
  }
  return best
}
