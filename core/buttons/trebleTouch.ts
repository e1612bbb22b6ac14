import type { Finger } from '../study'
import { type ButtonTreble, type TrebleButton, trebleButtons } from '../surface'
import type { Grasp, Press, CostListener, Touch } from './press'
import type { ButtonSchoolId } from './settings'

/** Everything that a right hand on buttons may cost; points, none negative. */
export const TREBLE_TERMS = [
  'off-row',
  'little-finger-inside',
  'little-finger',
  'tonic-off-base',
  'outside-shape',
  'row-crossing',
  'thumb-pass',
  'finger-pass',
  'finger-again',
  'finger-change',
  'stretch',
  'travel',
  'other-octave',
] as const
export type TrebleTerm = (typeof TREBLE_TERMS)[number]
type TrebleCostListener = CostListener<TrebleTerm>

/**
 * A school of the right hand on buttons as data: which finger lies on which of three rows, and what it costs to leave
 * that. By rows is common practice; the weights are ours.
 */
export interface ButtonSchool {
  readonly id: ButtonSchoolId
  readonly fingers: readonly Finger[]
  /** The row of each finger, counted along the semitones from the shape's first row; a finger without one helps out. */
  readonly home: Readonly<Partial<Record<Finger, number>>>
  readonly weights: Readonly<Record<TrebleTerm, number>>
  /** The low notes lie under the little finger. */
  readonly reversed?: true
}

const WEIGHTS: Readonly<Record<TrebleTerm, number>> = {
  'off-row': 10,
  'little-finger-inside': 80,
  'little-finger': 25,
  'tonic-off-base': 300,
  'outside-shape': 60,
  'row-crossing': 10,
  'thumb-pass': 40,
  'finger-pass': 120,
  'finger-again': 300,
  'finger-change': 120,
  stretch: 30,
  travel: 1,
  'other-octave': 200,
}

export const BUTTON_SCHOOL_DATA: Readonly<Record<ButtonSchoolId, ButtonSchool>> = {
  'four-fingers': { id: 'four-fingers', fingers: [2, 3, 4, 5], home: { 2: 0, 3: 1, 4: 2 }, weights: WEIGHTS },
  'with-thumb': { id: 'with-thumb', fingers: [1, 2, 3, 4, 5], home: { 1: 0, 2: 1, 3: 2 }, weights: WEIGHTS },
}

/** A left hand on free bass: without its thumb, the rows to the fingers as on the right, or the other way about. */
export const FREE_BASS_SCHOOLS: Readonly<Record<'chin' | 'floor', ButtonSchool>> = {
  chin: BUTTON_SCHOOL_DATA['four-fingers'],
  floor: { ...BUTTON_SCHOOL_DATA['four-fingers'], home: { 4: 0, 3: 1, 2: 2 }, reversed: true },
}

/** Rows that one shape lies on. */
export const SHAPE_ROWS = 3

/** Where shapes of three rows can begin on a keyboard, counted from the outermost row, 0. */
export const basesOn = ({ rows }: Pick<ButtonTreble, 'rows'>): number[] =>
  Array.from({ length: rows - SHAPE_ROWS + 1 }, (_, base) => base)

/** A button's row within a shape, along the semitones: inward in the C-system, outward in the B-system. */
export function shapeRow({ system }: Pick<ButtonTreble, 'system'>, base: number, { row }: TrebleButton): number {
  const inward = row - 1 - base
  return system === 'c' ? inward : SHAPE_ROWS - 1 - inward
}

/** How far from its row a finger costs more; more rows are not much worse than one. */
const OFF_ROW = [0, 2, 2.5, 3, 3.5]
/** The fourth finger beside a thumb has no row; it lies nearest the third. */
const HELPING = 2.2

/** Buttons along a row that two fingers reach in their natural order, for each finger between and themselves. */
const REACH = 1.6
/** Buttons along a row over which a thumb or finger passes. */
const PASS_REACH = 1.5

/** Whether fingers follow on one another as notes rise; the other way where low notes lie the other way about. */
const follows = ({ reversed }: ButtonSchool, low: Finger, high: Finger): boolean => (reversed ? low > high : low < high)

