import { FREE, type KindId, KINDS } from '../material'
import type { Sticking } from '../sticking'
import { isBlack } from '../surface'
import { type Difficulty, difficultyFrom, type Parts, tempoFactor } from './hardness'
import { byStep, type HandPart, landings, type Together } from './together'

/**
 * What a study for fingers counts for each of its steps. Ours, derived so that what teachers agree on comes out (common
 * practice, no source): white keys before few black ones that do not begin on the thumb, all black keys last; natural,
 * harmonic, melodic; a scale, its arpeggio, its seventh; double thirds, sixths and octaves.
 */
const WEIGHTS = { step: 1, crossing: 3, crossingInPairs: 1, move: 2.5, blackStart: 0.8, block: 5 }
/** Steps wider than a tone, by semitones: within the open hand, past the thumb, and where the whole hand moves on. */
const LEAPS = { held: 1.5, passed: 6.5, moved: 0.5 }
/** Double notes by their interval in semitones, at the most. */
const DOUBLES = [
  [4, 10],
  [7, 11],
  [Infinity, 13],
] as const
/** A step is no leap. */
const STEP = 2
const OCTAVE = 12
/** Black keys grow harder to find the more of them there are; five are all there are. */
const ALL_BLACK = 5
const KEYS = { weight: 0.0007, power: 5, degrees: 7 }
const CHORD = 4
const LENGTH = 1.1

/** How much harder than a major scale a kind is to keep in mind. */
const formOf = (kind: KindId | 'pitches'): number => (kind === 'pitches' ? FREE : KINDS[kind]).memory

/** Keys of each step, lowest first, in order. */
function stepsOf({ notes }: HandPart): (readonly number[])[] {
  const steps = new Map<number, number[]>()
  for (const { step, midi } of notes) steps.set(step, [...(steps.get(step) ?? []), midi])
  return [...steps.values()].map((keys) => keys.sort((a, b) => a - b))
}

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0)
/** From one key to the next, in semitones. */
const distances = (keys: readonly number[]): number[] => keys.slice(1).map((key, at) => Math.abs(key - keys[at]!))

/** How far a line travels, in semitones; of a figure, from repeat to repeat. */
function travelOf({ notes }: HandPart, highest: readonly number[]): number {
  const starts = notes.filter(({ repeat }, at) => repeat !== undefined && repeat !== notes[at - 1]?.repeat)
  return sum(distances(starts.length > 1 ? starts.map(({ midi }) => midi) : highest))
}

/** What its wide steps count, on an average. */
function leapLoad(part: HandPart, highest: readonly number[]): number {
  const passed = new Set(landings(part))
  const moved = new Set((part.grips ?? []).map((at) => part.notes[at]!.step))
  const order = [...new Set(part.notes.map(({ step }) => step))]
  const each = distances(highest).map((far, at) => {
    const step = order[at + 1]!
    const weight = passed.has(step) ? LEAPS.passed : moved.has(step) ? LEAPS.moved : LEAPS.held
    return weight * Math.max(0, Math.min(far, OCTAVE) - STEP)
  })
  return sum(each) / Math.max(1, each.length)
}

function chordLoad(keys: readonly number[]): number {
  if (keys.length > 2) return WEIGHTS.block
  if (keys.length < 2) return 0
  return DOUBLES.find(([most]) => keys[1]! - keys[0]! <= most)![1]
}

/** How much of the keyboard is black, and whether the line begins there. */
function keyLoad(steps: readonly (readonly number[])[]): number {
  const classes = [...new Set(steps.flat().map((midi) => midi % OCTAVE))]
  const blacks = classes.filter(isBlack).length
  const black = Math.min(ALL_BLACK, (KEYS.degrees * blacks) / Math.max(KEYS.degrees, classes.length))
  // a chord has fewer keys by which to find one's way
  const few = classes.length <= CHORD ? Math.min(ALL_BLACK, (KEYS.degrees * blacks) / (classes.length + 2)) : black
  return KEYS.weight * few ** KEYS.power + (isBlack(steps[0]![0]!) ? WEIGHTS.blackStart : 0)
}

