import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { SetReport, Study, StudySet, SyllabusListing } from '#shared/api'
import { ApiError, ask, wordsOf } from '~/composables/api'

/** A set as the page works on it: every change is saved at once, over the version that was seen. */
export const useSet = defineStore('set', () => {
  const set = shallowRef<StudySet | null>(null)
  const syllabi = shallowRef<SyllabusListing[]>([])
  const report = shallowRef<SetReport | null>(null)
  const busy = ref(false)
  const error = ref('')
  const told = ref('')
  /** What the server holds, and what was to be saved, when somebody else saved first. */
  const conflict = shallowRef<{ current: StudySet; wanted: StudySet } | null>(null)

  const grade = computed(() => {
    const syllabus = syllabi.value.find((each) => each.id === set.value?.syllabusId)
    const found = syllabus?.grades.find((each) => each.id === set.value?.gradeId)
    return syllabus && found ? { syllabus, grade: found } : null
  })

  async function loadReport(): Promise<void> {
    const { id, syllabusId, gradeId } = set.value!
    const query = syllabusId && gradeId ? `?${new URLSearchParams({ syllabus: syllabusId, grade: gradeId })}` : ''
    report.value = await ask<SetReport>(`/api/sets/${id}/report${query}`)
  }

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

  const open = (id: string): Promise<void> =>
    guarded(async () => {
      if (set.value?.id !== id) set.value = report.value = conflict.value = null
      const [found, known] = await Promise.all([
        ask<StudySet>(`/api/sets/${id}`),
        ask<SyllabusListing[]>('/api/syllabi'),
      ])
      set.value = found
      syllabi.value = known
      await loadReport()
    })

  async function put(wanted: StudySet, version: number): Promise<void> {
    const { id, title, syllabusId, gradeId } = wanted
    const studyIds = wanted.studies.map((study) => study.id)
    try {
      set.value = await ask<StudySet>(`/api/sets/${id}`, 'PUT', { title, syllabusId, gradeId, studyIds, version })
      conflict.value = null
      await loadReport()
    } catch (problem) {
      if (!(problem instanceof ApiError) || problem.status !== 409) throw problem
      conflict.value = { current: problem.fault.current as StudySet, wanted }
    }
  }

  /** Shows a change at once and saves it; a failed save puts back what was there. */
  const change = (some: Partial<Pick<StudySet, 'title' | 'syllabusId' | 'gradeId' | 'studies'>>): Promise<void> =>
    guarded(async () => {
      const before = set.value!
      const wanted = { ...before, ...some }
      set.value = wanted
      try {
        await put(wanted, before.version)
      } catch (problem) {
        set.value = before
        throw problem
      }
    })

  const move = (from: number, to: number): Promise<void> => {
    const studies = [...set.value!.studies]
    if (to < 0 || to >= studies.length || from === to) return Promise.resolve()
    studies.splice(to, 0, ...studies.splice(from, 1))
    return change({ studies })
  }

  const remove = (at: number): Promise<void> =>
    change({ studies: set.value!.studies.filter((_: Study, place: number) => place !== at) })

  const addMissing = (): Promise<void> =>
    guarded(async () => {
      const { id, syllabusId, gradeId, version } = set.value!
      try {
        const answer = await ask<{ set: StudySet; added: number }>(`/api/sets/${id}/missing`, 'POST', {
          syllabusId,
          gradeId,
          version,
        })
        set.value = answer.set
        told.value = answer.added === 1 ? 'One study added.' : `${answer.added} studies added.`
        await loadReport()
      } catch (problem) {
        if (!(problem instanceof ApiError) || problem.status !== 409) throw problem
        conflict.value = { current: problem.fault.current as StudySet, wanted: set.value! }
      }
    })

  const takeTheirs = (): Promise<void> =>
    guarded(async () => {
      set.value = conflict.value!.current
      conflict.value = null
      await loadReport()
    })
  const keepMine = (): Promise<void> =>
    guarded(() => put(conflict.value!.wanted, conflict.value!.current.version))

  return {
    set,
    syllabi,
    report,
    busy,
    error,
    told,
    conflict,
    grade,
    open,
    change,
    move,
    remove,
    addMissing,
    takeTheirs,
    keepMine,
  }
})
