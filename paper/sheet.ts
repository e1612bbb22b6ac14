import { bookPages } from './book'
import type { Faces } from './faces'
import { acrossOf, flowed, type Leaf } from './flow'
import type { Page } from './page'
import { type SheetLook, type SheetStudy, studyBlocks } from './study'
import type { BookWords } from './words'

/** What a sheet of studies is made of, and how. */
export interface Sheet extends Leaf {
  readonly studies: readonly SheetStudy[]
  readonly look: SheetLook
  /** What a book says besides; nothing where it is none. */
  readonly book?: BookWords
}

/** Pages of a study, or of a set in its order. */
export function sheetPages({ studies, look, book, ...leaf }: Sheet, faces: Faces): Page[] {
  const across = acrossOf(leaf.paper)
  const single = studies.length === 1
  const titledOf = ({ title }: SheetStudy) => (single && title === leaf.words.title ? 'tempo' : 'whole')
  const blocks = studies.flatMap((each, at) =>
    studyBlocks(each, look, faces, across, { number: single ? null : at + 1, titled: titledOf(each) }),
  )
  if (!book || single) return flowed(blocks, leaf, faces)
  return bookPages(
    studies.map(({ title }) => title),
    blocks,
    { ...leaf, book },
    faces,
  )
}
