/** Things by what they have in common, in the order in which they come. */
export function grouped<T>(items: readonly T[], by: (item: T) => string | number): T[][] {
  const groups = new Map<string | number, T[]>()
  for (const item of items) groups.set(by(item), [...(groups.get(by(item)) ?? []), item])
  return [...groups.values()]
}
