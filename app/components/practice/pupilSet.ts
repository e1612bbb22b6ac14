import { computed, onMounted, shallowRef, ref } from 'vue'
import { useRoute } from '#imports'
import type { Pupil } from '#shared/api'
import { ask, wordsOf } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { usePractice } from '~/stores/practice'

/**
 * The pupil in the address, and the set that the page is about: the one that it names, else the first with a grade, else
 * the first. Opens its practice.
 */
export function pupilSet() {
  const route = useRoute()
  const practice = usePractice()
  const pupils = shallowRef<readonly Pupil[] | null>(null)
  const error = ref('')
  const pupil = computed(() => pupils.value?.find(({ id }) => id === route.params.id) ?? null)
  const setId = computed(() => {
    const sets = pupil.value?.sets ?? []
    const named = sets.find(({ id }) => id === route.query.set)
    return (named ?? sets.find(({ gradeId, studies }) => gradeId && studies > 0) ?? sets[0])?.id ?? null
  })
  async function load(): Promise<void> {
    try {
      pupils.value = await ask('GET /api/pupils')
      if (setId.value) await practice.open(setId.value)
    } catch (problem) {
      error.value = wordsOf(problem)
    }
  }
  onMounted(load)
  onBack(() => (pupils.value ? undefined : load()))
  return { practice, pupils, pupil, setId, error, load }
}
