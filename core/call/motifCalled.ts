import { cellsOf, type Motif, MOTIF_RANGE, type MotifItem } from '../study'
import type { Token } from './scan'

/** A motif that was read, and how far each group of it lies from the one before where bars part them. */
export interface MotifReading {
  readonly motif: Motif
  readonly step: number | null
  /** One past its last token. */
  readonly next: number
  /** How many items were named, in how many pieces with space between them. */
  readonly items: number
  readonly pieces: number
}

/** Figures with no space between them are degrees of their own; two can be one degree over the octave. */
function degreesIn(figures: string): number[] {
  const whole = Number.parseInt(figures, 10)
  const single = figures.length === 1 || (figures.length === 2 && whole >= 10 && whole <= 15)
  return single ? [whole] : [...figures].map(Number)
}

const RESTS = ['rest', 'silencio', 'pausa']
const UNDER = ['minus', 'menos']
const PER_BEAT = 24

/** A length in brackets after a degree: `(2)`, `(1/2)`. */
function lengthAt(tokens: readonly Token[], at: number): { beats: number; next: number } | null {
  const [open, whole, over, part] = tokens.slice(at, at + 4)
  if (open?.text !== '(' || whole?.kind !== 'number') return null
  if (over?.text === ')') return { beats: Number(whole.text), next: at + 3 }
  const closes = over?.text === '/' && part?.kind === 'number' && tokens[at + 4]?.text === ')'
  return closes ? { beats: Number(whole.text) / Number(part.text), next: at + 5 } : null
}

/** A degree, or figures in a row with no space between them. */
function figuresAt(tokens: readonly Token[], from: number): { degrees: number[]; next: number } | null {
  const minus = UNDER.includes(tokens[from]?.text ?? '')
  const at = minus ? from + 1 : from
  const token = tokens[at]
  if (token?.kind !== 'number') return null
  return { degrees: degreesIn(token.text).map((each) => (minus ? -each : each)), next: at + 1 }
}

/** Degrees at one place of the line: some in a row, or struck together with `+`. */
function degreesAt(tokens: readonly Token[], from: number): { items: (number | number[])[]; next: number } | null {
  const first = figuresAt(tokens, from)
  if (!first) return null
  const chord = [...first.degrees]
  let { next } = first
  while (first.degrees.length === 1 && tokens[next]?.text === '+') {
    const more = figuresAt(tokens, next + 1)
    if (more?.degrees.length !== 1) break
    chord.push(...more.degrees)
    next = more.next
  }
  return { items: chord.length > first.degrees.length ? [chord] : chord, next }
}

function itemsAt(tokens: readonly Token[], at: number): { items: MotifItem[]; next: number } | null {
  if (RESTS.includes(tokens[at]?.text ?? '')) return { items: [null], next: at + 1 }
  const found = degreesAt(tokens, at)
  if (!found) return null
  const length = lengthAt(tokens, found.next)
  let next = length?.next ?? found.next
  const held = tokens[next]?.text === '~'
  if (held) next++
  if (!length && !held) return found
  const last = found.items.at(-1)!
  const timed: MotifItem = { degree: last, ...(length ? { beats: length.beats } : {}), ...(held ? { held } : {}) }
  return { items: [...found.items.slice(0, -1), timed], next }
}

/** How far each group lies over the one before, where they are one motif moved; null where they are not. */
function stepBetween(groups: readonly Motif[]): number | null {
  const [first, second] = groups.map((motif) => cellsOf(motif).map(({ places }) => places))
  if (!first || !second) return null
  const by = (second[0]?.[0] ?? 0) - (first[0]?.[0] ?? 0)
  const moved = first.map((places) => places.map((place) => place + by))
  return by > 0 && JSON.stringify(moved) === JSON.stringify(second) ? by : null
}

/** A motif as a teacher writes it: “1 4 2 3”, “135 3”, “1+3 5 rest”, “1 3 5 3 | 2 4 6 4”. */
export function motifAt(tokens: readonly Token[], from: number): MotifReading | null {
  const groups: MotifItem[][] = [[]]
  let [at, end] = [from, from]
  for (;;) {
    const found = itemsAt(tokens, at)
    if (found) {
      groups.at(-1)!.push(...found.items)
      at = end = found.next
    } else if (tokens[at]?.text === '|' && groups.at(-1)!.length > 0) {
      groups.push([])
      at++
    } else break
  }
  const named = groups.filter((group) => group.length > 0)
  const { motif, step } = motifOf(named)
  if (motif.length === 0 || motif.length > MOTIF_RANGE.items.most) return null
  return { motif, step, next: end, items: named.flat().length, pieces: end - from }
}

/** Groups that are one motif moved are that motif, with its step; others are one after another. */
export function motifOf(groups: readonly Motif[]): { motif: Motif; step: number | null } {
  const step = stepBetween(groups)
  return { motif: step === null ? groups.flat() : groups[0]!, step }
}

const fraction = (beats: number): string => {
  const parts = Math.round(beats * PER_BEAT)
  const divisor = [24, 12, 8, 6, 4, 3, 2].find((each) => parts % each === 0 && PER_BEAT % each === 0) ?? 1
  const under = PER_BEAT / divisor
  return under === 1 ? String(parts / divisor) : `${parts / divisor}/${under}`
}

/** A motif as a call writes it, so that it reads back. */
export const motifWritten = (motif: Motif): string => motif.map(itemWritten).join(' ')

const degreeWritten = (degree: number): string => (degree < 0 ? `minus ${-degree}` : String(degree))

function itemWritten(item: MotifItem): string {
  if (item === null) return 'rest'
  const timed = typeof item === 'object' && 'degree' in item ? item : { degree: item }
  const degrees = [timed.degree].flat().map(degreeWritten).join('+')
  const { beats, held } = timed as { beats?: number; held?: boolean }
  return `${degrees}${beats === undefined ? '' : `(${fraction(beats)})`}${held ? '~' : ''}`
}
