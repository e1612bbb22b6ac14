import type { Faces } from './faces'
import { RULE, SOFT } from './inks'
import type { Drawn, Page } from './page'
import { line, words } from './system'
import type { SheetWords } from './words'

export const MARGIN = 42
const [CAUTION_SIZE, CAUTION_LEADING] = [8, 10]

/** A text in lines no wider than a length. */
function wrapped(text: string, faces: Faces, size: number, across: number): string[] {
  const lines: string[] = ['']
  for (const word of text.split(' ')) {
    const longer = `${lines.at(-1)!} ${word}`.trim()
    if (faces.width(longer, 'sans', size) <= across) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines
}

/** Title and place for a name on the first page, the title alone on the others. */
export function headOf(said: SheetWords, faces: Faces, across: number, first: boolean): Drawn[] {
  const right = `${said.name}   ${said.date}`
  const y = MARGIN + 12
  return [
    words(said.title, MARGIN, y, first ? 'serif-bold' : 'serif-italic', first ? 17 : 11),
    ...(first ? [words(right, MARGIN + across - faces.width(right, 'sans', 9.5), y, 'sans', 9.5, SOFT)] : []),
    line(`M${MARGIN} ${y + 7}H${MARGIN + across}`, 0.8),
  ]
}

const cautionLines = ({ caution }: SheetWords, faces: Faces, across: number): string[] =>
  wrapped(caution, faces, CAUTION_SIZE, across - 70)

/** Points from the rule over the foot to the lower edge of the page. */
const footHeight = (lines: number): number => MARGIN + 4 + CAUTION_LEADING * (lines - 1)

/** Where a page's own room ends. */
export const bottomOf = (said: SheetWords, faces: Faces, { width, height }: Page): number =>
  height - footHeight(cautionLines(said, faces, width - 2 * MARGIN).length) - 6

/** Cautions and page number. */
export function footOf(said: SheetWords, faces: Faces, [at, of]: readonly [number, number], size: Page): Drawn[] {
  const across = size.width - 2 * MARGIN
  const page = said.page(at + 1, of)
  const lines = cautionLines(said, faces, across)
  const y = size.height - footHeight(lines.length) + 12
  return [
    line(`M${MARGIN} ${y - 12}H${MARGIN + across}`, 0.5, { colour: RULE }),
    ...lines.map((text, row) => words(text, MARGIN, y + CAUTION_LEADING * row, 'sans', CAUTION_SIZE, SOFT)),
    words(page, MARGIN + across - faces.width(page, 'serif', 9), y, 'serif', 9),
  ]
}
