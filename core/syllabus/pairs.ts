import type { Hand } from '../study'
import { type Recipe, familyOf } from '../instrument'
import { kinAsked, kinOf, type Match, matchesOf, type Policies } from './match'
import type { Atom } from './model'

/** A study that can serve an atom, and how near it comes in each form that serves. */
export interface Pair {
  readonly atom: number
  readonly unit: number
  readonly matches: readonly Match[]
}

/**
 * A use of a study: one for each study, so that it serves one atom; where hands together stand for each hand alone,
 * one more for each hand.
 */
export interface Unit {
  readonly study: number
  readonly hand: 'together' | Hand | null
}

export interface Pairs {
  readonly units: readonly Unit[]
  readonly pairs: readonly Pair[]
}

function unitsOf(recipe: Recipe, study: number, policies: Policies): Unit[] {
  const stands = policies.togetherForSeparate ? familyOf(recipe).examined.standsFor(recipe) : [null]
  return stands.map((hand) => ({ study, hand }))
}

/** Everything that can serve anything. Studies meet only the atoms of their own key, family and mode. */
export function pairsOf(atoms: readonly Atom[], recipes: readonly Recipe[], policies: Policies): Pairs {
  const kin = new Map<string, number[]>()
  atoms.forEach((atom, at) => {
    for (const key of new Set(atom.variants.map(kinAsked))) kin.set(key, [...(kin.get(key) ?? []), at])
  })
  const units: Unit[] = []
  const pairs: Pair[] = []
  recipes.forEach((recipe, study) => {
    const own = unitsOf(recipe, study, policies)
    const key = kinOf(recipe)
    for (const atom of (key && kin.get(key)) || []) {
      const matches = matchesOf(recipe, atoms[atom]!, policies)
      own.forEach((unit, at) => {
        const fit = matches.filter(
          ({ variant }) => unit.hand === null || atoms[atom]!.variants[variant]!.hands === unit.hand,
        )
        if (fit.length > 0) pairs.push({ atom, unit: units.length + at, matches: fit })
      })
    }
    units.push(...own)
  })
  return { units, pairs }
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
