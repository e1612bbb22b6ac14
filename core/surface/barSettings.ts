/** Mallet instruments by make and octaves. */
export const MALLET_IDS = [
  'marimba-4.0',
  'marimba-4.3',
  'marimba-4.5',
  'marimba-4.6',
  'marimba-5.0',
  'vibraphone-3.0',
  'vibraphone-3.5',
  'vibraphone-4.0',
  'xylophone-3.0',
  'xylophone-3.5',
  'xylophone-4.0',
  'glockenspiel-2.5',
  'glockenspiel-2.67',
] as const
export type MalletId = (typeof MALLET_IDS)[number]

/** Where on a bar one strikes: just off the middle, in the middle, or accidentals at their near end. */
export const STRIKES = ['off-centre', 'centre', 'near-end'] as const
export type Strike = (typeof STRIKES)[number]

/**
 * What differs from maker to maker: all bars by so many per cent, the gap between naturals, and how far the
 * accidentals overhang the naturals; mm. Null: as is usual for the instrument.
 */
export interface BarSettings {
  readonly size: number
  readonly gap: number | null
  readonly overlap: number | null
}
export const DEFAULT_BARS: BarSettings = { size: 100, gap: null, overlap: null }
export const BAR_RANGES = {
  size: { least: 80, most: 120 },
  gap: { least: 2, most: 20 },
  overlap: { least: 0, most: 40 },
} as const
