/** How the study on the desk stands with the library. */
export type KeepingState = 'new' | 'saved' | 'changed' | 'saving' | 'waiting' | 'two-versions'

/** What that depends on. */
export interface KeepingFacts {
  /** It is of the library. */
  readonly saved: boolean
  /** It differs from what is kept. */
  readonly changed: boolean
  /** A save travels. */
  readonly saving: boolean
  /** A save was asked for, and the server was not there. */
  readonly wanted: boolean
  /** Another version was saved meanwhile. */
  readonly conflict: boolean
}

/** One state at a time: what travels hides the rest, two versions wait for a decision before anything else. */
export function keepingState({ saved, changed, saving, wanted, conflict }: KeepingFacts): KeepingState {
  if (saving) return 'saving'
  if (conflict) return 'two-versions'
  if (wanted) return 'waiting'
  if (!saved) return 'new'
  return changed ? 'changed' : 'saved'
}

/** Whether it may be saved without being asked: not what cannot be played, nor what is only tried out. */
export const savesItself = (state: KeepingState, { playable, tried }: { playable: boolean; tried: boolean }): boolean =>
  (state === 'changed' || state === 'waiting') && playable && !tried
