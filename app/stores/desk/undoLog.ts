import { computed, type Ref } from 'vue'
import type { DeskDocument } from './document'
import type { UndoLog } from './history'
import type { Keeping } from './keeping'

/** How a study of the library (of none: an empty id) came to stand as it does, in the version that was seen. */
export interface StoredUndoLog extends UndoLog {
  readonly id: string
  readonly version: number
}

/** The way back of what lies on the desk, so that it outlives a reload. */
export function deskUndoLogs(desk: DeskDocument, keeping: Readonly<Ref<Keeping>>) {
  const lying = () => ({ id: keeping.value.saved?.id ?? '', version: keeping.value.saved?.version ?? 0 })
  const undoLog = computed<StoredUndoLog | null>(() => desk.undoLog.value && { ...desk.undoLog.value, ...lying() })

  let before: StoredUndoLog | null = null
  /** Remembers the way that was kept of the study that lay here before. */
  function remember(stored: StoredUndoLog | null): void {
    before = stored
  }
  /** Takes it up, where what was laid now is what it is of. */
  function retrace(): void {
    const { id, version } = lying()
    if (before?.id === id && before.version === version) desk.retrace(before)
    before = null
  }
  return { undoLog, remember, retrace }
}
