import type { Solution } from '../solver'
import type { ButtonTreble, TrebleButton } from '../surface'
import type { Grasp, Press, Pressing } from './press'
import { type ButtonSchool, shapeRow, type TrebleTerm } from './trebleTouch'

/** A line with its shape on three of the rows. */
export interface Shape {
  readonly treble: Pick<ButtonTreble, 'system' | 'rows'>
  readonly school: ButtonSchool
  /** The shape's first row from the edge in, the outermost being 0. */
  readonly base: number
  readonly pressing: Pressing<TrebleButton, TrebleTerm>
}
/** The same, solved. */
export interface Shaped extends Shape {
  readonly found: Solution<Grasp<TrebleButton>>
}

/** Whether a finger lies on the row that the school gives it. */
export const atHome = ({ base, treble, school }: Shape, { finger, button }: Press<TrebleButton>): boolean =>
  school.home[finger] === shapeRow(treble, base, button)
