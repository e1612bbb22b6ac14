import { type FingerStudy, handsIn } from './study'
import type { Hand } from '#core/study'
import { isBlack, keyAt } from '#core/surface'
import type { System } from '#engraving'

/** Keyboard upward, to scale: maps a key to a height on the picture. */
interface Scale {
  readonly lowest: number
  readonly highest: number
  readonly height: number
  y(midi: number): number
  /** Pixels of a key's width. */
  thickness(midi: number): number
}

export interface Disc {
  readonly hand: Hand
  /** The note in its hand's line, and the step at which it sounds. */
  readonly index: number
  readonly step: number
  readonly x: number
  readonly y: number
  readonly finger: number
  readonly black: boolean
  /** Where a footnote letter is clear of hinges and neighbours: middle of its baseline. */
  readonly letter: { readonly x: number; readonly y: number }
}

/** A run of notes played without crossing. */
export interface Slab {
  readonly hand: Hand
  readonly discs: readonly Disc[]
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  /** The grip goes on in the system before or after. */
  readonly openLeft: boolean
  readonly openRight: boolean
}

/** Where one grip turns into the next. */
interface Hinge {
  readonly hand: Hand
  readonly kind: 'thumb-under' | 'over-thumb'
  readonly path: string
}

interface Meeting {
  readonly kind: 'thumbs' | 'thirds'
  readonly x: number
  readonly top: number
  readonly bottom: number
}

export interface StairPicture {
  readonly scale: Scale
  readonly discs: readonly Disc[]
  readonly slabs: readonly Slab[]
  readonly hinges: readonly Hinge[]
  readonly meetings: readonly Meeting[]
}

/** Room for the letters beyond the outermost discs. */
const PAD = 19
const SLAB_PAD = 11

/** A scale that shows the keys of a whole study between two margins. */
function scaleFor(study: FingerStudy, height: number): Scale {
  const keys = handsIn(study).flatMap((hand) => study.hands[hand]!.midi)
  const lowest = Math.min(...keys)
  const highest = Math.max(...keys)
  const [low, high] = [keyAt(lowest).x, keyAt(highest).x]
  const pixels = (height - 2 * PAD) / Math.max(1, high - low)
  return {
    lowest,
    highest,
    height,
    y: (midi) => height - PAD - (keyAt(midi).x - low) * pixels,
    thickness: (midi) => keyAt(midi).width * pixels,
  }
}

function discsOf(study: FingerStudy, system: System, scale: Scale, hand: Hand): Disc[] {
  const part = study.hands[hand]!
  return part.notes.flatMap(({ step, midi }, index): Disc[] => {
    const x = system.columns[step - system.from]
    if (x === undefined) return []
    const y = scale.y(midi)
    const { dx, dy } = letterCorner(hand, directionsAt(part.midi, index))
    const letter = { x: x + dx, y: y + dy }
    return [{ hand, index, step, x, y, finger: part.fingers[index]!, black: isBlack(midi), letter }]
  })
}

interface Directions {
  /** Whether the note is reached upward, and whether it is left upward; an end goes on as it was. */
  readonly into: boolean
  readonly onward: boolean
}

function directionsAt(keys: readonly number[], at: number): Directions {
  const [before, here, after] = [keys[at - 1], keys[at]!, keys[at + 1]]
  const into = before === undefined ? after === undefined || after > here : here > before
  return { into, onward: after === undefined ? into : after > here }
}

/** Arcs come in from before the disc, and the run goes on after it: letters keep to the corner that both leave free. */
function letterCorner(hand: Hand, { into, onward }: Directions): { dx: number; dy: number } {
  if (into !== onward) return { dx: -14, dy: into ? -6 : 14 }
  if (hand === 'right') return { dx: into ? -14 : 14, dy: -6 }
  return { dx: 14, dy: into ? 14 : -6 }
}

