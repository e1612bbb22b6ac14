import type { Question, Section, WrittenAnswer } from '#core/worksheet'
import type { Faces } from './faces'
import { acrossOf, type Block, flowed, type Leaf, sideBySide } from './flow'
import { MARGIN } from './frame'
import { boxPath, line, words } from './ink'
import { MET, RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { placed } from './place'
import { isWide, staffPicture } from './questionStaff'
import { wrapped } from './wrapped'
import type { SheetWords } from './words'

/** Words of a worksheet beyond those that every sheet has. */
export interface WorksheetWords extends SheetWords {
  /** What is to be done. */
  readonly task: (section: Section) => string
  /** The same in a word or two, for the marking grid. */
  readonly short: (section: Section) => string
  /** The key that is asked, without giving the answer away. */
  readonly key: (question: Question) => string
  /** Lines to write on: what stands before each, and what belongs on it. */
  readonly written: (answer: WrittenAnswer) => readonly { readonly label: string; readonly answer: string }[]
  /** “W”, “H”. */
  readonly step: (semitones: number) => string
  readonly marks: string
  readonly total: string
}

/** A worksheet; with `answers` it is the sheet for whoever marks it. */
export interface Worksheet extends Leaf {
  readonly words: WorksheetWords
  readonly sections: readonly Section[]
  readonly answers: boolean
}

const GAP = 22
const [TITLE, WRITTEN, AFTER] = [16, 20, 8]
const [TITLE_SIZE, LABEL_SIZE] = [10.5, 9]
const [GRID_ROW, GRID_NAME, GRID_MARKS] = [17, 220, 70]

/** Lines to write on under a question, each after its label; answers stand on them. */
function writtenLines({ written }: Question, sheet: Worksheet, faces: Faces, width: number): Block {
  const lines = written ? sheet.words.written(written) : []
  return {
    height: WRITTEN * lines.length,
    drawn: lines.flatMap(({ label, answer }, at) => {
      const y = WRITTEN * at + 14
      const from = label === '' ? 0 : faces.width(label, 'sans', LABEL_SIZE) + 6
      return [
        words(label, 0, y, 'sans', LABEL_SIZE, SOFT),
        line(`M${from} ${y + 2}H${width}`, 0.6, { colour: RULE }),
        ...(sheet.answers ? [words(answer, from + 3, y, 'serif-bold', 10.5, MET)] : []),
      ]
    }),
  }
}

/** A question in its column: number and key, what stands of the staff, lines to write on. */
function questionBlock(question: Question, number: number, sheet: Worksheet, faces: Faces, width: number): Block {
  const staff = question.staff ? staffPicture(question, question.staff, sheet, faces, width) : null
  const under = TITLE + (staff?.height ?? 0)
  const lines = writtenLines(question, sheet, faces, width)
  return {
    height: under + lines.height + AFTER,
    drawn: [
      words(String(number), 0, 11, 'serif', TITLE_SIZE, SOFT),
      words(sheet.words.key(question), 18, 11, 'serif-bold', TITLE_SIZE),
      ...(staff?.drawn ?? []).map((one) => placed(one, 0, TITLE, 1)),
      ...lines.drawn.map((one) => placed(one, 0, under, 1)),
    ],
  }
}

function headingOf(section: Section, sheet: Worksheet, faces: Faces, across: number): Block {
  const size = 11.5
  const lines = wrapped(sheet.words.task(section), faces, { face: 'serif-italic', size }, across)
  return {
    height: 12 + lines.length * 15,
    drawn: lines.map((text, at) => words(text, MARGIN, 16 + at * 15, 'serif-italic', size)),
    heads: true,
  }
}

/** A row for each task with room for its marks, and one for all of them. */
function gridOf(sheet: Worksheet): Block {
  const counts = sheet.sections.map(({ questions }) => questions.length)
  const rows = [
    ...sheet.sections.map((section, at) => ({ name: sheet.words.short(section), of: counts[at]! })),
    { name: sheet.words.total, of: counts.reduce((sum, count) => sum + count, 0) },
  ]
  const top = 26
  return {
    height: top + GRID_ROW * rows.length + 6,
    drawn: [
      words(sheet.words.marks, MARGIN, 18, 'serif-italic', 11.5),
      ...rows.flatMap(({ name, of }, at): Drawn[] => {
        const y = top + GRID_ROW * at
        return [
          line(boxPath(MARGIN, y, GRID_NAME, GRID_ROW), 0.6, { colour: SOFT }),
          line(boxPath(MARGIN + GRID_NAME, y, GRID_MARKS, GRID_ROW), 0.6, { colour: SOFT }),
          words(name, MARGIN + 6, y + 12, at === rows.length - 1 ? 'serif-bold' : 'sans', 9.5),
          words(`/ ${of}`, MARGIN + GRID_NAME + GRID_MARKS - 28, y + 12, 'serif', 10),
        ]
      }),
    ],
  }
}

const inMargin = ({ height, drawn }: Block): Block => ({ height, drawn: drawn.map((one) => placed(one, MARGIN, 0, 1)) })

/**
 * Pages of a worksheet: task by task, two questions side by side, or one where something is written at every note; at the
 * end the grid for marks.
 */
export function worksheetPages(sheet: Worksheet, faces: Faces): Page[] {
  const across = acrossOf(sheet.paper)
  const width = (across - GAP) / 2
  let number = 0
  const blocks = sheet.sections.flatMap((section) => {
    const wide = section.questions.some(isWide)
    const questions = section.questions.map((question) =>
      questionBlock(question, ++number, sheet, faces, wide ? across : width),
    )
    const rows = wide ? questions.map(inMargin) : sideBySide(questions, width, GAP)
    return [headingOf(section, sheet, faces, across), ...rows]
  })
  return flowed([...blocks, gridOf(sheet)], sheet, faces)
}