/** One hand's parts, all but the tempo. */
function handParts(part: HandPart, form: number) {
  const steps = stepsOf(part)
  const count = steps.length
  const crossed = landings(part).length
  const moved = Math.max(0, (part.grips?.length ?? 1) - 1 - crossed)
  const highest = steps.map((keys) => keys.at(-1)!)
  const travelled = travelOf(part, highest) / (2 * OCTAVE)
  return {
    steps: WEIGHTS.step,
    crossings: ((steps[0]!.length > 1 ? WEIGHTS.crossingInPairs : WEIGHTS.crossing) * crossed) / count,
    moves: (WEIGHTS.move * moved) / count,
    keys: part.buttons ? 0 : keyLoad(steps),
    chords: sum(steps.map(chordLoad)) / count,
    leaps: leapLoad(part, highest),
    form,
    length: 1 + LENGTH * Math.sqrt(travelled),
  }
}
type HandParts = ReturnType<typeof handParts>

const loadOf = ({ length, ...parts }: HandParts): number => sum(Object.values(parts)) * length

const TOGETHER = { any: 0.5, alone: 1.5, both: 0.3, never: 1.4, always: -1, apart: 1, least: 0.1 }

/** Degrees on which a hand has its thumb, in whatever octave. */
const thumbs = ({ notes, fingers }: HandPart): Set<number> =>
  new Set(notes.flatMap(({ degree }, at) => (fingers[at] === 1 ? [degree] : [])))

/** What two hands ask beyond the harder one: crossings of one alone, thumbs that never meet, a distance of its own. */
function coordination(right: HandPart, left: HandPart, together: Together): number {
  const count = stepsOf(right).length
  const { right: byRight, left: byLeft, both } = together.crossings
  const alone = byRight.length + byLeft.length - 2 * both.length
  const [upper, lower] = [stepsOf(right), stepsOf(left)]
  const same = upper[0]![0]! % OCTAVE === lower[0]![0]! % OCTAVE
  const parallel = same && (upper[1]?.[0] ?? 0) % OCTAVE === (lower[1]?.[0] ?? 0) % OCTAVE
  const [own, others] = [thumbs(right), thumbs(left)]
  const shared = [...own].filter((degree) => others.has(degree)).length
  const meet = parallel ? shared > 0 : together.thumbs.length > 0
  // every thumb on the same key as the other: the hands turn as one
  const always = parallel && shared > 1 && shared === own.size && shared === others.size
  const never = own.size > 0 && others.size > 0 && !meet && same
  const counted =
    TOGETHER.any +
    (TOGETHER.alone * alone + TOGETHER.both * both.length) / count +
    (never ? TOGETHER.never : 0) +
    (always ? TOGETHER.always : 0) +
    (same ? 0 : TOGETHER.apart)
  return Math.max(TOGETHER.least, counted)
}

/**
 * Difficulty of one hand or of both: that of the harder hand, and what both ask together. Never less for one octave more,
 * for a faster tempo, or for both hands than for either.
 * @param kinds what the study's sections are made of; the hardest form counts
 */
export function difficultyOf(
  hands: { readonly right?: HandPart; readonly left?: HandPart },
  together: Together | undefined,
  notesPerMinute: number,
  kinds: readonly (KindId | 'pitches')[],
): Difficulty {
  const form = Math.max(0, ...kinds.map(formOf)) + (new Set(kinds).size > 1 ? MORE_KINDS : 0)
  const { right, left } = hands
  const each = [right, left].flatMap((part) => (part && part.notes.length > 0 ? [handParts(part, form)] : []))
  const tempo = tempoFactor(notesPerMinute)
  if (each.length === 0) return difficultyFrom({ tempo })
  const harder = each.reduce((one, other) => (loadOf(other) > loadOf(one) ? other : one))
  const length = Math.max(...each.map((part) => part.length))
  const joined = right && left && together && each.length > 1 ? { together: coordination(right, left, together) } : {}
  return difficultyFrom({ ...harder, ...joined, length, tempo })
}
/** Sections of several kinds, such as modes in a chain. */
const MORE_KINDS = 0.5

