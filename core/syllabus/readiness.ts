import type { Message } from '../message'
import type { AskedGrade } from './expand'
import type { AtomReport, GradeReport } from './grade'

/** How many an examiner asks from each group, and how many more from whatever is left. */
interface DrawPattern {
  readonly groups: readonly { readonly group: string; readonly asks: number }[]
  readonly more: number
  /** The board does not say; this is taken: one from each group, six or more in all. */
  readonly assumed: boolean
}

/** Common practice, no source: an examiner asks some six items. */
const USUAL_DRAW = 6

/** @param pools how many items count in each group */
export function drawPattern(grade: AskedGrade, pools: ReadonlyMap<string, number>): DrawPattern {
  const said = grade.draw !== null || grade.groups.some((group) => group.draw !== null)
  const groups = grade.groups.map((group) => ({
    group: group.id,
    asks: Math.min(group.draw ?? (said ? 0 : 1), pools.get(group.id) ?? 0),
  }))
  const all = [...pools.values()].reduce((sum, size) => sum + size, 0)
  const fixed = groups.reduce((sum, { asks }) => sum + asks, 0)
  const total = Math.min(grade.draw ?? (said ? fixed : Math.max(USUAL_DRAW, fixed)), all)
  return { groups, more: Math.max(0, total - fixed), assumed: !said }
}

interface Pool {
  readonly size: number
  readonly ready: number
}

/** Binomial coefficient, exactly. */
function choose(n: number, k: number): bigint {
  if (k < 0 || k > n) return 0n
  let ways = 1n
  for (let at = 1; at <= k; at++) ways = (ways * BigInt(n - k + at)) / BigInt(at)
  return ways
}

const SCALE = 10n ** 15n

/**
 * The chance that a draw asks nothing unready: from each group so many without replacement, then more from all that is
 * left (hypergeometric, group by group; Feller, An Introduction to Probability Theory, vol. I, ch. II.6). Worked in
 * whole numbers and rounded once.
 * @returns 0 to 1
 */
export function chanceOf(pattern: DrawPattern, pools: ReadonlyMap<string, Pool>): number {
  let [ways, all] = [1n, 1n]
  let [left, leftReady] = [0, 0]
  const asks = new Map(pattern.groups.map((each) => [each.group, each.asks]))
  for (const [group, { size, ready }] of pools) {
    const drawn = Math.min(asks.get(group) ?? 0, size)
    ways *= choose(ready, drawn)
    all *= choose(size, drawn)
    left += size - drawn
    leftReady += ready - drawn
  }
  if (ways === 0n) return 0
  const more = Math.min(pattern.more, left)
  ways *= choose(leftReady, more)
  all *= choose(left, more)
  return Number((ways * SCALE) / all) / Number(SCALE)
}

export interface Readiness {
  /** 0 to 1. */
  readonly chance: number
  readonly asked: number
  readonly assumed: boolean
  /** The unready item whose mending raises the chance most, and what the chance would be; null when all are ready. */
  readonly next: { readonly atom: string; readonly words: Message; readonly chance: number } | null
}

/** Items that count, by group. */
export function poolsOf(atoms: readonly AtomReport[]): Map<string, Pool> {
  const pools = new Map<string, Pool>()
  for (const { group, wanted, status } of atoms) {
    if (!wanted) continue
    const { size, ready } = pools.get(group) ?? { size: 0, ready: 0 }
    pools.set(group, { size: size + 1, ready: ready + (status === 'covered' ? 1 : 0) })
  }
  return pools
}

export const isUnready = ({ wanted, status }: AtomReport): boolean => wanted && status !== 'covered'
/** Near ones first: they are nearest to ready. */
export const ease = ({ status, mend }: AtomReport): number =>
  status === 'near' ? (mend?.manner === 'alter' ? 0 : 1) : 2

/**
 * How ready a set is for a draw. Where no single item raises the chance, since too much is missing, the next one is
 * taken from the group that is asked most for what it holds.
 */
export function readinessOf(grade: AskedGrade, report: Pick<GradeReport, 'atoms'>): Readiness {
  const pools = poolsOf(report.atoms)
  const pattern = drawPattern(grade, new Map([...pools].map(([group, { size }]) => [group, size])))
  const asks = new Map(pattern.groups.map((each) => [each.group, each.asks]))
  const chance = chanceOf(pattern, pools)
  const gains = [...pools].map(([group, pool]) => ({
    group,
    chance: chanceOf(pattern, new Map([...pools, [group, { ...pool, ready: Math.min(pool.size, pool.ready + 1) }]])),
    share: (asks.get(group) ?? 0) / pool.size,
  }))
  const unready = report.atoms.filter(isUnready)
  const order = new Map(
    gains.sort((a, b) => b.chance - a.chance || b.share - a.share).map((gain, at) => [gain.group, { ...gain, at }]),
  )
  const [best] = unready.toSorted((a, b) => order.get(a.group)!.at - order.get(b.group)!.at || ease(a) - ease(b))
  return {
    chance,
    asked: pattern.more + pattern.groups.reduce((sum, each) => sum + each.asks, 0),
    assumed: pattern.assumed,
    next: best ? { atom: best.id, words: best.words, chance: order.get(best.group)!.chance } : null,
  }
}
