import type { StrokeMark } from '#core/instrument'
import type { System } from '#engraving'
import type { StickStudy } from './study'

/** A pedal as far as it is down in a system; pixels. */
export interface DrawnPedal {
  readonly x: number
  readonly end: number
  /** Whether it goes down here, or goes on from the system before. */
  readonly begins: boolean
  /** Whether it lifts at its end. */
  readonly lifts: boolean
  /** Where it changes. */
  readonly changes: readonly number[]
}
/** What stands under one system: the pedal, and strokes that are dead or that stop another bar. */
export interface RingingIn {
  readonly pedal: DrawnPedal | null
  readonly marks: readonly { readonly x: number; readonly is: StrokeMark }[]
}

const BEFORE = 6

function pedalIn({ pedal, steps }: StickStudy, { from, to, columns, right }: System): DrawnPedal | null {
  const first = pedal.find(({ sign }) => sign.is === 'pedal' && sign.goes === 'down')
  if (!first || first.step >= to) return null
  const begins = first.step >= from
  const column = (step: number): number => columns[step - from]!
  return {
    begins,
    x: column(Math.max(first.step, from)) - BEFORE,
    end: right - 2,
    lifts: to >= steps,
    changes: pedal.flatMap(({ step, sign }) =>
      sign.is === 'pedal' && sign.goes === 'anew' && step >= from && step < to ? [column(step) - BEFORE] : [],
    ),
  }
}

/** How the notes of a system ring. */
export function ringingIn(study: StickStudy, system: System): RingingIn {
  const { notes, dead, damped } = study.sticking
  const stops = damped.map(({ index }) => index)
  const placed = (is: StrokeMark, indices: readonly number[], others: readonly number[], aside: number) =>
    indices.flatMap((index) => {
      const { step } = notes[index]!
      const x = system.columns[step - system.from]
      if (step < system.from || step >= system.to || x === undefined) return []
      return [{ x: x + (others.includes(index) ? aside : 0), is }]
    })
  return {
    pedal: pedalIn(study, system),
    marks: [...placed('dead', dead, stops, -BESIDE), ...placed('damp', stops, dead, BESIDE)],
  }
}
/** From the middle of a note, where a stroke does both. */
const BESIDE = 6

const [NOTCH, DEEP, WORD] = [5, 7, 30]
/** The line of a pedal: from its word, or from the system before, with a notch where it changes, up where it lifts. */
export function pedalPath({ x, end, begins, lifts, changes }: DrawnPedal, y: number): string {
  const notches = changes.map((at) => `H${at - NOTCH}L${at} ${y - DEEP}L${at + NOTCH} ${y}`)
  return `M${begins ? x + WORD : x} ${y}${notches.join('')}H${end}${lifts ? `V${y - DEEP}` : ''}`
}

/** A cross for a dead stroke; a ring with a cross for a bar that is stopped: the usual sign for damping. */
export const STROKE_PATHS: Readonly<Record<StrokeMark, { readonly lines: string; readonly ring: number }>> = {
  dead: { lines: 'M-3.5 -3.5L3.5 3.5M-3.5 3.5L3.5 -3.5', ring: 0 },
  damp: { lines: 'M-6 0L6 0M0 -6L0 6', ring: 4 },
}

const [MARKS, PEDAL] = [16, 18]
/** Room that it takes under each system of a study: nothing where all rings as usual. */
export function ringingRoom({ pedal, sticking }: StickStudy): { readonly marks: number; readonly height: number } {
  const marks = sticking.dead.length + sticking.damped.length > 0 ? MARKS : 0
  return { marks, height: marks + (pedal.length > 0 ? PEDAL : 0) }
}
