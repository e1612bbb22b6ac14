import { computed, ref } from 'vue'
import { wordsOf } from './api'

/** Work that shows itself: busy while any of it runs, its error in words when it fails. */
export function working() {
  const running = ref(0)
  const busy = computed(() => running.value > 0)
  const error = ref('')
  const notice = ref('')
  async function guarded(work: () => Promise<void>): Promise<void> {
    running.value++
    error.value = notice.value = ''
    try {
      await work()
    } catch (problem) {
      error.value = wordsOf(problem)
    } finally {
      running.value--
    }
  }
  return { busy, error, notice, guarded }
}
