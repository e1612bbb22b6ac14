import { type Walk, WALKS } from '../names'

/** What a walk is laid through: degrees to the octave and the place of the highest one, the lowest being 0. */
export interface Ground {
  readonly degrees: number
  readonly top: number
  /** Places (straight upward) on which a crossing lands, for the loops around them. */
  readonly crossings?: readonly number[]
}

export const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.abs(to - from) + 1 }, (_, at) => from + (to < from ? -at : at))

const straight = ({ top }: Ground, legs: number): number[] => [
  ...range(0, top),
  ...(legs > 1 ? range(top, 0).slice(1) : []),
]

/** Forward by an octave, back by half of one, until the far end is reached; half as far where there is but one octave. */
function loopsUp({ degrees, top }: Ground): number[] {
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

const mirroredPlaces = (places: readonly number[], { top }: Ground): number[] => places.map((place) => top - place)

function loops(ground: Ground, legs: number): number[] {
  const there = loopsUp(ground)
  return legs > 1 ? [...there, ...mirroredPlaces(there, ground).slice(1)] : there
}

/** Straight on the way up, loops on the way down. */
const straightThenLoops = (ground: Ground, legs: number): number[] => {
  const down = mirroredPlaces(loopsUp(ground), ground)
  return legs > 1 ? [...range(0, ground.top), ...down.slice(1)] : range(0, ground.top)
}

/** First two notes, then three …; there and back, or always from the start again where the course goes one way. */
function grown({ top }: Ground, legs: number): number[] {
  if (legs === 1) return range(1, top).flatMap((reach) => range(0, reach))
  return [0, ...range(1, top).flatMap((reach) => [...range(1, reach), ...range(reach - 1, 0)])]
}

const FIVE = 4
const fiveFirst = (ground: Ground, legs: number): number[] => [
  ...range(0, FIVE),
  ...range(FIVE - 1, 1),
  ...straight(ground, legs),
]

/** Times that a loop around a crossing is played. */
const ROUNDS = 2
/** Notes on either side of a loop's middle. */
const AROUND = 2

/** Five notes with the crossing in their middle, there and back, twice; then the next crossing of the octave. */
function aroundCrossings({ top, crossings = [] }: Ground): number[][] {
  return crossings.map((landing) => {
    // a crossing beyond the last octave is the one that a further octave would need
    const end = landing < top ? top : landing + AROUND
    const from = Math.max(0, Math.min(landing - AROUND, end - 2 * AROUND))
    const to = Math.min(end, from + 2 * AROUND)
    const round = [...range(from, to), ...range(to, from).slice(1, -1)]
    // back to where it began, so that the last crossing is there as well
    return [...Array.from({ length: ROUNDS }, () => round).flat(), from]
  })
}

/** A named way of the root through the octaves. */
interface WalkRow {
  /** Places of one leg that rises, or of there and back; in stretches where the hand begins anew at each. */
  readonly places: (ground: Ground, legs: number) => readonly (readonly number[])[]
  readonly needs: 'run' | 'scale'
  /** It goes around the crossings of the hand, which the study has to have. */
  readonly around?: 'crossings'
  /** It comes back from farther on each time, so that only its outermost notes are ends. */
  readonly grows?: true
  readonly calls: readonly string[]
}

const whole =
  (places: (ground: Ground, legs: number) => number[]): WalkRow['places'] =>
  (ground, legs) => [places(ground, legs)]

/** The named walks. */
export const WALK_ROWS: Readonly<Record<Walk, WalkRow>> = {
  straight: { places: whole(straight), needs: 'run', calls: ['straight through', 'seguido'] },
  loops: { places: whole(loops), needs: 'run', calls: ['in? loops|loop|bucles', 'en bucles'] },
  'straight-then-loops': {
    places: whole(straightThenLoops),
    needs: 'run',
    calls: [
      'up straight ,? and? down in? loops',
      'straight up ,? and? down in? loops',
      'loops down|back',
      'sube|subir seguido ,? y? baja|bajar en bucles',
    ],
  },
  'crossing-loops': {
    places: aroundCrossings,
    needs: 'run',
    around: 'crossings',
    calls: [
      'loops around the crossings',
      'loops|loop around|round|at the? crossings|crossing|thumb|thumbs',
      'crossing loops',
    ],
  },
  'add-a-note': {
    places: whole(grown),
    needs: 'run',
    grows: true,
    calls: ['adding a note', 'add|adding a|one note', 'note by note', 'nota a nota'],
  },
  'five-finger-first': {
    places: whole(fiveFirst),
    needs: 'scale',
    calls: ['five degrees first', 'five degrees|notes first', 'primero cinco notas|grados'],
  },
}

/** Walks through a run; those that count degrees need a scale. */
export const walksOf = (scale: boolean): Walk[] => WALKS.filter((walk) => scale || WALK_ROWS[walk].needs === 'run')
