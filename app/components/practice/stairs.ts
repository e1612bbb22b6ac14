import { weekOf } from '#core/practice'
import { markOf, type Row, type TestMark } from '~/practice'

/** Pixels: what stands left of the bars, right of the double bar, a line's height, the head with the weeks. */
export const FRAME = { left: 236, right: 34, row: 52, head: 30, foot: 22 }
/** Days before the first entry, or before today where there is none. */
const BEFORE = 3
/** Weeks that are shown where there is no exam. */
const OPEN_WEEKS = 6
const WEEK = 7
/** The lowest tempo that a line shows, as a share of the tempo asked; the aim stands this far below its top. */
const [FLOOR, TOP, BOTTOM] = [0.55, 11, 41]

interface Scale {
  readonly from: number
  readonly to: number
  readonly x: (day: number) => number
  /** Mondays. */
  readonly weeks: readonly number[]
}

/** Days of the picture from the first entry to the exam, or some weeks on. */
export function scaleOf(rows: readonly Row[], today: number, exam: number | null, width: number): Scale {
  const first = Math.min(today, ...rows.flatMap(({ steps }) => steps[0]?.day ?? []))
  const to = exam ?? today + OPEN_WEEKS * WEEK
  // a long past is not shown whole: what is to come has two thirds of the room
  const from = Math.max(first, today - Math.max(28, Math.round((to - today) / 2))) - BEFORE
  const span = width - FRAME.left - FRAME.right
  const x = (day: number): number => FRAME.left + (span * (day - from)) / Math.max(1, to - from)
  const weeks: number[] = []
  for (let week = weekOf(from) + WEEK; week < to; week += WEEK) weeks.push(week)
  return { from, to, x, weeks }
}

/** How high a tempo stands in its line, from the line's top. */
function heightOf(tempo: number, required: number): number {
  const share = Math.min(1.08, Math.max(FLOOR, tempo / required))
  return BOTTOM - ((share - FLOOR) / (1 - FLOOR)) * (BOTTOM - TOP)
}

interface Stair {
  /** As far as it was played, and as it is planned from there. */
  readonly played: string
  readonly planned: string
  readonly aim: number
  readonly marks: readonly {
    readonly x: number
    readonly y: number
    readonly mark: TestMark
    readonly day: number
    readonly tempo: number
  }[]
  /** Where planned work begins, so that it can be taken hold of. */
  readonly begins: number | null
  readonly beginsAt: number
}

/** Steps as a path: level to the next day, then up or down to it. */
function path(steps: readonly { x: number; y: number }[], end: number): string {
  const [first] = steps
  if (!first) return ''
  const parts = steps.slice(1).map(({ x, y }) => `H${x.toFixed(1)}V${y.toFixed(1)}`)
  return `M${first.x.toFixed(1)} ${first.y.toFixed(1)}${parts.join('')}H${end.toFixed(1)}`
}

export function stairOf(row: Row, { from, to, x }: Scale, today: number): Stair {
  const at = ({ day, tempo }: { day: number; tempo: number }) => ({
    x: x(Math.max(day, from)),
    y: heightOf(tempo, row.required),
  })
  const before = row.steps.findLast(({ day }) => day < from)
  const seen = row.steps.filter(({ day }) => day >= from)
  const steps = [...(before ? [{ ...before, day: from }] : []), ...seen]
  // a day above the aim is no higher aim
  const sittings = row.planned
    .filter(({ test }) => !test)
    .map(({ day, tempo }) => ({ day, tempo: Math.min(tempo, row.required) }))
  const rising = sittings.filter(({ tempo }, place) => tempo !== sittings[place - 1]?.tempo)
  const last = row.steps.at(-1)
  // what is at its tempo already has nothing to put into another week
  const work = sittings.find(({ tempo }) => tempo < row.required)
  const start = last && row.planned.length > 0 ? [{ day: today, tempo: last.tempo }] : []
  return {
    played: path(steps.map(at), x(today)),
    planned: path([...start, ...rising].map(at), x(to)),
    aim: heightOf(row.required, row.required),
    marks: row.tries
      .filter(({ day, cold }) => cold && day >= from)
      .map((each) => ({ ...at(each), mark: markOf(each, row.required), day: each.day, tempo: each.tempo })),
    begins: work ? x(work.day) : null,
    beginsAt: work ? heightOf(work.tempo, row.required) : 0,
  }
}
