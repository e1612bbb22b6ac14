import type { RecipeInput } from '#core/instrument'
import type { KindId } from '#core/material'
import type { Accepted } from '#core/realise'
import type { WorksheetRequest } from '#core/worksheet'
import type { PaperSize, SheetLook } from '#paper'
import type { LessonFile } from '../lessonFile'
import type { Practised } from '../practiceView'

/** Sheets that can be asked for. */
export const SHEETS = ['studies', 'chart', 'worksheet', 'cards', 'week', 'lesson'] as const
export type SheetId = (typeof SHEETS)[number]

/** Whether the answers of a worksheet are wanted: not at all, behind the sheet, or alone. */
export const ANSWERS = ['none', 'after', 'only'] as const
export type Answers = (typeof ANSWERS)[number]

/** A chart of fingerings: which kinds, one after the other, and what else its studies have. */
export interface ChartRequest {
  readonly kinds: readonly KindId[]
  readonly settings: Omit<RecipeInput, 'material'>
}

/** A study that goes out, with the marks that were accepted for it. */
export interface StudyOut {
  readonly recipe: RecipeInput
  readonly accepted?: Accepted
}

/** How a sheet of studies is made where nothing is said. */
export const DEFAULT_LOOK: SheetLook = {
  ...{ fingers: 'all', large: false, names: 'none', grips: false, chordNames: false, stair: false, map: false },
  ...{ bars: 0, hands: 'all', steps: false, book: false },
}

/** Studies under a title; whose they are, where that is known. */
interface StudiesRequest {
  readonly title: string
  readonly name?: string
  readonly studies: readonly StudyOut[]
}

/** A sheet of paper, with all that it is made from. */
export type PaperRequest = { readonly size: PaperSize } & (
  | ({ readonly sheet: 'studies'; readonly look: SheetLook } & StudiesRequest)
  | ({ readonly sheet: 'cards' } & StudiesRequest)
  | { readonly sheet: 'chart'; readonly chart: ChartRequest }
  | { readonly sheet: 'worksheet'; readonly worksheet: WorksheetRequest & { readonly answers: Answers } }
  | {
      readonly sheet: 'lesson'
      readonly file: LessonFile
      /** The address of the pupil's own page; null where there is none. */
      readonly address: string | null
    }
  | { readonly sheet: 'week'; readonly name: string; readonly practice: Practised }
)
