import { type Ref, type ShallowRef, shallowRef } from 'vue'
import type { Recipe } from '#core/instrument'
import { dateOf, type Entry } from '#core/practice'
import type { PracticeFile, StoredEntry } from '#shared/api'
import { unpacked } from '#shared/preparation'
import { ask } from '~/composables/api'
import type { PracticeView } from '~/practice'
import { entryDay } from './entryDay'
import { undoing } from './lessonEntries'

/** What a press says of a study; the rest follows from the item that it was pressed at. */
export type EntryDraft = Pick<Entry, 'outcome' | 'tempo'> &
  Partial<
    Pick<Entry, 'kind' | 'hands' | 'octaves' | 'minutes' | 'where' | 'stage' | 'date' | 'corrects' | 'withdrawn'>
  > & {
    readonly note?: string
    readonly by?: 'teacher' | 'pupil'
  }

/** A study that entries are of: in the library by its id, else as it stands. */
interface EntryStudy {
  readonly id: string | null
  readonly recipe: Recipe
}
interface Added {
  readonly entry: StoredEntry
  readonly row: EntryStudy
}

interface At {
  readonly file: ShallowRef<PracticeFile | null>
  readonly view: ShallowRef<PracticeView | null>
  readonly record: Readonly<Ref<readonly StoredEntry[]>>
  show(next: PracticeFile): Promise<void>
  inTurn(work: () => Promise<void>): Promise<void>
}

/** What is added to a record, corrected and undone: what was added together is undone together. */
export function practiceEntries({ file, view, record, show, inTurn }: At) {
  const last = shallowRef<readonly Added[]>([])
  /** What stood before it, which is said once more where it is undone. */
  let earlier: readonly StoredEntry[] = []
  const { day, forget: forgetDay } = entryDay(view)
  /** Begins anew, with another set. */
  function forget(): void {
    last.value = []
    forgetDay()
  }

  /** They count at once, and are sent with ids of their own, so that none is added twice. */
  async function send(entries: readonly object[]): Promise<StoredEntry[]> {
    const { id } = file.value!.set.pupil
    const added = unpacked(await ask('POST /api/pupils/:id/record', { id }, { entries }))
    // whoever else added something meanwhile is seen as well
    await show(await ask('GET /api/sets/:id/practice', { id: file.value!.set.id }))
    return added
  }

  const entryFor = (
    row: EntryStudy,
    { kind = 'lesson', minutes = 0, note = '', by = 'teacher', ...rest }: EntryDraft,
  ) => ({
    ...{ id: crypto.randomUUID(), kind, minutes, note, by },
    ...(row.id ? { studyId: row.id } : { study: row.recipe }),
    date: dateOf(day.value),
    ...{ hands: row.recipe.hands, octaves: row.recipe.octaves },
    ...rest,
  })

  const addAll = (all: readonly { row: EntryStudy; draft: EntryDraft }[]): Promise<void> =>
    inTurn(async () => {
      const before = record.value
      const sent = all.map(({ row, draft }) => entryFor(row, draft))
      const added = new Map((await send(sent)).map((entry) => [entry.id, entry]))
      earlier = before
      last.value = sent.flatMap(({ id }, at) => (added.has(id) ? [{ entry: added.get(id)!, row: all[at]!.row }] : []))
    })
  const add = (row: EntryStudy, draft: EntryDraft): Promise<void> => addAll([{ row, draft }])

  /** Corrects an entry, or withdraws it; both entries stay. */
  const correct = (row: EntryStudy, entry: StoredEntry, some: Partial<EntryDraft>): Promise<void> =>
    inTurn(async () => {
      const { kind, outcome, tempo, hands, octaves, minutes, where, stage, date, note } = entry
      const before = { kind, outcome, tempo, hands, octaves, minutes, date, note, ...(where ? { where } : {}) }
      await send([entryFor(row, { ...before, ...(stage ? { stage } : {}), ...some, corrects: entry.id })])
      last.value = []
    })
  const withdrawLast = (): Promise<void> =>
    inTurn(async () => {
      await send(last.value.map(({ entry }) => undoing(entry, earlier)))
      last.value = []
    })

  return { last, day, forget, add, addAll, correct, withdrawLast }
}
