import { readonly, shallowRef } from 'vue'
import type { Studio } from '#shared/api'

const studio = shallowRef<Studio | null>(null)
/** The studio that this page shows; null until it is known. */
export const currentStudio = readonly(studio)

export const showStudio = (found: Studio): void => {
  studio.value = found
}

/** Shows the studio that is open now: whatever a page holds of another is let go. */
export const reloadAll = (): void => globalThis.location.reload()
