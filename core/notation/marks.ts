import type { Rhythm, Value } from '../study'
import { beamGroups } from './beams'
import { flagsOf } from './strokes'

/** What a beam of one level does at a note; a hook is a beam that a note has for itself. */
export type BeamMark = 'begin' | 'continue' | 'end' | 'forward' | 'backward'

interface Marked extends Value {
  readonly step: number | null
  readonly notes: readonly unknown[]
}

/** Runs of events that stand under one beam: struck notes of a group, no rest among them. */
function runsOf(rhythm: Rhythm, events: readonly Marked[]): number[][] {
  const groupAt = new Map(beamGroups(rhythm).flatMap((group, at) => group.map((step) => [step, at] as const)))
  const runs: number[][] = []
  let open: number | undefined
  events.forEach((event, at) => {
    const group = event.step === null ? undefined : groupAt.get(event.step)
    const beamed = group !== undefined && event.notes.length > 0 && flagsOf(event) > 0
    if (beamed && open === group) runs.at(-1)!.push(at)
    else if (beamed) runs.push([at])
    open = beamed ? group : undefined
  })
  return runs.filter((run) => run.length > 1)
}

function markAt(run: readonly number[], order: number, level: number, flags: (order: number) => number): BeamMark {
  const before = order > 0 && flags(order - 1) >= level
  const after = order < run.length - 1 && flags(order + 1) >= level
  if (before && after) return 'continue'
  if (before) return 'end'
  if (after) return 'begin'
  return order > 0 ? 'backward' : 'forward'
}

/** Marks of the beams at each event, one a level; none where a note has flags or neither. */
export function beamMarks(rhythm: Rhythm, events: readonly Marked[]): BeamMark[][] {
  const marks: BeamMark[][] = events.map(() => [])
  for (const run of runsOf(rhythm, events)) {
    const flags = (order: number): number => flagsOf(events[run[order]!]!)
    run.forEach((at, order) => {
      for (let level = 1; level <= flags(order); level++) marks[at]!.push(markAt(run, order, level, flags))
    })
  }
  return marks
}

const NEAR = 1e-6

/** Where groups of three and six begin and end: beat by beat. */
export function tupletMarks(events: readonly Value[]): ('begin' | 'end' | null)[] {
  const beat = (at: number): number => {
    const event = events[at]
    return event?.triplet ? Math.floor(event.start + NEAR) : -1
  }
  return events.map((event, at) => {
    if (!event.triplet) return null
    if (beat(at - 1) !== beat(at)) return 'begin'
    return beat(at + 1) === beat(at) ? null : 'end'
  })
}
