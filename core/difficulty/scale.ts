/** How much harder one study is than another, in words. */
export type Harder = 'same' | 'little' | 'harder' | 'much'

/** Points from which something is a little harder, harder, much harder (ours): a difference under the first is none. */
const STEPS: readonly (readonly [Harder, number])[] = [
  ['much', 18],
  ['harder', 8],
  ['little', 3],
]

/** @param by points of the index, whichever way */
export const harderBy = (by: number): Harder => STEPS.find(([, from]) => Math.abs(by) >= from)?.[0] ?? 'same'
