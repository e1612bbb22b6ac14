import isSame from 'fast-deep-equal'
import { computed, type Ref, shallowRef } from 'vue'
import type { Study } from '#shared/api'
import { ask, isUnreachable, newerThan, wordsOf } from '~/composables/api'
import { t } from '~/composables/words'
import { deskAutosave } from './autosave'
import type { DeskDocument } from './document'
import { type Happening, nextKeeping, NEW, stateOf } from './keeping'

/** Sends a study over a version. What the server has already, since only its answer was lost, is no conflict. */
async function overwrite(id: string, body: { recipe: unknown; accepted?: unknown; version: number }): Promise<Study> {
  try {
    return await ask('PUT /api/studies/:id', { id }, body)
  } catch (error) {
    const current = newerThan('PUT /api/studies/:id', error)
    const fingers = body.accepted ?? current?.accepted
    if (current && isSame(current.recipe, body.recipe) && isSame(current.accepted, fingers)) return current
    throw error
  }
}

/** What a failed save comes to. */
function failed(error: unknown, requested: boolean): Happening {
  const current = newerThan('PUT /api/studies/:id', error)
  if (current) return { what: 'stale', current, requested }
  return isUnreachable(error) ? { what: 'unreachable' } : { what: 'refused', words: wordsOf(error) }
}

/** How the study on the desk is saved: over the version that was seen, never over another unseen. */
/** @param deliberate whether it is only saved when that is said: what belongs to a set is tried out without changing it */
export function deskSaving(desk: DeskDocument, deliberate: Readonly<Ref<boolean>>) {
  const keeping = shallowRef(NEW)
  const happens = (happening: Happening): void => {
    keeping.value = nextKeeping(keeping.value, happening)
  }
  /** The id that a study gets with its first save: asked twice, the server still keeps it once. */
  let newId = crypto.randomUUID()
  /** Counts what was laid on the desk: an answer that comes after something else was laid there is none of its business. */
  let laid = 0
  let travelling: Promise<unknown> = Promise.resolve()

  /** What lies on the desk is this study of the library, or none. */
  function lies(study: Study | null, wanted = false): void {
    laid++
    newId = crypto.randomUUID()
    happens({ what: 'laid', study, wanted })
  }

  /** Sends what is on the desk; changes made while it travels count as not saved. */
  async function send(version: number): Promise<Happening> {
    const [sent, here, { saved }] = [desk.currentDocument.value, laid, keeping.value]
    const body = { recipe: desk.study.value?.recipe ?? sent.recipe }
    const fingers = desk.accepted.value ? { accepted: desk.accepted.value } : {}
    const study = saved
      ? await overwrite(saved.id, { ...body, ...fingers, version })
      : await ask('POST /api/studies', {}, { ...body, id: newId })
    if (here !== laid) return { what: 'overtaken' }
    desk.stored.value = sent
    return { what: 'kept', study }
  }

  /**
   * Saves over `version`; a stale save changes nothing and keeps both. False where nothing was saved.
   * @param asked whether the teacher asked for it: then problems are shown at once
   */
  async function save(version?: number, requested = true): Promise<boolean> {
    // what is only tried out is meant, where the teacher presses Save; by itself it is not saved
    if (desk.held.value) await (requested ? desk.replace(desk.recipe.value) : desk.leave())
    await Promise.all([desk.settled(), travelling])
    if (desk.fault.value) {
      if (requested) happens({ what: 'unplayable', words: t('desk.desk-saving.unplayable') })
      return false
    }
    const sending = attempt(version ?? keeping.value.saved?.version ?? 0, requested)
    travelling = sending
    return sending
  }

  async function attempt(version: number, requested: boolean): Promise<boolean> {
    happens({ what: 'sent' })
    const here = laid
    const outcome = await send(version).catch((error: unknown): Happening =>
      here === laid ? failed(error, requested) : { what: 'overtaken' },
    )
    happens(outcome)
    return outcome.what === 'kept'
  }
  /** Waits for a save that is on its way. */
  const arrived = (): Promise<unknown> => travelling

  const state = computed(() => stateOf(keeping.value, desk.changed.value))
  const byItself = computed(() => (deliberate.value && state.value === 'changed' ? 'saved' : state.value))
  deskAutosave(desk, byItself, () => save(undefined, false))
  return { keeping, state, happens, lies, save, arrived }
}
