import type { Hand } from '#core/study'
import { type Key, keyAt } from '#core/surface'
import { type FingerStudy, handsIn } from './study'

/** A finger on its key. */
export interface KeyMark {
  readonly hand: Hand
  /** The note in the hand's line that the mark stands for. */
  readonly index: number
  readonly step: number
  readonly midi: number
  readonly finger: number
  /** Whether it sounds at the step that is looked at. */
  readonly here: boolean
  /** Middle of its baseline. */
  readonly x: number
  readonly y: number
}

interface KeyBox {
  readonly midi: number
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The keyboard true to scale, in pixels. */
export interface PianoMap {
  readonly lowest: number
  readonly highest: number
  readonly height: number
  readonly whites: readonly KeyBox[]
  readonly blacks: readonly KeyBox[]
  readonly marks: readonly KeyMark[]
}

const MARGIN = 6
const WIDEST = 0.8
/** Millimetres of a key that are drawn: the far ends are left out. */
const SHOWN = 92

/** Whole octaves around what is played, so that the pattern of blacks can be read. */
function keysAround(study: FingerStudy): Key[] {
  const played = handsIn(study).flatMap((hand) => study.hands[hand]!.midi)
  const from = Math.max(21, 12 * Math.floor(Math.min(...played) / 12))
  const to = Math.min(108, 12 * Math.ceil((Math.max(...played) + 1) / 12) - 1)
  return Array.from({ length: to - from + 1 }, (_, at) => keyAt(from + at))
}

/** Notes of a hand that are shown at a step: each key once, as the last leg begun has it; what sounds now comes first. */
function shownNotes(study: FingerStudy, hand: Hand, step: number | null): number[] {
  const { notes } = study.hands[hand]!
  const { leg } = notes.findLast((note) => note.step <= Math.max(1, step ?? 0)) ?? notes[0]!
  const byKey = new Map<number, number>()
  notes.forEach((note, index) => {
    if (note.leg === leg && !byKey.has(note.midi)) byKey.set(note.midi, index)
  })
  if (step !== null) notes.forEach((note, index) => note.step === step && byKey.set(note.midi, index))
  return [...byKey.values()]
}

/** The keys of a study in a width, with each key's finger going up (or down, where the step lies on the way down). */
export function pianoMapOf(study: FingerStudy, width: number, step: number | null): PianoMap {
  const keys = keysAround(study)
  const left = keys[0]!.x - keys[0]!.width / 2
  const span = keys.at(-1)!.x + keys.at(-1)!.width / 2 - left
  const scale = Math.max(0, Math.min(WIDEST, (width - 2 * MARGIN) / span))
  const offset = (width - span * scale) / 2
  const boxOf = (key: Key): KeyBox => ({
    midi: key.midi,
    ...{ x: offset + (key.x - key.width / 2 - left) * scale, y: 0 },
    ...{ width: key.width * scale, height: (SHOWN - key.near) * scale },
  })
  const markOf = (hand: Hand, index: number): KeyMark => {
    const { notes, fingers } = study.hands[hand]!
    const { midi, step: own } = notes[index]!
    const key = keyAt(midi)
    const low = (SHOWN - key.near) * scale - 5
    return {
      ...{ hand, index, step: own, midi, finger: fingers[index]!, here: step !== null && own === step },
      x: offset + (key.x - left) * scale,
      y: hand === 'right' && study.hands.left ? low - 14 : low,
    }
  }
  return {
    ...{ lowest: keys[0]!.midi, highest: keys.at(-1)!.midi, height: SHOWN * scale },
    whites: keys.filter(({ black }) => !black).map(boxOf),
    blacks: keys.filter(({ black }) => black).map(boxOf),
    marks: handsIn(study).flatMap((hand) => shownNotes(study, hand, step).map((index) => markOf(hand, index))),
  }
}
