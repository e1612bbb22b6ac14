import { readonly, shallowRef } from 'vue'
import type { Settings } from '#core/syllabus'
import type { Studio } from '#shared/api'
import { readIn } from './words'

const KEPT = 'tactum taught'
const studio = shallowRef<Studio | null>(null)
/** The studio that this page shows; null until it is known. */
export const currentStudio = readonly(studio)

export const showStudio = (found: Studio): void => {
  studio.value = found
  readIn(found.settings.region)
  globalThis.localStorage?.setItem(KEPT, JSON.stringify(taughtIn(found)))
}

interface Taught {
  readonly instrument: string | null
  readonly make: Settings
}
const taughtIn = ({ settings: { instrument, make } }: Studio): Taught => ({ instrument, make })
/** What is taught here and on which make: of the studio, or as this browser knew it last. */
export function taughtHere(): Taught {
  if (studio.value) return taughtIn(studio.value)
  try {
    const kept = JSON.parse(globalThis.localStorage?.getItem(KEPT) ?? 'null') as Partial<Taught> | null
    return { instrument: kept?.instrument ?? null, make: kept?.make ?? {} }
  } catch {
    return { instrument: null, make: {} }
  }
}

/** Shows the studio that is open now: whatever a page holds of another is let go. */
export const reloadAll = (): void => globalThis.location.reload()
