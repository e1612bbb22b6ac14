import type { Material } from '../material'
import type { Line } from '../study'
import type { HandStep } from './steps'

/** A stretch of a line in one key, to the next one: the material whose octave it is fingered by. */
export interface KeyStretch {
  /** Its first note in the line; notes that lead to a key belong to it. */
  readonly from: number
  readonly material: Material
  /** Degrees by which its own tonic lies over the material's: modes keep the fingers of their parent key. */
  readonly over: number
}

/** A line all in one key. */
export const oneKey = (material: Material): KeyStretch[] => [{ from: 0, material, over: 0 }]

/** Steps of each stretch, from and one past its last. */
export interface StepRange {
  readonly from: number
  readonly to: number
}

/** Where the stretches of a line lie among its steps. */
export function rangesOf(steps: readonly HandStep[], stretches: readonly KeyStretch[]): StepRange[] {
  const starts = stretches.map(({ from }, at) => (at === 0 ? 0 : steps.findIndex(({ notes }) => notes.includes(from))))
  return starts.map((from, at) => ({ from, to: starts[at + 1] ?? steps.length }))
}

/** The lines of the stretches by themselves, each with its first note's place in the whole. */
export const linesIn = (
  line: Line,
  stretches: readonly KeyStretch[],
): { readonly from: number; readonly line: Line }[] =>
  stretches.map(({ from }, at) => ({
    from,
    line: { ...line, notes: line.notes.slice(from, stretches[at + 1]?.from) },
  }))