/** Cuts a hand's discs where a new grip begins. */
function gripsOf(discs: readonly Disc[], landings: ReadonlySet<number>): Disc[][] {
  const grips: Disc[][] = []
  discs.forEach((disc, at) => {
    const before = discs[at - 1]
    if (!before || (landings.has(disc.step) && before.step !== disc.step)) grips.push([])
    grips.at(-1)!.push(disc)
  })
  return grips
}

const hasStep = (study: FingerStudy, hand: Hand, step: number): boolean =>
  study.hands[hand]!.notes.some((note) => note.step === step)

function slabOf(study: FingerStudy, landings: ReadonlySet<number>, grip: readonly Disc[]): Slab {
  const [first, last] = [grip[0]!, grip.at(-1)!]
  const ys = grip.map((disc) => disc.y)
  const top = Math.min(...ys) - SLAB_PAD
  return {
    hand: first.hand,
    discs: grip,
    x: first.x - SLAB_PAD,
    width: last.x - first.x + 2 * SLAB_PAD,
    y: top,
    height: Math.max(...ys) + SLAB_PAD - top,
    openLeft: hasStep(study, first.hand, first.step - 1) && !landings.has(first.step),
    openRight: hasStep(study, last.hand, last.step + 1) && !landings.has(last.step + 1),
  }
}

/** The thumb goes beneath the hand, a finger above it: the arcs bend to those sides. */
function hingePath(from: Disc, to: Disc, under: boolean): string {
  const bend = (under ? 1 : -1) * 15
  const along = to.y < from.y ? -1 : 1
  const [x0, y0] = [from.x, from.y + (under ? 8 : -8)]
  const [x1, y1] = [to.x, to.y + (under ? 8 : -8)]
  const reach = under === along > 0 ? to.y : from.y
  return `M${x0} ${y0} C${x0 + 4} ${reach + bend} ${x1 - 4} ${reach + bend} ${x1} ${y1}`
}

function hingesOf(study: FingerStudy, discs: readonly Disc[], hand: Hand): Hinge[] {
  return study.hands[hand]!.crossings.flatMap(({ index, kind }) => {
    const to = discs.find((disc) => disc.index === index)
    const voice = to ? discs.filter((disc) => disc.step === to.step).indexOf(to) : 0
    const from = to && discs.filter((disc) => disc.step === to.step - 1)[voice]
    return to && from ? [{ hand, kind, path: hingePath(from, to, kind === 'thumb-under') }] : []
  })
}

function meetingsOf(study: FingerStudy, discs: readonly Disc[]): Meeting[] {
  const at = (hand: Hand, step: number, finger: number) =>
    discs.find((disc) => disc.hand === hand && disc.step === step && disc.finger === finger)
  return (['thumbs', 'thirds'] as const).flatMap((kind) =>
    (study.together?.[kind] ?? []).flatMap((step) => {
      const finger = kind === 'thumbs' ? 1 : 3
      const [right, left] = [at('right', step, finger), at('left', step, finger)]
      if (!right || !left || right.y === left.y) return []
      return [{ kind, x: right.x, top: Math.min(right.y, left.y), bottom: Math.max(right.y, left.y) }]
    }),
  )
}

/** The stair of one system: discs on their columns, grips as slabs, crossings as hinges, meetings between hands. */
export function stairOf(study: FingerStudy, system: System, height: number): StairPicture {
  const scale = scaleFor(study, height)
  const hands = handsIn(study).map((hand) => {
    const discs = discsOf(study, system, scale, hand)
    const { notes, grips } = study.hands[hand]!
    const landings = new Set(grips.map((index) => notes[index]!.step))
    const slabs = gripsOf(discs, landings).map((grip) => slabOf(study, landings, grip))
    return { discs, slabs, hinges: hingesOf(study, discs, hand) }
  })
  const discs = hands.flatMap((hand) => hand.discs)
  return {
    scale,
    discs,
    slabs: hands.flatMap((hand) => hand.slabs),
    hinges: hands.flatMap((hand) => hand.hinges),
    meetings: meetingsOf(study, discs),
  }
}
