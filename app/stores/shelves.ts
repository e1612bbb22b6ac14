import { computed, type ShallowRef, shallowRef } from 'vue'
import type { RecipeInput } from '#core/instrument'
import type { BulkEdit, ChangePreview, Shelf, StudyListing, SyllabusListing } from '#shared/api'
import { undoChange } from '~/composables/undoing'
import { onBack } from '~/composables/connection'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { addToSet, shelve } from './library'
import { t } from '~/composables/words'

/** What can be taken back, in words, and how. */
interface Done {
  readonly words: string
  /** What it answers is shown, where it is words. */
  readonly undo: (() => Promise<unknown>) | null
}

type Work = (what: () => Promise<Done | null>) => Promise<void>

/** What can be done to a handful of studies. */
function shelfActions(studies: ShallowRef<readonly StudyListing[] | null>, work: Work) {
  /** Moves studies to a shelf; each can go back to where it was. */
  const move = (ids: readonly string[], shelf: Shelf): Promise<void> =>
    work(async () => {
      const before = new Map((studies.value ?? []).map((study) => [study.id, study.shelf]))
      await shelve(ids, shelf)
      const undo = async (): Promise<void> => {
        for (const from of ['library', 'archive', 'bin'] as const) {
          const some = ids.filter((id) => before.get(id) === from)
          if (some.length > 0) await shelve(some, from)
        }
      }
      return { words: t('library.shelves.moved', { count: ids.length, shelf }), undo }
    })

  const tag = (ids: readonly string[], add: readonly string[], remove: readonly string[]): Promise<void> =>
    work(async () => {
      const having = (tag: string, has: boolean): string[] =>
        (studies.value ?? [])
          .filter((each) => ids.includes(each.id) && each.tags.includes(tag) === has)
          .map(({ id }) => id)
      // only where something changes can it be taken back
      const back = [
        ...add.map((each) => ({ ids: having(each, false), add: [], remove: [each] })),
        ...remove.map((each) => ({ ids: having(each, true), add: [each], remove: [] })),
      ].filter((each) => each.ids.length > 0)
      await ask('PUT /api/studies/tags', {}, { ids, add, remove })
      const words =
        add.length > 0
          ? t('library.shelves.tagged', { what: add.join(', ') })
          : t('library.shelves.untagged', { what: remove.join(', ') })
      const undo = async (): Promise<void> => {
        for (const each of back) await ask('PUT /api/studies/tags', {}, each)
      }
      return { words, undo }
    })

  const duplicate = (ids: readonly string[]): Promise<void> =>
    work(async () => {
      const copies: string[] = []
      for (const id of ids) copies.push((await ask('POST /api/studies/:id/copy', { id }, {})).id)
      return {
        words: t('library.shelves.there-twice-now', { count: ids.length }),
        undo: () => shelve(copies, 'bin'),
      }
    })

  const putInSet = (ids: readonly string[], set: { id: string; words: string }): Promise<void> =>
    work(async () => {
      const added = await addToSet(set.id, ids)
      return {
        words: t('library.shelves.added-to', { added, set: set.words, rest: ids.length - added }),
        undo: null,
      }
    })

  /** Deletes for good; there is no way back from here. */
  const destroy = (ids: readonly string[]): Promise<void> =>
    work(async () => {
      for (const id of ids) await ask('DELETE /api/studies/:id', { id })
      return { words: t('library.shelves.gone-for-good', { count: ids.length }), undo: null }
    })

  return { move, tag, duplicate, putInSet, destroy }
}

/** Changes of several studies: shown first, confirmed when made. */
function changeActions(work: Work) {
  /** What a change would make of studies; null where that could not be said. */
  async function preview(ids: readonly string[], some: Partial<RecipeInput>): Promise<ChangePreview | null> {
    let found: ChangePreview | null = null
    await work(async () => {
      found = await ask('POST /api/changes/preview', {}, { ids, some })
      return null
    })
    return found
  }
  /** Tells of a change that was made, with its way back. */
  const changed = ({ id, changed: count }: BulkEdit): Promise<void> =>
    work(() =>
      Promise.resolve({
        words: t('changes.done', { count }),
        undo: () => undoChange(id),
      }),
    )

  return { preview, changed }
}

/** All studies by their shelves, and what is done to a handful of them at once. */
export function shelves() {
  const studies = shallowRef<readonly StudyListing[] | null>(null)
  const syllabi = shallowRef<readonly SyllabusListing[]>([])
  const done = shallowRef<Done | null>(null)
  const { busy, error, guarded } = working()

  async function load(): Promise<void> {
    studies.value = await ask('GET /api/studies')
  }
  async function loadAll(): Promise<void> {
    const [, files] = await Promise.all([load(), ask('GET /api/syllabi')])
    syllabi.value = files
  }
  const titleOf = (id: string): string => syllabi.value.find((each) => each.id === id)?.title ?? id
  const tags = computed(() => [...new Set((studies.value ?? []).flatMap((study) => study.tags))].toSorted())

  /** Does something on the server, then shows the library as it stands; what fails is said and changes nothing. */
  const work = (what: () => Promise<Done | null>): Promise<void> =>
    guarded(async () => {
      done.value = null
      done.value = await what()
      await load()
    })

  const start = (): Promise<void> => guarded(loadAll)

  // a list that could not be read is read when the server is back
  onBack(() => (studies.value ? undefined : start()))

  const actions = { ...shelfActions(studies, work), ...changeActions(work) }

  const undo = (): Promise<void> => {
    const back = done.value?.undo
    return back
      ? work(async () => {
          const words = await back()
          return typeof words === 'string' ? { words, undo: null } : null
        })
      : Promise.resolve()
  }

  return { studies, tags, done, error, busy, titleOf, start, undo, ...actions }
}
