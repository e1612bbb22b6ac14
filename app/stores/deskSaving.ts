import isSame from 'fast-deep-equal'
import { computed, type Ref, ref, shallowRef } from 'vue'
import type { Study } from '#shared/api'
import { ApiError, ask, wordsOf } from '~/composables/api'
import { deskAutosave } from './deskAutosave'
import { keepingState } from './deskState'
import type { DeskStudy } from './deskStudy'
import { t } from '~/composables/words'

/** Sends a study over a version. What the server has already, since only its answer was lost, is no conflict. */
async function put(id: string, body: { recipe: unknown; accepted?: unknown; version: number }): Promise<Study> {
  try {
    return await ask<Study>(`/api/studies/${id}`, 'PUT', body)
  } catch (error) {
    const current = error instanceof ApiError && error.status === 409 ? (error.fault.current as Study) : null
    const fingers = body.accepted ?? current?.accepted
    if (current && isSame(current.recipe, body.recipe) && isSame(current.accepted, fingers)) return current
    throw error
  }
}

/** One state from what is going on. */
const stateOf = (
  desk: DeskStudy,
  now: { saved: Ref<Study | null>; saving: Ref<boolean>; wanted: Ref<boolean>; conflict: Ref<Study | null> },
) =>
  computed(() =>
    keepingState({
      saved: now.saved.value !== null,
      changed: desk.changed.value,
      saving: now.saving.value,
      wanted: now.wanted.value,
      conflict: now.conflict.value !== null,
    }),
  )

/** How the study on the desk is saved: over the version that was seen, never over another unseen. */
export function deskSaving(desk: DeskStudy) {
  const saved = shallowRef<Study | null>(null)
  /** The id that a study gets with its first save: asked twice, the server still keeps it once. */
  const newId = shallowRef(crypto.randomUUID())
  const saving = ref(false)
  /** A save was asked for and the server was not there. */
  const wanted = ref(false)
  const conflict = shallowRef<Study | null>(null)
  /** Whether both versions are to be shown now. */
  const deciding = ref(false)
  const saveError = ref<string | null>(null)
  /** Counts what was laid on the desk: an answer that comes after something else was laid there is none of its business. */
  let laid = 0
  let travelling: Promise<unknown> = Promise.resolve()

  /** What lies on the desk is this study of the library, or none. */
  function keep(study: Study | null): void {
    laid++
    saved.value = study
    conflict.value = saveError.value = null
    deciding.value = wanted.value = false
    if (!study) newId.value = crypto.randomUUID()
  }

  /** Sends what is on the desk; changes made while it travels count as not saved. */
  async function send(version: number): Promise<void> {
    const [sent, here] = [desk.standing.value, laid]
    const body = { recipe: desk.study.value?.recipe ?? sent.recipe }
    const fingers = desk.accepted.value ? { accepted: desk.accepted.value } : {}
    const study = saved.value
      ? await put(saved.value.id, { ...body, ...fingers, version })
      : await ask<Study>('/api/studies', 'POST', { ...body, id: newId.value })
    if (here !== laid) return
    keep(study)
    desk.kept.value = sent
  }

  function failed(error: unknown, asked: boolean): void {
    const { status, fault } = error instanceof ApiError ? error : { status: -1, fault: null }
    wanted.value = status === 0
    if (status === 409 && fault?.current) {
      conflict.value = fault.current as Study
      deciding.value = asked
    } else if (status !== 0) saveError.value = wordsOf(error)
  }

  /**
   * Saves over `version`; a stale save changes nothing and keeps both. False where nothing was saved.
   * @param asked whether the teacher asked for it: then problems are shown at once
   */
  async function save(version?: number, asked = true): Promise<boolean> {
    // what is only tried out is meant, where the teacher presses Save; by itself it is not saved
    if (desk.held.value) await (asked ? desk.put(desk.recipe.value) : desk.leave())
    await Promise.all([desk.settled(), travelling])
    if (desk.fault.value) {
      if (asked) saveError.value = t('desk.desk-saving.what-is-asked-cannot')
      return false
    }
    const sending = attempt(version ?? saved.value?.version ?? 0, asked)
    travelling = sending
    return sending
  }

  async function attempt(version: number, asked: boolean): Promise<boolean> {
    saving.value = true
    saveError.value = null
    try {
      await send(version)
      return true
    } catch (error) {
      failed(error, asked)
      return false
    } finally {
      saving.value = false
    }
  }
  /** Waits for a save that is on its way. */
  const arrived = (): Promise<unknown> => travelling

  const state = stateOf(desk, { saved, saving, wanted, conflict })
  deskAutosave(desk, state, () => save(undefined, false))
  return { saved, wanted, conflict, deciding, saveError, state, keep, save, arrived }
}
