import isEqual from 'fast-deep-equal'
import { computed, shallowRef } from 'vue'
import type { RecipeInput } from '#core/instrument'
import type { Study } from '#shared/api'
import { ask } from '~/composables/api'
import { studioKnown } from '~/composables/studio'
import { type Stash, deskStashes } from './stashes'
import type { DeskDocument } from './document'
import { deskSaving } from './saving'
import { firstStudy } from './solving'
import { deskWaking } from './waking'

/** The repository: how what lies on the desk is kept. Opened, saved, copied, set aside; nothing is lost on the way. */
export function deskRepository(desk: DeskDocument) {
  /** The set that the study is looked at in; null where it is looked at by itself. */
  const set = shallowRef<string | null>(null)
  const { keeping, state, happens, lies, save, arrived } = deskSaving(
    desk,
    computed(() => set.value !== null),
  )
  const stash = deskStashes(desk, keeping, lies)
  const { stashes, stashDraft, layUnsaved, dropStash } = stash
  const { safe, wakeAt, retrace } = deskWaking(desk, keeping, stash)

  const id = computed(() => keeping.value.saved?.id ?? null)
  /** Where the page shows what is on the desk. */
  const address = computed(() => (id.value ? `/desk/${id.value}${set.value ? `?set=${set.value}` : ''}` : '/desk'))

  function show(study: Study): Promise<void> {
    lies(study)
    const shown = desk.lay(study.recipe, study.accepted)
    retrace()
    return shown
  }
  /** Saves what can be saved before something else comes; the rest is set aside. */
  async function leaveDesk(): Promise<void> {
    if (desk.held.value) await desk.leave()
    await arrived()
    const { saved, conflict } = keeping.value
    // what was only tried in a set stays a trial
    if (saved && set.value === null && desk.changed.value && !desk.fault.value && !conflict)
      await save(undefined, false)
    stashDraft()
  }
  async function open(which: string, within: string | null = null): Promise<void> {
    const study = await ask('GET /api/studies/:id', { id: which })
    await leaveDesk()
    set.value = within
    await show(study)
  }

  /** Lays one on the desk again that was set aside; what lies there unsaved now takes its turn. */
  async function bringBack(back: Stash): Promise<void> {
    dropStash(back)
    await leaveDesk()
    set.value = null
    await layUnsaved(back)
  }

  /** The first study again, where nothing was done to it yet and this browser knew another instrument than is taught now. */
  function beginAnew(first: RecipeInput): void {
    const untouched = desk.recipe.value === first && !id.value && !desk.held.value
    if (untouched && !isEqual(firstStudy(), first)) void desk.lay(firstStudy())
  }

  /** Begins a study; one that came from a file is not saved yet. */
  async function begin(from?: RecipeInput): Promise<void> {
    await leaveDesk()
    set.value = null
    lies(null)
    const first = from ?? firstStudy()
    const laid = desk.lay(first)
    if (!from) retrace()
    await laid
    if (!from) void studioKnown().then(() => beginAnew(first))
    if (from) desk.stored.value = null
  }

  const keepMine = (): Promise<boolean> => save(keeping.value.conflict!.version)
  const takeTheirs = (): Promise<void> => show(keeping.value.conflict!)
  /** Shows both versions, to be decided between; or not now. */
  const decide = (): void => happens({ what: 'decide' })
  const decideLater = (): void => happens({ what: 'decide-later' })
  /** Leaves the saved study as it is and goes on with a copy that has not been saved yet. */
  const duplicate = (): void => {
    set.value = null
    lies(null)
    desk.stored.value = null
  }

  return {
    ...{ keeping, state, id, address, stashes, safe, set },
    ...{ open, begin, wakeAt, bringBack, dropStash, save, keepMine, takeTheirs, decide, decideLater, duplicate },
  }
}
