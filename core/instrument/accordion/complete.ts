import {
  type AccordionRecipe,
  type AccordionSettings,
  BUTTON_SCHOOLS,
  checkedButtonPin,
  DEGREES,
  HARMONIES,
  KEY_SCHOOLS,
  LEFT_BOARDS,
  LEFT_PARTS,
  type LeftBoard,
  LEFT_SCHOOLS,
  type LeftPart,
  type LeftSettings,
  MAX_BARS,
  MAX_BELLOWS_BEATS,
  buttonsError,
  REGISTERS,
  TURNS,
  WAYS,
} from '../../buttons'
import { CHROMATICS, FIRST_FINGERS, HAND_SIZES } from '../../fingering'
import { type Kind, KINDS } from '../../material'
import {
  type Common,
  type CommonInput,
  type CommonRecipe,
  isFree,
  oneOf,
  partOf,
  someOf,
  studyError,
  whole,
} from '../../study'
import {
  DEFAULT_FREE,
  FREE_LOWEST,
  FREE_LOWS,
  FREE_NOTES,
  FREE_ROWS,
  FREE_SYSTEMS,
  type FreeBass,
  KEY_WIDTHS,
  trebleOf,
  TREBLES,
} from '../../surface'
import { stickingError } from '../../sticking'
import { checkedPins } from '../pins'
import { completeBoard } from './board'
import { tonicRow } from './harmony'

type Own = { readonly accordion?: unknown } & Partial<Record<'firstFinger' | 'chromatic' | 'handSize', unknown>>
const ownOf = (input: CommonInput): Own => input as Own

const PLAIN_LEFT = {
  board: 'standard',
  part: undefined as unknown,
  school: 'four-three',
  every: 1,
  held: false,
  harmony: 'tonic',
  bars: [] as unknown,
}
/** Two octaves open on the way up and close on the way down. */
const PLAIN_BELLOWS = { turn: 'top', beats: 8, first: 'opening' }
const PLAIN = {
  treble: 'keys-41',
  keys: 'full',
  registers: ['8'] as unknown,
  bass: 120,
  rows: undefined as unknown,
  columns: undefined as unknown,
  missing: [] as unknown,
  free: {} as unknown,
  left: {} as unknown,
  bellows: {} as unknown,
}

const kindOf = (material: CommonRecipe['material']): Kind | null => (isFree(material) ? null : KINDS[material.kind])

/** What the left hand does, where nothing is said: the bass scale alone; under a scale, alternating bass if it has a chord. */
export function usualPart(hands: Common['hands'], kind: Kind | null, board: LeftBoard): LeftPart {
  if (hands === 'right') return 'none'
  // single notes in real octaves: the line itself
  if (board === 'free') return 'scale'
  if (hands === 'left' && kind?.second) return tonicRow(kind) ? 'alternating' : 'scale'
  if (hands === 'left') return kind?.texture === 'cadence' ? 'cadence' : 'scale'
  if (!kind) return 'none'
  if (kind.texture === 'cadence') return 'cadence'
  return tonicRow(kind) ? 'alternating' : kind.second ? 'none' : 'scale'
}

/** Whether the board can play material so: one note at a time for a scale, a chord of its own for strokes. */
export function takesPart(material: CommonRecipe['material'], part: LeftPart, board: LeftBoard = 'standard'): boolean {
  const kind = kindOf(material)
  if (part === 'none') return true
  if (board === 'free') return part === 'scale'
  if (part === 'held-bass') return kind !== null && kind.texture === 'run'
  if (part === 'scale') return kind ? !kind.second && kind.texture !== 'cadence' : true
  return kind !== null && tonicRow(kind) !== null
}

/** @throws DomainError where the board cannot play such material so */
function checkPart(part: LeftPart, material: CommonRecipe['material'], board: LeftBoard): void {
  if (takesPart(material, part, board)) return
  throw buttonsError('left.material', { part }, 'accordion.left.part')
}

