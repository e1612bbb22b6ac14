import { layoutOf } from '#engraving'
import { crossingsOf, playersIn, type RealisedStudy } from '#core/realise'
import type { Faces } from './faces'
import { bottomOf, footOf, headOf, MARGIN } from './frame'
import { RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { placed } from './place'
import { PAPERS, type PaperSize } from './sizes'
import { type FingersShown, line, type Picture, systemPicture, words } from './system'
import type { SheetWords } from './words'

export interface SheetStudy {
  readonly study: RealisedStudy
  readonly title: string
  /** Tempo and touch, at the end of its line. */
  readonly tempo: string
  /** How it is swung or rolled; nothing where all is usual. */
  readonly head: string | null
}

/** What a sheet is made of, and how. */
export interface Sheet {
  readonly words: SheetWords
  readonly studies: readonly SheetStudy[]
  readonly paper: PaperSize
  readonly fingers: FingersShown
  /** Larger notes, for the stand. */
  readonly large: boolean
}

const HEAD = 40
/** A title line, and the sizes of its words. */
const TITLE = 22
const [TITLE_SIZE, TEMPO_SIZE] = [13, 10.5]
const [AFTER_SYSTEM, AFTER_STUDY] = [4, 12]

/** Pixels of a system across the page: fewer, and its notes stand larger. */
const WIDTH = { usual: 900, large: 640 } as const
const NARROWEST = 21

/** A study's title line with its systems, which are never torn from it. */
interface Block {
  readonly height: number
  readonly drawn: readonly Drawn[]
}

const leader = (from: number, to: number, y: number): Drawn =>
  line(`M${from} ${y}H${to}`, 0.8, { colour: RULE, dash: [0.8, 3] })

/** A study's title with its tempo at the end of the line, or under it where the title takes the whole line. */
function titleOf({ title, tempo }: SheetStudy, number: number | null, faces: Faces, across: number): Block {
  const x = MARGIN + (number === null ? 0 : 22)
  const end = MARGIN + across - faces.width(tempo, 'serif', TEMPO_SIZE)
  const from = x + faces.width(title, 'serif-bold', TITLE_SIZE) + 6
  const fits = from < end - 6
  return {
    height: fits ? TITLE : TITLE + TEMPO_SIZE + 4,
    drawn: [
      ...(number === null ? [] : [words(String(number), MARGIN, TITLE_SIZE, 'serif', TITLE_SIZE, SOFT)]),
      words(title, x, TITLE_SIZE, 'serif-bold', TITLE_SIZE),
      ...(fits ? [leader(from, end - 6, TITLE_SIZE)] : []),
      words(tempo, end, fits ? TITLE_SIZE : TITLE_SIZE + TEMPO_SIZE + 4, 'serif', TEMPO_SIZE),
    ],
  }
}

/** Which marks are wanted: all, those on which something crosses, or none. */
function wantedIn(study: RealisedStudy, fingers: FingersShown): (key: string) => boolean {
  if (fingers !== 'crossings') return () => fingers === 'all'
  const keys = new Set(playersIn(study).flatMap((hand) => crossingsOf(study, hand).map((index) => `${hand} ${index}`)))
  return (key) => keys.has(key)
}

/** A study's systems, each with what stands before it: the first under its title. */
function blocksOf(each: SheetStudy, number: number | null, sheet: Sheet, faces: Faces, across: number): Block[] {
  const pixels = WIDTH[sheet.large ? 'large' : 'usual']
  const scale = across / pixels
  const wanted = wantedIn(each.study, sheet.fingers)
  const pictures = layoutOf(each.study, pixels, NARROWEST).map((system, at): Picture =>
    systemPicture(each.study, system, faces, { head: at === 0 ? each.head : null, wanted }),
  )
  const title = titleOf(each, number, faces, across)
  return pictures.map(({ height, drawn }, at) => {
    const top = at === 0 ? title.height : 0
    const after = at === pictures.length - 1 ? AFTER_STUDY : AFTER_SYSTEM
    return {
      height: top + height * scale + after,
      drawn: [...(at === 0 ? title.drawn : []), ...drawn.map((one) => placed(one, MARGIN, top, scale))],
    }
  })
}

/** Blocks filled into pages in their order. */
function filled(blocks: readonly Block[], room: number): Block[][] {
  const pages: Block[][] = [[]]
  let left = room
  for (const block of blocks) {
    if (block.height > left && pages.at(-1)!.length > 0) {
      pages.push([])
      left = room
    }
    pages.at(-1)!.push(block)
    left -= block.height
  }
  return pages
}

/** More than this is not put between two systems: then the page ends earlier. */
const MOST_SPARE = 26

/** What is left of a page, shared out between its systems. */
function spareOf(blocks: readonly Block[], room: number): number {
  const left = room - blocks.reduce((sum, { height }) => sum + height, 0)
  return Math.min(MOST_SPARE, left / Math.max(1, blocks.length - 1))
}

/** Pages of a study, or of a set in its order. */
export function sheetPages(sheet: Sheet, faces: Faces): Page[] {
  const { width, height } = PAPERS[sheet.paper]
  const size: Page = { width, height, drawn: [] }
  const across = width - 2 * MARGIN
  const single = sheet.studies.length === 1
  const blocks = sheet.studies.flatMap((each, at) => blocksOf(each, single ? null : at + 1, sheet, faces, across))
  const top = MARGIN + HEAD - 8
  const room = bottomOf(sheet.words, faces, size) - top
  const pages = filled(blocks, room)
  return pages.map((own, at) => {
    let y = top
    const spare = at === pages.length - 1 ? 0 : spareOf(own, room)
    const music = own.flatMap((block) => {
      const drawn = block.drawn.map((one) => placed(one, 0, y, 1))
      y += block.height + spare
      return drawn
    })
    return {
      ...size,
      drawn: [
        ...headOf(sheet.words, faces, across, at === 0),
        ...music,
        ...footOf(sheet.words, faces, [at, pages.length], size),
      ],
    }
  })
}
