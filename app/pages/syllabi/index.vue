<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRouter } from '#imports'
import type { SyllabusListing } from '#shared/api'
import ImportSheet from '~/components/syllabi/ImportSheet.vue'
import NewList from '~/components/syllabi/NewList.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

useHead({ title: t('syllabi.index.syllabi-tactum') })
const router = useRouter()
const syllabi = ref<readonly SyllabusListing[] | null>(null)
const { error, guarded } = working()
const file = shallowRef<{ name: string; bytes: ArrayBuffer } | null>(null)

const load = (): Promise<void> =>
  guarded(async () => {
    syllabi.value = await ask('GET /api/syllabi')
  })
onMounted(load)
/** Exams first, then the courses of those who learn without one. */
const listed = computed(() => [...(syllabi.value ?? [])].sort((a, b) => Number(a.isCourse) - Number(b.isCourse)))

/** Larger files are no lists; they are not even sent. */
const MAX_BYTES = 1_000_000

/** The file goes as it is; the server says what is wrong with it. */
async function bring(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  error.value = ''
  file.value = null
  if (chosen.size > MAX_BYTES) {
    error.value = t('syllabi.index.too-large', { name: chosen.name, ceil: Math.ceil(chosen.size / MAX_BYTES) })
    return
  }
  file.value = { name: chosen.name, bytes: await chosen.arrayBuffer() }
}
const stored = (id: string) => router.push(`/syllabi/${id}`)
</script>

<template>
  <div class="pt-[22px]">
    <div class="flex items-baseline justify-between gap-4">
      <h1 class="text-[26px]">{{ t('syllabi.index.syllabi') }}</h1>
      <span class="ml-auto"><NewList @made="stored" /></span>
      <label class="plain-button cursor-pointer leading-[22px] focus-within:outline-2">
        {{ t('syllabi.index.import') }}
        <input class="sr-only" type="file" accept=".json,.csv,.txt,application/json,text/csv" @change="bring" />
      </label>
    </div>
    <p class="quiet mt-1 text-[14px]">
      {{ t('syllabi.index.import-how') }}
    </p>
    <p v-if="error" role="alert" class="mt-3 text-missing">{{ error }}</p>
    <ImportSheet
      v-if="file"
      :key="file.name + file.bytes.byteLength"
      v-bind="file"
      @close="file = null"
      @stored="stored"
    />
    <p v-if="!syllabi && !error" class="waiting quiet aside py-20">{{ t('syllabi.index.fetching') }}</p>
    <p v-if="syllabi?.length === 0" class="mt-4 max-w-[560px] border border-rule bg-sheet p-6">
      {{ t('syllabi.index.none') }}
    </p>
    <section v-for="syllabus in listed" :key="syllabus.id" class="mt-6 border-t border-ink pt-2">
      <h2 class="flex flex-wrap items-baseline gap-x-3 text-[19px]">
        <NuxtLink class="hover:underline" :to="`/syllabi/${syllabus.id}`">{{ syllabus.title }}</NuxtLink>
        <span class="quiet font-sans text-[14px] font-normal"
          >{{ syllabus.edition }} · {{ t('name.make', { make: syllabus.instrument }) }}</span
        >
        <span v-if="syllabus.isCourse" class="aside quiet text-[14px] font-normal">{{
          t('syllabi.index.course')
        }}</span>
        <span v-if="syllabus.shipped" class="aside quiet text-[14px] font-normal">{{
          t('syllabi.index.invented')
        }}</span>
      </h2>
      <p class="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-[14.5px]">
        <span v-for="grade in syllabus.grades" :key="grade.id" class="whitespace-nowrap">
          <NuxtLink class="font-serif hover:underline" :to="`/syllabi/${syllabus.id}#grade-${grade.id}`">{{
            grade.title
          }}</NuxtLink>
          <span class="quiet ml-[6px]">{{ grade.atoms }}</span>
        </span>
      </p>
    </section>
  </div>
</template>
