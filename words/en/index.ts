import type { CoreCode } from '../codes'
import { first } from './first'
import { later } from './later'

/** English: everything that Tactum says. Keys are codes; texts are ICU messages. */
export const catalogue = { ...first, ...later } as const

/** What the core says has its words. */
catalogue satisfies Readonly<Record<CoreCode, string>>
