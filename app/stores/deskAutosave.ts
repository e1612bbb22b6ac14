import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import { type Ref, type ShallowRef, watch } from 'vue'
import type { RecipeInput } from '#core/instrument'
import type { Study } from '#shared/api'
import type { DeskStudy } from './deskStudy'

const QUIET = 1500
const AGAIN = 4000

interface Keeping {
  readonly saved: ShallowRef<Study | null>
  readonly conflict: ShallowRef<Study | null>
  readonly saving: Ref<boolean>
  readonly wanted: Ref<boolean>
}

/**
 * Saves by itself: a study of the library when its changes have come to rest, and whatever waits for a server that was
 * gone. Not while two versions wait for a decision, nor what cannot be played, nor what is only tried out.
 */
export function deskAutosave(
  desk: DeskStudy,
  { saved, conflict, saving, wanted }: Keeping,
  save: () => Promise<boolean>,
) {
  const may = (): boolean => !conflict.value && !saving.value && !desk.fault.value && !desk.held.value
  /** What was sent last: what was refused once is not sent again unchanged. */
  let sent: RecipeInput | null = null
  async function now(): Promise<void> {
    if (!saved.value || !desk.changed.value || !may() || desk.recipe.value === sent) return
    sent = desk.recipe.value
    await save()
  }
  const soon = useDebounceFn(now, QUIET)
  watch([desk.recipe, desk.changed, desk.fault, saving], () => {
    if (saved.value && desk.changed.value) void soon()
  })

  async function again(): Promise<void> {
    if (wanted.value && may()) await save()
  }
  useIntervalFn(again, AGAIN)
  useEventListener(window, 'online', again)
}
