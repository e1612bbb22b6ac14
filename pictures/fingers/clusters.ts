import type { Disc, Slab, StairPicture } from './stair'

/** Neighbours stand to either side, so that every finger can be read. */
const ASIDE = 9
const ROOM = 13

/** A grip's keys at one moment: each key once, by turns left and right of the middle. */
function blocked({ discs }: Slab): Disc[] {
  const [first, last] = [discs[0]!, discs.at(-1)!]
  const middle = (first.x + last.x) / 2
  const once = discs
    .filter((disc, at) => discs.findIndex((other) => other.y === disc.y) === at)
    .toSorted((a, b) => b.y - a.y)
  const spread = once.length > 1 ? ASIDE : 0
  return once.map((disc, at) => ({ ...disc, x: middle + (at % 2 === 0 ? -spread : spread) }))
}

/** The stair with every grip blocked: what the hand lies on before it moves. */
export function clustered(picture: StairPicture): StairPicture {
  const slabs = picture.slabs.map((slab) => {
    const discs = blocked(slab)
    const xs = discs.map((disc) => disc.x)
    const [from, to] = [Math.min(...xs) - ROOM, Math.max(...xs) + ROOM]
    return { ...slab, discs, x: from, width: to - from, openLeft: false, openRight: false }
  })
  return { ...picture, slabs, discs: slabs.flatMap((slab) => slab.discs), hinges: [], meetings: [] }
}
