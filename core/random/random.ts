/** Numbers from 0 to 1, the same ones for the same seed (mulberry32, public domain; from memory). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = state
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/** Some of a list, every choice equally likely; in the order in which they were drawn (Fisher and Yates). */
export function some<T>(items: readonly T[], count: number, random: () => number): T[] {
  const left = [...items]
  return Array.from(
    { length: Math.min(count, left.length) },
    () => left.splice(Math.floor(random() * left.length), 1)[0]!,
  )
}
