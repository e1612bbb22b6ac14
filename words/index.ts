/**
 * Words: what Tactum says, by language. Catalogues of ICU messages, and the functions that render a message in them;
 * used alike by the page, its workers, the server and the terminal.
 */
import { catalogue as english } from './en'
import type { Language } from './render'

export { type Catalogue, type Language, type Piece, faultMessage, type Reader, say, sayPieces } from './render'

/** Every code that can be said. */
export type Code = keyof typeof english

/** English with British lists: no comma before “and”. */
export const ENGLISH: Language = { id: 'en', locale: 'en-GB', catalogue: english }
