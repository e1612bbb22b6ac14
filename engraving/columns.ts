import type { Room } from './room'

/** Between the ink of one step and the next. */
const GAP = 2.5
/** What a bar line takes, and what is kept free on either side of it. */
const BAR = 5
const BAR_AIR = 4
export const CLEF_CHANGE = 22
export const REST_WIDTH = 26

/** From the middle of the step before to the middle of this one, where notes stand `step` apart. */
export function distance(before: Room, here: Room, step: number): number {
  const ink = before.right + here.left
  const bar = here.bar ? BAR : 0
  const needed = here.bar ? ink + 2 * BAR_AIR : ink + GAP
  return Math.max(step + bar, needed) + (here.clef ? CLEF_CHANGE : 0) + before.rests * REST_WIDTH
}

/** What notes take that stand `step` apart, with what stands at both ends. */
export const takes = (rooms: readonly Room[], ends: number, step: number): number =>
  rooms.reduce((sum, here, at) => sum + (at === 0 ? 0 : distance(rooms[at - 1]!, here, step)), ends + step)

/** How far apart notes stand that share a width: as far as they can, up to `most`; none where they have no room at all. */
export function stepWithin(width: number, rooms: readonly Room[], ends: number, most: number): number {
  let [low, high] = [0, most]
  if (takes(rooms, ends, most) <= width) return most
  // what notes take grows with the step: halve until a hundredth of a pixel is left
  while (high - low > 0.01) {
    const middle = (low + high) / 2
    if (takes(rooms, ends, middle) <= width) low = middle
    else high = middle
  }
  return low
}

/**
 * Where the bar line before a step stands: midway, but clear of what stands before it and of the signs before its note.
 * @param x the middle of the step, `before` with its own `x` that of the step before
 */
export function barLineAt(before: { room: Room; x: number }, here: Room, x: number, step: number): number {
  const taken = before.room.right + before.room.rests * REST_WIDTH + (here.clef ? CLEF_CHANGE : 0)
  const midway = x - (step + BAR) / 2 + 1
  return Math.min(Math.max(midway, before.x + taken + BAR_AIR), x - here.left - BAR_AIR)
}
/** Left edge of a clef that changes: before the bar line where one stands there. */
export const clefAt = (here: Room, x: number, bar: number | null): number =>
  bar === null ? x - here.left - GAP - CLEF_CHANGE + 2 : bar - CLEF_CHANGE - 1
