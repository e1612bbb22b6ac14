import type { Stick } from '../study'
import type { Rudiment } from './settings'

/** Strokes of each rudiment, led by the right; common practice. The second half of some changes hands. */
const RUDIMENT_STICKS: Record<Exclude<Rudiment, 'none'>, string> = {
  paradiddle: 'RLRR LRLL',
  'double-paradiddle': 'RLRLRR LRLRLL',
  'paradiddle-diddle': 'RLRRLL',
  'inverted-paradiddle': 'RLLR LRRL',
}

/** Strokes of a rudiment before it begins again, in the same hands or in the other ones. */
export const strokesIn = (rudiment: Exclude<Rudiment, 'none'>): number =>
  RUDIMENT_STICKS[rudiment].split(' ')[0]!.length

/** Sticks of so many strokes in a rudiment's order. */
export function rudimentSticks(rudiment: Exclude<Rudiment, 'none'>, lead: Stick, count: number): Stick[] {
  const row = [...RUDIMENT_STICKS[rudiment].replace(' ', '')] as Stick[]
  const other = (stick: Stick): Stick => (stick === 'R' ? 'L' : 'R')
  return Array.from({ length: count }, (_, at) => {
    const stick = row[at % row.length]!
    return lead === 'R' ? stick : other(stick)
  })
}
