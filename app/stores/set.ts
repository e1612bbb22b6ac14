import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { SetReport, StudySet, SyllabusListing } from '#shared/api'
import { ApiError, ask, wordsOf } from '~/composables/api'

/** Work that shows itself: busy while it runs, its error in words when it fails. */
function working() {
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

/** The set and what the server says of it; saves go over the version that was seen. */
function keeping() {
  const set = shallowRef<StudySet | null>(null)
  const report = shallowRef<SetReport | null>(null)
  /** What the server holds, and what was to be saved, when somebody else saved first. */
  const conflict = shallowRef<{ current: StudySet; wanted: StudySet } | null>(null)

  async function loadReport(): Promise<void> {
    const { id, syllabusId, gradeId } = set.value!
    const query = syllabusId && gradeId ? `?${new URLSearchParams({ syllabus: syllabusId, grade: gradeId })}` : ''
    report.value = await ask<SetReport>(`/api/sets/${id}/report${query}`)
  }

  /** Shows what a save answered, or both versions where it came too late. */
  async function settle(saving: Promise<StudySet>, wanted: StudySet): Promise<boolean> {
    try {
      set.value = await saving
      conflict.value = null
      await loadReport()
      return true
    } catch (problem) {
      if (!(problem instanceof ApiError) || problem.status !== 409) throw problem
      conflict.value = { current: problem.fault.current as StudySet, wanted }
      return false
    }
  }

  function put(wanted: StudySet, version: number): Promise<boolean> {
    const { id, title, syllabusId, gradeId } = wanted
    const studyIds = wanted.studies.map((study) => study.id)
    const body = { title, syllabusId, gradeId, studyIds, version }
    return settle(ask<StudySet>(`/api/sets/${id}`, 'PUT', body), wanted)
  }
  return { set, report, conflict, loadReport, settle, put }
}

/** A set as the page works on it: every change is saved at once. */
export const useSet = defineStore('set', () => {
  const { busy, error, told, guarded } = working()
  const { set, report, conflict, loadReport, settle, put } = keeping()
  const syllabi = shallowRef<SyllabusListing[]>([])

  const grade = computed(() => {
    const syllabus = syllabi.value.find((each) => each.id === set.value?.syllabusId)
    const found = syllabus?.grades.find((each) => each.id === set.value?.gradeId)
    return syllabus && found ? { syllabus, grade: found } : null
  })

  const open = (id: string): Promise<void> =>
    guarded(async () => {
      if (set.value?.id !== id) set.value = report.value = conflict.value = null
      const found = ask<StudySet>(`/api/sets/${id}`)
      syllabi.value = await ask<SyllabusListing[]>('/api/syllabi')
      set.value = await found
      await loadReport()
    })

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

  function move(from: number, to: number): Promise<void> {
    const studies = [...set.value!.studies]
    if (to < 0 || to >= studies.length || from === to) return Promise.resolve()
    studies.splice(to, 0, ...studies.splice(from, 1))
    return change({ studies })
  }
  const remove = (at: number): Promise<void> =>
    change({ studies: set.value!.studies.filter((_, place) => place !== at) })

  const addMissing = (): Promise<void> =>
    guarded(async () => {
      const { id, syllabusId, gradeId, version } = set.value!
      let added = 0
      const adding = ask<{ set: StudySet; added: number }>(`/api/sets/${id}/missing`, 'POST', {
        ...{ syllabusId, gradeId, version },
      }).then((answer) => {
        added = answer.added
        return answer.set
      })
      if (await settle(adding, set.value!)) told.value = added === 1 ? 'one study added' : `${added} studies added`
    })

  const takeTheirs = (): Promise<void> =>
    guarded(async () => {
      await settle(Promise.resolve(conflict.value!.current), conflict.value!.current)
    })
  const keepMine = (): Promise<void> =>
    guarded(async () => {
      await put(conflict.value!.wanted, conflict.value!.current.version)
    })

  return {
    ...{ set, syllabi, report, busy, error, told, conflict, grade },
    ...{ open, change, move, remove, addMissing, takeTheirs, keepMine },
  }
})
