import { fifthsOf, type Note, pitchClass } from '../pitch'
import type { Finger, LineNote } from '../study'
import { type BassButton, type BassRow, type Board, boardSpot, buttonsFor } from '../surface'
import type { Grasp, Press, CostListener, Touch } from './press'
import type { LeftSchoolId } from './settings'

/** Everything that a left hand on the bass board may cost; points, none negative. */
export const BASS_TERMS = [
  'columns',
  'from-tonic',
  'counterbass',
  'tonic-off-fundamental',
  'off-finger',
  'hand',
  'rows',
  'hop',
  'finger-change',
  'other-name',
  'spread',
] as const
export type BassTerm = (typeof BASS_TERMS)[number]
type BassCostListener = CostListener<BassTerm>

/**
 * A school of the left hand as data: what each finger costs on each row, the school's own finger nothing. Which finger is
 * whose is common practice; the rest and the weights are ours. The thumb holds the instrument and is never used.
 */
export interface LeftSchool {
  readonly id: LeftSchoolId
  readonly prefers: Readonly<Record<BassRow, Preference>>
  /** The same of the bass that takes turns with the root. */
  readonly alternate: Preference
}
type Preference = Readonly<Partial<Record<Finger, number>>>

export const LEFT_FINGERS: readonly Finger[] = [2, 3, 4, 5]

export const LEFT_SCHOOL_DATA: Readonly<Record<LeftSchoolId, LeftSchool>> = {
  'four-three': {
    id: 'four-three',
    alternate: { 2: 0, 4: 0.5, 3: 0.6, 5: 1.5 },
    prefers: {
      counterbass: { 5: 0, 3: 0.3, 2: 0.5, 4: 0.8 },
      fundamental: { 4: 0, 2: 0.4, 3: 0.5, 5: 1.5 },
      major: { 3: 0, 2: 0.4, 4: 1, 5: 2 },
      minor: { 3: 0, 2: 0.2, 4: 1, 5: 2 },
      seventh: { 2: 0, 3: 0.2, 4: 1.2, 5: 2 },
      diminished: { 2: 0, 3: 0.2, 4: 1.2, 5: 2 },
    },
  },
  'three-two': {
    id: 'three-two',
    alternate: { 3: 0, 2: 0.2, 4: 1, 5: 2 },
    prefers: {
      counterbass: { 4: 0, 2: 0.3, 3: 0.8, 5: 2 },
      fundamental: { 3: 0, 2: 0.4, 4: 1.5, 5: 3 },
      major: { 2: 0, 3: 0.6, 4: 1.5, 5: 2 },
      minor: { 2: 0, 3: 0.4, 4: 1.2, 5: 2 },
      seventh: { 2: 0, 3: 0.4, 4: 1.2, 5: 2 },
      diminished: { 2: 0, 3: 0.4, 4: 1.2, 5: 2 },
    },
  },
}

/**
 * Buttons are found first (columns between them and from the tonic's, fundamentals before counterbasses, the tonic on its
 * own fundamental), then fingers (the hand's own way, the school's finger, no finger hopping).
 */
const WEIGHTS: Readonly<Record<BassTerm, number>> = {
  columns: 10,
  'from-tonic': 2,
  counterbass: 12,
  'tonic-off-fundamental': 150,
  'off-finger': 4,
  hand: 4,
  rows: 1,
  hop: 6,
  'finger-change': 4,
  'other-name': 8,
  spread: 2,
}

/** Columns up the board at which the fourth finger lies when another finger is on a button: a finger to a column. */
export const handAt = ({ finger, button }: Press<BassButton>): number => boardSpot(button).along - (4 - finger)

/** Semitones apart in fifths from a counterbass's column to its note. */
const THIRD_IN_FIFTHS = 4

/** Whether a button bears the note's own name, not that of the same key spelled otherwise. */
const isNamed = ({ pitch }: LineNote, { row, column }: BassButton): boolean =>
  column === fifthsOf(pitch) - (row === 'counterbass' ? THIRD_IN_FIFTHS : 0)

/** The column of a tonic; of its twin, where the board ends before it. */
const homeOn = ({ from, to }: Board, tonic: Note): number => {
  const own = fifthsOf(tonic)
  return own > to ? own - ROUND : own < from ? own + ROUND : own
}
/** Fifths after which the keys come round. */
const ROUND = 12

/** Strokes that come over and over keep the school's fingers: so much dearer is it there to leave them. */
const HABIT = 3

/**
 * Left hand on a board under a school.
 * @param tonic the note that degrees count from; null where there is none
 * @param strokes whether it strikes basses and chords over and over, not a line
 */
export function bassTouch(
  board: Board,
  school: LeftSchool,
  tonic: Note | null,
  strokes = false,
): Touch<BassButton, BassTerm> {
  const termCost = (term: BassTerm, amount: number, onCost?: BassCostListener): number => {
    const cost = amount === 0 ? 0 : WEIGHTS[term] * amount
    if (cost > 0) onCost?.(term, cost)
    return cost
  }
  const isTonic = ({ pitch, chord }: LineNote): boolean =>
    tonic !== null && !chord && pitchClass(pitch) === pitchClass(tonic)
  const home = tonic && homeOn(board, tonic)
  const preference = ({ alternate }: LineNote, { row }: BassButton): Preference =>
    alternate && row === 'fundamental' ? school.alternate : school.prefers[row]
  const same = (a: BassButton, b: BassButton): boolean => a.row === b.row && a.column === b.column
  const middle = (grasp: Grasp<BassButton>): number =>
    grasp.reduce((sum, press) => sum + handAt(press), 0) / grasp.length
  const columnOf = (grasp: Grasp<BassButton>): number => grasp[0]!.button.column
  const acrossOf = (grasp: Grasp<BassButton>): number => boardSpot(grasp[0]!.button).across

  return {
    fingers: LEFT_FINGERS,
    buttonsFor: ({ pitch, chord }) => buttonsFor(board, pitch, chord),
    same,
    beside: () => true,
    one(notes, _, grasp, onCost) {
      const hands = grasp.map(handAt)
      return grasp.reduce(
        (sum, { finger, button }, voice) =>
          sum +
          termCost('off-finger', preference(notes[voice]!, button)[finger]! * (strokes ? HABIT : 1), onCost) +
          termCost('from-tonic', home === null ? 0 : Math.abs(button.column - home), onCost) +
          termCost('counterbass', button.row === 'counterbass' ? 1 : 0, onCost) +
          termCost('tonic-off-fundamental', isTonic(notes[voice]!) && button.row === 'counterbass' ? 1 : 0, onCost) +
          termCost('other-name', isNamed(notes[voice]!, button) ? 0 : 1, onCost),
        termCost('spread', Math.max(...hands) - Math.min(...hands), onCost),
      )
    },
    two(from, to, onCost) {
      const shaped = to.length > 1 && from.map(({ finger }) => finger).join() === to.map(({ finger }) => finger).join()
      const hops = to.filter(({ finger, button }) =>
        from.some((each) => each.finger === finger && !same(each.button, button)),
      )
      const changes = to.filter(({ finger, button }) =>
        from.some((each) => each.finger !== finger && same(each.button, button)),
      )
      return (
        termCost('columns', Math.abs(columnOf(to) - columnOf(from)), onCost) +
        termCost('hand', Math.abs(middle(to) - middle(from)), onCost) +
        termCost('rows', Math.abs(acrossOf(to) - acrossOf(from)), onCost) +
        termCost('hop', shaped ? 0 : hops.length, onCost) +
        termCost('finger-change', changes.length, onCost)
      )
    },
  }
}
