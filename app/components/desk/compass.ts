import type { Instrument } from '#core/instrument'

const NATURAL_NAMES: Record<number, string> = { 0: 'C', 2: 'D', 4: 'E', 5: 'F', 7: 'G', 9: 'A', 11: 'B' }
const nameOf = (midi: number): string => `${NATURAL_NAMES[midi % 12]}${Math.floor(midi / 12) - 1}`

/** “A2–C7”, as written; every instrument begins and ends on a natural. */
export const pitchRange = ({ lowest, highest }: Pick<Instrument, 'lowest' | 'highest'>): string =>
  `${nameOf(lowest)}–${nameOf(highest)}`
