import type { RealisedStudy } from '#core/realise'

/** A study that sticks play. */
export type StickStudy = Extract<RealisedStudy, { readonly plays: 'sticks' }>

/** A study that this family is handed is one of its own. */
export const sticksOf = (study: RealisedStudy): StickStudy => study as StickStudy
