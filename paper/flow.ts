import type { Faces } from './faces'
import { bottomOf, footOf, headOf, MARGIN } from './frame'
import type { Drawn, Page } from './page'
import { placed } from './place'
import { PAPERS, type PaperSize } from './sizes'
import type { SheetWords } from './words'

/** Something that stands on one page, its top at 0 and its x those of the page. Lengths in points. */
export interface Block {
  readonly height: number
  readonly drawn: readonly Drawn[]
  /** Whether it never stands last on a page: a heading keeps to what follows. */
  readonly heads?: boolean
  /** What it is a part of: parts of one thing stand on one page where a page holds them. */
  readonly of?: number
}

/** What pages are made for. */
export interface Leaf {
  readonly words: SheetWords
  readonly paper: PaperSize
}

const HEAD = 32
/** More than this is not put between two blocks: then the page ends earlier. */
const MAX_SPARE = 26

/** Points between the margins. */
export const acrossOf = (paper: PaperSize): number => PAPERS[paper].width - 2 * MARGIN

const heightOf = (blocks: readonly Block[]): number => blocks.reduce((sum, { height }) => sum + height, 0)

/** Blocks that keep together: headings with what follows, parts of what has room on one page. */
function grouped(blocks: readonly Block[], room: number): Block[][] {
  const whole = new Map<number, number>()
  for (const { of, height } of blocks) if (of !== undefined) whole.set(of, (whole.get(of) ?? 0) + height)
  const groups: Block[][] = []
  let before: Block | undefined
  for (const block of blocks) {
    const together = block.of !== undefined && block.of === before?.of && whole.get(block.of)! <= room
    if (before?.heads === true || together) groups.at(-1)!.push(block)
    else groups.push([block])
    before = block
  }
  return groups
}

/** Blocks filled into pages in their order. */
function filled(blocks: readonly Block[], room: number, page = room): Block[][] {
  const pages: Block[][] = [[]]
  // what a whole page holds keeps together, however full pages are meant to be
  for (const group of grouped(blocks, page)) {
    if (heightOf(pages.at(-1)!) + heightOf(group) > room && pages.at(-1)!.length > 0) pages.push([])
    pages.at(-1)!.push(...group)
  }
  return pages
}

/** The same number of pages, each as full as the others: none but the last stands half empty without need. */
function evened(blocks: readonly Block[], room: number): Block[][] {
  const pages = filled(blocks, room)
  if (pages.length === 1) return pages
  let [least, most] = [heightOf(blocks) / pages.length, room]
  while (most - least > 1) {
    const middle = (least + most) / 2
    if (filled(blocks, middle, room).length > pages.length) least = middle
    else most = middle
  }
  return filled(blocks, most, room)
}

/** What is left of a page, shared out between its blocks; a heading keeps to what follows. */
function spareOf(blocks: readonly Block[], room: number): number {
  const places = blocks.slice(0, -1).filter(({ heads }) => !heads).length
  return Math.min(MAX_SPARE, (room - heightOf(blocks)) / Math.max(1, places))
}

/** Blocks two by two, side by side: each drawn in a column of its own width, its left at 0. */
export function sideBySide(blocks: readonly Block[], width: number, gap: number): Block[] {
  return Array.from({ length: Math.ceil(blocks.length / 2) }, (_, at) => {
    const row = blocks.slice(2 * at, 2 * at + 2)
    return {
      height: Math.max(...row.map(({ height }) => height)),
      drawn: row.flatMap(({ drawn }, side) => drawn.map((one) => placed(one, MARGIN + side * (width + gap), 0, 1))),
    }
  })
}

/** Points of a page between head and foot. */
export function roomOf({ words, paper }: Leaf, faces: Faces): { size: Page; top: number; room: number } {
  const size: Page = { ...PAPERS[paper], drawn: [] }
  const top = MARGIN + HEAD
  return { size, top, room: bottomOf(words, faces, size) - top }
}

/** Where pages stand in what they belong to, where they are not all of it. */
export interface Bound {
  /** Pages before them. */
  readonly before: number
  /** What stands at the right of each page's head. */
  readonly running: (at: number) => string
}

/** What stands on each page, between a head and a foot. @param drawnOf of one page, its top at 0 */
export function framed(
  leaf: Leaf,
  faces: Faces,
  pages: number,
  drawnOf: (at: number) => readonly Drawn[],
  bound?: Bound,
): Page[] {
  const { size, top } = roomOf(leaf, faces)
  const before = bound?.before ?? 0
  return Array.from({ length: pages }, (_, at) => ({
    ...size,
    drawn: [
      ...headOf(leaf.words, faces, acrossOf(leaf.paper), bound ? bound.running(at) : at === 0),
      ...drawnOf(at).map((one) => placed(one, 0, top, 1)),
      ...footOf(leaf.words, faces, [before + at, before + pages], size),
    ],
  }))
}

/** Blocks in their order, page by page, each page about as full as the others. */
export const pagesOf = (blocks: readonly Block[], leaf: Leaf, faces: Faces): Block[][] =>
  evened(blocks, roomOf(leaf, faces).room)

/** Pages of blocks, in their frames. */
export function laidOut(pages: readonly (readonly Block[])[], leaf: Leaf, faces: Faces, bound?: Bound): Page[] {
  const { room } = roomOf(leaf, faces)
  const drawnOf = (at: number): readonly Drawn[] => {
    const own = pages[at]!
    const spare = at === pages.length - 1 ? 0 : spareOf(own, room)
    let y = 0
    return own.flatMap(({ height, drawn, heads }) => {
      const here = drawn.map((one) => placed(one, 0, y, 1))
      y += height + (heads ? 0 : spare)
      return here
    })
  }
  return framed(leaf, faces, pages.length, drawnOf, bound)
}

/** Blocks in their order as pages that are about equally full. */
export const flowed = (blocks: readonly Block[], leaf: Leaf, faces: Faces): Page[] =>
  laidOut(pagesOf(blocks, leaf, faces), leaf, faces)
