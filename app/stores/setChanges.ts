import { shallowRef } from 'vue'
import type { Study, StudySet } from '#shared/api'
import type { SetKeeping } from './setKeeping'

/** Changes to the programme, each shown at once and then saved. */
export function setChanges({ set, save }: SetKeeping) {
  /** The study taken out last, and where it stood. */
  const taken = shallowRef<{ study: Study; at: number } | null>(null)

  function change(some: Partial<Pick<StudySet, 'title' | 'syllabusId' | 'gradeId' | 'studies'>>): Promise<void> {
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
    const study = set.value!.studies[at]
    if (!study) return Promise.resolve()
    taken.value = { study, at }
    return change({ studies: set.value!.studies.filter((_, place) => place !== at) })
  }

  function putBack(): Promise<void> {
    const studies = [...set.value!.studies]
    if (taken.value) studies.splice(taken.value.at, 0, taken.value.study)
    taken.value = null
    return change({ studies })
  }
  return { taken, change, move, remove, putBack }
}
