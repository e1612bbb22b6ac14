import type { Faces } from './faces'
import { acrossOf, flowed, type Leaf } from './flow'
import type { Page } from './page'
import { type SheetLook, type SheetStudy, studyBlocks } from './study'

/** What a sheet of studies is made of, and how. */
export interface Sheet extends Leaf {
  readonly studies: readonly SheetStudy[]
  readonly look: SheetLook
}

/** Pages of a study, or of a set in its order. */
export function sheetPages({ studies, look, ...leaf }: Sheet, faces: Faces): Page[] {
  const across = acrossOf(leaf.paper)
  const single = studies.length === 1
  const blocks = studies.flatMap((each, at) => studyBlocks(each, single ? null : at + 1, look, faces, across))
  return flowed(blocks, leaf, faces)
}
