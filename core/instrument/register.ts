import { ACCORDION } from './accordion'
import { KEYS } from './keys'
import { MALLETS } from './mallets'

/** Every family of instruments once; a new one is a folder beside these and a line here. The first is the usual one. */
export const FAMILIES = [KEYS, ACCORDION, MALLETS] as const
