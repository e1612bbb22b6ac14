import { ref } from 'vue'
import { wordsOf } from './api'

/** Work that shows itself: busy while it runs, its error in words when it fails. */
export function working() {
  const busy = ref(false)
  const error = ref('')
  const told = ref('')
  async function guarded(work: () => Promise<void>): Promise<void> {
    busy.value = true
    error.value = told.value = ''
    try {
      await work()
    } catch (problem) {
      error.value = wordsOf(problem)
    } finally {
      busy.value = false
    }
  }
  return { busy, error, told, guarded }
}
