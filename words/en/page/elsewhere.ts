import { changes } from './changes'
import { compare } from './compare'
import { exam } from './exam'
import { files } from './files'
import { help } from './help'
import { home } from './home'
import { lesson } from './lesson'
import { library } from './library'
import { paper } from './paper'
import { people } from './people'
import { practice } from './practice'
import { print } from './print'
import { pupils } from './pupils'
import { sets } from './sets'
import { studio } from './studio'
import { syllabi } from './syllabi'
import { today } from './today'

/** What the other pages say. */
export const elsewhere = {
  ...changes,
  ...compare,
  ...exam,
  ...files,
  ...help,
  ...home,
  ...lesson,
  ...library,
  ...paper,
  ...people,
  ...practice,
  ...print,
  ...pupils,
  ...sets,
  ...studio,
  ...syllabi,
  ...today,
} as const
