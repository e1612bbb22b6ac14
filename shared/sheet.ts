import type { Bundle } from '#core/formats'
import { type ChartGroup, type ChartLine, chartOf, type ChartRow, groupsOf } from '#core/chart'
import { familyOf, type RecipeInput } from '#core/instrument'
import { type KindId, kindNamed } from '#core/material'
import { capital, type Message } from '#core/message'
import { printedName } from '#core/pitch'
import type { RealisedStudy } from '#core/realise'
import { notesTold } from '#core/study'
import {
  chartPages,
  type FaceFiles,
  type Faces,
  facesFrom,
  type Sheet,
  sheetPages,
  type SheetWords,
  writePdf,
} from '#paper'
import type { Code } from '#words'
import { inEnglish } from './reader'

/** How a sheet is made. */
export type SheetOptions = Pick<Sheet, 'paper' | 'fingers' | 'large'>

/** A chart of fingerings: which kind, and what else its studies have. */
export interface ChartAsked extends Omit<RecipeInput, 'material'> {
  readonly kind: KindId
}

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

/** What every sheet says. */
const frameOf = (title: string, caution: string): SheetWords => ({
  ...{ title, caution, name: said('print.sheet.name'), date: said('print.sheet.date') },
  page: (at, of) => said('print.sheet.page', { at, of }),
})

const signsOf = ({ fifths }: ChartRow): string =>
  said('print.chart.signs', { fifths, signs: Math.abs(fifths), of: fifths < 0 ? 'flat' : 'sharp' })

/** “RH 4 on B, LH 4 on C”: of single lines that have the finger once. */
function landmarkOf({ lines }: ChartRow): string {
  const told = lines
    .filter(({ fourths }) => fourths.length === 1)
    .map(({ player, fourths: [note] }) =>
      said('print.chart.landmark', { player: said('print.chart.player', { player }), notes: printedName(note!) }),
    )
  return told.join(' · ')
}

/** A kind in all its keys, as a PDF file. @throws RecipeError where the instrument does not take the kind */
export function writeChart(
  { kind, ...some }: ChartAsked,
  paper: Sheet['paper'],
  files: FaceFiles,
): Promise<Uint8Array> {
  faces ??= facesFrom(files)
  const rows = chartOf(kind, some)
  const title = said('print.chart.title', { kind: inEnglish(capital(kindNamed({ id: kind }))) })
  const keyNames = (own: readonly ChartRow[]): string => own.map(({ tonic }) => printedName(tonic)).join(', ')
  const chart = {
    paper,
    groups: groupsOf(rows),
    words: {
      ...frameOf(title, cautionOf([])),
      key: ({ tonic }: ChartRow) => printedName(tonic),
      signs: signsOf,
      group: ({ rows: own, alike }: ChartGroup) =>
        said('print.chart.group', { alike: alike ? 'yes' : 'no', count: own.length, keys: keyNames(own) }),
      player: ({ player }: ChartLine) => said('print.chart.player', { player }),
      landmark: landmarkOf,
    },
  }
  return writePdf(chartPages(chart, faces), title, faces)
}

/** A study, or a set in its order, as a PDF file. */
export function writeSheet({ title, pieces }: Bundle, options: SheetOptions, files: FaceFiles): Promise<Uint8Array> {
  faces ??= facesFrom(files)
  const sheet: Sheet = {
    ...options,
    words: frameOf(title, cautionOf(pieces.map(({ study }) => study))),
    studies: pieces.map((piece) => ({ ...piece, tempo: tempoOf(piece.study), head: headOf(piece.study) })),
  }
  return writePdf(sheetPages(sheet, faces), title, faces)
}
