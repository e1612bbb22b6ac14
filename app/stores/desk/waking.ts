import { computed, type Ref } from 'vue'
import type { deskStashes } from './stashes'
import type { DeskDocument } from './document'
import { deskDrafts } from './drafts'
import type { Keeping } from './keeping'
import { deskUndoLogs } from './undoLog'

/** What this browser keeps of the desk, given back once when the window wakes. */
export function deskWaking(
  desk: DeskDocument,
  keeping: Readonly<Ref<Keeping>>,
  { stashes, here, layUnsaved }: ReturnType<typeof deskStashes>,
) {
  const { undoLog, remember, retrace } = deskUndoLogs(desk, keeping)
  const { safe, wake } = deskDrafts(
    computed(() => ({ here: here.value, stashes: stashes.value, undoLog: undoLog.value })),
  )

  let woken = false
  /** True where what was kept is what the address asks for, so that it lies on the desk. */
  async function wakeAt(which: string): Promise<boolean> {
    if (woken) return false
    woken = true
    const draft = await wake()
    remember(draft.undoLog)
    stashes.value = [...stashes.value, ...draft.stashes]
    if (!draft.here) return false
    if ((draft.here.saved?.id ?? '') === which) {
      const laid = layUnsaved(draft.here)
      retrace()
      await laid
      return true
    }
    stashes.value = [draft.here, ...stashes.value]
    return false
  }
  return { safe, wakeAt, retrace }
}
