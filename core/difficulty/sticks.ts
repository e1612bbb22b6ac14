import type { Sticking } from '../sticking'
import { isBlack } from '../surface'
import { doublesOf, leapsOf, lengthOf, stepsOf } from './hands'
import { type Measures, rising } from './measures'

/** A line of sticks as difficulty needs it. */
export type StickPart = Pick<Sticking, 'count' | 'rowMoves' | 'roll' | 'mallets' | 'damped' | 'mixedRows'> & {
  readonly notes: readonly { readonly step: number; readonly midi: number; readonly degree: number }[]
}

const OCTAVE = 12
/** How often it has to happen in a line for a measure to stand at a half, and strokes of a roll a second (ours). */
const HALF = { crossed: 8, doubled: 8, rows: 24, rolls: 12, damped: 12 }
/** A step over which one stick reaches across the other, where it is narrow; a bar that a mallet has to come for to stop (ours). */
const [MILD, FOLLOWS] = [1 / 3, 4]

/** What a line of sticks asks: counted over the whole of it, so that a longer line is never easier. */
export function stickMeasures(part: StickPart): Measures {
  const { notes, count, rowMoves, roll, mallets, damped, mixedRows } = part
  const classes = [...new Set(notes.map(({ midi }) => midi % OCTAVE))]
  const followed = damped.filter(({ follows }) => follows).length
  const line = { notes, fingers: [], crossings: [] }
  return {
    someBlacks: classes.filter(isBlack).length / classes.length,
    ...leapsOf(line),
    ...doublesOf(stepsOf(line)),
    ...lengthOf(line),
    crossed: rising(count.hard + MILD * count.mild, HALF.crossed),
    doubled: rising(count.doubles, HALF.doubled),
    rows: rising(rowMoves.length + mixedRows.length, HALF.rows),
    fourMallets: mallets ? 1 : 0,
    rolls: roll ? rising(roll.perSecond, HALF.rolls) : 0,
    damped: rising(damped.length + FOLLOWS * followed, HALF.damped),
  }
}
