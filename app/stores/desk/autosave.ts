import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import isEqual from 'fast-deep-equal'
import { type Ref, watch } from 'vue'
import { type KeepingState, savesItself } from './keeping'
import type { CurrentDocument } from './session'
import type { DeskDocument } from './document'

const QUIET = 1500
const AGAIN = 4000

/**
 * Saves by itself: a study of the library when its changes have come to rest, and whatever waits for a server that was
 * gone.
 */
export function deskAutosave(desk: DeskDocument, state: Readonly<Ref<KeepingState>>, save: () => Promise<boolean>) {
  const may = (): boolean =>
    savesItself(state.value, { playable: desk.fault.value === null, tried: desk.held.value !== null })
  /** What was sent last: what was refused once is not sent again unchanged. */
  let sent: CurrentDocument | null = null
  async function now(): Promise<void> {
    if (state.value !== 'changed' || !may() || isEqual(desk.currentDocument.value, sent)) return
    sent = desk.currentDocument.value
    await save()
  }
  const soon = useDebounceFn(now, QUIET)
  watch([desk.currentDocument, desk.fault, state], () => {
    if (state.value === 'changed') void soon()
  })

  async function again(): Promise<void> {
    if (state.value === 'waiting' && may()) await save()
  }
  useIntervalFn(again, AGAIN)
  useEventListener(window, 'online', again)
}
