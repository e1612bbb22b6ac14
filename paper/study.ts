import { layoutOf, namesIn, type System } from '#engraving'
import type { Naming } from '#core/pitch'
import { crossingsOf, playersIn, type RealisedStudy } from '#core/realise'
import type { Faces } from './faces'
import { onlyLine, picturesOf } from './family'
import type { Block } from './flow'
import { MARGIN } from './frame'
import { boxPath, line, words } from './ink'
import { RULE, SOFT } from './inks'
import type { Drawn } from './page'
import { placed } from './place'
import { type FingersShown, systemPicture } from './system'
import { wrapped } from './wrapped'

/** How studies are laid on paper. */
export interface SheetLook {
  readonly fingers: FingersShown
  /** Larger notes, for the stand. */
  readonly large: boolean
  /** How notes are named under the staves. */
  readonly names: Naming | 'none'
  /** Whether grips and thumbs that meet are marked. */
  readonly grips: boolean
  /** Whether chords of a bass board are called by their names, or by the signs of their rows. */
  readonly chordNames: boolean
  /** Whether the stair of the fingers stands under each system, and the instrument under each study. */
  readonly stair: boolean
  readonly map: boolean
  /** Bars to a line; 0 for as many as fit. */
  readonly bars: number
  /** Whose lines are printed. */
  readonly hands: 'all' | 'right' | 'left'
  /** Whether a row of tempi stands under each study, to be ticked off. */
  readonly steps: boolean
  /** Whether several studies are a book: a title page, contents, running heads. */
  readonly book: boolean
}

export interface SheetStudy {
  readonly study: RealisedStudy
  readonly title: string
  /** Tempo and touch, at the end of its line. */
  readonly tempo: string
  /** Words over the notes of a step: how all is swung or rolled, what a section is. */
  readonly heads: readonly { readonly step: number; readonly words: string }[]
  /** A step of so many semitones, as it is said: “W”, “H”. */
  readonly step: (semitones: number) => string
  /** Beats a minute from slow to what is asked. */
  readonly tempi: readonly number[]
}

/** A title line, and the sizes of its words. */
const TITLE = 22
const [TITLE_SIZE, TEMPO_SIZE] = [13, 10.5]
const [AFTER_SYSTEM, AFTER_STUDY] = [4, 12]
/** What of a study's title stands over it: all, the tempo where the sheet is called so, or nothing. */
type Titled = 'whole' | 'tempo' | 'none'

/** Pixels of a system across the page: fewer, and its notes stand larger. */
const WIDTH = { usual: 900, large: 640 } as const
const NARROWEST = 21
const [STAIR, AFTER_STAIR] = [170, 6]
const [STEP_ROW, STEP_BOX, STEP_WIDTH] = [20, 9, 46]

const leader = (from: number, to: number, y: number): Drawn =>
  line(`M${from} ${y}H${to}`, 0.8, { colour: RULE, dash: [0.8, 3] })

/** The tempo alone, where the sheet's title is the study's own. */
const tempoBlock = ({ tempo }: SheetStudy, faces: Faces, across: number): Block => ({
  height: TITLE - 4,
  drawn: [words(tempo, MARGIN + across - faces.width(tempo, 'serif', TEMPO_SIZE), TEMPO_SIZE, 'serif', TEMPO_SIZE)],
})

/** From one line of a title to the next. */
const TITLE_LINE = 17

/** A study's title, in as many lines as it takes, with its tempo at the end of the last, or under it where there is no room. */
function titleOf({ title, tempo }: SheetStudy, number: number | null, faces: Faces, across: number): Block {
  const x = MARGIN + (number === null ? 0 : 22)
  const lines = wrapped(title, faces, { face: 'serif-bold', size: TITLE_SIZE }, MARGIN + across - x)
  const end = MARGIN + across - faces.width(tempo, 'serif', TEMPO_SIZE)
  const last = TITLE_SIZE + TITLE_LINE * (lines.length - 1)
  const from = x + faces.width(lines.at(-1)!, 'serif-bold', TITLE_SIZE) + 6
  const fits = from < end - 6
  const under = TITLE_LINE * (lines.length - 1)
  return {
    height: under + (fits ? TITLE : TITLE + TEMPO_SIZE + 4),
    drawn: [
      ...(number === null ? [] : [words(String(number), MARGIN, TITLE_SIZE, 'serif', TITLE_SIZE, SOFT)]),
      ...lines.map((text, at) => words(text, x, TITLE_SIZE + TITLE_LINE * at, 'serif-bold', TITLE_SIZE)),
      ...(fits ? [leader(from, end - 6, last)] : []),
      words(tempo, end, fits ? last : last + TEMPO_SIZE + 4, 'serif', TEMPO_SIZE),
    ],
  }
}

