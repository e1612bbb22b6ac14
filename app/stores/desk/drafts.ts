import { type Ref, ref, shallowRef, watch } from 'vue'
import { inText } from '#core/message'
import type { Aside } from './asides'
import type { StoredTrail } from './undoLog'

/** What a window holds that is in no library: what is not saved, and the way back. */
interface Draft {
  /** What lies on the desk, if it is not saved as it lies there. */
  readonly here: Aside | null
  readonly asides: readonly Aside[]
  readonly trail: StoredTrail | null
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
const titled = (aside: Aside): Aside =>
  typeof aside.title === 'string' ? { ...aside, title: inText(aside.title) } : aside

/** A draft as it was written; nothing where it is none. */
function read(key: string): Draft | null {
  try {
    const draft = JSON.parse(localStorage.getItem(key) ?? 'null') as Draft | null
    return draft && Array.isArray(draft.asides)
      ? { here: draft.here && titled(draft.here), asides: draft.asides.map(titled), trail: draft.trail ?? null }
      : null
  } catch {
    return null
  }
}

/** Drafts of windows that were closed; taken over once. */
async function orphans(mine: string): Promise<Aside[]> {
  // without locks nobody can tell which windows live
  if (!navigator.locks) return []
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(PREFIX) && key !== PREFIX + mine)
  const found: Aside[] = []
  for (const key of keys) {
    if (await isHeld(key.slice(PREFIX.length))) continue
    const draft = read(key)
    if (draft) found.push(...(draft.here ? [draft.here] : []), ...draft.asides)
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
      const { here, asides, trail } = draft.value
      if (!here && !trail && asides.length === 0) localStorage.removeItem(PREFIX + name.value)
      else localStorage.setItem(PREFIX + name.value, JSON.stringify({ here, asides, trail }))
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
      const own = read(PREFIX + mine)
      const others = await orphans(mine)
      name.value = mine
      return { here: own?.here ?? null, asides: [...(own?.asides ?? []), ...others], trail: own?.trail ?? null }
    } catch {
      safe.value = false
      return { here: null, asides: [], trail: null }
    }
  }

  return { safe, wake }
}
