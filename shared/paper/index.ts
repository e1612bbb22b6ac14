/** Paper that is asked for: words for each sheet, and its pages or a PDF file. One door for server and terminal. */
import type { Message } from '#core/message'
import { type FaceFiles, type Faces, facesFrom, inRuns, type Page, writePdf } from '#paper'
import type { Wording } from '../wording'
import type { PaperRequest } from './requests'
import { chartSheet } from './chart'
import { cardsOf, studyPages } from './studies'
import { lessonSheet } from './lesson'
import { weekSheet } from './week'
import { worksheetSheet } from './worksheet'

export { calledWhole } from './called'
export { plannedText } from './places'
export type { PaperRequest } from './requests'

/** What was made. */
export interface Made {
  readonly title: string
  readonly pages: readonly Page[]
  /** What is to be said of it beside the paper. */
  readonly notices?: readonly Message[]
}

/** How each sheet is made. */
const SHEETS: { readonly [Sheet in PaperRequest['sheet']]: (request: never, faces: Faces, w: Wording) => Made } = {
  studies: studyPages,
  cards: cardsOf,
  chart: chartSheet,
  worksheet: worksheetSheet,
  week: weekSheet,
  lesson: lessonSheet,
}

let faces: Faces | undefined

const madeWith = (request: PaperRequest, own: Faces, w: Wording): Made =>
  SHEETS[request.sheet](request as never, own, w)

/** A sheet's title and pages, each text in one face. @throws DomainError naming the field that cannot be had */
export function paperPages(request: PaperRequest, files: FaceFiles, w: Wording): Made {
  const own = (faces ??= facesFrom(files))
  const made = madeWith(request, own, w)
  return { ...made, pages: made.pages.map((page) => inRuns(page, own)) }
}

/** A sheet as a PDF file. @throws DomainError naming the field that cannot be had */
export function paperPdf(request: PaperRequest, files: FaceFiles, w: Wording): Promise<Uint8Array> {
  faces ??= facesFrom(files)
  const { title, pages } = madeWith(request, faces, w)
  return writePdf(pages, title, faces)
}
