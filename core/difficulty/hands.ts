import type { HandSize } from '../fingering'
import { isBlack } from '../surface'
import { byStep, type HandPart, landings, type Together } from '../together'
import { type Measures, rising } from './measures'

/** A step is no leap. */
const STEP = 2
const OCTAVE = 12
const DEGREES = 7
/** Five black keys are all there are; a chord has fewer keys by which to find one's way. */
const ALL_BLACK = 5
const CHORD = 4
/** Many black keys are harder by far than some: a power of how many there are (ours). */
const MANY = 8
/** Octaves up or down, and crossings to a step, at which a measure stands at a half (ours). */
const HALF = { octaves: 4, alone: 0.25 }

/** Keys of each step, lowest first, in order. */
export function stepsOf({ notes }: Pick<HandPart, 'notes'>): (readonly number[])[] {
  const steps = new Map<number, number[]>()
  for (const { step, midi } of notes) steps.set(step, [...(steps.get(step) ?? []), midi])
  return [...steps.values()].map((keys) => keys.sort((a, b) => a - b))
}

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0)
/** From one key to the next, in semitones. */
const distances = (keys: readonly number[]): number[] => keys.slice(1).map((key, at) => Math.abs(key - keys[at]!))
const highestOf = (steps: readonly (readonly number[])[]): number[] => steps.map((keys) => keys.at(-1)!)

/** How far a line travels, in octaves up and down; of a figure, from repeat to repeat. */
export function lengthOf(part: Pick<HandPart, 'notes'>): Measures {
  const starts = part.notes.filter(({ repeat }, at) => repeat !== undefined && repeat !== part.notes[at - 1]?.repeat)
  const keys = starts.length > 1 ? starts.map(({ midi }) => midi) : highestOf(stepsOf(part))
  return { length: rising(sum(distances(keys)) / OCTAVE, HALF.octaves) }
}

/** Steps wider than a tone, by how wide they are on an average; an octave and more is as wide as it gets. */
export function leapsOf(part: HandPart): Measures {
  const order = [...new Set(part.notes.map(({ step }) => step))]
  const passed = new Set(landings(part))
  const wide = distances(highestOf(stepsOf(part))).map((far) => Math.max(0, Math.min(far, OCTAVE) - STEP))
  const share = (past: boolean): number =>
    sum(wide.filter((_, at) => passed.has(order[at + 1]!) === past)) / Math.max(1, wide.length) / (OCTAVE - STEP)
  return { leapsHeld: share(false), leapsPassed: share(true) }
}

/** How much of the keyboard is black, and whether the line begins there. */
function keysOf({ notes }: HandPart): Measures {
  const classes = [...new Set(notes.map(({ midi }) => midi % OCTAVE))]
  const blacks = classes.filter(isBlack).length
  const share = classes.length <= CHORD ? DEGREES / (classes.length + 2) : 1
  const black = Math.min(1, (share * blacks) / ALL_BLACK)
  return { someBlacks: black, manyBlacks: black ** MANY, blackStart: isBlack(notes[0]!.midi) ? 1 : 0 }
}

const THIRD = 4

/** Notes struck together: shares of all steps. */
export function doublesOf(steps: readonly (readonly number[])[]): Measures {
  const share = (is: (keys: readonly number[]) => boolean): number => steps.filter(is).length / steps.length
  return {
    pairs: share((keys) => keys.length === 2),
    widePairs: share((keys) => keys.length === 2 && keys[1]! - keys[0]! > THIRD),
    blocks: share((keys) => keys.length > 2),
  }
}

/** A fifth lies within any hand. */
const FIFTH = 7

/** A small hand is the tighter the wider what it takes in one grip; never easier than a larger one. */
function stretchOf(part: HandPart, steps: readonly (readonly number[])[], size: HandSize): Measures {
  if (size !== 'small') return {}
  const passed = new Set(landings(part))
  const order = [...byStep(part).keys()]
  const within = distances(highestOf(steps)).filter((_, at) => !passed.has(order[at + 1]!))
  const widest = Math.max(0, ...within, ...steps.map((keys) => keys.at(-1)! - keys[0]!))
  return { smallHand: 0.5 + 0.5 * Math.min(1, Math.max(0, widest - FIFTH) / (OCTAVE - FIFTH)) }
}

/** One hand on keys or on buttons, for itself. */
export function handMeasures(part: HandPart, size: HandSize = 'average'): Measures {
  const steps = stepsOf(part)
  const crossed = landings(part).length
  const moved = Math.max(0, (part.grips?.length ?? 1) - 1 - crossed)
  const onBlack = part.notes.filter(({ midi }, at) => part.fingers[at] === 1 && isBlack(midi)).length
  return {
    ...(part.buttons ? {} : keysOf(part)),
    ...(part.buttons ? {} : { thumbOnBlack: onBlack / part.notes.length }),
    passes: crossed + moved > 0 ? 1 : 0,
    ...leapsOf(part),
    ...doublesOf(steps),
    ...lengthOf(part),
    ...stretchOf(part, steps, size),
  }
}

/** Degrees on which a hand has its thumb, in whatever octave. */
const thumbs = ({ notes, fingers }: HandPart): Set<number> =>
  new Set(notes.flatMap(({ degree }, at) => (fingers[at] === 1 ? [degree] : [])))

/** How far the thumbs are from meeting: 0 where they always do, 1 where they never do, or on other degrees. */
function thumbsApart(right: HandPart, left: HandPart, together: Together, parallel: boolean): number {
  const [own, others] = [thumbs(right), thumbs(left)]
  if (own.size === 0 || others.size === 0) return 0
  if (!parallel) return together.thumbs.length > 0 ? 0.5 : 1
  const shared = [...own].filter((degree) => others.has(degree)).length
  if (shared > 1 && shared === own.size && shared === others.size) return 0
  return shared > 0 ? 0.5 : 1
}

/** What two hands ask beside the harder one of them. */
export function togetherMeasures(right: HandPart, left: HandPart, together: Together): Measures {
  const [upper, lower] = [stepsOf(right), stepsOf(left)]
  // hands that take two keys at once have no one thumb to meet
  if (upper.some((keys) => keys.length > 1)) return { bothHands: 1, thumbsApart: 0.5, degreesApart: 0 }
  const alike = (at: number): boolean => (upper[at]?.[0] ?? 0) % OCTAVE === (lower[at]?.[0] ?? 0) % OCTAVE
  const parallel = alike(0) && alike(1)
  const mirrored = together.equal.length === upper.length
  const { right: byRight, left: byLeft, both } = together.crossings
  const alone = byRight.length + byLeft.length - 2 * both.length
  // hands that stay where they are need no thumbs to find each other by
  const crosses = alone + both.length > 0
  return {
    bothHands: 1,
    crossesAlone: rising(alone / upper.length, HALF.alone),
    thumbsApart: mirrored || !crosses ? 0 : alike(0) ? thumbsApart(right, left, together, parallel) : 1,
    degreesApart: alike(0) ? 0 : 1,
    unmirrored: alike(0) && !alike(1) && !mirrored ? 1 : 0,
  }
}
