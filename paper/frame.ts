import type { Faces } from './faces'
import { RULE, SOFT } from './inks'
import type { Drawn, Face, Page } from './page'
import { line, words } from './ink'
import type { SheetWords } from './words'
import { fitted, type Line, wrapped } from './wrapped'

export const MARGIN = 42
const NAME_SIZE = 9.5
/** A title that has no room in one line as large as this stands in two. */
const [SMALL_TITLE, TITLE_LEADING] = [12.5, 14.5]
const [CAUTION_SIZE, CAUTION_LEADING] = [8, 10]

/** A title in one line, or in two smaller ones; cut short only where not even they hold it. */
function titleLines(title: string, faces: Faces, letters: { face: Face; size: number }, across: number): Line[] {
  const one = fitted(title, faces, letters, across)
  if (one.size >= Math.min(letters.size, SMALL_TITLE) && one.text === title) return [one]
  const small = { ...letters, size: Math.min(letters.size, SMALL_TITLE) }
  const [first = '', ...rest] = wrapped(title, faces, small, across)
  return [first, rest.join(' ')].filter(Boolean).map((text) => fitted(text, faces, small, across))
}

/**
 * Title and place for a name on the first page, the title alone on the others.
 * @param place whether it is the first page; or what stands at the right of the title on a page of a book
 */
export function headOf(sheetWords: SheetWords, faces: Faces, across: number, place: boolean | string): Drawn[] {
  const first = place === true
  const name = [sheetWords.name, sheetWords.date].filter(Boolean).join('   ')
  const right = first
    ? name
    : place === false
      ? ''
      : fitted(place, faces, { face: 'sans', size: NAME_SIZE }, across / 2).text
  const x = MARGIN + across - faces.width(right, 'sans', NAME_SIZE)
  const y = MARGIN + 12
  const [face, size] = first ? (['serif-bold', 17] as const) : (['serif-italic', 11] as const)
  const lines = titleLines(sheetWords.title, faces, { face, size }, x - MARGIN - 14)
  return [
    ...lines.map((each, at) => words(each.text, MARGIN, y - TITLE_LEADING * (lines.length - 1 - at), face, each.size)),
    words(right, x, y, 'sans', NAME_SIZE, SOFT),
    line(`M${MARGIN} ${y + 7}H${MARGIN + across}`, 0.8),
  ]
}

const cautionLines = ({ caution }: SheetWords, faces: Faces, across: number): string[] =>
  wrapped(caution, faces, { face: 'sans', size: CAUTION_SIZE }, across - 70)

/** Points from the rule over the foot to the lower edge of the page. */
const footHeight = (lines: number): number => MARGIN + 4 + CAUTION_LEADING * (lines - 1)

/** Where a page's own room ends. */
export const bottomOf = (sheetWords: SheetWords, faces: Faces, { width, height }: Page): number =>
  height - footHeight(cautionLines(sheetWords, faces, width - 2 * MARGIN).length) - 6

/** Cautions and page number. */
export function footOf(sheetWords: SheetWords, faces: Faces, [at, of]: readonly [number, number], size: Page): Drawn[] {
  const across = size.width - 2 * MARGIN
  const page = sheetWords.page(at + 1, of)
  const lines = cautionLines(sheetWords, faces, across)
  const y = size.height - footHeight(lines.length) + 12
  return [
    line(`M${MARGIN} ${y - 12}H${MARGIN + across}`, 0.5, { colour: RULE }),
    ...lines.map((text, row) => words(text, MARGIN, y + CAUTION_LEADING * row, 'sans', CAUTION_SIZE, SOFT)),
    words(page, MARGIN + across - faces.width(page, 'serif', 9), y, 'serif', 9),
  ]
}
