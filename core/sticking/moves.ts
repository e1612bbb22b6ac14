import type { Line } from '../study'
import type { MalletRecipe } from './settings'
import { barsFor, isBlack, malletInstrument, strikePoint } from '../surface'

type Row = 'naturals' | 'accidentals'

/** A move of the hands to the other row: out, away from the body, to the accidentals, or back in. */
export interface RowMove {
  /** The note on which it lands. */
  readonly index: number
  readonly to: Row
  /** How far the hands are carried away from the body or back, from strike point to strike point, mm. */
  readonly distance: number
}

const rowOf = (midi: number): Row => (isBlack(midi) ? 'accidentals' : 'naturals')

/** Notes of each step, as places in the line. */
function stepsOf({ notes }: Line): number[][] {
  const steps: number[][] = []
  notes.forEach((note, at) => (notes[at - 1]?.step === note.step ? steps.at(-1)!.push(at) : steps.push([at])))
  return steps
}

/**
 * Where the hands change rows; several accidentals one after another are one stay. In double stops each stick moves for
 * itself.
 */
export function rowMovesOf(recipe: MalletRecipe, line: Line): RowMove[] {
  const bars = new Map(barsFor(malletInstrument(recipe.instrument), recipe.bars).map((bar) => [bar.midi, bar]))
  const y = (midi: number): number => {
    const bar = bars.get(midi)
    return bar ? strikePoint(bar, recipe.strike).y : 0
  }
  const moves: RowMove[] = []
  const last: number[] = []
  for (const step of stepsOf(line)) {
    step.forEach((index, voice) => {
      const { midi } = line.notes[index]!
      const before = last[voice] ?? last[0]
      const to = rowOf(midi)
      if (before !== undefined && rowOf(before) !== to) {
        moves.push({ index, to, distance: Math.round(Math.abs(y(midi) - y(before))) })
      }
    })
    step.forEach((index, voice) => (last[voice] = line.notes[index]!.midi))
    last.length = step.length
  }
  return moves
}

/** Lower notes of double stops that lie on both rows at once: the forearm turns, and flams lie in wait. */
export const mixedRowsOf = (line: Line): number[] =>
  stepsOf(line).flatMap(([first, second]) =>
    second !== undefined && rowOf(line.notes[first!]!.midi) !== rowOf(line.notes[second]!.midi) ? [first!] : [],
  )

/** One way a key leaves the naturals: for one note, or for several; `notes` are its degrees from 0. */
interface Excursion {
  readonly kind: 'out-and-back' | 'out-and-stay'
  readonly degrees: readonly number[]
}

/** The shape of a key on two rows, as a pupil can remember it. */
export interface KeyShape {
  readonly rows: readonly Row[]
  /** No accidental at all, or nothing else. */
  readonly straight: boolean
  readonly excursions: readonly Excursion[]
}

/** Stays on the accidentals round the octave, as degrees in order; one that runs over the tonic is whole. */
function staysRound(rows: readonly Row[]): number[][] {
  const first = rows.indexOf('naturals')
  const stays: number[][] = []
  for (let on = 0; on < rows.length; on++) {
    const degree = (first + on) % rows.length
    if (rows[degree] === 'naturals') continue
    const before = rows[(degree - 1 + rows.length) % rows.length]
    if (before === 'accidentals') stays.at(-1)!.push(degree)
    else stays.push([degree])
  }
  return stays.sort((a, b) => a[0]! - b[0]!)
}

/** What an octave, as semitones over the tonic, asks of the hands; the octave comes round again. */
export function keyShapeOf(tonic: number, semitones: readonly number[]): KeyShape {
  const rows = semitones.map((each) => rowOf((tonic + each) % 12))
  const straight = new Set(rows).size < 2
  const excursions = straight
    ? []
    : staysRound(rows).map((degrees): Excursion => ({
        kind: degrees.length > 1 ? 'out-and-stay' : 'out-and-back',
        degrees,
      }))
  return { rows, straight, excursions }
}
