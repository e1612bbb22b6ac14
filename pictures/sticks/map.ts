import type { StickStudy } from './study'
import type { Stick } from '#core/study'
import type { RealisedSticking } from '#core/instrument'
import type { MalletRecipe } from '#core/sticking'
import { type Bar, barsFor, malletInstrument, NODE, strikePoint } from '#core/surface'

/** Millimetres to pixels, the far end of the bars at the top. */
interface BarScale {
  readonly pixels: number
  readonly width: number
  readonly height: number
  x(mm: number): number
  y(mm: number): number
}

/** One stroke on the map. */
export interface Strike {
  readonly hand: 'sticks'
  readonly index: number
  readonly step: number
  readonly midi: number
  readonly stick: Stick
  readonly mark: string
  readonly x: number
  readonly y: number
}

const EDGE = 4

const allBars = (recipe: MalletRecipe): readonly Bar[] => barsFor(malletInstrument(recipe.instrument), recipe.bars)

/** Naturals to either side of what is played, so that one sees where on the instrument it lies. */
const AROUND = 4

/** The bars that a study lies on, and a few to either side. */
export function barsAround(study: StickStudy, recipe: MalletRecipe): readonly Bar[] {
  const bars = allBars(recipe)
  const midis = new Set(study.sticking.notes.map((note) => note.midi))
  const places = bars.filter(({ midi }) => midis.has(midi)).map(({ place }) => place)
  const [from, to] = [Math.min(...places) - AROUND, Math.max(...places) + AROUND]
  return bars.filter(({ place }) => place >= from && place <= to)
}

/** How deep an instrument is, in millimetres: from the near ends of its naturals to the far ends of its accidentals. */
const depthOf = (bars: readonly Bar[]): number =>
  Math.max(...bars.map((bar) => bar.near + bar.length)) - Math.min(...bars.map((bar) => bar.near))

/** Some bars in a box, true to scale: the same for all studies of an instrument, where the box is wide enough. */
export function barScale(
  bars: readonly Bar[],
  recipe: MalletRecipe,
  most: { readonly width: number; readonly height: number },
): BarScale {
  const left = Math.min(...bars.map((bar) => bar.x - bar.width / 2))
  const right = Math.max(...bars.map((bar) => bar.x + bar.width / 2))
  const near = Math.min(...bars.map((bar) => bar.near))
  const far = Math.max(...bars.map((bar) => bar.near + bar.length))
  const pixels = Math.max(
    0,
    Math.min((most.width - 2 * EDGE) / (right - left), (most.height - 2 * EDGE) / depthOf(allBars(recipe))),
  )
  return {
    pixels,
    width: (right - left) * pixels + 2 * EDGE,
    height: (far - near) * pixels + 2 * EDGE,
    x: (mm) => EDGE + (mm - left) * pixels,
    y: (mm) => EDGE + (far - mm) * pixels,
  }
}

/** The line through the nodes of one row, near ends or far ends; it runs aslant, since the bars shorten. */
export function nodeLine(bars: readonly Bar[], accidental: boolean, far: boolean, { x, y }: BarScale): string {
  return bars
    .filter((bar) => bar.accidental === accidental)
    .map((bar, at) => {
      const mm = bar.near + (far ? 1 - NODE : NODE) * bar.length
      return `${at === 0 ? 'M' : 'L'}${x(bar.x).toFixed(1)} ${y(mm).toFixed(1)}`
    })
    .join(' ')
}

/** Notes of the stretch that a step lies in: the leg on which it is, or with four mallets its chord. */
function stretchAt({ notes, spans }: RealisedSticking, step: number | null): (index: number) => boolean {
  const here = Math.max(
    0,
    notes.findLastIndex((note) => note.step <= (step ?? 0)),
  )
  const span = spans?.findLast(({ index }) => index <= here)
  const next = span && (spans!.find(({ index }) => index > span.index)?.index ?? notes.length)
  const { leg } = notes[here]!
  return (index) => (span ? index >= span.index && index < next! : notes[index]!.leg === leg)
}

/** Strokes around a step, in order. A bar that both sticks strike has the right stick's beyond the left's, side by side. */
export function strikesAround(study: StickStudy, step: number | null, scale: BarScale, apart: number): Strike[] {
  const { recipe, sticking } = study
  const { notes, sticks, mallets } = sticking
  const bars = new Map(allBars(recipe).map((bar) => [bar.midi, bar]))
  const within = stretchAt(sticking, step)
  const indices = notes.flatMap((_, index) => (within(index) ? [index] : []))
  const shared = new Set(
    indices.flatMap((index) =>
      indices.some((other) => notes[other]!.midi === notes[index]!.midi && sticks[other] !== sticks[index])
        ? [notes[index]!.midi]
        : [],
    ),
  )
  return indices.map((index): Strike => {
    const { midi, step: at } = notes[index]!
    const point = strikePoint(bars.get(midi)!, recipe.strike)
    const beside = shared.has(midi) ? (sticks[index] === 'R' ? -apart : apart) : 0
    return {
      ...{ hand: 'sticks', index, step: at, midi, stick: sticks[index]! },
      mark: mallets ? String(mallets[index]) : sticks[index]!,
      x: scale.x(point.x),
      y: scale.y(point.y) + beside,
    }
  })
}

/** One mark for each stick on each bar: the stroke at the step, or the first. */
export function marksOf(strikes: readonly Strike[], step: number | null): Strike[] {
  const marks = new Map<string, Strike>()
  for (const strike of strikes) {
    const key = `${strike.midi} ${strike.mark}`
    if (!marks.has(key) || strike.step === step) marks.set(key, strike)
  }
  return [...marks.values()]
}

/** The way of one stick from stroke to stroke; where it strikes a bar again it stays. */
export const wayOf = (strikes: readonly Strike[], stick: Stick): string =>
  strikes
    .filter((strike) => strike.stick === stick)
    .map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
    .join(' ')
