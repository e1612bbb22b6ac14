import { type Cell, cellsOf, type Motif } from './motif'
import { FIGURE_ROWS } from './named/figures'
import { type Ground, range, WALK_ROWS } from './named/walks'
import type { Course, Figure, Walk } from './names'
import type { Sequence } from './sequence'

export type Leg = 'up' | 'down'

/** One moment of a shaped course: what sounds, in degrees over the lowest root, and the leg that it belongs to. */
export interface PathStep {
  /** Struck together, lowest first; nothing is a rest. */
  readonly places: readonly number[]
  readonly leg: Leg
  /** The hand begins anew here. */
  readonly fresh?: boolean
  /** Which repeat of a motif it belongs to; the note on which a line comes to rest belongs to the last one. */
  readonly repeat?: number
  /** Its length in beats, where the motif says one. */
  readonly beats?: number
  /** So many moments later its motif ends, to which it rings on. */
  readonly held?: number
}

/** What of a pattern makes a phrase. */
interface Shape {
  readonly figure: Figure
  readonly walk: Walk
  readonly motif: Motif | null
  readonly sequence: Sequence
}

export const LEGS: Record<Course, readonly Leg[]> = {
  'up-down': ['up', 'down'],
  up: ['up'],
  down: ['down'],
  'down-up': ['down', 'up'],
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

/** Moments of a motif, where it says nothing of their length; what a beat is divided by follows from it. */
export const momentsIn = ({ figure, motif }: Pick<Shape, 'figure' | 'motif'>): number | null => {
  if (!motif) return FIGURE_ROWS[figure].rows[0]!.length
  return cellsOf(motif).some(({ beats }) => beats !== undefined) ? null : motif.length
}

/**
 * Ornaments a walk: every place becomes its figure, in the direction in which the walk goes on. Groups stay within the
 * compass; the last place of other figures stands alone, so that the line comes to rest.
 */
function figured(figure: Figure, places: readonly number[], top: number): PathStep[] {
  const { rows, within = false } = FIGURE_ROWS[figure]
  const ways = onward(places)
  let turn = 0
  return places.flatMap((place, at): PathStep[] => {
    const way = ways[at]!
    turn = at > 0 && way === ways[at - 1] ? turn + 1 : 0
    const leg = way > 0 ? 'up' : 'down'
    const last = at === places.length - 1
    if (last && !within) return [{ places: [place], leg, repeat: at - 1 }]
    const row = rows[turn % rows.length]!.map((add) => place + way * add)
    const outside = row.some((each) => each < 0 || each > top)
    return last || (within && outside) ? [] : row.map((each) => ({ places: [each], leg, repeat: at }))
  })
}

/** A straight figure: every note belongs to the leg on which it is reached. */
function plainSteps(places: readonly number[]): PathStep[] {
  const ways = onward(places)
  return places.map((place, at) => {
    const before = places[at - 1]
    const way = before === undefined || before === place ? ways[at]! : sign(place - before)
    return { places: [place], leg: way > 0 ? 'up' : 'down' }
  })
}

const flipped = (places: readonly number[], top: number): number[] => places.map((place) => top - place).reverse()

/** The same path upside down: what goes up goes down, from the other end. It is its own inverse. */
export const mirrored = (path: readonly PathStep[], top: number): PathStep[] =>
  path.map((step) => ({ ...step, places: flipped(step.places, top), leg: step.leg === 'up' ? 'down' : 'up' }))

/** Every root with the motif over it, or under it where it is turned upside down. */
const over = (cells: readonly Cell[], roots: readonly number[], leg: Leg, upsideDown = false): PathStep[] =>
  roots.flatMap((root, repeat) =>
    cells.map(({ places, beats, held }, at): PathStep => {
      const sounding = upsideDown ? places.map((place) => -place).reverse() : places
      return {
        ...{ places: sounding.map((place) => root + place), leg, repeat },
        ...(beats === undefined ? {} : { beats }),
        ...(held && at < cells.length - 1 ? { held: cells.length - 1 - at } : {}),
      }
    }),
  )

/** A path that comes to rest on a root. */
function resting(path: readonly PathStep[], root: number): PathStep[] {
  const { leg, repeat } = path.at(-1)!
  return [...path, { places: [root], leg, repeat }]
}

/** The same where it does not end there already. */
function closing(path: readonly PathStep[], root: number): PathStep[] {
  const { places } = path.at(-1)!
  return places.length === 1 && places[0] === root ? [...path] : resting(path, root)
}

/** Repeats of one leg after those of another. */
const after = (before: readonly PathStep[], path: readonly PathStep[]): PathStep[] => {
  const from = 1 + Math.max(-1, ...before.map(({ repeat }) => repeat ?? -1))
  return [...before, ...path.map((step) => ({ ...step, repeat: (step.repeat ?? 0) + from }))]
}

const opposite = (leg: Leg): Leg => (leg === 'up' ? 'down' : 'up')

/** Back to front, without the note at the turn. */
function backwards(path: readonly PathStep[], leg: Leg): PathStep[] {
  const repeats = Math.max(...path.map(({ repeat }) => repeat ?? 0))
  return [...path]
    .reverse()
    .slice(1)
    .map((step) => ({ ...step, leg, repeat: repeats - (step.repeat ?? 0) }))
}

/** A motif that is moved through a leg, or there and back. */
interface Moved {
  readonly motif: Motif
  readonly sequence: Sequence
  readonly legs: number
  readonly ground: Ground
  /** The course will be turned upside down. */
  readonly turned: boolean
}

/**
 * A motif on root after root of a rising course, and back where the course has two legs: there with the motif as it
 * stands; it comes to rest on the tonic at each end of the line, not at the turn.
 */
function sequenced({ motif, sequence, legs, ground, turned }: Moved): PathStep[] {
  const { top } = ground
  const cells = cellsOf(motif)
  const { step, direction, return: back } = sequence
  const rises = direction !== 'down'
  const rising = step === 0 ? [0] : range(0, Math.ceil(top / step) - 1).map((at) => at * step)
  const falling = rising.map((root) => (step === 0 ? root : top - root))
  const [out, home] = rises ? [rising, falling] : [falling, rising]
  const [begin, end] = step === 0 ? [0, 0] : rises ? [0, top] : [top, 0]
  const leg: Leg = rises ? 'up' : 'down'
  const there = over(cells, out, leg)
  if (legs === 1 || back === 'none') return step === 0 ? closing(there, end) : resting(there, end)
  if (back === 'retrograde') {
    const whole = step === 0 ? there : resting(there, end)
    return closing(after(whole, backwards(whole, opposite(leg))), begin)
  }
  // another motif stands as it is written, whichever way the course begins
  const [returning, upsideDown] =
    typeof back === 'object' ? [cellsOf(back.motif), turned] : [cells, back === 'mirrored']
  const whole = after(there, over(returning, home, opposite(leg), upsideDown))
  return step === 0 ? closing(whole, begin) : resting(whole, begin)
}

function walked({ walk, figure }: Shape, ground: Ground, legs: number): PathStep[] {
  const stretches = WALK_ROWS[walk].places(ground, legs)
  return stretches.flatMap((places) => {
    const path = figure === 'straight' ? plainSteps(places) : figured(figure, places, ground.top)
    if (WALK_ROWS[walk].around === undefined) return path
    return path.map((step, at) => (at === 0 ? { ...step, fresh: true } : step))
  })
}

const OPPOSITE = { course: 'course', up: 'down', down: 'up' } as const

/** The whole way of a course through its ground: a motif and its sequence, or walk and figure combined. */
export function pathOf(shape: Shape, course: Course, ground: Ground): PathStep[] {
  const legs = LEGS[course]
  const turned = legs[0] === 'down'
  const { motif, sequence } = shape
  // a course that begins downward is laid as one that rises, and turned upside down as a whole
  const direction = turned ? OPPOSITE[sequence.direction] : sequence.direction
  const rising = motif
    ? sequenced({ motif, sequence: { ...sequence, direction }, legs: legs.length, ground, turned })
    : walked(shape, ground, legs.length)
  return turned ? mirrored(rising, ground.top) : rising
}
