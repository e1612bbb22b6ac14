import { type Ref, ref, shallowRef, watch } from 'vue'
import { inText } from '#core/message'
import type { Stash } from './stashes'
import type { StoredUndoLog } from './undoLog'

/** What a window holds that is in no library: what is not saved, and the way back. */
interface Draft {
  /** What lies on the desk, if it is not saved as it lies there. */
  readonly here: Stash | null
  readonly stashes: readonly Stash[]
  readonly undoLog: StoredUndoLog | null
}

const PREFIX = 'tactum desk '
const MINE = 'tactum desk'

/** A name for this window that outlives a reload; a copied window takes a new one. */
async function windowName(): Promise<string> {
  const fresh = (): string => `${Date.now().toString(36)}${Math.random().toString(36).slice(2, 8)}`
  const stored = sessionStorage.getItem(MINE) ?? fresh()
  const name = (await isHeld(stored)) ? fresh() : stored
  sessionStorage.setItem(MINE, name)
  // held as long as the window lives, so that no other takes its drafts for orphans
  void navigator.locks?.request(PREFIX + name, () => new Promise(() => {}))
  return name
}

async function isHeld(name: string): Promise<boolean> {
  const { held = [] } = (await navigator.locks?.query()) ?? {}
  return held.some((lock) => lock.name === PREFIX + name)
}

/** Drafts that were kept before titles were messages have them as text. */
const titled = (stash: Stash): Stash =>
  typeof stash.title === 'string' ? { ...stash, title: inText(stash.title) } : stash

/** What lies in a browser: before 0.3 the stashes and the undo log had other names. */
interface StoredDraft extends Partial<Draft> {
  readonly asides?: readonly Stash[]
  readonly trail?: StoredUndoLog | null
}

/** A draft as it was written, by this version or an older one; null where it is none. */
export function draftFrom(text: string | null): Draft | null {
  try {
    const draft = JSON.parse(text ?? 'null') as StoredDraft | null
    const stashes = draft?.stashes ?? draft?.asides
    if (!draft || !Array.isArray(stashes)) return null
    const { here, undoLog, trail } = draft
    return { here: here ? titled(here) : null, stashes: stashes.map(titled), undoLog: undoLog ?? trail ?? null }
  } catch {
    return null
  }
}

/** Drafts of windows that were closed; taken over once. */
async function orphans(mine: string): Promise<Stash[]> {
  // without locks nobody can tell which windows live
  if (!navigator.locks) return []
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(PREFIX) && key !== PREFIX + mine)
  const found: Stash[] = []
  for (const key of keys) {
    if (await isHeld(key.slice(PREFIX.length))) continue
    const draft = draftFrom(localStorage.getItem(key))
    if (draft) found.push(...(draft.here ? [draft.here] : []), ...draft.stashes)
    localStorage.removeItem(key)
  }
  return found
}

const SOON = 200

/**
 * Keeps what is not saved in this browser, so that neither a reload nor a closed window loses it.
 * @returns `wake` gives back what was kept here before; `safe` is false where the browser keeps nothing
 */
export function deskDrafts(draft: Ref<Draft>) {
  const safe = ref(true)
  const name = shallowRef<string | null>(null)
  let timer: ReturnType<typeof setTimeout> | undefined

  function write(): void {
    clearTimeout(timer)
    if (!name.value) return
    try {
      const { here, stashes, undoLog } = draft.value
      if (!here && !undoLog && stashes.length === 0) localStorage.removeItem(PREFIX + name.value)
      else localStorage.setItem(PREFIX + name.value, JSON.stringify({ here, stashes, undoLog }))
      safe.value = true
    } catch {
      safe.value = false
    }
  }
  watch(draft, () => {
    clearTimeout(timer)
    timer = setTimeout(write, SOON)
  })
  addEventListener('pagehide', write)

  async function wake(): Promise<Draft> {
    try {
      const mine = await windowName()
      const own = draftFrom(localStorage.getItem(PREFIX + mine))
      const others = await orphans(mine)
      name.value = mine
      return { here: own?.here ?? null, stashes: [...(own?.stashes ?? []), ...others], undoLog: own?.undoLog ?? null }
    } catch {
      safe.value = false
      return { here: null, stashes: [], undoLog: null }
    }
  }

  return { safe, wake }
}
