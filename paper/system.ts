import { emptyStaff, engraveSystem, type Engraved, type FingerSpot, type System } from '#engraving'
import { marksOf, playersIn, type RealisedStudy, stretchesOf, underlinedIn } from '#core/realise'
import type { Faces } from './faces'
import { picturesOf } from './family'
import { line, shape, words } from './ink'
import { INK, MET, SOFT } from './inks'
import type { Drawn } from './page'
import { placed } from './place'
import { Recorder } from './recorder'

/** A picture of one system in pixels, and where its notes and fingers stand. */
export interface Picture {
  readonly engraved: Engraved
  readonly drawn: readonly Drawn[]
  /** Those of it that are fingers or sticks. */
  readonly marks: readonly Drawn[]
}

/** Which fingers stand over the notes. */
export type FingersShown = 'all' | 'crossings' | 'none'

/** What stands with the notes of a system. */
export interface Beside {
  /** Words over the notes of a step: how all is swung or rolled, what a section is. */
  readonly heads: readonly { readonly step: number; readonly words: string }[]
  /** Whether a note, by `hand index`, has its finger. */
  readonly wanted: (key: string) => boolean
  /** What a note is called; null where notes are not named. */
  readonly nameOf: ((spot: FingerSpot) => string) | null
  /** Whether grips and thumbs that meet are marked. */
  readonly grips: boolean
  /** Whether chords of a bass board are called by their names. */
  readonly chordNames?: boolean
}

function barLines({ left, right, last, barLines: bars }: System, { top, bottom }: Engraved): Drawn[] {
  const at = (x: number, width: number): Drawn => line(`M${x} ${top}V${bottom}`, width)
  return [at(left, 1.1), ...bars.map((x) => at(x, 1.1)), ...(last ? [at(right - 7, 1.1), at(right - 2, 4)] : [])]
}

/** What words over a system take, as the engraving leaves it. */
const HEAD = 18
const NAME = 12.5
const CLEFS = { treble: '\uE07A', bass: '\uE07C' } as const

/** Fingers or sticks, each with its middle on its column. */
function marks(study: RealisedStudy, engraved: Engraved, faces: Faces, { wanted }: Beside): Drawn[] {
  const all = new Map(playersIn(study).map((player) => [player, marksOf(study, player)]))
  const beneath = new Set(
    playersIn(study).flatMap((hand) => underlinedIn(study, hand).map((index) => `${hand} ${index}`)),
  )
  return engraved.fingers
    .filter(({ hand, index }) => wanted(`${hand} ${index}`))
    .flatMap(({ hand, index, x, y }) => {
      const text = all.get(hand)![index]!
      return [
        words(text, x - faces.width(text, 'serif-bold', 14.5) / 2, y, 'serif-bold', 14.5),
        ...(beneath.has(`${hand} ${index}`) ? [line(`M${x - 4.5} ${y + 2.4}h9`, 1.1)] : []),
      ]
    })
}

function names({ fingers }: Engraved, faces: Faces, { nameOf }: Beside): Drawn[] {
  if (!nameOf) return []
  return fingers.flatMap((spot) => {
    if (spot.nameY === null) return []
    const text = nameOf(spot)
    return [words(text, spot.x - faces.width(text, 'sans', NAME) / 2, spot.nameY, 'sans', NAME, SOFT)]
  })
}

/** A grip: what is played without moving, under one line, with a corner where it begins. */
function gripLines(study: RealisedStudy, { fingers }: Engraved): Drawn[] {
  return playersIn(study).flatMap((player) => {
    const begins = new Set(stretchesOf(study, player))
    const own = fingers.filter(({ hand }) => hand === player)
    const grips: FingerSpot[][] = []
    for (const spot of own) {
      if (grips.length === 0 || begins.has(spot.index)) grips.push([])
      grips.at(-1)!.push(spot)
    }
    const up = player !== 'left'
    return grips.flatMap((grip) => {
      const ys = grip.map(({ letterY }) => letterY)
      const y = up ? Math.min(...ys) + 2 : Math.max(...ys) - 6
      const [from, to] = [grip[0]!.x - 6, grip.at(-1)!.x + 6]
      return [line(`M${from} ${y + (up ? 5 : -5)}V${y}H${to}`, 0.9, { colour: SOFT })]
    })
  })
}