function completeLeft(value: unknown, hands: Common['hands'], material: Common['material']): LeftSettings {
  const path = 'accordion.left'
  const given = partOf(value, PLAIN_LEFT, path)
  const board = oneOf(given.board, LEFT_BOARDS, `${path}.board`)
  const requested =
    given.part === undefined ? usualPart(hands, kindOf(material), board) : oneOf(given.part, LEFT_PARTS, `${path}.part`)
  const part = hands === 'right' ? 'none' : requested
  if (hands === 'left' && part === 'none') throw buttonsError('left.none', {}, `${path}.part`)
  if (hands === 'left' && part === 'held-bass') throw buttonsError('left.held', {}, `${path}.part`)
  checkPart(part, material, board)
  const harmony = oneOf(given.harmony, HARMONIES, `${path}.harmony`)
  const { bars } = given
  if (!Array.isArray(bars))
    throw studyError('field.unknown', { field: `${path}.bars`, of: 'list', among: '' }, `${path}.bars`)
  if (bars.length > MAX_BARS) {
    throw studyError('field.range', { field: `${path}.bars`, of: 'whole', least: 0, most: MAX_BARS }, `${path}.bars`)
  }
  if (harmony === 'own' && bars.length === 0) throw buttonsError('bars.empty', {}, `${path}.bars`)
  if (typeof given.held !== 'boolean') {
    throw studyError('field.unknown', { field: `${path}.held`, of: 'choice', among: 'true, false' }, `${path}.held`)
  }
  return {
    board,
    part,
    school: oneOf(given.school, LEFT_SCHOOLS, `${path}.school`),
    every: oneOf(given.every, [1, 2] as const, `${path}.every`),
    held: given.held,
    harmony,
    bars: bars.map((each, at) => oneOf(each, DEGREES, `${path}.bars[${at}]`)),
  }
}

/** The free bass that a converter gives. @throws DomainError naming the field */
function completeFree(value: unknown): FreeBass {
  const path = 'accordion.free'
  const { system, rows, lowest, notes, lows } = partOf(value, DEFAULT_FREE, path)
  return {
    system: oneOf(system, FREE_SYSTEMS, `${path}.system`),
    rows: oneOf(rows, FREE_ROWS, `${path}.rows`),
    lowest: whole(lowest, FREE_LOWEST.least, FREE_LOWEST.most, `${path}.lowest`),
    notes: whole(notes, FREE_NOTES.least, FREE_NOTES.most, `${path}.notes`),
    lows: oneOf(lows, FREE_LOWS, `${path}.lows`),
  }
}

/** The instrument and its left hand, with defaults. @throws DomainError naming the field */
function completeSettings(value: unknown, hands: Common['hands'], material: Common['material']): AccordionSettings {
  const given = partOf(value, PLAIN, 'accordion')
  const bellows = partOf(given.bellows, PLAIN_BELLOWS, 'accordion.bellows')
  const registers = someOf(given.registers, REGISTERS, 'accordion.registers')
  if (registers.length === 0) {
    const field = 'accordion.registers'
    throw studyError('field.unknown', { field, of: 'choice', among: REGISTERS.join(', ') }, field)
  }
  return {
    treble: oneOf(given.treble, TREBLES, 'accordion.treble'),
    keys: oneOf(given.keys, Object.keys(KEY_WIDTHS) as (keyof typeof KEY_WIDTHS)[], 'accordion.keys'),
    registers: REGISTERS.filter((each) => registers.includes(each)),
    ...completeBoard(given),
    free: completeFree(given.free),
    left: completeLeft(given.left, hands, material),
    bellows: {
      turn: oneOf(bellows.turn, TURNS, 'accordion.bellows.turn'),
      beats: whole(bellows.beats, 1, MAX_BELLOWS_BEATS, 'accordion.bellows.beats'),
      first: oneOf(bellows.first, WAYS, 'accordion.bellows.first'),
    },
  }
}

