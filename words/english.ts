import { catalogue } from './en'
import type { Language } from './render'

/** English with British lists: no comma before “and”. */
export const ENGLISH: Language = { id: 'en', locale: 'en-GB', catalogue }
