import type { Hand } from '#core/study'
import { allTrebleButtons, BUTTON_PITCH, buttonSpot, freeBassOf, trebleKeys, trebleOf } from '#core/surface'
import { buttonMarks, keyMarks, type MapMark } from './marks'
import type { AccordionStudy } from './study'

/** A finger on its key or button, where it stands. */
export interface TrebleMark extends Omit<MapMark<unknown>, 'spot'> {
  readonly x: number
  readonly y: number
  /** Whether it stands on a black key. */
  readonly dark: boolean
}
interface KeyBox {
  readonly midi: number
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}
interface ButtonDisc {
  readonly midi: number
  readonly row: number
  readonly x: number
  readonly y: number
  /** Keyboards of buttons mark their C, so that the eye finds a tonic. */
  readonly isC: boolean
}

/** A right hand's keyboard true to scale, in pixels: keys or buttons, never both. */
export interface TrebleMap {
  readonly width: number
  readonly height: number
  /** Of a button, and of the disc that bears a finger. */
  readonly radius: number
  readonly disc: number
  readonly whites: readonly KeyBox[]
  readonly blacks: readonly KeyBox[]
  readonly buttons: readonly ButtonDisc[]
  readonly marks: readonly TrebleMark[]
}

interface Frame {
  readonly width: number
  readonly step: number | null
  /** As one looks at the instrument, low notes by the chin; else as the hand finds it, low notes on the left. */
  readonly facing: boolean
  /** Whose buttons; the right hand's unless said. */
  readonly hand?: Hand
}

/** What of a key the fingers touch, mm; black keys are shorter. */
const KEY = { white: 74, black: 45 }
const RADIUS = 7.4
const PAD = 12
const SCALE = { hand: 1.15, keysFacing: 0.78, buttonsFacing: 1.15 }
const DISC = 8
/** Of a long keyboard only so much as is played, and some semitones around it, as the hand finds it. */
const AROUND = 5

/** A key or button in millimetres: along the keyboard toward the high notes, and in from its edge. */
interface Box {
  readonly midi: number
  readonly row: number
  readonly place: number
  readonly along: number
  readonly across: number
  readonly black: boolean
  readonly size: number
}

/** What a hand plays: the right hand's keyboard, or the left hand's free bass. */
const sideOf = ({ recipe: { accordion } }: AccordionStudy, hand: Hand) =>
  hand === 'left' ? freeBassOf(accordion.free) : trebleOf(accordion.treble)

function boxesOf(study: AccordionStudy, { facing, hand = 'right' }: Frame): Box[] {
  const { accordion } = study.recipe
  const treble = sideOf(study, hand)
  const played = study.hands[hand]?.midi ?? []
  const [low, high] = [Math.min(...played) - AROUND, Math.max(...played) + AROUND]
  const near = ({ midi }: { midi: number }): boolean => facing || (midi >= low && midi <= high)
  if (treble.plays === 'keys') {
    return trebleKeys(treble, accordion.keys)
      .filter(near)
      .map(({ midi, black, x, width }) => ({ midi, row: 0, place: 0, along: x, across: 0, black, size: width }))
  }
  return allTrebleButtons(treble)
    .filter(near)
    .map(({ midi, row, place }) => {
      const { x, y } = buttonSpot({ row, place })
      return { midi, row, place, along: x, across: y + RADIUS, black: false, size: 2 * RADIUS }
    })
}

/** How boxes become pixels. */
function placing(study: AccordionStudy, boxes: readonly Box[], { width, facing, hand = 'right' }: Frame) {
  const treble = sideOf(study, hand)
  const first = Math.min(...boxes.map(({ along, size }) => along - size / 2))
  const last = Math.max(...boxes.map(({ along, size }) => along + size / 2))
  const onKeys = treble.plays === 'keys'
  const deep = onKeys ? KEY.white : (treble.rows - 1) * BUTTON_PITCH.across + 2 * RADIUS
  const fits = Math.max(0, Math.min(SCALE.hand, (width - 2 * PAD) / (last - first)))
  const scale = facing ? (onKeys ? SCALE.keysFacing : SCALE.buttonsFacing) : fits
  const span = (last - first) * scale
  const size = facing ? { width: 2 * PAD + deep * scale, height: 2 * PAD + span } : { width, height: 6 + deep * scale }
  const left = facing ? PAD : (width - span) / 2
  const at = (along: number, across: number): { x: number; y: number } => {
    const on = (along - first) * scale
    const inward = across * scale
    return facing ? { x: PAD + inward, y: PAD + on } : { x: left + on, y: size.height - 3 - inward }
  }
  return { ...size, scale, onKeys, at }
}

/** The keys or buttons of a hand with its fingers; nothing to draw where it does not play. */
export function trebleMapOf(study: AccordionStudy, frame: Frame): TrebleMap {
  const { hand = 'right' } = frame
  const boxes = study.hands[hand] ? boxesOf(study, frame) : []
  const { at, scale, onKeys, width, height } = placing(study, boxes, frame)
  /** A key from the edge that the fingers touch inward; black keys begin farther in. */
  const keyBox = ({ midi, along, size, black }: Box): KeyBox => {
    const [from, to] = black ? [KEY.white - KEY.black, KEY.white] : [0, KEY.white]
    const [a, b] = [at(along - size / 2, from), at(along + size / 2, to)]
    return {
      midi,
      x: Math.min(a.x, b.x),
      y: Math.min(a.y, b.y),
      width: Math.abs(b.x - a.x),
      height: Math.abs(b.y - a.y),
    }
  }
  const spotOf = ({ along, across, black }: Box) =>
    onKeys ? at(along, black ? KEY.white - KEY.black + 8 : 8) : at(along, across)
  const spots = new Map(boxes.map((box) => [onKeys ? String(box.midi) : `${box.row} ${box.place}`, box]))
  const marked = onKeys
    ? keyMarks(study, frame.step).map((mark) => ({ mark, key: String(mark.spot) }))
    : buttonMarks(study, frame.step, hand).map((mark) => ({ mark, key: mark.spot.join(' ') }))
  return {
    ...{ width, height, radius: RADIUS * scale, disc: onKeys ? DISC : Math.min(DISC, RADIUS * scale) },
    whites: onKeys ? boxes.filter(({ black }) => !black).map(keyBox) : [],
    blacks: onKeys ? boxes.filter(({ black }) => black).map(keyBox) : [],
    buttons: onKeys
      ? []
      : boxes.map((box) => ({ midi: box.midi, row: box.row, ...spotOf(box), isC: box.midi % 12 === 0 })),
    marks: marked.flatMap(({ mark, key }): TrebleMark[] => {
      const box = spots.get(key)
      if (!box) return []
      const { index, step, finger, here } = mark
      return [{ index, step, finger, here, dark: box.black, ...spotOf(box) }]
    }),
  }
}
