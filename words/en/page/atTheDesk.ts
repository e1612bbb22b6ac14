import { accordion } from './accordion'
import { call } from './call'
import { desk } from './desk'
import { frame } from './frame'
import { hear } from './hear'
import { keys } from './keys'
import { mallets } from './mallets'
import { names } from './names'
import { score } from './score'
import { settings } from './settings'
import { why } from './why'

/** What the desk says, and what frames every page. */
export const atTheDesk = {
  ...accordion,
  ...call,
  ...desk,
  ...frame,
  ...hear,
  ...keys,
  ...mallets,
  ...names,
  ...score,
  ...settings,
  ...why,
} as const
