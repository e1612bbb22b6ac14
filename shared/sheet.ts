import type { Bundle } from '#core/formats'
import { familyOf } from '#core/instrument'
import type { Message } from '#core/message'
import type { RealisedStudy } from '#core/realise'
import { notesTold } from '#core/study'
import { type FaceFiles, type Faces, facesFrom, type Sheet, sheetPages, writePdf } from '#paper'
import type { Code } from '#words'
import { inEnglish } from './reader'

/** How a sheet is made. */
export type SheetOptions = Pick<Sheet, 'paper' | 'fingers' | 'large'>

/** What each family's players should be spared, beyond the usual cautions. */
const CAUTIONS: Readonly<Record<RealisedStudy['plays'], Code | null>> = {
  fingers: null,
  sticks: 'mallets.words.mallet-instruments-are-loud',
  accordion: 'accordion.caution.paper',
}

const said = (code: Code, params: Message['params'] = {}): string => inEnglish({ code, params })

/** “♩ = 60 in eighths, legato”. */
function tempoOf({ recipe }: RealisedStudy): string {
  const notes = said('print.printed-study.in', { notesTold: inEnglish(notesTold(recipe.tempo.notesPerBeat)) })
  const touch = familyOf(recipe).hasTouch ? `, ${said('name.touch', { touch: recipe.articulation })}` : ''
  return `♩ = ${recipe.tempo.bpm} ${notes}${touch}`
}

function headOf(study: RealisedStudy): string | null {
  const { swing } = study.recipe.rhythm
  const roll = familyOf(study.recipe).rollOf(study)
  const told = [
    swing === 50 ? '' : said('score.score-system.swing', { swing }),
    roll && !study.sections ? said('score.score-system.strokes-to-the-beat', { roll }) : '',
  ].filter(Boolean)
  return told.length > 0 ? told.join(', ') : null
}

function cautionOf(studies: readonly RealisedStudy[]): string {
  const own = [...new Set(studies.flatMap(({ plays }) => CAUTIONS[plays] ?? []))]
  const codes: Code[] = ['print.paper-foot.start-slowly-and-stay', ...own, 'print.paper-foot.stop-at-pain-numbness']
  return codes.map((code) => said(code).trim()).join(' ')
}

let faces: Faces | undefined

/** A study, or a set in its order, as a PDF file. */
export function writeSheet({ title, pieces }: Bundle, options: SheetOptions, files: FaceFiles): Promise<Uint8Array> {
  faces ??= facesFrom(files)
  const sheet: Sheet = {
    ...options,
    words: {
      title,
      name: said('print.sheet.name'),
      date: said('print.sheet.date'),
      caution: cautionOf(pieces.map(({ study }) => study)),
      page: (at, of) => said('print.sheet.page', { at, of }),
    },
    studies: pieces.map((piece) => ({ ...piece, tempo: tempoOf(piece.study), head: headOf(piece.study) })),
  }
  return writePdf(sheetPages(sheet, faces), title, faces)
}
