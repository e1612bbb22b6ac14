import type { StickStudy } from './study'
import type { Stick } from '#core/study'
import type { MalletRecipe } from '#core/sticking'
import { type Bar, barsFor, isBlack, malletInstrument } from '#core/surface'
import type { System } from '#engraving'

/** One stroke on the picture. */
export interface Stroke {
  readonly hand: 'sticks'
  readonly index: number
  readonly step: number
  readonly x: number
  readonly y: number
  readonly stick: Stick
  /** R or L, or the number of one of four mallets. */
  readonly mark: string
  readonly accidental: boolean
}

/** A stay of the hands on the accidentals, from before its first note to after its last. */
interface Stay {
  readonly x: number
  readonly width: number
}

/** The stair of a line of sticks in one system: the bars upward, to scale, time to the right. */
interface StickPicture {
  readonly strokes: readonly Stroke[]
  /** Way of each stick, from stroke to stroke. */
  readonly ways: Readonly<Record<Stick, string>>
  /** From the first to the second stroke of each double. */
  readonly doubles: readonly { readonly stick: Stick; readonly path: string }[]
  /** Where sticks cross over a wide step. */
  readonly crossings: readonly { readonly x: number; readonly y: number }[]
  readonly stays: readonly Stay[]
  readonly bars: readonly { readonly bar: Bar; readonly y: number; readonly height: number }[]
}

const PAD = 22

/** Bars of the study's compass, and how they stand upward. */
function scaleFor({ sticking }: StickStudy, recipe: MalletRecipe, height: number) {
  const written = sticking.notes.map((note) => note.midi)
  const [lowest, highest] = [Math.min(...written), Math.max(...written)]
  const bars = barsFor(malletInstrument(recipe.instrument), recipe.bars).filter(
    ({ midi }) => midi >= lowest && midi <= highest,
  )
  const [low, high] = [bars[0]!.x, bars.at(-1)!.x]
  const pixels = (height - 2 * PAD) / Math.max(1, high - low)
  const byMidi = new Map(bars.map((bar) => [bar.midi, bar]))
  return { bars, pixels, y: (midi: number) => height - PAD - (byMidi.get(midi)!.x - low) * pixels }
}

const pathOf = (strokes: readonly Stroke[]): string =>
  strokes.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join(' ')

function strokesIn(study: StickStudy, system: System, y: (midi: number) => number): Stroke[] {
  const { notes, sticks, mallets } = study.sticking
  return notes.flatMap(({ step, midi }, index): Stroke[] => {
    const x = system.columns[step - system.from]
    if (x === undefined) return []
    const mark = mallets ? String(mallets[index]) : sticks[index]!
    return [{ hand: 'sticks', index, step, x, y: y(midi), stick: sticks[index]!, mark, accidental: isBlack(midi) }]
  })
}

/** Stretches of steps on which a hand is out on the accidentals. */
function staysOf(strokes: readonly Stroke[], step: number): Stay[] {
  const columns = new Map<number, boolean>()
  for (const { x, accidental } of strokes) columns.set(x, columns.get(x) || accidental)
  const stays: { from: number; to: number }[] = []
  let open = false
  for (const [x, out] of columns) {
    if (out && open) stays.at(-1)!.to = x
    else if (out) stays.push({ from: x, to: x })
    open = out
  }
  return stays.map(({ from, to }) => ({ x: from - step / 2, width: to - from + step }))
}

export function stickStairOf(study: StickStudy, system: System, height: number): StickPicture {
  const { recipe, sticking } = study
  const { bars, pixels, y } = scaleFor(study, recipe, height)
  const strokes = strokesIn(study, system, y)
  const at = (index: number): Stroke | undefined => strokes.find((stroke) => stroke.index === index)
  const before = (stroke: Stroke): Stroke | undefined => strokes.find(({ step }) => step === stroke.step - 1)
  return {
    strokes,
    ways: {
      R: pathOf(strokes.filter(({ stick }) => stick === 'R')),
      L: pathOf(strokes.filter(({ stick }) => stick === 'L')),
    },
    doubles: sticking.doubles.flatMap(({ index }) => {
      const second = at(index)
      const first = second && before(second)
      return first ? [{ stick: second.stick, path: pathOf([first, second]) }] : []
    }),
    crossings: sticking.inversions.flatMap(({ index, severity }) => {
      const second = severity === 'hard' ? at(index) : undefined
      const first = second && before(second)
      return first ? [{ x: (first.x + second.x) / 2, y: (first.y + second.y) / 2 }] : []
    }),
    stays: staysOf(strokes, system.step),
    bars: bars.map((bar) => ({ bar, y: y(bar.midi), height: Math.max(2, bar.width * pixels - 1) })),
  }
}
