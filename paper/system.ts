import { engraveSystem, type Engraved, type System } from '#engraving'
import { marksOf, playersIn, type RealisedStudy } from '#core/realise'
import type { Faces } from './faces'
import { INK, SOFT } from './inks'
import type { Drawn, Face } from './page'
import { Recorder } from './recorder'

/** A picture of one system in pixels, as high as it says. */
export interface Picture {
  readonly height: number
  readonly drawn: readonly Drawn[]
}

/** Which fingers stand over the notes. */
export type FingersShown = 'all' | 'crossings' | 'none'

/** A stroke along a path. */
export const line = (
  d: string,
  width: number,
  { colour = INK, dash }: { readonly colour?: string; readonly dash?: readonly number[] } = {},
): Drawn => ({ kind: 'path', ...{ d, width, fill: null, stroke: colour }, ...(dash && { dash }) })
export const words = (text: string, x: number, y: number, face: Face, size: number, colour = INK): Drawn => ({
  kind: 'text',
  ...{ text, x, y, face, size, colour },
})

function barLines({ left, right, last, barLines: bars }: System, { top, bottom }: Engraved): Drawn[] {
  const at = (x: number, width: number): Drawn => line(`M${x} ${top}V${bottom}`, width)
  return [at(left, 1.1), ...bars.map((x) => at(x, 1.1)), ...(last ? [at(right - 7, 1.1), at(right - 2, 4)] : [])]
}

const CLEFS = { treble: '\uE07A', bass: '\uE07C' } as const

/** Fingers or sticks, each with its middle on its column. */
function marks(study: RealisedStudy, engraved: Engraved, faces: Faces, wanted: (key: string) => boolean): Drawn[] {
  const all = new Map(playersIn(study).map((player) => [player, marksOf(study, player)]))
  return engraved.fingers
    .filter(({ hand, index }) => wanted(`${hand} ${index}`))
    .map(({ hand, index, x, y }) => {
      const text = all.get(hand)![index]!
      return words(text, x - faces.width(text, 'serif-bold', 14.5) / 2, y, 'serif-bold', 14.5)
    })
}

/** One system with its bar lines, clefs, octave lines and fingers. */
export function systemPicture(
  study: RealisedStudy,
  system: System,
  faces: Faces,
  shown: { readonly head: string | null; readonly wanted: (key: string) => boolean },
): Picture {
  const recorder = new Recorder()
  const ink = {
    context: () => recorder as never,
    moveDown: (group: unknown, by: number) => {
      ;(group as { down: number }).down = by
    },
  }
  const room = { letters: false, names: false, head: shown.head !== null, over: 0 }
  const engraved = engraveSystem(ink, study, system, room)
  const drawn: Drawn[] = [
    ...recorder.drawn,
    ...barLines(system, engraved),
    ...engraved.clefs.map(({ x, y, clef }) => words(CLEFS[clef], x, y, 'music', 38)),
    ...engraved.signs.map(({ x, y, text }) => words(text, x - faces.width(text, 'serif', 12.5) / 2, y, 'serif', 12.5)),
    ...engraved.ottavas.flatMap(({ label, from, to, y }) => [
      words(label, from, y + 4, 'serif-italic', 13),
      line(`M${from + 24} ${y}H${to}v${label === '8va' ? 7 : -7}`, 1, { dash: [4, 3] }),
    ]),
    ...(shown.head === null ? [] : [words(shown.head, system.left, 13, 'serif-italic', 13, SOFT)]),
    ...marks(study, engraved, faces, shown.wanted),
  ]
  return { height: engraved.height, drawn }
}
