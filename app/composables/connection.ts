import { useEventListener } from '@vueuse/core'
import { onScopeDispose, readonly, ref } from 'vue'

/** Milliseconds between questions whether the server is back. */
const AGAIN = 2000

/** Why nothing can be saved: the server or its database does not answer, or there is no room on its disk. */
export type Trouble = 'away' | 'disk'
const trouble = ref<Trouble | null>(null)
/** What was wrong when the server was asked last: said once, over every page. */
export const currentTrouble = readonly(trouble)

const missing = ref(false)
/** Whether a page was wanted that is not here yet. */
export const isPageMissing = readonly(missing)
let goThere: (() => unknown) | null = null
/** Takes note of a page that could not be fetched; it is opened when the server is back. */
export function noteMissing(go: () => unknown): void {
  missing.value = true
  goThere = go
}

const waiting = new Set<() => unknown>()
let asking = false

const pause = (milliseconds: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, milliseconds))

const isBack = (): Promise<boolean> =>
  fetch('/api/ready').then(
    ({ ok }) => ok,
    () => false,
  )

/** Takes note that it did not answer, or could not save, and asks until it can; then whoever waits goes on. */
export async function noteTrouble(found: Trouble): Promise<void> {
  trouble.value = found
  if (asking) return
  asking = true
  do await pause(AGAIN)
  while (!(await isBack()))
  asking = false
  trouble.value = null
  missing.value = false
  const go = goThere
  goThere = null
  void go?.()
  for (const again of [...waiting]) void again()
}

/** Resolves when the server is back. */
export const untilBack = (): Promise<void> =>
  new Promise((resolve) => {
    const go = (): void => {
      waiting.delete(go)
      resolve()
    }
    waiting.add(go)
  })

/** Goes on with something, whenever the server is back. */
export function onBack(again: () => unknown): void {
  waiting.add(again)
  onScopeDispose(() => waiting.delete(again))
  useEventListener(globalThis, 'online', () => again())
}
