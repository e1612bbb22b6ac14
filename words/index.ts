/**
 * Words: what Tactum says, by language. Catalogues of ICU messages, and the functions that render a message in them;
 * used alike by the page, its workers, the server and the terminal.
 */
import type { catalogue } from './en'

export {
  type Catalogue,
  type Language,
  type Piece,
  errorMessage,
  type Reader,
  formatMessage,
  formatItems,
  formatPieces,
} from './render'

/** Every code that can be said. */
export type Code = keyof typeof catalogue

/** Codes of what somebody says, each of which has its words: `{ code: params }`. A code without words does not compile. */
export type Worded<T extends { [code in keyof T]: code extends Code ? T[code] : never }> = T
/** The same of what somebody refuses. */
export type WordedErrors<T extends { [code in keyof T]: `error.${code & string}` extends Code ? T[code] : never }> = T

export { inRegion, paperOf, type Region, REGIONS } from './region'
export { FIRST_WORDS } from './first'
