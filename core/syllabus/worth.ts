import type { ChoiceSet } from './choices'
import type { Match } from './match'
import type { Stock } from './pairs'

/** What hangs together: atoms with those that studies or choices tie to them. */
export interface Part {
  readonly atoms: readonly number[]
  readonly stocks: readonly Stock[]
  /** Choice sets of single atoms: no more than a capacity. */
  readonly limits: readonly ChoiceSet[]
  /** Choice sets whose bundles have to be weighed. */
  readonly bundled: readonly ChoiceSet[]
}

/** What serving an atom is worth: one that is covered more than any number of near ones, a near one more than any effort. */
export interface Worth {
  readonly covered: number
  readonly near: number
}

/** By how much there is to gain and to lose at the most, so that nothing of lower rank outweighs one of higher. */
export function worthOf(atoms: number, stocks: readonly Stock[]): Worth {
  let worst = 0
  for (const { matchesByAtom } of stocks)
    for (const matches of matchesByAtom.values()) for (const { effort } of matches) worst = Math.max(worst, effort)
  const near = 1 + atoms * worst
  return { near, covered: 1 + atoms * near }
}

export const gainOf = ({ covered, near }: Worth, match: Match): number =>
  match.short.length === 0 ? covered : near - match.effort
