import type { Player, SolvedLine } from '../instrument'
import { KINDS } from '../material'
import { modulo, type Note, parseNote } from '../pitch'
import { acceptedOf, crossingsOf, lineFor, type RealisedStudy } from '../realise'
import { type Finger, isFree, isPlainPattern, type Stick } from '../study'

export type Way = 'up' | 'down'

/** The key of a line: its notes are counted from the tonic. */
interface LineKey {
  readonly tonic: Note
  /** Degrees to its octave, and on which of them the line is said to begin. */
  readonly degrees: number
  readonly inversion: number
  /** Whether no letter stands for two of its notes. */
  readonly lettered: boolean
  /** Letters from the tonic to each degree. */
  readonly steps: readonly number[]
}

/** A hand's line, or that of two sticks, with what strikes each note, where something is crossed, and its key. */
export interface ComparedLine extends SolvedLine {
  readonly marks: readonly (Finger | Stick)[]
  readonly crossings: readonly number[]
  /** Which way each note is reached; the first by where it leads. */
  readonly ways: readonly Way[]
  /** Null where it is no line in one key. */
  readonly key: LineKey | null
}

const LETTERS = 7

function keyOf({ recipe, sections }: RealisedStudy): LineKey | null {
  if (isFree(recipe.material) || sections) return null
  const { texture, up, down } = KINDS[recipe.material.kind]
  if (texture === 'cadence') return null
  const steps = up.map((each) => each.steps)
  const lettered = [up, down].every((row) => new Set(row.map((each) => each.steps % LETTERS)).size === row.length)
  return {
    tonic: parseNote(recipe.material.tonic),
    degrees: up.length,
    inversion: recipe.material.inversion ?? 0,
    ...{ lettered, steps },
  }
}

/** By what is heard, so that a hand that begins downward goes down; a pattern goes the way of its leg. */
function waysOf({ recipe }: RealisedStudy, { notes }: SolvedLine): Way[] {
  if (!isPlainPattern(recipe.pattern)) return notes.map(({ leg }) => leg)
  // of notes struck together the highest shows the way; the first step has its way from the second
  const tops = [...new Map(notes.map(({ step, midi }) => [step, midi]))]
  const places = new Map(tops.map(([step], at) => [step, at]))
  return notes.map(({ step, midi, leg }) => {
    const at = places.get(step)!
    const [before, after] = [tops[at - 1], tops[at + 1]]
    const by = before ? midi - before[1] : after ? after[1] - midi : 0
    return by === 0 ? leg : by > 0 ? 'up' : 'down'
  })
}

/** A player's line as it is compared. */
export function comparedLine(study: RealisedStudy, player: Player): ComparedLine {
  const line = lineFor(study, player)
  return {
    ...line,
    marks: (acceptedOf(study) as Record<Player, readonly (Finger | Stick)[]>)[player],
    crossings: crossingsOf(study, player),
    ways: waysOf(study, line),
    key: keyOf(study),
  }
}

/** Degree over the tonic, whatever the inversion. */
export const degreeOver = ({ degrees, inversion }: LineKey, degree: number): number =>
  modulo(degree + inversion, degrees)
