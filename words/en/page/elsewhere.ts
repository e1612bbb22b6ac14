import { changes } from './changes'
import { compare } from './compare'
import { exam } from './exam'
import { files } from './files'
import { library } from './library'
import { paper } from './paper'
import { practice } from './practice'
import { print } from './print'
import { sets } from './sets'
import { studio } from './studio'
import { syllabi } from './syllabi'

/** What the other pages say. */
export const elsewhere = {
  ...changes,
  ...compare,
  ...exam,
  ...files,
  ...library,
  ...paper,
  ...practice,
  ...print,
  ...sets,
  ...studio,
  ...syllabi,
} as const
