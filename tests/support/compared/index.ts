import { FIRST } from './first'
import { SECOND } from './second'
import { THIRD } from './third'

export const COMPARED_PAIRS = [...FIRST, ...SECOND, ...THIRD]
