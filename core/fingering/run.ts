import { conflictAmong, type Problem, solve } from '../assign'
import { printedName, RecipeError } from '../pitch'
import type { Finger, Hand, Line, Pin } from '../study'
import { isBlack } from '../surface'
import { charge, crampCost, passage, spanCost, stepCost, type Tally } from './cost'
import type { Habit } from './habit'
import { FINGERS, type School } from './school'

/** A whole line as a problem: physical costs, and a price for leaving the octave's pattern. */
export function runProblem(
  school: School,
  line: Line,
  habit: Habit,
  pins: readonly Pin[],
  tally?: Tally,
): Problem<Finger> {
  const { hand, notes } = line
  const pinned = new Map(pins.map((pin) => [pin.index, pin.finger]))
  const touch = (at: number, finger: Finger) => ({ midi: notes[at]!.midi, finger })
  return {
    length: notes.length,
    states: (at) => {
      const finger = pinned.get(at)
      return finger ? [finger] : FINGERS
    },
    one: (at, finger) => {
      if (finger === habit.fingers[at]) return 0
      const end = habit.ends[at]!
      return (
        charge(end ? 'end-off-pattern' : 'off-pattern', 1, school, tally) +
        charge('thumb-on-black', finger === 1 && isBlack(notes[at]!.midi) ? 1 : 0, school, tally) +
        charge('little-finger-inside', finger === 5 && !end ? 1 : 0, school, tally)
      )
    },
    two: (at, a, b) => {
      const [first, second] = [touch(at, a), touch(at + 1, b)]
      const cramped = habit.ends[at] || habit.ends[at + 1] ? 0 : crampCost(school, hand, first, second, tally)
      return stepCost(school, hand, first, second, tally) + cramped
    },
    three: (at, a, b, c) => {
      const [first, middle, last] = [touch(at, a), touch(at + 1, b), touch(at + 2, c)]
      const oneGrip =
        passage(hand, first, middle) === 'grip' && passage(hand, middle, last) === 'grip' && first.midi !== last.midi
      return oneGrip ? spanCost(school, first, last, tally) : 0
    },
  }
}

/** Every pin must name a note of the line, and no two may name the same. @throws RecipeError `pin.*` */
export function checkPins(line: Line, pins: readonly { pin: Pin; at: number }[]): void {
  const taken = new Map<number, { pin: Pin; at: number }>()
  for (const each of pins) {
    const { pin, at } = each
    if (pin.index >= line.notes.length) {
      throw new RecipeError(
        'pin.note',
        `The ${line.hand} hand has ${line.notes.length} notes, counted from 0; there is no note ${pin.index}.`,
        `pins[${at}].index`,
      )
    }
    const other = taken.get(pin.index)
    if (other && other.pin.finger !== pin.finger) throw conflict(line, [other, each])
    taken.set(pin.index, each)
  }
}

function conflict(line: Line, pins: readonly { pin: Pin; at: number }[]): RecipeError {
  const words = pins.map(({ pin }) => {
    const note = line.notes[pin.index]!
    return `${pin.finger} on ${printedName(note.pitch)} (note ${pin.index + 1})`
  })
  const together = words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : words[0]!
  return new RecipeError(
    'pin.conflict',
    `The ${line.hand} hand cannot play ${together}${words.length > 1 ? ' together' : ''}.`,
    `pins[${pins.at(-1)!.at}]`,
    { pins: pins.map(({ pin }) => pin) },
  )
}

/**
 * Solves a line around its pins.
 * @param pins each with its place in the recipe, so that an error can name it
 * @throws RecipeError `pin.note`, `pin.conflict` (the smallest set that cannot stand together)
 */
export function solveRun(
  school: School,
  line: Line,
  habit: Habit,
  pins: readonly { pin: Pin; at: number }[],
): { fingers: readonly Finger[]; cost: number } {
  checkPins(line, pins)
  const best = (some: typeof pins) =>
    solve(
      runProblem(
        school,
        line,
        habit,
        some.map(({ pin }) => pin),
      ),
    )[0]
  const found = best(pins)
  if (found) return { fingers: found.states, cost: found.cost }
  throw conflict(
    line,
    conflictAmong(pins, (some) => best(some) !== undefined),
  )
}

/** A place where the hand moves over or under its thumb. */
export interface Crossing {
  /** The note on which the crossing lands. */
  readonly index: number
  readonly kind: 'thumb-under' | 'over-thumb'
}

/** Crossings of a fingered line: onto the thumb (under) or from the thumb onto another finger (over). */
export function crossingsOf(hand: Hand, line: Line, fingers: readonly Finger[]): Crossing[] {
  return line.notes.flatMap((note, index): Crossing[] => {
    if (index === 0) return []
    const before = { midi: line.notes[index - 1]!.midi, finger: fingers[index - 1]! }
    const here = { midi: note.midi, finger: fingers[index]! }
    if (passage(hand, before, here) !== 'pass') return []
    return [{ index, kind: here.finger === 1 ? 'thumb-under' : 'over-thumb' }]
  })
}
