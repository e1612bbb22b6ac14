import { computed, shallowRef } from 'vue'
import type { Study, StudySet } from '#shared/api'
import type { SetKeeping } from './setKeeping'

/** Changes to the programme, each shown at once and then saved. */
export function setChanges({ set, save }: SetKeeping) {
  const removed = shallowRef<{ set: string; study: Study; at: number } | null>(null)
  /** The study taken out of this set last, and where it stood; null while the set holds it. */
  const taken = computed(() => {
    const [last, here] = [removed.value, set.value]
    const holds = here?.studies.some((study) => study.id === last?.study.id)
    return last && last.set === here?.id && !holds ? last : null
  })

  function change(
    some: Partial<Pick<StudySet, 'title' | 'syllabusId' | 'gradeId' | 'policies' | 'studies'>>,
  ): Promise<void> {
    set.value = { ...set.value!, ...some }
    return save()
  }

  function move(from: number, to: number): Promise<void> {
    const studies = [...set.value!.studies]
    if (to < 0 || to >= studies.length || from === to) return Promise.resolve()
    studies.splice(to, 0, ...studies.splice(from, 1))
    return change({ studies })
  }

  function remove(at: number): Promise<void> {
    const { id, studies } = set.value!
    const study = studies[at]
    if (!study) return Promise.resolve()
    removed.value = { set: id, study, at }
    return change({ studies: studies.filter((_, place) => place !== at) })
  }

  function putBack(): Promise<void> {
    const studies = [...set.value!.studies]
    if (taken.value) studies.splice(taken.value.at, 0, taken.value.study)
    return change({ studies })
  }
  return { taken, change, move, remove, putBack }
}
