import type { System } from './layout'

const AROUND = 12

/** A stretch of steps as far as it lies in a system, in pixels; nothing where it does not. */
export function markedStretch(
  system: System,
  range: readonly [number, number] | null,
): { readonly x: number; readonly width: number } | null {
  if (!range || range[1] < system.from || range[0] >= system.to) return null
  const from = system.columns[Math.max(0, range[0] - system.from)]! - AROUND
  const to = system.columns[Math.min(system.to - 1, range[1]) - system.from]! + AROUND
  return { x: from, width: to - from }
}
