import type { Faces } from './faces'
import { acrossOf, type Block, laidOut, type Leaf, pagesOf } from './flow'
import { footOf, MARGIN } from './frame'
import { line, words } from './ink'
import { RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { PAPERS } from './sizes'
import type { BookWords } from './words'
import { fitted, wrapped } from './wrapped'

interface Book extends Leaf {
  readonly book: BookWords
}

const TITLE = { face: 'serif-bold', size: 34 } as const
const [TITLE_LEADING, NAME_SIZE, ENTRY, ENTRY_SIZE] = [42, 13, 21, 12] as const

/** Title, whose it is, how much is in it: a third down the page. */
function titlePage({ words: sheetWords, paper, book }: Book, faces: Faces): Page {
  const size = PAPERS[paper]
  const across = acrossOf(paper)
  const lines = wrapped(sheetWords.title, faces, TITLE, across)
  const top = size.height / 3
  const under = top + TITLE_LEADING * (lines.length - 1)
  const said = [book.count, sheetWords.name, sheetWords.date].filter(Boolean)
  return {
    ...size,
    drawn: [
      ...lines.map((text, at) => words(text, MARGIN, top + TITLE_LEADING * at, TITLE.face, TITLE.size)),
      line(`M${MARGIN} ${under + 18}H${MARGIN + across}`, 1.2),
      line(`M${MARGIN} ${under + 21.5}H${MARGIN + across}`, 0.6),
      ...said.map((text, at) =>
        words(text, MARGIN, under + 50 + 24 * at, 'serif', NAME_SIZE, at === 0 ? SOFT : undefined),
      ),
    ],
  }
}

/** A study in the contents: its number, its title, the page it begins on. */
function entryBlock(title: string, number: number, page: number, faces: Faces, across: number): Block {
  const text = String(page)
  const end = MARGIN + across - faces.width(text, 'serif', ENTRY_SIZE)
  const own = fitted(title, faces, { face: 'serif', size: ENTRY_SIZE }, end - MARGIN - 40)
  const from = MARGIN + 24 + faces.width(own.text, 'serif', own.size) + 6
  const drawn: Drawn[] = [
    words(String(number), MARGIN, ENTRY_SIZE, 'serif', ENTRY_SIZE, SOFT),
    words(own.text, MARGIN + 24, ENTRY_SIZE, 'serif', own.size),
    line(`M${from} ${ENTRY_SIZE}H${end - 6}`, 0.8, { colour: RULE, dash: [0.8, 3] }),
    words(text, end, ENTRY_SIZE, 'serif', ENTRY_SIZE),
  ]
  return { height: ENTRY, drawn }
}

/** The page of each study's first line, counted from 0. */
const firstPages = (pages: readonly (readonly Block[])[], count: number): number[] =>
  Array.from({ length: count }, (_, at) => pages.findIndex((page) => page.some(({ of }) => of === at + 1)))

/** Studies as a book: a title page, contents with the pages, and on every page the study that it begins with. */
export function bookPages(titles: readonly string[], blocks: readonly Block[], book: Book, faces: Faces): Page[] {
  const across = acrossOf(book.paper)
  const own = pagesOf(blocks, book, faces)
  const begins = firstPages(own, titles.length)
  const contents = (before: number): Block[][] => {
    const heading: Block = {
      height: 30,
      drawn: [words(book.book.contents, MARGIN, 18, 'serif-bold', 16)],
      heads: true,
    }
    const entries = titles.map((title, at) => entryBlock(title, at + 1, before + begins[at]! + 1, faces, across))
    return pagesOf([heading, ...entries], book, faces)
  }
  // how long the contents are does not hang on the numbers in them
  const front = 1 + contents(0).length
  const listed = contents(front)
  const title = titlePage(book, faces)
  const total = front + own.length
  const whole = { ...book, words: { ...book.words, page: (at: number) => book.words.page(at, total) } }
  const runs = (at: number): string => titles[(own[at]!.find(({ of }) => of !== undefined)?.of ?? 1) - 1]!
  return [
    { ...title, drawn: [...title.drawn, ...footOf(whole.words, faces, [0, total], title)] },
    ...laidOut(listed, whole, faces, { before: 1, running: () => book.book.contents }),
    ...laidOut(own, whole, faces, { before: front, running: runs }),
  ]
}