/** Where both thumbs fall on one step, a line joins the staves with a diamond on it. */
function thumbsMet(study: RealisedStudy, engraved: Engraved, { from, columns }: System): Drawn[] {
  const steps = 'together' in study ? (study.together?.thumbs ?? []) : []
  const y = (engraved.top + engraved.bottom) / 2
  return steps.flatMap((step) => {
    const x = columns[step - from]
    if (x === undefined) return []
    return [
      line(`M${x} ${y - 9}V${y + 9}`, 1.2, { colour: MET }),
      shape(`M${x} ${y - 5}L${x + 5} ${y}L${x} ${y + 5}L${x - 5} ${y}Z`, MET),
    ]
  })
}

/** Something to draw into, and what was drawn. */
function recording(): { recorder: Recorder; ink: Parameters<typeof engraveSystem>[0] } {
  const recorder = new Recorder()
  const moveDown = (group: unknown, by: number): void => {
    ;(group as { down: number }).down = by
  }
  return { recorder, ink: { colour: INK, context: () => recorder as never, moveDown } }
}

/** A staff with nothing but its clef and, where there is one, its signature. */
export function emptyPicture(
  place: { readonly x: number; readonly y: number; readonly width: number },
  signed: { readonly clef: 'treble' | 'bass'; readonly fifths: number },
): Drawn[] {
  const { recorder } = recording()
  emptyStaff(recorder as never, place, signed)
  return recorder.drawn
}

/** One system with its bar lines, clefs, octave lines and fingers, and what else is wanted with it. */
export function systemPicture(study: RealisedStudy, system: System, faces: Faces, beside: Beside): Picture {
  const { recorder, ink } = recording()
  const heads = beside.heads.filter(({ step }) => step >= system.from && step < system.to)
  const over = picturesOf(study).over?.(study, system)
  const under = picturesOf(study).under?.(study, system)
  const shown = {
    ...{ letters: beside.grips, names: beside.nameOf !== null, head: heads.length > 0 },
    over: over?.height ?? 0,
    under: under?.height ?? 0,
  }
  const engraved = engraveSystem(ink, study, system, shown)
  const headX = (step: number): number => (step === 0 ? system.left : system.columns[step - system.from]! - 6)
  const fingering = marks(study, engraved, faces, beside)
  const drawn: Drawn[] = [
    ...recorder.drawn,
    ...(over?.drawn ?? []).map((one) => placed(one, 0, heads.length > 0 ? HEAD : 0, 1)),
    ...(under?.drawn ?? []).map((one) => placed(one, 0, engraved.height - under!.height, 1)),
    ...barLines(system, engraved),
    ...engraved.clefs.map(({ x, y, clef }) => words(CLEFS[clef], x, y, 'music', 38)),
    ...engraved.signs.map(({ x, y, text, name }) => {
      const own = beside.chordNames ? name : text
      return words(own, x - faces.width(own, 'serif', 12.5) / 2, y, 'serif', 12.5)
    }),
    ...engraved.rings.map(({ x, y }) => line(`M${x} ${y}q8 5 16 0`, 1)),
    ...engraved.labels.map(({ x, y, text }) => words(text, x - faces.width(text, 'serif', 12.5) / 2, y, 'serif', 12.5)),
    ...engraved.ottavas.flatMap(({ label, from, to, y }) => [
      words(label, from, y + 4, 'serif-italic', 13),
      line(`M${from + 24} ${y}H${to}v${label === '8va' ? 7 : -7}`, 1, { dash: [4, 3] }),
    ]),
    ...heads.map(({ step, words: noteNames }) => words(noteNames, headX(step), 13, 'serif-italic', 13, SOFT)),
    ...(beside.grips ? [...gripLines(study, engraved), ...thumbsMet(study, engraved, system)] : []),
    ...names(engraved, faces, beside),
    ...fingering,
  ]
  return { engraved, drawn, marks: fingering }
}