/** Right hand on buttons under a school, the shape beginning on one row. */
export function trebleTouch(
  treble: Pick<ButtonTreble, 'system' | 'rows'>,
  school: ButtonSchool,
  base: number,
  tonal: boolean,
): Touch<TrebleButton, TrebleTerm> {
  const { home, weights } = school
  const termCost = (term: TrebleTerm, amount: number, onCost?: TrebleCostListener): number => {
    const cost = amount === 0 ? 0 : weights[term] * amount
    if (cost > 0) onCost?.(term, cost)
    return cost
  }
  const rowOf = (button: TrebleButton): number => shapeRow(treble, base, button)
  const atHome = ({ finger, button }: Press<TrebleButton>): boolean => home[finger] === rowOf(button)
  const offRow = ({ finger, button }: Press<TrebleButton>): number => {
    const own = home[finger]
    const row = rowOf(button)
    if (own !== undefined) return OFF_ROW[Math.min(4, Math.abs(row - own))]!
    return finger === 4 ? HELPING + 0.3 * Math.abs(row - 2) : 0
  }
  const outside = (button: TrebleButton): number => {
    const row = rowOf(button)
    return Math.max(0, -row, row - (SHAPE_ROWS - 1))
  }
  const handAt = ({ finger, button }: Press<TrebleButton>): number =>
    button.place - ((school.reversed ? 6 - finger : finger) - 1) / 2

  function pair(a: Press<TrebleButton>, b: Press<TrebleButton>, onCost?: TrebleCostListener): number {
    const same = a.button.row === b.button.row && a.button.place === b.button.place
    if (same) return a.finger === b.finger ? 0 : termCost('finger-change', 1, onCost)
    if (a.finger === b.finger) return termCost('finger-again', 1, onCost)
    const [low, high] = a.button.midi <= b.button.midi ? [a, b] : [b, a]
    const along = high.button.place - low.button.place
    const natural = follows(school, low.finger, high.finger)
    const travel = termCost('travel', Math.abs(handAt(a) - handAt(b)), onCost)
    if (natural) {
      return travel + termCost('stretch', Math.max(0, along - REACH * Math.abs(high.finger - low.finger)), onCost)
    }
    const far = termCost('stretch', Math.max(0, along - PASS_REACH), onCost)
    if (atHome(a) && atHome(b)) return travel + far + termCost('row-crossing', along > 0 ? 1 : 0.5, onCost)
    const thumb = a.finger === 1 || b.finger === 1
    return travel + far + termCost(thumb ? 'thumb-pass' : 'finger-pass', 1, onCost)
  }

  return {
    fingers: school.fingers,
    buttonsFor: ({ midi }) => trebleButtons(treble, midi),
    same: (a, b) => a.row === b.row && a.place === b.place,
    // in a chord higher notes lie under fingers nearer the little one
    beside: (lower, higher) => follows(school, lower.finger, higher.finger),
    one(notes, step, grasp, onCost) {
      return grasp.reduce((sum, press, voice) => {
        const little = press.finger === 5
        const inside = little && !step.end && grasp.length === 1
        const off = tonal && treble.rows > SHAPE_ROWS && notes[voice]!.degree === 0 && rowOf(press.button) !== 0
        return (
          sum +
          termCost('off-row', offRow(press), onCost) +
          termCost('little-finger-inside', inside ? 1 : 0, onCost) +
          termCost('little-finger', little && !inside ? 1 : 0, onCost) +
          termCost('tonic-off-base', off ? 1 : 0, onCost) +
          termCost('outside-shape', outside(press.button), onCost) +
          (voice > 0 ? pair(grasp[voice - 1]!, press, onCost) : 0)
        )
      }, 0)
    },
    // double notes move voice by voice; where their number changes, by the outer ones
    two(from, to, onCost) {
      const voices =
        from.length === to.length ? from.map((press, voice) => [press, to[voice]!] as const) : outer(from, to)
      return voices.reduce((sum, [a, b]) => sum + pair(a, b, onCost), 0) / Math.max(1, voices.length)
    },
  }
}

const outer = (from: Grasp<TrebleButton>, to: Grasp<TrebleButton>) => [[from[0]!, to[0]!] as const]
