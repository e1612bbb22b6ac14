import { accordion } from './accordion'
import { call } from './call'
import { changes } from './changes'
import { compare } from './compare'
import { desk } from './desk'
import { drawers } from './drawers'
import { exam } from './exam'
import { files } from './files'
import { frame } from './frame'
import { hear } from './hear'
import { keys } from './keys'
import { library } from './library'
import { mallets } from './mallets'
import { names } from './names'
import { practice } from './practice'
import { paper } from './paper'
import { print } from './print'
import { score } from './score'
import { sets } from './sets'
import { syllabi } from './syllabi'
import { why } from './why'

/** What the pages say. */
export const page = {
  ...accordion,
  ...call,
  ...changes,
  ...compare,
  ...desk,
  ...drawers,
  ...exam,
  ...files,
  ...frame,
  ...hear,
  ...keys,
  ...library,
  ...mallets,
  ...names,
  ...practice,
  ...paper,
  ...print,
  ...score,
  ...sets,
  ...syllabi,
  ...why,
} as const
