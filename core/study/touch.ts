import type { Message } from '../message'
import { oneOf } from './checks'
import { studyError, studyMessage } from './messages'
import { type Articulation, ARTICULATIONS, type HandTouch } from './articulation'
import type { CommonInput, CommonRecipe, Hands } from './recipe'

/** Touch of a recipe as it may have been stored: before hands had touches of their own there was no such field. */
type Touched = { readonly articulation: Articulation; readonly touch?: HandTouch | null }

const HANDS_TOUCHED = ['right', 'left'] as const
const isHand = (player: string): player is 'right' | 'left' => (HANDS_TOUCHED as readonly string[]).includes(player)

/** How a hand's notes are joined. @param player a hand, or whoever plays for both */
export const touchOf = ({ articulation, touch }: Touched, player: string): Articulation =>
  touch && isHand(player) ? touch[player] : articulation

/** “legato”; “right hand staccato, left hand legato”. */
export const touchMessage = ({ articulation, touch }: Touched): Message =>
  touch ? studyMessage('touch.by-hand', touch) : studyMessage('touch', { touch: articulation })

/** Whether both are played with the same touch, hand by hand. */
export const touchedAlike = (one: Touched, other: Touched): boolean =>
  HANDS_TOUCHED.every((hand) => touchOf(one, hand) === touchOf(other, hand))

/**
 * The touch of the hands that play: one for both of them, or for each its own, where `articulation` is the right hand's.
 * A hand that has none of its own takes the one for both.
 * @throws DomainError `touch`, `touch.right`, `touch.left`, `articulation`
 */
export function completeTouch(input: CommonInput, hands: Hands): Pick<CommonRecipe, 'articulation' | 'touch'> {
  const shared = oneOf(input.articulation ?? 'legato', ARTICULATIONS, 'articulation')
  const own = input.touch ?? {}
  if (typeof own !== 'object' || Array.isArray(own))
    throw studyError('field.missing', { field: 'touch.right' }, 'touch')
  const [right, left] = HANDS_TOUCHED.map((hand) => oneOf(own[hand] ?? shared, ARTICULATIONS, `touch.${hand}`))
  if (hands !== 'together') return { articulation: hands === 'right' ? right! : left!, touch: null }
  return { articulation: right!, touch: right === left ? null : { right: right!, left: left! } }
}
