import { type BassButton, boardSpot, isChordRow } from '#core/surface'
import type { System } from '#engraving'
import type { AccordionStudy } from './study'

/** A button of the left hand in time: a round for a bass, a square for a chord; a counterbass is underlined. */
export interface LaneMark {
  readonly index: number
  readonly step: number
  readonly x: number
  readonly y: number
  readonly finger: number
  readonly shape: 'bass' | 'counterbass' | 'chord'
  readonly pinned: boolean
}

const PAD = 15
const CHORD_ROOM = 30
/** Pixels from one column to the next at the most. */
const WIDEST = 26

/** Where the left hand's buttons stand under the stair: chords in one line, basses by their columns, to the chin upward. */
export function laneOf({ bass }: AccordionStudy, { from, columns }: System, top: number, height: number): LaneMark[] {
  if (!bass) return []
  const { buttons, fingers, notes, pinned } = bass
  const basses = buttons.filter(({ row }) => !isChordRow(row))
  const along = basses.map((button) => boardSpot(button).along)
  const [least, most] = [Math.min(...along), Math.max(...along)]
  const chords = buttons.some(({ row }) => isChordRow(row))
  const room = height - 2 * PAD - (chords ? CHORD_ROOM : 0)
  const used = Math.min(room, WIDEST * (most - least))
  // alone, the basses stand in the middle of their room
  const low = top + height - PAD - (chords ? 0 : (room - used) / 2)
  const yOf = (button: BassButton): number =>
    isChordRow(button.row)
      ? top + PAD
      : low - (most > least ? ((boardSpot(button).along - least) / (most - least)) * used : 0)
  const fixed = new Set(pinned.map(({ index }) => index))
  return notes.flatMap(({ step }, index): LaneMark[] => {
    const x = columns[step - from]
    if (x === undefined) return []
    const button = buttons[index]!
    const shape = isChordRow(button.row) ? 'chord' : button.row === 'counterbass' ? 'counterbass' : 'bass'
    return [{ index, step, x, y: yOf(button), finger: fingers[index]!, shape, pinned: fixed.has(index) }]
  })
}
