import { computed, ref, type ShallowRef } from 'vue'

/** The day that entries are of where they say none, a day's number: today, unless another was chosen. */
export function entryDay(view: ShallowRef<{ readonly today: number } | null>) {
  const chosen = ref<number | null>(null)
  const day = computed({
    get: () => chosen.value ?? view.value?.today ?? 0,
    set: (next) => (chosen.value = next === view.value?.today ? null : next),
  })
  /** Begins anew, with somebody else. */
  const forget = (): void => {
    chosen.value = null
  }
  return { day, forget }
}
