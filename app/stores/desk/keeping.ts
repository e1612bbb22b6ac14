import type { Study } from '#shared/api'

/** How the study on the desk is kept: every fact of it in one place, changed by what happens and by nothing else. */
export interface Keeping {
  /** The study of the library that lies here, as it was when it was seen; null where it is of none. */
  readonly saved: Study | null
  /** A save travels. */
  readonly travelling: boolean
  /** A save was asked for, and the server was not there. */
  readonly wanted: boolean
  /** What somebody else saved meanwhile. */
  readonly conflict: Study | null
  /** Both versions are shown, to be decided between. */
  readonly deciding: boolean
  /** Why the last save was refused, in words; empty where it was not. */
  readonly refused: string
}

/** What can happen to it. */
export type Happening =
  /** Something was laid on the desk: a study of the library, or one of none; what waited for the server still waits. */
  | { readonly what: 'laid'; readonly study: Study | null; readonly wanted?: boolean }
  | { readonly what: 'sent' }
  | { readonly what: 'kept'; readonly study: Study }
  /** The answer came after something else was laid: it is none of its business. */
  | { readonly what: 'overtaken' }
  | { readonly what: 'unreachable' }
  /** Somebody saved first; whoever asked for this save is shown both. */
  | { readonly what: 'stale'; readonly current: Study; readonly requested: boolean }
  | { readonly what: 'refused'; readonly words: string }
  /** What lies here cannot be played, and so not saved. */
  | { readonly what: 'unplayable'; readonly words: string }
  | { readonly what: 'decide' }
  | { readonly what: 'decide-later' }

const AT_REST = { travelling: false, wanted: false, conflict: null, deciding: false, refused: '' } as const

/** A study that is kept nowhere yet. */
export const NEW: Keeping = { saved: null, ...AT_REST }

/** What becomes of it. */
export function nextKeeping(now: Keeping, happening: Happening): Keeping {
  switch (happening.what) {
    case 'laid':
      return { ...AT_REST, saved: happening.study, wanted: happening.wanted ?? false, travelling: now.travelling }
    case 'sent':
      return { ...now, travelling: true, refused: '' }
    case 'kept':
      return { ...AT_REST, saved: happening.study }
    case 'overtaken':
      return { ...now, travelling: false }
    case 'unreachable':
      return { ...now, travelling: false, wanted: true }
    case 'stale':
      return { ...now, travelling: false, wanted: false, conflict: happening.current, deciding: happening.requested }
    case 'refused':
      return { ...now, travelling: false, wanted: false, refused: happening.words }
    case 'unplayable':
      return { ...now, refused: happening.words }
    case 'decide':
      return { ...now, deciding: now.conflict !== null }
    case 'decide-later':
      return { ...now, deciding: false }
  }
}

/** How it stands with the library, as it is shown. */
export type KeepingState = 'new' | 'saved' | 'changed' | 'saving' | 'waiting' | 'two-versions'

/**
 * One state at a time: what travels hides the rest, two versions wait for a decision before anything else.
 * @param changed whether what lies here differs from what is kept
 */
export function stateOf({ saved, travelling, wanted, conflict }: Keeping, changed: boolean): KeepingState {
  if (travelling) return 'saving'
  if (conflict) return 'two-versions'
  if (wanted) return 'waiting'
  if (!saved) return 'new'
  return changed ? 'changed' : 'saved'
}

/** Whether it may be saved without being asked: not what cannot be played, nor what is only tried out. */
export const savesItself = (state: KeepingState, { playable, tried }: { playable: boolean; tried: boolean }): boolean =>
  (state === 'changed' || state === 'waiting') && playable && !tried
