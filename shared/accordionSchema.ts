import Joi from 'joi'
import {
  DEGREES,
  HARMONIES,
  LEFT_BOARDS,
  LEFT_PARTS,
  LEFT_SCHOOLS,
  MAX_BARS,
  MAX_BELLOWS_BEATS,
  REGISTERS,
  TURNS,
  WAYS,
} from '#core/buttons'
import {
  BASS_ROWS,
  BASSES,
  BOARD_COLUMNS,
  FREE_LOWEST,
  FREE_LOWS,
  FREE_NOTES,
  FREE_ROWS,
  FREE_SYSTEMS,
  KEY_WIDTHS,
  TREBLES,
} from '#core/surface'

const leftSchema = Joi.object({
  board: Joi.valid(...LEFT_BOARDS),
  part: Joi.valid(...LEFT_PARTS),
  school: Joi.valid(...LEFT_SCHOOLS),
  every: Joi.valid(1, 2),
  held: Joi.boolean(),
  harmony: Joi.valid(...HARMONIES),
  bars: Joi.array()
    .min(0)
    .max(MAX_BARS)
    .items(Joi.valid(...DEGREES)),
})
const bellowsSchema = Joi.object({
  turn: Joi.valid(...TURNS),
  beats: Joi.number().integer().min(1).max(MAX_BELLOWS_BEATS),
  first: Joi.valid(...WAYS),
})

const boardButton = Joi.object({
  row: Joi.valid(...BASS_ROWS).required(),
  column: Joi.number().integer().min(BOARD_COLUMNS.least).max(BOARD_COLUMNS.most).required(),
})
/** As many buttons as a board of all rows and columns would have. */
const MOST_BUTTONS = BASS_ROWS.length * (BOARD_COLUMNS.most - BOARD_COLUMNS.least + 1)

/** An accordion and its left hand; every field has a default. */
export const accordionSchema = Joi.object({
  treble: Joi.valid(...TREBLES),
  keys: Joi.valid(...Object.keys(KEY_WIDTHS)),
  registers: Joi.array()
    .min(1)
    .max(REGISTERS.length)
    .items(Joi.valid(...REGISTERS)),
  bass: Joi.valid(...BASSES),
  rows: Joi.array()
    .min(1)
    .max(BASS_ROWS.length)
    .items(Joi.valid(...BASS_ROWS)),
  columns: Joi.object({
    from: Joi.number().integer().min(BOARD_COLUMNS.least).max(0),
    to: Joi.number().integer().min(0).max(BOARD_COLUMNS.most),
  }),
  missing: Joi.array().max(MOST_BUTTONS).items(boardButton),
  free: Joi.object({
    system: Joi.valid(...FREE_SYSTEMS),
    rows: Joi.valid(...FREE_ROWS),
    lowest: Joi.number().integer().min(FREE_LOWEST.least).max(FREE_LOWEST.most),
    notes: Joi.number().integer().min(FREE_NOTES.least).max(FREE_NOTES.most),
    lows: Joi.valid(...FREE_LOWS),
  }),
  left: leftSchema,
  bellows: bellowsSchema,
})

const MAX_ROW = 5

const rowButton = Joi.array().ordered(
  Joi.number().integer().min(1).max(MAX_ROW).required(),
  Joi.number().multiple(0.5).min(-99).max(99).required(),
)

/** A button at a note: of the board by row and column, of buttons in rows by row and place. */
export const buttonPinSchema = Joi.object({
  hand: Joi.valid('right', 'left').required(),
  index: Joi.number().integer().min(0).max(9999).required(),
  button: Joi.when('hand', {
    is: 'left',
    then: Joi.alternatives(boardButton, rowButton),
    otherwise: rowButton,
  }).required(),
})
