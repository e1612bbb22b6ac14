import { core } from './core'

/** English: everything that Tactum says. Keys are codes; texts are ICU messages. */
export const catalogue = { ...core } as const
