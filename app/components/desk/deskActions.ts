import { ref } from 'vue'
import { useRouter } from '#imports'
import type { RecipeInput } from '#core/instrument'
import { errorMessage } from '#words'
import type { Desk, Stash } from '~/stores/desk'
import { wordsOf } from '~/composables/api'
import { realised } from '~/composables/realiser'
import { t, formatMessage } from '~/composables/words'

const MAX_BYTES = 1_000_000

/** What a teacher does with the study as a whole; the address follows what lies on the desk. */
export function deskActions(desk: Desk) {
  const router = useRouter()
  const failed = ref('')

  /** @param set the set that it is looked at in, if it is */
  async function open(id: string, set: string | null): Promise<void> {
    failed.value = ''
    try {
      if ((await desk.wakeAt(id)) || (id && id === desk.id)) {
        desk.set = id ? set : null
        return
      }
      if (id) await desk.open(id, set)
      else if (desk.id || !desk.study) await desk.begin()
    } catch (error) {
      failed.value = wordsOf(error)
    }
  }
  async function save(): Promise<void> {
    if (await desk.save()) await router.replace(desk.address)
  }
  async function keepBoth(): Promise<void> {
    desk.duplicate()
    await save()
  }
  async function duplicate(): Promise<void> {
    desk.duplicate()
    await router.replace('/desk')
  }
  async function fresh(): Promise<void> {
    await desk.begin()
    await router.replace('/desk')
  }
  async function back(stash: Stash): Promise<void> {
    await desk.bringBack(stash)
    await router.replace(desk.address)
  }
  async function importFile(file: File): Promise<void> {
    failed.value = ''
    try {
      if (file.size > MAX_BYTES) throw new Error(t('frame.desk-actions.too-large', { name: file.name }))
      const recipe = JSON.parse(await file.text()) as RecipeInput
      const answer = await realised((api) => api.realise(recipe))
      if ('fault' in answer) throw new Error(formatMessage(errorMessage(answer.fault)))
      await desk.begin(answer.study.recipe)
      await router.replace('/desk')
    } catch (error) {
      failed.value = `${file.name}: ${wordsOf(error)}`
    }
  }

  return { failed, open, save, keepBoth, duplicate, fresh, back, importFile }
}
