import { buttons } from './buttons'
import { call } from './call'
import { difficulty } from './difficulty'
import { errors } from './errors'
import { fingering } from './fingering'
import { instrument } from './instrument'
import { kinds } from './kinds'
import { material } from './material'
import { atTheDesk } from './page/atTheDesk'
import { sticking } from './sticking'
import { study } from './study'
import { title } from './title'
import { together } from './together'

/** What is said at the desk, and so with the first page. */
export const first = {
  ...kinds,
  ...material,
  ...study,
  ...fingering,
  ...buttons,
  ...sticking,
  ...instrument,
  ...together,
  ...difficulty,
  ...title,
  ...call,
  ...errors,
  ...atTheDesk,
  list: '{items}',
  text: '{text}',
  capital: '{said}',
} as const
