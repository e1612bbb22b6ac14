import { stickingError } from './messages'
import type { StrokeType } from './strokeType'
import { pitchName } from '../pitch'
import type { Line, Stick } from '../study'
import { fromLowest, type MalletRecipe, type Numbering, renumbered, strokesOf } from './settings'
import { type Bar, barsFor, malletInstrument, strikePoint } from '../surface'

/** The hand of a mallet counted from the lowest: the left holds 1 and 2. */
export const handOfMallet = (mallet: number): Stick => (mallet <= 2 ? 'L' : 'R')

const OUTER = new Set([1, 4])

/** What leads from one mallet to the next, both counted from the lowest. */
export function strokeBetween(from: number, to: number): StrokeType {
  if (from === to) return 'single-independent'
  if (handOfMallet(from) !== handOfMallet(to)) return 'hand-to-hand'
  return OUTER.has(from) ? 'double-lateral-in' : 'double-lateral-out'
}

/** A figure of four mallets with the stroke that it begins with, by which teachers group them. */
interface Permutation {
  readonly figure: string
  readonly stroke: StrokeType
}

/** Figures that most teachers begin with; common practice. */
export const DEFAULT_FIGURES = ['1234', '4321', '1243', '2134', '1324', '1423', '2314', '3142'] as const
/** Figures of six and eight strokes; common practice. */
export const LONG_FIGURES = ['123432', '12342324'] as const

function orders(rest: readonly number[]): number[][] {
  if (rest.length === 0) return [[]]
  return rest.flatMap((one) => orders(rest.filter((other) => other !== one)).map((order) => [one, ...order]))
}

/** All 24 orders of four mallets, as they are called in a numbering, each with its first stroke. */
export const permutations = (numbering: Numbering = 'low-to-high'): Permutation[] =>
  orders([1, 2, 3, 4]).map((order) => {
    const [first, second] = order.map((mallet) => fromLowest(mallet, numbering))
    return { figure: order.join(''), stroke: strokeBetween(first!, second!) }
  })

/** Strokes of a figure one after the other, from each to the next and round to its beginning. */
export function strokeTypes(figure: string, numbering: Numbering): StrokeType[] {
  const strokes = strokesOf(figure)!.map((stroke) => stroke.map((mallet) => fromLowest(mallet, numbering)))
  return strokes.map((stroke, at): StrokeType => {
    if (stroke.length > 1) return 'double-vertical'
    const next = strokes[(at + 1) % strokes.length]!
    return next.length > 1 ? 'hand-to-hand' : strokeBetween(stroke[0]!, next[0]!)
  })
}

/** How wide the two mallets of one hand are held over a chord. */
export interface Span {
  /** The chord's first note in the line. */
  readonly index: number
  readonly left: number
  readonly right: number
}

export const asNumbered = (mallet: number, numbering: Numbering): number =>
  numbering === 'low-to-high' ? mallet : renumbered(mallet)

const between = (one: Bar, other: Bar, { strike }: MalletRecipe): number => {
  const [a, b] = [strikePoint(one, strike), strikePoint(other, strike)]
  return Math.hypot(a.x - b.x, a.y - b.y, one.height - other.height)
}

/**
 * The spans of both hands, chord by chord, from strike point to strike point, mm.
 * @throws DomainError `mallets.reach` naming the first chord that a hand cannot hold
 */
export function spansOf(recipe: MalletRecipe, line: Line): Span[] {
  const { mallets } = recipe
  const bars = new Map(barsFor(malletInstrument(recipe.instrument), recipe.bars).map((bar) => [bar.midi, bar]))
  const strokes = strokesOf(mallets.figure)!
  const struck = strokes.flat().length
  const spans: Span[] = []
  for (let index = 0; index < line.notes.length; index += struck) {
    const notes = line.notes.slice(index, index + struck)
    const span = (low: number, high: number): number => {
      const [one, other] = [low, high].map((mallet) => notes.find((note) => note.mallet === mallet))
      if (!one || !other) return 0
      const mm = between(bars.get(one.midi)!, bars.get(other.midi)!, recipe)
      if (mm <= mallets.reach) return Math.round(mm)
      const hand = low === 1 ? 'left' : 'right'
      const pitches = `${pitchName(one.pitch)} ${pitchName(other.pitch)}`
      const params = { hand, pitches, apart: Math.round(mm), reach: mallets.reach } as const
      throw stickingError('mallets.reach', params, 'mallets.shape')
    }
    spans.push({ index, left: span(1, 2), right: span(3, 4) })
  }
  return spans
}