/** Which marks are wanted: all, those on which something crosses, or none. */
function wantedIn(study: RealisedStudy, fingers: FingersShown): (key: string) => boolean {
  if (fingers !== 'crossings') return () => fingers === 'all'
  const keys = new Set(playersIn(study).flatMap((hand) => crossingsOf(study, hand).map((index) => `${hand} ${index}`)))
  return (key) => keys.has(key)
}

/** What of a page is as wide as a system, in pixels, brought to points. */
interface Scale {
  readonly pixels: number
  readonly points: number
}
const brought = (drawn: readonly Drawn[], y: number, { points }: Scale): Drawn[] =>
  drawn.map((one) => placed(one, MARGIN, y, points))

function systemBlock(own: SheetStudy, system: System, look: SheetLook, scale: Scale, faces: Faces): Block {
  const { study, heads } = own
  const { engraved, drawn } = systemPicture(study, system, faces, {
    heads,
    wanted: wantedIn(study, look.fingers),
    nameOf: look.names === 'none' ? null : namesIn(study, look.names, own.step),
    ...{ grips: look.grips, chordNames: look.chordNames },
  })
  const stair = look.stair ? picturesOf(study).stair(study, system, STAIR) : []
  const under = engraved.height * scale.points
  return {
    height: under + (look.stair ? STAIR * scale.points + AFTER_STAIR : 0),
    drawn: [...brought(drawn, 0, scale), ...brought(stair, under, scale)],
  }
}

/** A row of tempi, each with a box: as many as fit, the first and the last among them. */
function stepsBlock({ tempi }: SheetStudy, across: number): Block {
  const most = Math.floor(across / STEP_WIDTH)
  const shown =
    tempi.length <= most
      ? tempi
      : Array.from({ length: most }, (_, at) => tempi[Math.round((at * (tempi.length - 1)) / (most - 1))]!)
  return {
    height: STEP_ROW,
    drawn: shown.flatMap((bpm, at) => {
      const x = MARGIN + STEP_WIDTH * at
      return [line(boxPath(x, 4, STEP_BOX, STEP_BOX), 0.9), words(`♩ ${bpm}`, x + STEP_BOX + 4, 12, 'serif', 9.5)]
    }),
  }
}

function mapBlock(study: RealisedStudy, look: SheetLook, scale: Scale): Block[] {
  const map = look.map ? picturesOf(study).map?.(study, scale.pixels, look.chordNames ? 'names' : 'signs') : null
  return map ? [{ height: map.height * scale.points + 6, drawn: brought(map.drawn, 2, scale) }] : []
}

/** Blocks stood under one another as one. */
function stacked(blocks: readonly Block[], after: number): Block {
  let y = 0
  const drawn = blocks.flatMap((block) => {
    const here = block.drawn.map((one) => placed(one, 0, y, 1))
    y += block.height
    return here
  })
  return { height: y + after, drawn }
}

/**
 * A study's systems, each with what stands before and after it: the first under its title.
 * @param place which of several it is, and what of its title stands over it
 */
export function studyBlocks(
  whole: SheetStudy,
  look: SheetLook,
  faces: Faces,
  across: number,
  { number = null, titled = 'whole' }: { readonly number?: number | null; readonly titled?: Titled } = {},
): Block[] {
  const own = look.hands === 'all' ? whole : { ...whole, study: onlyLine(whole.study, look.hands) }
  const pixels = WIDTH[look.large ? 'large' : 'usual']
  const scale = { pixels, points: across / pixels }
  const systems = layoutOf(own.study, pixels, { narrowest: NARROWEST, ...(look.bars > 0 && { bars: look.bars }) })
  return systems.map((system, at) => {
    const isLast = at === systems.length - 1
    const blocks = [
      ...(at === 0 && titled === 'whole' ? [titleOf(own, number, faces, across)] : []),
      ...(at === 0 && titled === 'tempo' ? [tempoBlock(own, faces, across)] : []),
      systemBlock(own, system, look, scale, faces),
      ...(isLast ? mapBlock(own.study, look, scale) : []),
      ...(isLast && look.steps ? [stepsBlock(own, across)] : []),
    ]
    const block = stacked(blocks, isLast ? AFTER_STUDY : AFTER_SYSTEM)
    return number === null ? block : { ...block, of: number }
  })
}
