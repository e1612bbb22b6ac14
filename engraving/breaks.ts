import { barOf, beamGroups } from '#core/notation'
import type { RealisedStudy } from '#core/realise'
import { startsBar } from './room'

/** Whether a stretch of steps fits into one system. */
export type Fits = (from: number, to: number) => boolean

/** What a break at a section's beginning saves, in bars that systems are unequal by. */
const SECTION = 0.6

/** First steps of bars; a bar that fits into no system by itself is cut between its beams, as rarely as can be. */
function places({ rhythm, steps }: RealisedStudy, fits: Fits): number[] {
  const bars = Array.from({ length: steps }, (_, step) => step).filter((step) => step === 0 || startsBar(rhythm, step))
  return bars.flatMap((from, at) => {
    const to = bars[at + 1] ?? steps
    if (fits(from, to)) return [from]
    const beams = beamGroups(rhythm)
      .map(([first]) => first!)
      .filter((step) => step > from && step < to)
    const cuts = [from]
    for (const [order, beam] of beams.entries()) {
      const next = beams[order + 1] ?? to
      if (!fits(cuts.at(-1)!, next)) cuts.push(beam)
    }
    return cuts
  })
}

/** The fewest systems that the stretches between some places fit into. */
function fewest(ends: readonly number[], fits: Fits): number {
  let [count, from] = [1, ends[0]!]
  for (let at = 1; at < ends.length; at++) {
    if (fits(from, ends[at]!)) continue
    count++
    from = ends[at - 1]!
  }
  return count
}

interface Best {
  readonly cost: number
  readonly ends: readonly number[]
}

/**
 * Steps at which systems begin, and the end: at bar lines only, as few systems as there must be, as equal as can be, at a
 * section's beginning where one is near. Solved exactly over all ways to share the bars out.
 */
export function breaksOf(study: RealisedStudy, fits: Fits): number[] {
  const { rhythm, steps, sections = [] } = study
  const starts = places(study, fits)
  const ends = [...starts, steps]
  const count = fewest(ends, fits)
  if (count === 1) return [0, steps]
  const begins = new Set(sections.map(({ from }) => from))
  const barsAt = (step: number): number =>
    step === steps ? 1 + barOf(rhythm, rhythm.notes.at(-1)!) : barOf(rhythm, rhythm.notes[step]!)
  const share = barsAt(steps) / count
  const costOf = (from: number, to: number): number =>
    (barsAt(to) - barsAt(from) - share) ** 2 - (begins.has(from) ? SECTION : 0)
  // the best way to reach each place with so many systems
  let reached = new Map<number, Best>([[0, { cost: 0, ends: [0] }]])
  for (let system = 0; system < count; system++) {
    const next = new Map<number, Best>()
    for (const [at, best] of reached) {
      // what has no room even by itself stands in a system of its own
      for (let to = at + 1; to < ends.length && (to === at + 1 || fits(ends[at]!, ends[to]!)); to++) {
        const cost = best.cost + costOf(ends[at]!, ends[to]!)
        if (cost < (next.get(to)?.cost ?? Infinity)) next.set(to, { cost, ends: [...best.ends, ends[to]!] })
      }
    }
    reached = next
  }
  return [...reached.get(ends.length - 1)!.ends]
}
