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
export type MatchesByAtom = ReadonlyMap<number, readonly Match[]>

/** Units that come alike near to everything: which of them serves is all one. */
export interface Stock {
  readonly units: readonly number[]
  /** The first unit's; the others' weigh the same. */
  readonly matchesByAtom: MatchesByAtom
}

export interface Pairs {
  readonly units: readonly Unit[]
  /** By unit. */
  readonly unitMatches: readonly MatchesByAtom[]
  /** Of units that serve anything. */
  readonly stocks: readonly Stock[]
}

const unitsOf = (recipe: Recipe, policies: Policies): readonly Unit['hand'][] =>
  policies.togetherForSeparate ? familyOf(recipe).examined.standsFor(recipe) : [null]

/** What a reach weighs: units of the same weight are interchangeable. */
const weightOf = (matchesByAtom: MatchesByAtom): string =>
  [...matchesByAtom]
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
  const unitMatchesOf = (recipe: Recipe): MatchesByAtom[] => {
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
  const known = new Map<string, readonly MatchesByAtom[]>()
  const units: Unit[] = []
  const unitMatches: MatchesByAtom[] = []
  recipes.forEach((recipe, study) => {
    const name = JSON.stringify(recipe)
    const own = known.get(name) ?? unitMatchesOf(recipe)
    known.set(name, own)
    units.push(...unitsOf(recipe, policies).map((hand) => ({ study, hand })))
    unitMatches.push(...own)
  })
  return { units, unitMatches, stocks: stocksOf(unitMatches) }
}

function stocksOf(unitMatches: readonly MatchesByAtom[]): Stock[] {
  const weights = new Map<MatchesByAtom, string>()
  const stocks = new Map<string, { units: number[]; matchesByAtom: MatchesByAtom }>()
  unitMatches.forEach((matchesByAtom, unit) => {
    if (matchesByAtom.size === 0) return
    const weight = weights.get(matchesByAtom) ?? weightOf(matchesByAtom)
    weights.set(matchesByAtom, weight)
    const stock = stocks.get(weight) ?? { units: [], matchesByAtom }
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
