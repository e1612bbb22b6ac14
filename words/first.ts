import { first } from './en/first'
import type { Language } from './render'

/** English as the first page needs it; the rest is `later.ts`. */
export const FIRST_WORDS: Language = { id: 'en', locale: 'en-GB', catalogue: first }
