import { useManualRefHistory } from '@vueuse/core'
import { computed, markRaw, shallowRef } from 'vue'
import type { Accepted } from '#core/realise'
import type { RecipeInput } from '#core/instrument'

/** How the study stood at some moment, and what was done to bring it there. */
interface Stand {
  readonly recipe: RecipeInput
  readonly accepted: Accepted | null
  readonly words: string
  /** What kind of step it was; empty where it stands for itself. */
  readonly sort: string
  readonly at: number
}

/** The way by which a study came to stand as it does, and the way on that was taken back; the nearest first. */
export interface UndoLog {
  readonly now: Stand
  readonly back: readonly Stand[]
  readonly on: readonly Stand[]
}

const MAX = 300
/** So many steps outlive a reload. */
const MAX_KEPT = 40
/** Changes of one sort in quick succession (a number being typed, a slider on its way) are one step. */
const ONE_GO = 900

/** What was done to the study on the desk, step by step, each with its name. */
export function deskHistory(show: (recipe: RecipeInput, accepted: Accepted | null) => Promise<void>) {
  const stand = shallowRef<Stand>({ recipe: {} as RecipeInput, accepted: null, words: '', sort: '', at: 0 })
  const { last, undoStack, redoStack, undo, redo, commit, clear } = useManualRefHistory(stand, { capacity: MAX })

  /** Begins anew: what stands now cannot be undone. */
  function begin(recipe: RecipeInput, accepted: Accepted | null): void {
    stand.value = { recipe, accepted, words: '', sort: '', at: 0 }
    commit()
    clear()
  }

  /** Notes a step. @param sort what kind of step it is: steps of one sort that follow at once are one */
  function note(recipe: RecipeInput, words: string, sort: string): void {
    const before = last.value.snapshot
    const at = Date.now()
    const same = sort !== '' && before.sort === sort && at - before.at < ONE_GO
    stand.value = { recipe, accepted: null, words, sort, at }
    commit()
    if (same) undoStack.value = undoStack.value.slice(1)
  }

  const standsOf = (records: readonly { readonly snapshot: Stand }[]): Stand[] =>
    records.slice(0, MAX_KEPT).map(({ snapshot }) => snapshot)
  /** What outlives a reload; null where there is neither way back nor on. */
  const undoLog = computed<UndoLog | null>(() =>
    undoStack.value.length + redoStack.value.length === 0
      ? null
      : { now: last.value.snapshot, back: standsOf(undoStack.value), on: standsOf(redoStack.value) },
  )
  /** Takes up a way that was kept, for what stands now. */
  function retrace({ now, back, on }: UndoLog): void {
    const record = (snapshot: Stand) => markRaw({ snapshot, timestamp: snapshot.at })
    stand.value = now
    last.value = record(now)
    undoStack.value = back.map(record)
    redoStack.value = on.map(record)
  }

  async function go(way: () => void): Promise<void> {
    way()
    await show(stand.value.recipe, stand.value.accepted)
  }

  return {
    begin,
    note,
    undoLog,
    retrace,
    /** What the next undo would take back; empty where nothing can be. */
    undoes: computed(() => (undoStack.value.length > 0 ? last.value.snapshot.words : '')),
    redoes: computed(() => redoStack.value[0]?.snapshot.words ?? ''),
    undo: () => go(undo),
    redo: () => go(redo),
  }
}
