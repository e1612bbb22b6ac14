import type { Course } from './recipe'
import type { Figure, Pattern, Walk } from './shape'

export type Leg = 'up' | 'down'

/** One note of a shaped course: its place in degrees over the lowest one, and the leg that it belongs to. */
export interface PathStep {
  readonly place: number
  readonly leg: Leg
  /** The hand begins anew here. */
  readonly fresh?: boolean
  /** Which repeat of a figure it belongs to; the note on which a line comes to rest belongs to the last one. */
  readonly repeat?: number
}

/** What a path is laid through: degrees to the octave and the place of the highest one, the lowest being 0. */
interface Ground {
  readonly degrees: number
  readonly top: number
  /** Places (straight upward) on which a crossing lands, for the loops around them. */
  readonly crossings?: readonly number[]
}

export const LEGS: Record<Course, readonly Leg[]> = {
  'up-down': ['up', 'down'],
  up: ['up'],
  down: ['down'],
  'down-up': ['down', 'up'],
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.abs(to - from) + 1 }, (_, at) => from + (to < from ? -at : at))

/** Forward by an octave, back by half of one, until the far end is reached; half as far where there is but one octave. */
function looped({ degrees, top }: Ground): number[] {
  const half = Math.ceil(degrees / 2)
  const [on, back] = top > degrees ? [degrees + 1, half] : [half + 1, Math.ceil(half / 2)]
  const places = range(0, Math.min(on - 1, top))
  while (places.at(-1)! < top) {
    const turn = places.at(-1)!
    places.push(...range(turn - 1, turn - back))
    places.push(...range(turn - back + 1, Math.min(turn - back + on, top)))
  }
  return places
}

/** First two notes, then three …; there and back, or always from the start again where the course goes one way. */
function grown({ top }: Ground, returns: boolean): number[] {
  if (!returns) return range(1, top).flatMap((reach) => range(0, reach))
  return [0, ...range(1, top).flatMap((reach) => [...range(1, reach), ...range(reach - 1, 0)])]
}

const FIVE = 4

/** Times that a loop around a crossing is played. */
const ROUNDS = 2
/** Notes on either side of a loop's middle. */
const AROUND = 2

/** Five notes with the crossing in their middle, up and back, twice; then the next crossing of the octave. */
function aroundCrossings({ top, crossings = [] }: Ground): number[][] {
  return crossings.map((landing) => {
    // a crossing beyond the last octave is the one that a further octave would need
    const end = landing < top ? top : landing + AROUND
    const from = Math.max(0, Math.min(landing - AROUND, end - 2 * AROUND))
    const to = Math.min(end, from + 2 * AROUND)
    const round = [...range(from, to), ...range(to, from).slice(1, -1)]
    return Array.from({ length: ROUNDS }, () => round).flat()
  })
}

/** The places of one leg that rises, or of there and back. */
function placesOf(walk: Walk, ground: Ground, legs: number): number[] {
  const { top } = ground
  const straight = range(0, top)
  const back = legs > 1 ? range(top, 0).slice(1) : []
  if (walk === 'add-a-note') return grown(ground, legs > 1)
  if (walk === 'five-finger-first') return [...range(0, FIVE), ...range(FIVE - 1, 1), ...straight, ...back]
  if (walk === 'loops') {
    const there = looped(ground)
    return legs > 1 ? [...there, ...there.map((place) => top - place).slice(1)] : there
  }
  return [...straight, ...back]
}

const sign = (value: number): number => (value > 0 ? 1 : -1)

/** Which way each note is left; the last as it was reached. */
function onward(places: readonly number[]): number[] {
  const ways: number[] = []
  places.forEach((place, at) => {
    const next = places.slice(at + 1).find((other) => other !== place)
    ways.push(next === undefined ? (ways.at(-1) ?? 1) : sign(next - place))
  })
  return ways
}

/** Degrees that a figure adds to a place, counted in the direction of the leg; by turns where there are two rows. */
const CELLS: Record<Figure, readonly (readonly number[])[]> = {
  straight: [[0]],
  'groups-of-three': [[0, 1, 2]],
  'groups-of-four': [[0, 1, 2, 3]],
  'broken-thirds': [[0, 2]],
  'broken-fourths': [[0, 3]],
  'broken-fifths': [[0, 4]],
  'broken-sixths': [[0, 5]],
  'broken-sevenths': [[0, 6]],
  'fourth-then-second': [
    [0, 3],
    [0, 1],
  ],
  'fifth-then-third': [
    [0, 4],
    [0, 2],
  ],
  'seventh-then-sixth': [
    [0, 6],
    [0, 5],
  ],
  'broken-triads': [[2, 0, 2, 4]],
  'broken-seventh-chords': [
    [0, 2, 4, 6],
    [6, 4, 2, 0],
  ],
}

const isGroup = (figure: Figure): boolean => figure.startsWith('groups')

/** Notes of each place's figure, in order. */
export const notesInCell = (figure: Figure): number => CELLS[figure][0]!.length

/**
 * Ornaments a walk: every place becomes its figure, in the direction in which the walk goes on. Groups stay within the
 * compass; the last place of other figures stands alone, so that the line comes to rest.
 */
function figured(figure: Figure, places: readonly number[], top: number): PathStep[] {
  const rows = CELLS[figure]
  const ways = onward(places)
  let turn = 0
  return places.flatMap((place, at): PathStep[] => {
    const way = ways[at]!
    turn = at > 0 && way === ways[at - 1] ? turn + 1 : 0
    const leg = way > 0 ? 'up' : 'down'
    const last = at === places.length - 1
    if (last && !isGroup(figure)) return [{ place, leg, repeat: at - 1 }]
    const cell = rows[turn % rows.length]!.map((add) => place + way * add)
    const outside = cell.some((each) => each < 0 || each > top)
    return last || (isGroup(figure) && outside) ? [] : cell.map((each) => ({ place: each, leg, repeat: at }))
  })
}

/** A straight figure: every note belongs to the leg on which it is reached. */
function plainSteps(places: readonly number[]): PathStep[] {
  const ways = onward(places)
  return places.map((place, at) => {
    const before = places[at - 1]
    const way = before === undefined || before === place ? ways[at]! : sign(place - before)
    return { place, leg: way > 0 ? 'up' : 'down' }
  })
}

/** The same path upside down: what goes up goes down, from the other end. It is its own inverse. */
export const mirrored = (path: readonly PathStep[], top: number): PathStep[] =>
  path.map((step) => ({ ...step, place: top - step.place, leg: step.leg === 'up' ? 'down' : 'up' }))

/** The whole way of a course through its ground, walk and figure combined. */
export function pathOf({ walk, figure }: Pick<Pattern, 'walk' | 'figure'>, course: Course, ground: Ground): PathStep[] {
  const legs = LEGS[course]
  const rising = walk === 'crossing-loops' ? crossingPath(figure, ground) : walked(walk, figure, ground, legs.length)
  return legs[0] === 'up' ? rising : mirrored(rising, ground.top)
}

function walked(walk: Walk, figure: Figure, ground: Ground, legs: number): PathStep[] {
  const places = placesOf(walk, ground, legs)
  return figure === 'straight' ? plainSteps(places) : figured(figure, places, ground.top)
}

const crossingPath = (figure: Figure, ground: Ground): PathStep[] =>
  aroundCrossings(ground).flatMap((places) => {
    const path = figure === 'straight' ? plainSteps(places) : figured(figure, places, ground.top)
    return path.map((step, at) => (at === 0 ? { ...step, fresh: true } : step))
  })
