import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { dateOf, type Entry, type Help } from '#core/practice'
import type { StoredAim, StoredEntry, PracticeFile } from '#shared/api'
import { unpacked } from '#shared/preparation'
import { ask } from '~/composables/api'
import { newestOnly } from '~/composables/realiser'
import { working } from '~/composables/working'
import { opened, practised, type PracticeView, type Row } from '~/practice'
import { practiceTrial } from './practiceTrial'

/** What a press says of a study; the rest follows from the item that it was pressed at. */
export type EntryDraft = Pick<Entry, 'outcome' | 'tempo'> &
  Partial<
    Pick<Entry, 'kind' | 'hands' | 'octaves' | 'minutes' | 'where' | 'stage' | 'date' | 'corrects' | 'withdrawn'>
  > & {
    readonly note?: string
    readonly by?: 'teacher' | 'pupil'
  }

/** A pupil's way to an exam: the set, its record and aim, and what the core makes of them. */
export const usePractice = defineStore('practice', () => {
  const { busy, error, notice, guarded, inTurn } = working()
  const file = shallowRef<PracticeFile | null>(null)
  const view = shallowRef<PracticeView | null>(null)
  const help = shallowRef<readonly Help[] | null>(null)
  /** The entry that was added last, so that a slip of the finger can be taken back at once. */
  const last = shallowRef<{ readonly entry: StoredEntry; readonly row: Row } | null>(null)
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
      if (file.value?.set.id !== setId) file.value = view.value = last.value = null
      trying.leaveTrial()
      await show(await ask('GET /api/sets/:id/practice', { id: setId }))
    })

  /** Adds entries to the record; they count at once, and are sent with ids of their own, so that none is added twice. */
  async function send(entries: readonly object[]): Promise<StoredEntry[]> {
    const { id } = file.value!.set.pupil
    const added = unpacked(await ask('POST /api/pupils/:id/record', { id }, { entries }))
    // whoever else added something meanwhile is seen as well
    await show(await ask('GET /api/sets/:id/practice', { id: file.value!.set.id }))
    return added
  }

  const entryFor = (row: Row, { kind = 'lesson', minutes = 0, note = '', by = 'teacher', ...rest }: EntryDraft) => ({
    ...{ id: crypto.randomUUID(), studyId: row.id, kind, minutes, note, by },
    date: dateOf(view.value!.today),
    ...{ hands: row.recipe.hands, octaves: row.recipe.octaves },
    ...rest,
  })

  const add = (row: Row, draft: EntryDraft): Promise<void> =>
    inTurn(async () => {
      const [entry] = await send([entryFor(row, draft)])
      last.value = entry ? { entry, row } : null
    })
  const addAll = (all: readonly { row: Row; draft: EntryDraft }[]): Promise<void> =>
    inTurn(async () => {
      await send(all.map(({ row, draft }) => entryFor(row, draft)))
      last.value = null
    })

  /** Corrects an entry, or withdraws it; both entries stay. */
  const correct = (row: Row, entry: StoredEntry, some: Partial<EntryDraft>): Promise<void> =>
    inTurn(async () => {
      const { kind, outcome, tempo, hands, octaves, minutes, where, stage, date, note } = entry
      const before = { kind, outcome, tempo, hands, octaves, minutes, date, note, ...(where ? { where } : {}) }
      await send([entryFor(row, { ...before, ...(stage ? { stage } : {}), ...some, corrects: entry.id })])
      last.value = null
    })
  const withdrawLast = (): Promise<void> => correct(last.value!.row, last.value!.entry, { withdrawn: true })

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

  const { trial, ...trying } = practiceTrial({ file, show, saveAim, guarded, inTurn })

  return {
    ...{ file, view, help, trial, last, record, busy, error, notice },
    ...{ open, add, addAll, correct, withdrawLast, saveAim, askHelp, ...trying },
  }
})
