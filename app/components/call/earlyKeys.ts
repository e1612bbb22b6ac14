import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'

/** Keys that are typed while the line is still being fetched: they are the line's when it is there. */
export function earlyKeys() {
  const early = ref('')
  const waiting = ref(false)
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (!waiting.value || event.ctrlKey || event.metaKey || event.altKey || event.key.length !== 1) return
    early.value += event.key
    event.preventDefault()
  })
  const listen = (): void => {
    early.value = ''
    waiting.value = true
  }
  /** The line is there and takes its keys itself. */
  const ready = (): void => {
    waiting.value = false
    early.value = ''
  }
  return { early, listen, ready }
}
