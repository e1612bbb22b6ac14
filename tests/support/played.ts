import type { RecipeInput } from '#core/instrument'
import { realise, type RealisedStudy } from '#core/realise'

export type FingerStudy = Extract<RealisedStudy, { readonly plays: 'fingers' }>
export type StickStudy = Extract<RealisedStudy, { readonly plays: 'sticks' }>

type Asked = Parameters<typeof realise>
/** A study for fingers, or for sticks; whichever is asked, it must be that. */
export function fingered(...asked: Asked): FingerStudy {
  const study = realise(...asked)
  if (study.plays !== 'fingers') throw new TypeError('This is not for fingers.')
  return study
}
export function sticked(...asked: Asked): StickStudy {
  const study = realise(...asked)
  if (study.plays !== 'sticks') throw new TypeError('This is not for sticks.')
  return study
}
export type { RecipeInput }
