import { computed, ref } from 'vue'
import { wordsOf } from './api'

/**
 * Work that shows itself: busy while any of it runs, its error in words when it fails. What is done `inTurn` waits for what
 * was begun before it: so what is read is never older than what was written.
 */
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
  let before = Promise.resolve()
  const inTurn = (work: () => Promise<void>): Promise<void> => (before = before.then(() => guarded(work)))
  return { busy, error, notice, guarded, inTurn }
}
