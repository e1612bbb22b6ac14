import { useEventListener } from '@vueuse/core'
import { onScopeDispose, readonly, ref } from 'vue'

/** Milliseconds between questions whether the server is back. */
const AGAIN = 2000

const away = ref(false)
/** Whether the server, or its database, did not answer when it was asked last: said once, over every page. */
export const isAway = readonly(away)

const waiting = new Set<() => unknown>()
let asking = false

const pause = (milliseconds: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, milliseconds))

const isBack = (): Promise<boolean> =>
  fetch('/api/ready').then(
    ({ ok }) => ok,
    () => false,
  )

/** Takes note that it did not answer, and asks until it does; then whoever waits goes on. */
export async function noteAway(): Promise<void> {
  away.value = true
  if (asking) return
  asking = true
  do await pause(AGAIN)
  while (!(await isBack()))
  asking = away.value = false
  for (const again of [...waiting]) void again()
}

/** Goes on with something, whenever the server is back. */
export function onBack(again: () => unknown): void {
  waiting.add(again)
  onScopeDispose(() => waiting.delete(again))
  useEventListener(globalThis, 'online', () => again())
}
