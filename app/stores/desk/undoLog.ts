import { computed, type Ref } from 'vue'
import type { DeskDocument } from './document'
import type { Trail } from './history'
import type { Keeping } from './keeping'

/** How a study of the library (of none: an empty id) came to stand as it does, in the version that was seen. */
export interface StoredTrail extends Trail {
  readonly id: string
  readonly version: number
}

/** The way back of what lies on the desk, so that it outlives a reload. */
export function deskTrails(desk: DeskDocument, keeping: Readonly<Ref<Keeping>>) {
  const lying = () => ({ id: keeping.value.saved?.id ?? '', version: keeping.value.saved?.version ?? 0 })
  const trail = computed<StoredTrail | null>(() => desk.trail.value && { ...desk.trail.value, ...lying() })

  let before: StoredTrail | null = null
  /** Remembers the way that was kept of the study that lay here before. */
  function remember(stored: StoredTrail | null): void {
    before = stored
  }
  /** Takes it up, where what was laid now is what it is of. */
  function retrace(): void {
    const { id, version } = lying()
    if (before?.id === id && before.version === version) desk.retrace(before)
    before = null
  }
  return { trail, remember, retrace }
}
