/**
 * Buttons: fingers on the buttons of an accordion. The right hand on three to five rows, the left on the bass board; what
 * each costs is data of a school, and both are solved over every button and finger at once, with reasons and other ways.
 */
export { type BassAlternative, type BassFingering, fingerBass, type NamedButton } from './bassLine'
export type { BassReason } from './bassReasons'
export { bassTouch, type BassTerm, BASS_TERMS, handAt, LEFT_FINGERS, LEFT_SCHOOL_DATA } from './bassTouch'
export { type ButtonErrors, type ButtonMessages, buttonsError, buttonsMessage } from './messages'
export { type BassButtonPin, type ButtonPin, isButtonPin, isRowPin, type RowButtonPin } from './pin'
export { checkedBassButton, checkedButtonPin } from './checkedPin'
export { pinnedButton } from './pins'
export { type Grasp, type Press, pressingOf, pressProblem, solvePresses, type Touch } from './press'
export {
  type AccordionPin,
  type AccordionRecipe,
  type AccordionSettings,
  type BellowsSettings,
  BUTTON_SCHOOLS,
  type ButtonSchoolId,
  type Degree,
  DEGREES,
  HARMONIES,
  KEY_SCHOOLS,
  type KeySchoolId,
  LEFT_PARTS,
  LEFT_SCHOOLS,
  type LeftPart,
  type LeftSchoolId,
  type LeftSettings,
  MAX_BARS,
  MAX_BELLOWS_BEATS,
  type Register,
  REGISTERS,
  TURNS,
  LEFT_BOARDS,
  type LeftBoard,
  type Way,
  WAYS,
} from './settings'
export { fingerButtons } from './trebleLine'
export { basesOn, BUTTON_SCHOOL_DATA, shapeRow, trebleTouch, TREBLE_TERMS } from './trebleTouch'
