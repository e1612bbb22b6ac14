import type { BarSettings, MalletId } from './barSettings'
import { type Bar, barsOf, isPedalled, type MalletFamily } from './bars'

/** A mallet instrument: its compass as written, and how many semitones higher it sounds. */
interface MalletInstrument {
  readonly id: MalletId
  readonly family: MalletFamily
  /** Lowest and highest bar, written, as MIDI numbers. */
  readonly lowest: number
  readonly highest: number
  readonly transposition: 0 | 12 | 24
  /** Whether a pedal lets its bars ring. */
  readonly pedal: boolean
}

const instrument = (
  id: MalletId,
  [lowest, highest]: readonly [number, number],
  transposition: MalletInstrument['transposition'] = 0,
): MalletInstrument => {
  const [family] = id.split('-') as [MalletFamily]
  return { id, family, lowest, highest, transposition, pedal: isPedalled(family) }
}

/**
 * Instruments that stand in music rooms. Ranges are common practice; uncommon sizes vary by maker.
 * Xylophones sound an octave above what is written, glockenspiels two.
 */
export const MALLET_INSTRUMENTS: readonly MalletInstrument[] = [
  instrument('marimba-4.0', [48, 96]),
  instrument('marimba-4.3', [45, 96]),
  instrument('marimba-4.5', [41, 96]),
  instrument('marimba-4.6', [40, 96]),
  instrument('marimba-5.0', [36, 96]),
  instrument('vibraphone-3.0', [53, 89]),
  instrument('vibraphone-3.5', [48, 89]),
  instrument('vibraphone-4.0', [48, 96]),
  instrument('xylophone-3.0', [60, 96], 12),
  instrument('xylophone-3.5', [53, 96], 12),
  instrument('xylophone-4.0', [48, 96], 12),
  instrument('glockenspiel-2.5', [55, 84], 24),
  instrument('glockenspiel-2.67', [53, 84], 24),
]

export const malletInstrument = (id: MalletId): MalletInstrument =>
  MALLET_INSTRUMENTS.find((instrument) => instrument.id === id)!

const KNOWN = new Map<string, readonly Bar[]>()

/** All bars of an instrument, lowest first, in millimetres. */
export function barsFor(instrument: MalletInstrument, settings: BarSettings): readonly Bar[] {
  const key = `${instrument.id} ${settings.size} ${settings.gap} ${settings.overlap}`
  const known = KNOWN.get(key) ?? barsOf(instrument, settings)
  KNOWN.set(key, known)
  return known
}
