import type { Sticking } from '../sticking'
import { isBlack } from '../surface'
import { byStep, type HandPart, landings, type Together } from './together'

/**
 * How hard a study is, with its parts; an index of ours for comparing studies, not a measure of anything. Weights
 * derived from common practice: a crossing counts 1, one straight after the other hand's half as much again, two at
 * once in mirrored hands half of the second; every different pair of fingers 0.3, black against white 0.2; thumbs or
 * thirds that meet take 0.3 off. The sum grows with the tempo, in proportion to 120 notes a minute.
 */
export interface Difficulty {
  readonly total: number
  readonly parts: FingerParts | StickParts | AccordionParts
}

/** Parts of a study for fingers. */
export interface FingerParts {
  /** Crossings and lifts of both hands, and a little for every note. */
  readonly hands: number
  readonly following: number
  readonly mirrored: number
  readonly pairs: number
  readonly mismatch: number
  readonly anchors: number
  /** Notes a minute over 120: what the sum is multiplied by. */
  readonly tempo: number
}

/** Parts of a study for sticks: strokes, sticks crossed over, doubles, moves between the rows. */
export interface StickParts {
  readonly strokes: number
  readonly crossed: number
  readonly doubles: number
  readonly rows: number
  readonly tempo: number
}

/** Parts of a study for an accordion. */
export interface AccordionParts {
  /** Crossings of the right hand, and a little for every note. */
  readonly right: number
  /** Strokes of the left hand, and its leaps over the board. */
  readonly left: number
  /** Different pairs of fingers that fall together. */
  readonly pairs: number
  readonly tempo: number
}

const WEIGHTS = { note: 0.02, crossing: 1, following: 0.5, mirrored: -0.5, pair: 0.3, mismatch: 0.2, anchor: -0.3 }
/** For sticks, derived likewise: a hard crossing counts 1, a mild one a third, a double 0.5, a move between the rows 0.2. */
const STICK_WEIGHTS = { note: 0.02, hard: 1, mild: 0.3, double: 0.5, row: 0.2 }
const USUAL_NOTES_A_MINUTE = 120

const loadOf = (part: HandPart): number =>
  WEIGHTS.crossing * (landings(part).length + (part.lifts?.length ?? 0)) + WEIGHTS.note * part.notes.length

/** Different pairs of fingers that the hands take at once. */
function pairsOf(right: HandPart, left: HandPart): number {
  const lower = byStep(left)
  const pairs = new Set<string>()
  for (const [step, fingers] of byStep(right)) {
    const other = lower.get(step)
    if (other) pairs.add(`${fingers}/${other}`)
  }
  return pairs.size
}

/** Steps on which one hand has a black key and the other a white one. */
function mismatches(right: HandPart, left: HandPart): number {
  const black = (part: HandPart) => new Map(part.notes.map(({ step, midi }) => [step, isBlack(midi)]))
  const lower = black(left)
  return [...black(right)].filter(([step, key]) => lower.has(step) && lower.get(step) !== key).length
}

const rounded = (value: number): number => Math.round(value * 100) / 100

/**
 * Difficulty of one hand or of both. Never less for one octave more, for a faster tempo, or for both hands than for
 * either: what helps can take no more away than the easier hand adds.
 */
export function difficultyOf(
  parts: { readonly right?: HandPart; readonly left?: HandPart },
  together: Together | undefined,
  notesPerMinute: number,
): Difficulty {
  const { right, left } = parts
  const tempo = notesPerMinute / USUAL_NOTES_A_MINUTE
  const loads = [right, left].filter((part) => part !== undefined).map(loadOf)
  const hands = loads.reduce((sum, load) => sum + load, 0)
  const both = right && left && together ? { right, left, together } : null
  const counted = {
    following: both ? WEIGHTS.following * both.together.following.length : 0,
    mirrored: both ? WEIGHTS.mirrored * both.together.crossings.both.length : 0,
    pairs: both ? WEIGHTS.pair * pairsOf(both.right, both.left) : 0,
    mismatch: both ? WEIGHTS.mismatch * mismatches(both.right, both.left) : 0,
    anchors: both ? WEIGHTS.anchor * (both.together.thumbs.length + both.together.thirds.length) : 0,
  }
  const coordination = Object.values(counted).reduce((sum, part) => sum + part, 0)
  const total = Math.max(...loads, hands + coordination) * tempo
  return {
    total: rounded(total),
    parts: {
      hands: rounded(hands),
      following: rounded(counted.following),
      mirrored: rounded(counted.mirrored),
      pairs: rounded(counted.pairs),
      mismatch: rounded(counted.mismatch),
      anchors: rounded(counted.anchors),
      tempo: rounded(tempo),
    },
  }
}

/** Difficulty of a line of sticks. Never less for one octave more or for a faster tempo. */
export function stickDifficulty(
  { notes, count, rowMoves }: Pick<Sticking, 'count' | 'rowMoves'> & { readonly notes: readonly unknown[] },
  notesPerMinute: number,
): Difficulty {
  const tempo = notesPerMinute / USUAL_NOTES_A_MINUTE
  const parts = {
    strokes: STICK_WEIGHTS.note * notes.length,
    crossed: STICK_WEIGHTS.hard * count.hard + STICK_WEIGHTS.mild * count.mild,
    doubles: STICK_WEIGHTS.double * count.doubles,
    rows: STICK_WEIGHTS.row * rowMoves.length,
  }
  const sum = Object.values(parts).reduce((all, part) => all + part, 0)
  return {
    total: rounded(sum * tempo),
    parts: {
      strokes: rounded(parts.strokes),
      crossed: rounded(parts.crossed),
      doubles: rounded(parts.doubles),
      rows: rounded(parts.rows),
      tempo: rounded(tempo),
    },
  }
}

/** The left hand of an accordion as difficulty needs it. */
type BoardPart = Pick<HandPart, 'notes' | 'fingers'> & { readonly leaps: readonly number[] }

/** A leap over the board counts as a crossing does. Never less for one octave more, a faster tempo, or both hands. */
export function accordionDifficulty(
  right: HandPart | undefined,
  bass: BoardPart | undefined,
  notesPerMinute: number,
): Difficulty {
  const tempo = notesPerMinute / USUAL_NOTES_A_MINUTE
  const left = bass && { notes: bass.notes, fingers: bass.fingers, crossings: [], lifts: bass.leaps }
  const parts = {
    right: right ? loadOf(right) : 0,
    left: left ? loadOf(left) : 0,
    pairs: right && left ? WEIGHTS.pair * pairsOf(right, left) : 0,
  }
  return {
    total: rounded((parts.right + parts.left + parts.pairs) * tempo),
    parts: {
      right: rounded(parts.right),
      left: rounded(parts.left),
      pairs: rounded(parts.pairs),
      tempo: rounded(tempo),
    },
  }
}
