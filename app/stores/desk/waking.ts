import { computed, type Ref } from 'vue'
import type { deskAsides } from './asides'
import type { DeskDocument } from './document'
import { deskDrafts } from './drafts'
import type { Keeping } from './keeping'
import { deskTrails } from './undoLog'

/** What this browser keeps of the desk, given back once when the window wakes. */
export function deskWaking(
  desk: DeskDocument,
  keeping: Readonly<Ref<Keeping>>,
  { asides, here, layUnsaved }: ReturnType<typeof deskAsides>,
) {
  const { trail, remember, retrace } = deskTrails(desk, keeping)
  const { safe, wake } = deskDrafts(computed(() => ({ here: here.value, asides: asides.value, trail: trail.value })))

  let woken = false
  /** True where what was kept is what the address asks for, so that it lies on the desk. */
  async function wakeAt(which: string): Promise<boolean> {
    if (woken) return false
    woken = true
    const draft = await wake()
    remember(draft.trail)
    asides.value = [...asides.value, ...draft.asides]
    if (!draft.here) return false
    if ((draft.here.saved?.id ?? '') === which) {
      const laid = layUnsaved(draft.here)
      retrace()
      await laid
      return true
    }
    asides.value = [draft.here, ...asides.value]
    return false
  }
  return { safe, wakeAt, retrace }
}
