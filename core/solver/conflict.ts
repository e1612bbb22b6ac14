/**
 * A smallest-by-inclusion part of `items` that already cannot be met: drop any one of them and the rest can.
 * @param feasible whether a choice of items can be met together; `items` as a whole must not be feasible
 */
export function conflictAmong<T>(items: readonly T[], feasible: (some: readonly T[]) => boolean): T[] {
  let core = [...items]
  for (const item of items) {
    const without = core.filter((other) => other !== item)
    if (!feasible(without)) core = without
  }
  return core
}
