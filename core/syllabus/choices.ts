import type { FullGrade } from './expand'
import type { Atom, Entry, Group } from './model'

/** Any `any` of some bundles of atoms, each of which counts as a whole; places of atoms in the expanded list. */
export interface ChoiceSet {
  readonly group: string
  readonly any: number
  readonly bundles: readonly (readonly number[])[]
}

const byWords = (atoms: readonly Atom[], places: readonly number[], words: (atom: Atom) => string): number[][] => {
  const found = new Map<string, number[]>()
  for (const at of places) {
    const key = words(atoms[at]!)
    found.set(key, [...(found.get(key) ?? []), at])
  }
  return [...found.values()]
}

function groupChoice(group: Group, atoms: readonly Atom[], places: readonly number[]): ChoiceSet | null {
  if (group.rule === 'all') return null
  const { any, of } = group.rule
  const bundles =
    of === 'items'
      ? places.map((at) => [at])
      : byWords(atoms, places, (atom) => (of === 'keys' ? atom.tonic : atom.entry))
  return { group: group.id, any: Math.min(any, bundles.length), bundles }
}

function entryChoice(group: Group, entry: Entry, atoms: readonly Atom[], places: readonly number[]): ChoiceSet | null {
  if (entry.pick === 'all') return null
  const own = places.filter((at) => atoms[at]!.entry === entry.id)
  const bundles = byWords(atoms, own, (atom) => atom.tonic)
  return { group: group.id, any: Math.min(entry.pick, bundles.length), bundles }
}

/** What a grade leaves to the candidate: so many of a group, or of the keys of an entry. An atom is in one at most. */
export function choiceSets(grade: FullGrade, atoms: readonly Atom[]): ChoiceSet[] {
  return grade.groups.flatMap((group) => {
    const places = atoms.flatMap((atom, at) => (atom.group === group.id ? [at] : []))
    const whole = groupChoice(group, atoms, places)
    const sets = whole ? [whole] : group.entries.map((entry) => entryChoice(group, entry, atoms, places))
    return sets.filter((set): set is ChoiceSet => set !== null)
  })
}

/** All ways to take `any` of so many, in order. */
export function combinations(count: number, any: number): number[][] {
  if (any === 0) return [[]]
  if (any > count) return []
  return Array.from({ length: count - any + 1 }, (_, first) =>
    combinations(count - first - 1, any - 1).map((rest) => [first, ...rest.map((at) => at + first + 1)]),
  ).flat()
}

/** How many ways there are, without listing them. */
export function waysOf(count: number, any: number): number {
  let ways = 1
  for (let at = 1; at <= Math.min(any, count - any); at++) ways = (ways * (count - at + 1)) / at
  return Math.round(ways)
}
