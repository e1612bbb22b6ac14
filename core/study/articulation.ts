export const ARTICULATIONS = ['legato', 'staccato'] as const
/** How notes are joined. */
export type Articulation = (typeof ARTICULATIONS)[number]
/** A touch for each hand. */
export interface HandTouch {
  readonly right: Articulation
  readonly left: Articulation
}
