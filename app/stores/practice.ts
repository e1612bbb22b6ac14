import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Help } from '#core/practice'
import type { StoredAim, PracticeFile } from '#shared/api'
import { unpacked } from '#shared/preparation'
import { ask } from '~/composables/api'
import { newestOnly } from '~/composables/realiser'
import { working } from '~/composables/working'
import { opened, practised, type PracticeView } from '~/practice'
import { practiceEntries } from './practiceEntries'
import { practiceTrial } from './practiceTrial'

export type { EntryDraft } from './practiceEntries'

/** A pupil's way to an exam: the set, its record and aim, and what the core makes of them. */
export const usePractice = defineStore('practice', () => {
  const { busy, error, notice, guarded, inTurn } = working()
  const file = shallowRef<PracticeFile | null>(null)
  const view = shallowRef<PracticeView | null>(null)
  const help = shallowRef<readonly Help[] | null>(null)
  const record = computed(() => (file.value ? unpacked(file.value.record) : []))
  const newest = newestOnly()

  async function show(next: PracticeFile): Promise<void> {
    file.value = next
    help.value = null
    trying.leaveTrial()
    const answer = await newest(() => practised((api) => api.view(next)))
    if (answer) view.value = opened(answer).view
  }

  const open = (setId: string): Promise<void> =>
    inTurn(async () => {
      if (file.value?.set.id !== setId) {
        file.value = view.value = null
        telling.forget()
      }
      trying.leaveTrial()
      await show(await ask('GET /api/sets/:id/practice', { id: setId }))
    })

  const saveAim = (aim: Omit<StoredAim, 'version'>): Promise<void> =>
    inTurn(async () => {
      const { set, aim: before } = file.value!
      const stored = await ask('PUT /api/sets/:id/aim', { id: set.id }, { ...aim, version: before?.version ?? 0 })
      await show({ ...file.value!, aim: stored })
    })

  const askHelp = (): Promise<void> =>
    guarded(async () => {
      const sent = file.value!
      const answer = opened(await practised((api) => api.help(sent)))
      if (file.value === sent) help.value = answer.help
    })

  const { last, day, ...telling } = practiceEntries({ file, view, record, show, inTurn })
  const { trial, ...trying } = practiceTrial({ file, show, saveAim, guarded, inTurn })

  return {
    ...{ file, view, help, trial, last, day, record, busy, error, notice },
    ...{ open, saveAim, askHelp, ...telling, ...trying },
  }
})
