import type { Hand } from '#core/study'
import { isBlack } from '#core/surface'

/**
 * A published ergonomic model as a second opinion, independent of ours. Source: R. Parncutt, J. A. Sloboda, E. F. Clarke,
 * M. Raekallio, P. Desain, An ergonomic model of keyboard fingering for melodic fragments, Music Perception 14(4), 1997;
 * span table and twelve rules recalled from memory, the fine print of the rules uncertain.
 */
interface Span {
  readonly prac: readonly [number, number]
  readonly comf: readonly [number, number]
  readonly rel: readonly [number, number]
}
const span = (a: number, b: number, c: number, d: number, e: number, f: number): Span => ({
  prac: [a, f],
  comf: [b, e],
  rel: [c, d],
})
/** Right-hand spans in semitones between a lower and a higher finger; the left hand is the mirror. */
export const SPANS: Readonly<Record<string, Span>> = {
  '1-2': span(-5, -3, 1, 5, 8, 10),
  '1-3': span(-4, -2, 3, 7, 10, 12),
  '1-4': span(-3, -1, 5, 9, 12, 14),
  '1-5': span(-1, 1, 7, 10, 13, 15),
  '2-3': span(1, 1, 1, 2, 3, 5),
  '2-4': span(1, 1, 3, 4, 5, 7),
  '2-5': span(2, 2, 5, 6, 8, 10),
  '3-4': span(1, 1, 1, 2, 2, 4),
  '3-5': span(1, 1, 3, 4, 5, 7),
  '4-5': span(1, 1, 1, 2, 3, 5),
}

interface Touch {
  readonly midi: number
  readonly finger: number
}
const between = (a: Touch, b: Touch): Span => SPANS[`${Math.min(a.finger, b.finger)}-${Math.max(a.finger, b.finger)}`]!
/** Distance from the lower finger to the higher one, outward positive. */
const reach = (side: number, a: Touch, b: Touch): number =>
  (a.finger < b.finger ? b.midi - a.midi : a.midi - b.midi) * side
const outside = (value: number, [least, most]: readonly [number, number]): number =>
  Math.max(0, least - value, value - most)

/** Whether a hand can play one note after another at all, by the practical spans. */
export const legal = (side: number, a: Touch, b: Touch): boolean =>
  a.finger !== b.finger && outside(reach(side, a, b), between(a, b).prac) === 0

/** Rules 1, 2, 3, 8, 9 and 12, of two notes in succession. */
export function pairCost(side: number, a: Touch, b: Touch): number {
  const { comf, rel } = between(a, b)
  const distance = reach(side, a, b)
  const each = a.finger === 1 || b.finger === 1 ? 1 : 2
  const stretch = 2 * outside(distance, comf)
  const small = each * Math.max(0, rel[0] - distance)
  const large = each * Math.max(0, distance - rel[1])
  const threeFour = a.finger === 3 && b.finger === 4 ? 1 : 0
  return stretch + small + large + threeFour + fourOnBlack(a, b) + thumbPassing(distance, a, b)
}

function fourOnBlack(a: Touch, b: Touch): number {
  const [three, four] = a.finger === 3 ? [a, b] : [b, a]
  return three.finger === 3 && four.finger === 4 && isBlack(four.midi) && !isBlack(three.midi) ? 1 : 0
}

function thumbPassing(distance: number, a: Touch, b: Touch): number {
  const [thumb, other] = a.finger === 1 ? [a, b] : [b, a]
  if (thumb.finger !== 1 || distance > 0) return 0
  if (isBlack(thumb.midi) === isBlack(other.midi)) return 1
  return isBlack(thumb.midi) ? 3 : 0
}

/** Rules 4, 5 and 7, of three notes in succession. */
export function tripleCost(side: number, a: Touch, b: Touch, c: Touch): number {
  const three = [a.finger, b.finger, c.finger].sort().join('') === '345' ? 1 : 0
  if (a.midi === c.midi && a.finger === c.finger) return three
  const { comf, prac } = a.finger === c.finger ? span(0, 0, 0, 0, 0, 0) : between(a, c)
  const distance = a.finger === c.finger ? Math.abs(c.midi - a.midi) : reach(side, a, c)
  const excess = outside(distance, comf)
  if (excess === 0) return three
  const passed = b.finger === 1 && (b.midi - a.midi) * (c.midi - b.midi) > 0 && outside(distance, prac) > 0
  return three + (passed ? 2 : 1) + excess
}

/** Rules 6, 10 and 11, of one note among its neighbours. */
export function noteCost(here: Touch, before: Touch | undefined, after: Touch | undefined): number {
  const weak = here.finger >= 4 ? 1 : 0
  if (!isBlack(here.midi)) return weak
  const white = [before, after].filter((each) => each && !isBlack(each.midi)).length
  if (here.finger === 1) return weak + 1 + 2 * white
  return here.finger === 5 ? weak + 2 * white : weak
}

/** Everything that a fingering of single notes costs by the model. */
export function ergonomicCost(hand: Hand, midi: readonly number[], fingers: readonly number[]): number {
  const side = hand === 'right' ? 1 : -1
  const touches = midi.map((key, at) => ({ midi: key, finger: fingers[at]! }))
  return touches.reduce((sum, here, at) => {
    const [next, last] = [touches[at + 1], touches[at + 2]]
    return (
      sum +
      noteCost(here, touches[at - 1], next) +
      (next ? pairCost(side, here, next) : 0) +
      (next && last ? tripleCost(side, here, next, last) : 0)
    )
  }, 0)
}

/** Costs of all legal fingerings of a short line. */
export function allCosts(hand: Hand, midi: readonly number[]): number[] {
  const side = hand === 'right' ? 1 : -1
  const costs: number[] = []
  const row: Touch[] = []
  const go = (at: number, sum: number): void => {
    if (at === midi.length) {
      costs.push(sum + noteCost(row[at - 1]!, row[at - 2], undefined))
      return
    }
    for (let finger = 1; finger <= 5; finger++) {
      const here = { midi: midi[at]!, finger }
      const [before, first] = [row[at - 1], row[at - 2]]
      if (before && !legal(side, before, here)) continue
      row[at] = here
      const more = before
        ? noteCost(before, first, here) +
          pairCost(side, before, here) +
          (first ? tripleCost(side, first, before, here) : 0)
        : 0
      go(at + 1, sum + more)
    }
    row.length = at
  }
  go(0, 0)
  return costs
}
