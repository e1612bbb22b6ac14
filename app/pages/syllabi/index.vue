<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import type { SyllabusListing } from '#shared/api'
import { ApiError, ask, wordsOf } from '~/composables/api'

useHead({ title: 'Syllabi · Tactum' })
const syllabi = ref<SyllabusListing[] | null>(null)
const error = ref('')
const told = ref('')

async function load(): Promise<void> {
  try {
    syllabi.value = await ask<SyllabusListing[]>('/api/syllabi')
  } catch (problem) {
    error.value = wordsOf(problem)
  }
}
onMounted(load)

/** The file goes as it is; the server says what is wrong with it and stores nothing then. */
async function bring(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  error.value = told.value = ''
  try {
    await ask('/api/syllabi', 'POST', (await file.text()).replace(/^\uFEFF/, ''))
    told.value = `${file.name} is on file.`
    await load()
  } catch (problem) {
    const where = problem instanceof ApiError && problem.fault.path ? ` (at ${problem.fault.path})` : ''
    error.value = `${file.name} was not taken: ${wordsOf(problem)}${where}`
  }
  input.value = ''
}
</script>

<template>
  <div class="pt-[22px]">
    <div class="flex items-baseline justify-between gap-4">
      <h1 class="text-[26px]">Syllabi</h1>
      <label class="plain-button cursor-pointer leading-[22px] focus-within:outline-2">
        Bring in a syllabus file
        <input class="sr-only" type="file" accept=".json,application/json" @change="bring" />
      </label>
    </div>
    <p class="quiet mt-1 text-[14px]">
      JSON in the format tactum-syllabus/1; the handbook describes it. A file that is wrong in one place is not taken at
      all.
    </p>
    <p v-if="error" role="alert" class="mt-3 text-missing">{{ error }}</p>
    <p role="status" class="mt-3">{{ told }}</p>
    <p v-if="!syllabi && !error" class="waiting quiet aside py-20">fetching the syllabi …</p>
    <p v-if="syllabi?.length === 0" class="mt-4 max-w-[560px] border border-rule bg-sheet p-6">
      No syllabus on file. Bring one in to grade sets against it.
    </p>
    <section v-for="syllabus in syllabi" :key="syllabus.id" class="mt-6 border-t border-ink pt-2">
      <h2 class="flex items-baseline gap-3 text-[19px]">
        <NuxtLink class="hover:underline" :to="`/syllabi/${syllabus.id}`">{{ syllabus.title }}</NuxtLink>
        <span class="quiet font-sans text-[14px] font-normal">{{ syllabus.edition }}</span>
        <span v-if="syllabus.shipped" class="aside quiet text-[14px] font-normal">an invented board, for the demo</span>
      </h2>
      <ul class="mt-1 max-w-[520px]">
        <li v-for="grade in syllabus.grades" :key="grade.id" class="flex items-baseline py-[5px]">
          <span class="font-serif">{{ grade.title }}</span>
          <span class="leader" aria-hidden="true"></span>
          <span class="quiet text-[14px]">{{ grade.atoms }} listed</span>
        </li>
      </ul>
    </section>
  </div>
</template>