/** Piano schools on keys, by rows on buttons; the first of each is usual. @throws DomainError naming the school */
function schoolFor(school: unknown, treble: AccordionSettings['treble']): AccordionRecipe['school'] {
  const { plays } = trebleOf(treble)
  const among: readonly AccordionRecipe['school'][] = plays === 'keys' ? KEY_SCHOOLS : BUTTON_SCHOOLS
  if (school === undefined) return among[0]!
  const found = among.find((each) => each === school)
  if (found) return found
  throw buttonsError('treble.school', { school: String(school).slice(0, 40), among: among.join(', '), plays }, 'school')
}

/** @throws DomainError where the hands are asked for what a bass board has not: octaves of its own */
function checkHands({ motion, interval, pattern, rhythm }: Common): void {
  if (rhythm.ladder === 'strokes') throw stickingError('rhythm.ladder', { why: 'sticks-only' }, 'rhythm.ladder')
  if (motion !== 'similar') throw buttonsError('hands.accordion', { field: 'motion' }, 'motion')
  if (interval !== 'octave') throw buttonsError('hands.accordion', { field: 'interval' }, 'interval')
  if (pattern.accompaniment !== 'none') {
    throw buttonsError('hands.accordion', { field: 'accompaniment' }, 'pattern.accompaniment')
  }
}

const requestedOf = (input: CommonInput, field: 'part' | 'board'): unknown => {
  const { accordion } = ownOf(input)
  const left = (accordion as { left?: Partial<Record<'part' | 'board', unknown>> } | undefined)?.left
  return typeof left === 'object' ? left?.[field] : undefined
}
const isFreeBoard = (input: CommonInput): boolean => requestedOf(input, 'board') === 'free'

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null

/** A tonic held under the right hand is a root that the board holds: that is said of its left part. */
function heldOnBoard(input: CommonInput): CommonInput {
  const { accordion } = ownOf(input)
  const left = isObject(accordion) && 'left' in accordion && isObject(accordion.left) ? accordion.left : {}
  const own = isObject(accordion) ? accordion : {}
  return { ...input, accordion: { ...own, left: { ...left, part: 'held-bass' } } } as CommonInput
}

/** Everything of an accordion's recipe. @throws DomainError naming the field */
export function complete(input: CommonInput, common: Common, instrument: 'accordion'): AccordionRecipe {
  const { pattern } = common
  if (common.hands === 'together' && pattern.accompaniment === 'held-tonic') {
    return complete(heldOnBoard(input), { ...common, pattern: { ...pattern, accompaniment: 'none' } }, instrument)
  }
  checkHands(common)
  const { material } = common
  const kind = kindOf(material)
  // without a left hand's part the right hand plays alone
  const part = requestedOf(input, 'part')
  const board = isFreeBoard(input) ? 'free' : 'standard'
  const silent = part === 'none' || (part === undefined && usualPart(common.hands, kind, board) === 'none')
  const hands = common.hands === 'together' && silent ? 'right' : common.hands
  const { accordion, firstFinger, chromatic, handSize } = ownOf(input)
  const settings = completeSettings(accordion, hands, material)
  // a board sounds one octave: more is a choice, and the board comes round again
  const onBoard = hands === 'left' && settings.left.board === 'standard'
  return {
    ...common,
    instrument,
    hands,
    ...(onBoard && input.octaves === undefined ? { octaves: 1 } : {}),
    school: schoolFor(input.school, settings.treble),
    firstFinger: oneOf(firstFinger ?? 'usual', FIRST_FINGERS, 'firstFinger'),
    chromatic: oneOf(chromatic ?? 'one-three', CHROMATICS, 'chromatic'),
    handSize: oneOf(handSize ?? 'average', HAND_SIZES, 'handSize'),
    accordion: settings,
    pins: checkedPins(input, checkedButtonPin),
  }
}
