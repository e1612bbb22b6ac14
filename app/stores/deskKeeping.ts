import { computed, ref, shallowRef } from 'vue'
import type { RecipeInput } from '#core/study'
import type { Study } from '#shared/api'
import { ApiError, ask, wordsOf } from '~/composables/api'
import { deskAside } from './deskAside'
import { type DeskStudy, FIRST } from './deskStudy'

/** How the study on the desk is kept: opened, saved over the version that was seen, copied; never overwritten unseen. */
export function deskKeeping(desk: DeskStudy) {
  const saved = shallowRef<Study | null>(null)
  const saving = ref(false)
  const conflict = shallowRef<Study | null>(null)
  const saveError = ref<string | null>(null)
  const { asides, setAside, bringBack, letAsideGo } = deskAside(desk, saved, keep)

  const id = computed(() => saved.value?.id ?? null)
  /** Where the page shows what is on the desk. */
  const address = computed(() => (id.value ? `/desk/${id.value}` : '/desk'))
  const savedAt = computed(() => saved.value?.updatedAt ?? null)
  const state = computed<'new' | 'saved' | 'changed' | 'saving'>(() => {
    if (saving.value) return 'saving'
    if (!saved.value) return 'new'
    return desk.changed.value ? 'changed' : 'saved'
  })

  function keep(study: Study | null): void {
    saved.value = study
    conflict.value = saveError.value = null
  }

  function show(study: Study): Promise<void> {
    keep(study)
    return desk.lay(study.recipe, study.accepted)
  }
  async function open(which: string): Promise<void> {
    const study = await ask<Study>(`/api/studies/${which}`)
    setAside()
    await show(study)
  }

  /** Begins a study; one that came from a file is not saved yet. */
  async function begin(from?: RecipeInput): Promise<void> {
    setAside()
    keep(null)
    await desk.lay(from ?? FIRST)
    desk.changed.value = from !== undefined
  }

  /** Sends what is on the desk; changes made while it travels count as not saved. */
  async function send(version: number): Promise<void> {
    const sent = desk.recipe.value
    const body = { recipe: desk.study.value?.recipe ?? sent }
    const fingers = desk.accepted.value ? { accepted: desk.accepted.value } : {}
    const study = saved.value
      ? await ask<Study>(`/api/studies/${saved.value.id}`, 'PUT', { ...body, ...fingers, version })
      : await ask<Study>('/api/studies', 'POST', body)
    keep(study)
    desk.changed.value = desk.recipe.value !== sent
  }

  /** Saves over `version`; a stale save shows both versions instead. False where nothing was saved. */
  async function save(version = saved.value?.version ?? 0): Promise<boolean> {
    if (desk.fault.value) {
      saveError.value = 'What is asked cannot be played, so it was not saved. Mend it first.'
      return false
    }
    saving.value = true
    saveError.value = null
    try {
      await send(version)
      return true
    } catch (error) {
      if (error instanceof ApiError && error.status === 409) conflict.value = error.fault.current as Study
      else saveError.value = wordsOf(error)
      return false
    } finally {
      saving.value = false
    }
  }

  const keepMine = (): Promise<boolean> => save(conflict.value!.version)
  const takeTheirs = (): Promise<void> => show(conflict.value!)
  /** Leaves the saved study as it is and goes on with a copy that has not been saved yet. */
  const duplicate = (): void => keep(null)

  return {
    ...{ id, address, savedAt, state, conflict, saveError, asides },
    ...{ open, begin, bringBack, letAsideGo, save, keepMine, takeTheirs, duplicate },
  }
}
