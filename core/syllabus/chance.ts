/** How many an examiner asks from each group, and how many more from whatever is left. */
export interface DrawPattern {
  readonly groups: readonly { readonly group: string; readonly asks: number }[]
  readonly more: number
  /** The board does not say; this is taken: one from each group, six or more in all. */
  readonly assumed: boolean
}

/** Binomial coefficient. */
function choose(n: number, k: number): number {
  if (k < 0 || k > n) return 0
  let ways = 1
  for (let at = 1; at <= k; at++) ways = (ways * (n - k + at)) / at
  return ways
}

/** Elementary symmetric sums up to some degree: for each number of items, the chances of all that can be drawn. */
function symmetric(chances: readonly number[], most: number): number[] {
  const sums = [1, ...Array.from({ length: most }, () => 0)]
  for (const chance of chances) for (let k = most; k > 0; k--) sums[k]! += sums[k - 1]! * chance
  return sums
}

/**
 * The chance that a draw asks nothing that would go wrong: from each group so many without replacement, then more from
 * all that is left. Each item has a probability of its own, independent of the others; with ones and noughts this is the
 * hypergeometric chance (Feller, An Introduction to Probability Theory, vol. I, ch. II.6). The sum over all draws is
 * taken group by group: a draw of k and b more from a group are k + b of its items, of which any b may be the further
 * ones.
 * @param pools probabilities of right, 0 to 1, by group
 * @returns 0 to 1
 */
export function chanceOf({ groups, more }: DrawPattern, pools: ReadonlyMap<string, readonly number[]>): number {
  const asks = new Map(groups.map((each) => [each.group, each.asks]))
  let [all, left] = [1, 0]
  let sums = [1, ...Array.from({ length: more }, () => 0)]
  for (const [group, chances] of pools) {
    const drawn = Math.min(asks.get(group) ?? 0, chances.length)
    all *= choose(chances.length, drawn)
    left += chances.length - drawn
    const own = symmetric(chances, Math.min(chances.length, drawn + more))
    const next = sums.map(() => 0)
    for (let further = 0; further <= more && drawn + further < own.length; further++) {
      const ways = own[drawn + further]! * choose(drawn + further, further)
      for (let before = 0; before + further <= more; before++) next[before + further]! += sums[before]! * ways
    }
    sums = next
  }
  const drawn = Math.min(more, left)
  return Math.min(1, sums[drawn]! / (all * choose(left, drawn)))
}
