import isEqual from 'fast-deep-equal'
import { shallowRef } from 'vue'
import type { SetReport, StudySet } from '#shared/api'
import { ask, isUnreachable, newerThan } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { working } from '~/composables/working'

const contentOf = ({ title, syllabusId, gradeId, policies, studies }: StudySet) => ({
  title,
  policies,
  syllabusId,
  gradeId,
  studyIds: studies.map((study) => study.id),
})

/**
 * The set as it is shown and as the server last had it. Changes are shown at once; they are saved one after the
 * other, what gathers meanwhile in one go, always over the version that was seen.
 */
export function setKeeping() {
  const { busy, error, notice, guarded } = working()
  const set = shallowRef<StudySet | null>(null)
  const saved = shallowRef<StudySet | null>(null)
  const report = shallowRef<SetReport | null>(null)
  /** What the server holds, and what was to be saved, when somebody else saved first. */
  const conflict = shallowRef<{ current: StudySet; wanted: StudySet } | null>(null)

  async function loadReport(): Promise<void> {
    const { id, syllabusId, gradeId } = set.value!
    const graded = syllabusId && gradeId ? { syllabus: syllabusId, grade: gradeId } : {}
    report.value = await ask('GET /api/sets/:id/report', { id, ...graded })
  }

  /** Shows what the server holds. */
  async function settle(current: StudySet): Promise<void> {
    set.value = saved.value = current
    conflict.value = null
    await loadReport()
  }

  /** A save that came too late leaves both versions to choose from; any other failure shows what was saved last. */
  function refuse(problem: unknown, wanted: StudySet): void {
    const current = newerThan('PUT /api/sets/:id', problem)
    if (!current) {
      set.value = saved.value
      throw problem
    }
    conflict.value = { current, wanted }
  }

  /** What the server has already, since only its answer was lost, is no conflict. */
  async function refuseSave(problem: unknown, wanted: StudySet): Promise<void> {
    const current = newerThan('PUT /api/sets/:id', problem)
    if (current && isEqual(contentOf(current), contentOf(wanted))) return settle(current)
    refuse(problem, wanted)
  }

  async function send(): Promise<void> {
    for (;;) {
      const wanted = set.value!
      const { id, version } = saved.value!
      saved.value = await ask('PUT /api/sets/:id', { id }, { ...contentOf(wanted), version })
      if (set.value !== wanted) continue
      await settle(saved.value)
      // grading takes its time: what was changed meanwhile is saved as well
      if (set.value === saved.value) return
    }
  }

  /** A change that the server was not there for: it stays as it is shown, and is saved when the server is back. */
  let waits = false
  let saving: Promise<void> | null = null
  /** Saves what is shown; while a save is on its way, it goes on to what has been changed since. */
  function save(): Promise<void> {
    saving ??= guarded(async () => {
      try {
        waits = false
        await send()
      } catch (problem) {
        waits = isUnreachable(problem)
        if (!waits) await refuseSave(problem, set.value!)
      }
    }).finally(() => {
      saving = null
    })
    return saving
  }
  /** Resolves when no save is on its way; another set must not take this one's place before. */
  const quiet = (): Promise<void> => saving ?? Promise.resolve()

  onBack(() => (waits ? save() : undefined))

  const takeTheirs = (): Promise<void> => guarded(() => settle(conflict.value!.current))
  function keepMine(): Promise<void> {
    const { current, wanted } = conflict.value!
    saved.value = current
    set.value = wanted
    return save()
  }
  return {
    ...{ set, report, conflict, busy, error, notice },
    ...{ guarded, settle, refuse, save, quiet, takeTheirs, keepMine },
  }
}

export type SetKeeping = ReturnType<typeof setKeeping>
