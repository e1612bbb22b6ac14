import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { FilePreview } from '#shared/api'
import { ask, sendFile, wordsOf } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { addToSet, saveStudies } from './library'

const MEGABYTE = 1_000_000
const MAX_MEGABYTES = 10
const MAX_FILES = 40
const MAX_TITLE = 120
/** As many as are kept by one request. */
const AT_ONCE = 100

/** A file that was dropped or chosen: what is in it, or why it cannot be read, and what of it is to be kept. */
export interface Incoming {
  readonly name: string
  /** Null while it is being read, and where it cannot be. */
  readonly preview: FilePreview | null
  readonly wrong: string
  /** Places of the studies that are to be kept. */
  readonly taken: ReadonlySet<number>
}

const recipesIn = ({ preview, taken }: Incoming) =>
  (preview?.found ?? []).flatMap(({ recipe }, at) => (recipe && taken.has(at) ? [recipe] : []))

/** What a file is called as a set. */
const titleOf = ({ name, preview }: Incoming): string =>
  (preview?.title || name.replace(/\.\w+$/, '')).slice(0, MAX_TITLE)

/** Keeps the studies that are taken of a file, in as many requests as that takes. @returns their ids in order */
async function keepStudies(incoming: Incoming): Promise<string[]> {
  const recipes = recipesIn(incoming)
  const ids: string[] = []
  for (let from = 0; from < recipes.length; from += AT_ONCE)
    ids.push(...(await saveStudies(recipes.slice(from, from + AT_ONCE))))
  return ids
}

/** @throws ApiError, Error for a file that is too large */
async function read(file: File, signal: AbortSignal): Promise<FilePreview> {
  const size = Math.ceil(file.size / MEGABYTE)
  if (size > MAX_MEGABYTES) throw new Error(t('files.too-large', { name: file.name, size }))
  return sendFile('POST /api/files/read', file, signal)
}

/** Files that come in: nothing of them is kept before that is said. */
export const useFiles = defineStore('files', () => {
  const { busy, error, guarded } = working()
  const incoming = shallowRef<readonly Incoming[]>([])
  const saved = shallowRef<readonly string[]>([])
  /** The sets that files were kept as. */
  const sets = shallowRef<readonly { readonly id: string; readonly title: string }[]>([])
  let request = new AbortController()

  function putAway(): void {
    request.abort()
    error.value = ''
    incoming.value = saved.value = sets.value = []
  }
  const alter = (at: number, some: Partial<Incoming>): void => {
    incoming.value = incoming.value.map((each, place) => (place === at ? { ...each, ...some } : each))
  }

  /** Looks into files one after the other; one that cannot be read keeps none of the others from being read. */
  function take(files: readonly File[]): Promise<void> {
    putAway()
    const { signal } = (request = new AbortController())
    const some = files.slice(0, MAX_FILES)
    if (files.length > MAX_FILES) error.value = t('files.too-many', { most: MAX_FILES, count: files.length })
    incoming.value = some.map(({ name }) => ({ name, preview: null, wrong: '', taken: new Set() }))
    const failure = error.value
    return guarded(async () => {
      error.value = failure
      for (const [at, file] of some.entries()) {
        try {
          const preview = await read(file, signal)
          const taken = new Set(preview.found.flatMap(({ recipe }, place) => (recipe ? [place] : [])))
          alter(at, { preview, taken })
        } catch (problem) {
          if (signal.aborted) return
          alter(at, { wrong: wordsOf(problem) })
        }
      }
    })
  }

  function toggle(at: number, place: number): void {
    const taken = new Set(incoming.value[at]!.taken)
    if (!taken.delete(place)) taken.add(place)
    alter(at, { taken })
  }
  const recipes = computed(() => incoming.value.flatMap(recipesIn))

  const keep = (): Promise<void> =>
    guarded(async () => {
      const ids: string[] = []
      for (const each of incoming.value) ids.push(...(await keepStudies(each)))
      saved.value = ids
      incoming.value = []
    })

  /** Keeps each file as a set of a pupil, called as the file is. */
  const keepAsSets = (pupilId: string): Promise<void> =>
    guarded(async () => {
      for (const each of incoming.value) {
        if (recipesIn(each).length === 0) continue
        const ids = await keepStudies(each)
        const { id, title } = await ask('POST /api/sets', {}, { title: titleOf(each), pupilId })
        await addToSet(id, ids)
        sets.value = [...sets.value, { id, title }]
        saved.value = [...saved.value, ...ids]
        // what is kept is not kept again, should one of the others fail
        incoming.value = incoming.value.filter((other) => other !== each)
      }
      incoming.value = []
    })

  return { incoming, saved, sets, busy, error, recipes, take, toggle, keep, keepAsSets, putAway }
})
