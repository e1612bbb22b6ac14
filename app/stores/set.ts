import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { SyllabusListing } from '#shared/api'
import { ask } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { setChanges } from './setChanges'
import { setGrading } from './setGrading'
import { setKeeping } from './setKeeping'

/** A set as the page works on it: what it holds, where it stands, and every change saved at once. */
export const useSet = defineStore('set', () => {
  const keeping = setKeeping()
  const { set, report, conflict, notice, guarded, settle, quiet } = keeping
  const changes = setChanges(keeping)
  const grading = setGrading(keeping)
  const syllabi = shallowRef<readonly SyllabusListing[]>([])

  const grade = computed(() => {
    const syllabus = syllabi.value.find((each) => each.id === set.value?.syllabusId)
    const found = syllabus?.grades.find((each) => each.id === set.value?.gradeId)
    return syllabus && found ? { syllabus, grade: found } : null
  })

  let openId = ''
  /** Shows a set, once what was changed in the one before is saved; whoever asks later overtakes. */
  async function open(id: string): Promise<void> {
    openId = id
    await quiet()
    return guarded(async () => {
      if (set.value?.id !== id) {
        set.value = report.value = conflict.value = null
        grading.forget()
      }
      const [found, listed] = await Promise.all([ask('GET /api/sets/:id', { id }), ask('GET /api/syllabi')])
      if (openId !== id) return
      // a course is no exam's list
      syllabi.value = listed.filter(({ isCourse }) => !isCourse)
      await settle(found)
    })
  }

  onBack(() => (openId && set.value?.id !== openId ? open(openId) : undefined))

  const { busy, error, takeTheirs, keepMine } = keeping
  return {
    ...{ set, syllabi, report, busy, error, notice, conflict, grade, open, takeTheirs, keepMine },
    ...changes,
    ...grading,
    // what is changed by hand afterwards has its own way back
    change: (...some: Parameters<typeof changes.change>) => (grading.forget(), changes.change(...some)),
    move: (...places: Parameters<typeof changes.move>) => (grading.forget(), changes.move(...places)),
    remove: (at: number) => (grading.forget(), changes.remove(at)),
  }
})
