<script setup lang="ts">
import { format } from 'date-fns'
import { computed, ref, shallowRef } from 'vue'
import type { ArchiveCounts, ArchiveSummary } from '#shared/archive'
import { fetchFile, sendFile } from '~/composables/api'
import { download } from '~/composables/download'
import { currentStudio } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { momentOf } from './moments'

/** The studio as one file: out, and in, once it was said what is in it. */
const emit = defineEmits<{ imported: [] }>()
const ZIP = 'application/zip'

const { busy, error, notice, guarded } = working()
/** What is done just now, and how it is stopped. */
const doing = ref('')
let stop = new AbortController()
const step = (words: string, work: (signal: AbortSignal) => Promise<void>): Promise<void> =>
  guarded(async () => {
    stop = new AbortController()
    doing.value = words
    try {
      await work(stop.signal)
    } catch (problem) {
      if (!stop.signal.aborted) throw problem
    } finally {
      doing.value = ''
    }
  })

const exportAll = (): Promise<void> =>
  step(t('studio.archive.exporting'), async (signal) => {
    const file = await fetchFile('GET /api/archive', {}, signal)
    const name = download(`${currentStudio.value!.name} ${format(new Date(), 'yyyy-MM-dd')}`, 'zip', file)
    notice.value = t('studio.archive.exported', { name })
  })

const found = shallowRef<(ArchiveSummary & { readonly file: File }) | null>(null)
const read = (file: File): Promise<void> =>
  step(t('studio.archive.reading', { name: file.name }), async (signal) => {
    found.value = null
    found.value = { ...(await sendFile('POST /api/archive/preview', file, signal, ZIP)), file }
  })
function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) void read(input.files[0])
  input.value = ''
}
const contentsOf = ({ pupils, sets, studies, entries }: ArchiveCounts): string =>
  t('studio.archive.contents', { pupils, sets, studies, entries })
const foundWords = computed(() => {
  const { studio, made, pupil, counts } = found.value!
  const { date } = momentOf(made)
  return t('studio.archive.found', { pupil: pupil ? 'one' : 'other', studio, date, contents: contentsOf(counts) })
})
const take = (): Promise<void> =>
  step(t('studio.archive.importing'), async (signal) => {
    const { added } = await sendFile('POST /api/archive', found.value!.file, signal, ZIP)
    found.value = null
    const isNew = Object.values(added).some((count) => count > 0)
    notice.value = isNew ? t('studio.archive.added', { contents: contentsOf(added) }) : t('studio.archive.nothing-new')
    emit('imported')
  })
</script>

<template>
  <section :aria-label="t('studio.archive')">
    <h2 class="text-[19px]">{{ t('studio.archive') }}</h2>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('studio.archive.about') }}</p>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p class="mt-3 flex flex-wrap items-baseline gap-4">
      <button type="button" class="plain-button" :disabled="busy" @click="exportAll">
        {{ t('studio.archive.export') }}
      </button>
      <label
        class="plain-button inline-block cursor-pointer leading-[22px] focus-within:outline-2"
        :class="{ 'opacity-50': busy }"
      >
        {{ t('studio.archive.import') }}
        <input class="sr-only" type="file" accept=".zip,application/zip" :disabled="busy" @change="choose" />
      </label>
    </p>
    <p role="status" class="mt-2 min-h-[1.5em] text-[14.5px]">
      {{ doing || notice }}
      <button v-if="doing" type="button" class="text-button ml-2" @click="stop.abort()">
        {{ t('studio.archive.cancel') }}
      </button>
    </p>
    <div v-if="found" class="mt-2 max-w-[560px] border border-ink bg-sheet px-5 py-4">
      <p>{{ foundWords }}</p>
      <p class="quiet mt-1 text-[14px]">
        {{
          currentStudio!.isDemo
            ? t('studio.archive.into-demo')
            : t('studio.archive.beside', { studio: currentStudio!.name })
        }}
      </p>
      <p class="mt-3 flex flex-wrap items-baseline gap-4">
        <button type="button" class="main-button" :disabled="busy" @click="take">
          {{ t('studio.archive.take') }}
        </button>
        <button type="button" class="text-button" :disabled="busy" @click="found = null">
          {{ t('studio.archive.cancel') }}
        </button>
      </p>
    </div>
  </section>
</template>