/** Strokes as they add up over a whole line: so that a longer one is never easier. */
const STICK_WEIGHTS = { stroke: 0.06, hard: 3, mild: 1, double: 1.5, row: 0.6 }
/** A roll by its strokes a second, and two more mallets to hold and to tell apart; ours, as all weights here. */
const [ROLLED, FOUR_MALLETS] = [0.4, 4]
/** A bar that is stopped by a mallet, and more where that mallet has to come for it; ours. */
const DAMPING = { each: 0.1, follows: 0.5 }

/** Difficulty of a line of sticks. Never less for one octave more or for a faster tempo. */
export function stickDifficulty(
  {
    notes,
    count,
    rowMoves,
    roll,
    mallets,
    damped,
  }: Pick<Sticking, 'count' | 'rowMoves' | 'roll' | 'mallets' | 'damped'> & { readonly notes: readonly unknown[] },
  notesPerMinute: number,
): Difficulty {
  const followed = damped.filter(({ follows }) => follows).length
  return difficultyFrom({
    strokes: STICK_WEIGHTS.stroke * notes.length,
    crossed: STICK_WEIGHTS.hard * count.hard + STICK_WEIGHTS.mild * count.mild,
    doubles: STICK_WEIGHTS.double * count.doubles,
    rows: STICK_WEIGHTS.row * rowMoves.length,
    ...(roll ? { rolls: ROLLED * roll.perSecond } : {}),
    ...(mallets ? { mallets: FOUR_MALLETS } : {}),
    ...(damped.length > 0 ? { damping: DAMPING.each * damped.length + DAMPING.follows * followed } : {}),
    tempo: tempoFactor(notesPerMinute),
  })
}

/** The left hand of an accordion as difficulty needs it. */
type BoardPart = Pick<HandPart, 'notes' | 'fingers'> & { readonly leaps: readonly number[] }

const BOARD = { stroke: 1, leap: 3, pair: 0.2 }

/** Different pairs of fingers that the hands take at once. */
function pairsOf(right: HandPart, left: Pick<HandPart, 'notes' | 'fingers'>): number {
  const lower = byStep({ ...left, crossings: [] })
  const pairs = new Set<string>()
  for (const [step, fingers] of byStep(right)) {
    const other = lower.get(step)
    if (other) pairs.add(`${fingers}/${other}`)
  }
  return pairs.size
}

/** The left hand's parts: its buttons have no keys to find, its leaps over the board count as crossings do. */
function boardParts({ notes, leaps }: BoardPart, form: number): HandParts {
  const count = new Set(notes.map(({ step }) => step)).size
  return {
    ...{
      steps: BOARD.stroke,
      crossings: 0,
      moves: (BOARD.leap * leaps.length) / count,
      keys: 0,
      chords: 0,
      leaps: 0,
      form,
    },
    length: 1 + LENGTH * Math.sqrt(count / (2 * OCTAVE)),
  }
}

/** Never less for one octave more, a faster tempo, or both hands. */
export function accordionDifficulty(
  right: HandPart | undefined,
  left: BoardPart | HandPart | undefined,
  notesPerMinute: number,
  kinds: readonly (KindId | 'pitches')[],
): Difficulty {
  const form = Math.max(0, ...kinds.map(formOf))
  const each = [
    ...(right && right.notes.length > 0 ? [handParts(right, form)] : []),
    ...(left && left.notes.length > 0 ? ['leaps' in left ? boardParts(left, form) : handParts(left, form)] : []),
  ]
  const tempo = tempoFactor(notesPerMinute)
  if (each.length === 0) return difficultyFrom({ tempo })
  const harder = each.reduce((one, other) => (loadOf(other) > loadOf(one) ? other : one))
  const length = Math.max(...each.map((part) => part.length))
  const joined: Parts =
    right && left && each.length > 1 ? { together: TOGETHER.any + BOARD.pair * pairsOf(right, left) } : {}
  return difficultyFrom({ ...harder, ...joined, length, tempo })
}
