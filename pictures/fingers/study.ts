import type { RealisedStudy } from '#core/realise'
import type { Hand } from '#core/study'

/** A study that fingers play. */
export type FingerStudy = Extract<RealisedStudy, { readonly plays: 'fingers' }>

/** A study that this family is handed is one of its own. */
export const fingersOf = (study: RealisedStudy): FingerStudy => study as FingerStudy

/** The hands whose fingers play, right (upper staff) first. */
export const handsIn = ({ hands }: FingerStudy): Hand[] =>
  (['right', 'left'] as const).filter((hand) => hands[hand] !== undefined)
