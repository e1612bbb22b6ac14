import type { CoreCode } from '../codes'
import { material } from './material'
import { study } from './study'
import { fingering } from './fingering'
import { buttons } from './buttons'
import { sticking } from './sticking'
import { instrument } from './instrument'
import { together } from './together'
import { title } from './title'
import { compare } from './compare'
import { syllabus } from './syllabus'
import { call } from './call'
import { practice } from './practice'
import { page } from './page'
import { edges } from './edges'
import { errors } from './errors'

/** What the core says. */
const core = {
  ...material,
  ...study,
  ...fingering,
  ...buttons,
  ...sticking,
  ...instrument,
  ...together,
  ...title,
  ...compare,
  ...syllabus,
  ...call,
  ...practice,
  ...errors,
} as const satisfies Readonly<Record<CoreCode, string>>

/** English: everything that Tactum says. Keys are codes; texts are ICU messages. */
export const catalogue = {
  ...core,
  ...edges,
  ...page,
  list: '{items}',
  text: '{text}',
  capital: '{said}',
} as const
