import type { Hand } from '../study'
import { type Recipe, familyOf } from '../instrument'
import { requiredKin, kinOf, type Match, matchesOf, type Policies } from './match'
import type { Atom } from './model'

/**
 * A use of a study: one for each study, so that it serves one atom; where hands together stand for each hand alone,
 * one more for each hand.
 */
export interface Unit {
  readonly study: number
  readonly hand: 'together' | Hand | null
}

/** How near a unit comes to atoms, in each form that serves, by the atoms' places. */
export type Reach = ReadonlyMap<number, readonly Match[]>

/** Units that come alike near to everything: which of them serves is all one. */
export interface Stock {
  readonly units: readonly number[]
  /** The first unit's; the others' weigh the same. */
  readonly reach: Reach
}

export interface Pairs {
  readonly units: readonly Unit[]
  /** By unit. */
  readonly reaches: readonly Reach[]
  /** Of units that serve anything. */
  readonly stocks: readonly Stock[]
}

const unitsOf = (recipe: Recipe, policies: Policies): readonly Unit['hand'][] =>
  policies.togetherForSeparate ? familyOf(recipe).examined.standsFor(recipe) : [null]

/** What a reach weighs: units of the same weight are interchangeable. */
const weightOf = (reach: Reach): string =>
  [...reach]
    .map(([atom, matches]) => `${atom}:${matches.map(({ variant, effort }) => `${variant}.${effort}`).join(',')}`)
    .join(' ')

/**
 * Everything that can serve anything. Studies meet only the atoms of their own key, family and mode; studies that are
 * equal are held against them once.
 */
export function pairsOf(atoms: readonly Atom[], recipes: readonly Recipe[], policies: Policies): Pairs {
  const kin = new Map<string, number[]>()
  atoms.forEach((atom, at) => {
    for (const key of new Set(atom.variants.map(requiredKin))) kin.set(key, [...(kin.get(key) ?? []), at])
  })
  const reachesOf = (recipe: Recipe): Reach[] => {
    const hands = unitsOf(recipe, policies)
    const found = hands.map(() => new Map<number, readonly Match[]>())
    const key = kinOf(recipe)
    for (const at of (key && kin.get(key)) || []) {
      const { variants } = atoms[at]!
      const matches = matchesOf(recipe, atoms[at]!, policies)
      hands.forEach((hand, which) => {
        const fit = hand === null ? matches : matches.filter(({ variant }) => variants[variant]!.hands === hand)
        if (fit.length > 0) found[which]!.set(at, fit)
      })
    }
    return found
  }
  const known = new Map<string, readonly Reach[]>()
  const units: Unit[] = []
  const reaches: Reach[] = []
  recipes.forEach((recipe, study) => {
    const name = JSON.stringify(recipe)
    const own = known.get(name) ?? reachesOf(recipe)
    known.set(name, own)
    units.push(...unitsOf(recipe, policies).map((hand) => ({ study, hand })))
    reaches.push(...own)
  })
  return { units, reaches, stocks: stocksOf(reaches) }
}

function stocksOf(reaches: readonly Reach[]): Stock[] {
  const weights = new Map<Reach, string>()
  const stocks = new Map<string, { units: number[]; reach: Reach }>()
  reaches.forEach((reach, unit) => {
    if (reach.size === 0) return
    const weight = weights.get(reach) ?? weightOf(reach)
    weights.set(reach, weight)
    const stock = stocks.get(weight) ?? { units: [], reach }
    stock.units.push(unit)
    stocks.set(weight, stock)
  })
  return [...stocks.values()]
}

/** Sets of places that hang together; each list names places that belong to one. */
export function parts(count: number, ties: readonly (readonly number[])[]): number[][] {
  const over = Array.from({ length: count }, (_, at) => at)
  const find = (at: number): number => {
    let top = at
    while (over[top] !== top) top = over[top] = over[over[top]!]!
    return top
  }
  for (const [first, ...rest] of ties) for (const other of rest) over[find(other)] = find(first!)
  const found = new Map<number, number[]>()
  over.forEach((_, at) => {
    const top = find(at)
    const own = found.get(top)
    if (own) own.push(at)
    else found.set(top, [at])
  })
  return [...found.values()]
}
