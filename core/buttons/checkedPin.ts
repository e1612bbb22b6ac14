import { checkedPin as checkedFinger, type Pin } from '../fingering'
import { MAX_NOTES, oneOf, studyError, whole } from '../study'
import { BASS_ROWS, type BassButton, BOARD_COLUMNS } from '../surface'
import { buttonsError } from './messages'
import { type ButtonPin, isButtonPin, type RowButtonPin } from './pin'

function rowButton(value: unknown, path: string): RowButtonPin['button'] {
  const [row, place] = Array.isArray(value) ? (value as unknown[]) : []
  if (typeof place !== 'number' || !Number.isInteger(2 * place)) {
    throw studyError('field.unknown', { field: path, of: 'choice', among: '[row, place]' }, path)
  }
  return [whole(row, 1, 5, `${path}[0]`), place]
}

/** A button of the bass board. @throws DomainError naming its row or column */
export function checkedBassButton(value: unknown, path: string): BassButton {
  const { row, column } = (typeof value === 'object' && value !== null ? value : {}) as Partial<BassButton>
  return {
    row: oneOf(row, BASS_ROWS, `${path}.row`),
    column: whole(column, BOARD_COLUMNS.least, BOARD_COLUMNS.most, `${path}.column`),
  }
}

/** Checks a pin's own fields, be it of a finger or of a button. @throws DomainError */
export function checkedButtonPin(value: Pin | ButtonPin, at: number): Pin | ButtonPin {
  const path = `pins[${at}]`
  if (typeof value !== 'object' || value === null || !isButtonPin(value)) {
    const pin = checkedFinger(value as Pin, at)
    const thumb = pin.hand === 'left' && ('fingers' in pin ? pin.fingers : [pin.finger]).includes(1)
    if (thumb) throw buttonsError('left.thumb', {}, `${path}.${'fingers' in pin ? 'fingers' : 'finger'}`)
    return pin
  }
  const hand = oneOf(value.hand, ['right', 'left'] as const, `${path}.hand`)
  const index = whole(value.index, 0, MAX_NOTES, `${path}.index`)
  const button: unknown = value.button
  // the left hand's are named as the board's or as a free bass's, whichever it plays
  return hand === 'right' || Array.isArray(button)
    ? { hand, index, button: rowButton(button, `${path}.button`) }
    : { hand, index, button: checkedBassButton(button, `${path}.button`) }
}
