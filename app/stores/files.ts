import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { FilePreview } from '#shared/api'
import { sendFile } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { saveStudies } from './library'

const MEGABYTE = 1_000_000
const MOST_MEGABYTES = 10
/** As many as are kept by one request. */
const AT_ONCE = 100

/** A file that was dropped or chosen: what is in it, and what of it is to be kept. Nothing is kept before that is said. */
export const useFiles = defineStore('files', () => {
  const { busy, error, guarded } = working()
  const name = shallowRef('')
  const preview = shallowRef<FilePreview | null>(null)
  /** Places of the studies that are to be kept. */
  const taken = shallowRef<ReadonlySet<number>>(new Set())
  const kept = shallowRef<readonly string[]>([])
  let asked = new AbortController()

  function putAway(): void {
    asked.abort()
    name.value = error.value = ''
    preview.value = null
    taken.value = new Set()
    kept.value = []
  }

  function take(file: File): Promise<void> {
    putAway()
    name.value = file.name
    const { signal } = (asked = new AbortController())
    return guarded(async () => {
      const size = Math.ceil(file.size / MEGABYTE)
      if (size > MOST_MEGABYTES) throw new Error(t('files.too-large', { name: file.name, size }))
      try {
        const found = await sendFile<FilePreview>('/api/files/read', file, signal)
        preview.value = found
        taken.value = new Set(found.found.flatMap(({ recipe }, at) => (recipe ? [at] : [])))
      } catch (problem) {
        if (!signal.aborted) throw problem
      }
    })
  }

  function toggle(at: number): void {
    const next = new Set(taken.value)
    if (!next.delete(at)) next.add(at)
    taken.value = next
  }
  const recipes = computed(() =>
    (preview.value?.found ?? []).flatMap(({ recipe }, at) => (recipe && taken.value.has(at) ? [recipe] : [])),
  )

  const keep = (): Promise<void> =>
    guarded(async () => {
      const ids: string[] = []
      for (let from = 0; from < recipes.value.length; from += AT_ONCE)
        ids.push(...(await saveStudies(recipes.value.slice(from, from + AT_ONCE))))
      kept.value = ids
      preview.value = null
    })

  return { name, preview, taken, kept, busy, error, recipes, take, toggle, keep, putAway }
})
