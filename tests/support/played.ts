import type { RecipeInput } from '#core/instrument'
import { realise, type RealisedStudy } from '#core/realise'

export type FingerStudy = Extract<RealisedStudy, { readonly plays: 'fingers' }>
export type StickStudy = Extract<RealisedStudy, { readonly plays: 'sticks' }>

type Input = Parameters<typeof realise>
/** A study for fingers, or for sticks; whichever is asked, it must be that. */
export function fingered(...input: Input): FingerStudy {
  const study = realise(...input)
  if (study.plays !== 'fingers') throw new TypeError('This is not for fingers.')
  return study
}
export function sticked(...input: Input): StickStudy {
  const study = realise(...input)
  if (study.plays !== 'sticks') throw new TypeError('This is not for sticks.')
  return study
}
export type { RecipeInput }
