import { computed } from 'vue'
import type { RecipeInput } from '#core/instrument'
import type { Study } from '#shared/api'
import { ask } from '~/composables/api'
import { type Aside, deskAside } from './deskAside'
import { deskDrafts } from './deskDrafts'
import { deskSaving } from './deskSaving'
import { type DeskStudy, FIRST } from './deskStudy'

/** How the study on the desk is kept: opened, saved, copied, set aside; nothing is lost on the way. */
export function deskKeeping(desk: DeskStudy) {
  const { saved, wanted, conflict, deciding, saveError, state, keep, save, arrived } = deskSaving(desk)
  const { asides, here, setAside, layUnsaved, letAsideGo } = deskAside(desk, saved, wanted, keep)
  const { safe, wake } = deskDrafts(computed(() => ({ here: here.value, asides: asides.value })))

  const id = computed(() => saved.value?.id ?? null)
  /** Where the page shows what is on the desk. */
  const address = computed(() => (id.value ? `/desk/${id.value}` : '/desk'))
  const savedAt = computed(() => saved.value?.updatedAt ?? null)

  function show(study: Study): Promise<void> {
    keep(study)
    return desk.lay(study.recipe, study.accepted)
  }
  /** Saves what can be saved before something else comes; the rest is set aside. */
  async function leaveDesk(): Promise<void> {
    if (desk.held.value) await desk.leave()
    await arrived()
    const can = saved.value && desk.changed.value && !desk.fault.value && !conflict.value
    if (can) await save(undefined, false)
    setAside()
  }
  async function open(which: string): Promise<void> {
    const study = await ask<Study>(`/api/studies/${which}`)
    await leaveDesk()
    await show(study)
  }

  /** Lays one on the desk again that was set aside; what lies there unsaved now takes its turn. */
  async function bringBack(back: Aside): Promise<void> {
    letAsideGo(back)
    await leaveDesk()
    await layUnsaved(back)
  }

  /** Begins a study; one that came from a file is not saved yet. */
  async function begin(from?: RecipeInput): Promise<void> {
    await leaveDesk()
    keep(null)
    await desk.lay(from ?? FIRST)
    if (from) desk.kept.value = null
  }

  let woken = false
  /** Gives back what this browser kept; true where that is what the address asks for, so that it lies on the desk. */
  async function wakeAt(which: string): Promise<boolean> {
    if (woken) return false
    woken = true
    const draft = await wake()
    asides.value = [...asides.value, ...draft.asides]
    if (!draft.here) return false
    if ((draft.here.saved?.id ?? '') === which) {
      await layUnsaved(draft.here)
      return true
    }
    asides.value = [draft.here, ...asides.value]
    return false
  }

  const keepMine = (): Promise<boolean> => save(conflict.value!.version)
  const takeTheirs = (): Promise<void> => show(conflict.value!)
  /** Leaves the saved study as it is and goes on with a copy that has not been saved yet. */
  const duplicate = (): void => {
    keep(null)
    desk.kept.value = null
  }

  return {
    ...{ id, saved, address, savedAt, state, conflict, deciding, saveError, asides, safe },
    ...{ open, begin, wakeAt, bringBack, letAsideGo, save, keepMine, takeTheirs, duplicate },
  }
}
