import type { LineNote } from '../study'
import { byStep, type HandPart } from '../together'
import { lengthOf } from './hands'
import { type Measures, rising } from './measures'

/** The left hand of an accordion as difficulty needs it. */
export interface BoardPart extends Pick<HandPart, 'fingers'> {
  readonly notes: readonly Pick<LineNote, 'step' | 'midi' | 'degree' | 'repeat' | 'chord'>[]
  readonly leaps: readonly number[]
}

/** Buttons besides the first, leaps to a step, and different pairs of fingers besides the first, at which a measure stands at a half (ours). */
const HALF = { buttons: 6, leaps: 0.25, pairs: 6 }

/** The left hand's buttons: none of them is black, its leaps over the board count as crossings do. */
export function boardMeasures({ notes, leaps }: BoardPart): Measures {
  const steps = new Set(notes.map(({ step }) => step)).size
  const buttons = new Set(notes.map(({ midi, chord }) => `${midi} ${chord ?? ''}`)).size
  return {
    board: 1,
    boardButtons: rising(buttons - 1, HALF.buttons),
    boardLeaps: rising(leaps.length / steps, HALF.leaps),
    ...lengthOf({ notes }),
  }
}

/** What both hands ask: the more different pairs of fingers they take at once, the more. */
export function pairMeasures(right: HandPart, left: Pick<HandPart, 'notes' | 'fingers'>): Measures {
  const lower = byStep({ ...left, crossings: [] })
  const pairs = new Set<string>()
  for (const [step, fingers] of byStep(right)) {
    const other = lower.get(step)
    if (other) pairs.add(`${fingers}/${other}`)
  }
  return { bothHands: 1, fingerPairs: rising(Math.max(0, pairs.size - 1), HALF.pairs) }
}
