import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { atomsOf, type Syllabus, syllabusFaults } from '#core/syllabus'
import type { SyllabusDocument } from '#shared/api'
import { ask, newerThan } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

const MAX_BACK = 100

/** A list as the editor works on it: a draft, checked as it is typed, saved whole over the version that was seen. */
export const useSyllabus = defineStore('syllabus', () => {
  const stored = shallowRef<SyllabusDocument | null>(null)
  const draft = shallowRef<Syllabus | null>(null)
  const back = shallowRef<readonly { words: string; syllabus: Syllabus }[]>([])
  const { busy, error, notice, guarded } = working()

  const changed = computed(() => draft.value !== stored.value?.syllabus)
  const editable = computed(() => stored.value !== null && !stored.value.shipped)
  const faults = computed(() => (draft.value ? syllabusFaults(draft.value) : []))
  /** Items by entry, grade by grade; null where a fault keeps a grade from being counted. */
  const items = computed(() =>
    draft.value!.grades.map((grade) => {
      try {
        const found = new Map<string, number>()
        for (const { entry } of atomsOf(draft.value!, grade)) found.set(entry, (found.get(entry) ?? 0) + 1)
        return found
      } catch {
        return null
      }
    }),
  )

  function show(document: SyllabusDocument): void {
    stored.value = document
    draft.value = document.syllabus
    back.value = []
  }

  const open = (id: string): Promise<void> =>
    guarded(async () => {
      if (stored.value?.syllabus.id !== id) stored.value = draft.value = null
      show(await ask('GET /api/syllabi/:id', { id }))
    })

  /** Changes the draft; `words` say what is undone. */
  function change(words: string, next: Syllabus): void {
    back.value = [...back.value, { words, syllabus: draft.value! }].slice(-MAX_BACK)
    draft.value = next
    notice.value = ''
  }
  function undo(): void {
    const last = back.value.at(-1)
    if (!last) return
    draft.value =
      back.value.length === 1 && last.syllabus === stored.value!.syllabus ? stored.value!.syllabus : last.syllabus
    back.value = back.value.slice(0, -1)
  }

  const save = (): Promise<void> =>
    guarded(async () => {
      const { syllabus, version } = { syllabus: draft.value!, version: stored.value!.version }
      try {
        show(await ask('PUT /api/syllabi/:id', { id: syllabus.id }, { syllabus, version }))
        notice.value = t('syllabi.syllabus.saved')
      } catch (problem) {
        if (!newerThan('PUT /api/syllabi/:id', problem)) throw problem
        error.value = t('syllabi.syllabus.conflict')
      }
    })

  return {
    stored,
    draft,
    back,
    error,
    notice,
    busy,
    changed,
    editable,
    faults,
    items,
    open,
    change,
    undo,
    save,
    guarded,
  }
})
