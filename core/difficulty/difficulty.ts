import { type Measure, MEASURES, type Measures, type Part } from './measures'

/** How much each measure adds at the most. */
export type Weights = Readonly<Partial<Record<Measure, number>>>

/** How hard a study is: an index from 0 to 100 of ours among studies of one instrument, and how many points come from what. */
export interface Difficulty {
  /** Sum of the parts. */
  readonly total: number
  readonly parts: Readonly<Partial<Record<Part, number>>>
  /** What was measured, each from 0 to 1. */
  readonly measures: Measures
}

const rounded = (value: number): number => Math.round(value * 100) / 100

/** Load at which the index stands at 63. */
const SCALE = 90
/** The index of a load: it rises with all that is added and never comes to 100. */
const indexOf = (load: number): number => 100 * (1 - Math.exp(-load / SCALE))
/** The load of an index. */
export const loadFor = (index: number): number => -SCALE * Math.log(1 - index / 100)

/** The index of what was measured: every part is bounded, so that none can drown another. */
export function difficultyFrom(measures: Measures, weights: Weights): Difficulty {
  const loads = new Map<Part, number>()
  for (const [measure, value] of Object.entries(measures) as [Measure, number][])
    loads.set(MEASURES[measure], (loads.get(MEASURES[measure]) ?? 0) + (weights[measure] ?? 0) * value)
  const load = [...loads.values()].reduce((sum, each) => sum + each, 0)
  const total = indexOf(load)
  // each part's share of what came of all
  const parts = [...loads].filter(([, each]) => each > 0).map(([part, each]) => [part, rounded((total * each) / load)])
  const measured = Object.entries(measures).filter(([, value]) => value > 0)
  return {
    total: rounded(total),
    parts: Object.fromEntries(parts) as Difficulty['parts'],
    measures: Object.fromEntries(measured) as Measures,
  }
}
