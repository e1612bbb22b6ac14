<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import type { StudyListing } from '#shared/api'
import SureButton from '~/components/frame/SureButton.vue'
import { ask, wordsOf } from '~/composables/api'

useHead({ title: 'Library · Tactum' })
const studies = ref<StudyListing[] | null>(null)
const error = ref('')
const sought = ref('')

async function load(): Promise<void> {
  try {
    studies.value = await ask<StudyListing[]>('/api/studies')
  } catch (problem) {
    error.value = wordsOf(problem)
  }
}
onMounted(load)

const plain = (text: string): string => text.toLowerCase().replaceAll('♯', '#').replaceAll('♭', 'b')
/** Every word sought must stand in the title. */
const found = computed(() => {
  const words = plain(sought.value).split(/\s+/).filter(Boolean)
  return (studies.value ?? []).filter((study) => words.every((word) => plain(study.title).includes(word)))
})

async function remove(study: StudyListing): Promise<void> {
  error.value = ''
  try {
    await ask(`/api/studies/${study.id}`, 'DELETE')
    await load()
  } catch (problem) {
    error.value = wordsOf(problem)
  }
}
</script>

<template>
  <div class="pt-[22px]">
    <div class="flex items-baseline justify-between">
      <h1 class="text-[26px]">Library</h1>
      <label class="text-[14px]">
        Find <input v-model="sought" class="field ml-2 w-[260px]" type="search" placeholder="g# minor together" />
      </label>
    </div>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p v-if="!studies && !error" class="waiting quiet aside py-20">fetching the studies …</p>
    <p v-if="studies?.length === 0" class="mt-6 max-w-[560px] border border-rule bg-sheet p-6">
      No study saved yet. Go to the <NuxtLink class="underline" to="/desk">desk</NuxtLink>, name a key in the title and
      press Save.
    </p>
    <p v-else-if="studies && found.length === 0" class="quiet aside mt-6">No study is called that.</p>
    <ul class="mt-4 columns-1 gap-12 lg:columns-2">
      <li v-for="study in found" :key="study.id" class="flex break-inside-avoid items-baseline py-[6px]">
        <NuxtLink class="font-serif text-[16px] hover:underline" :to="`/desk/${study.id}`">{{ study.title }}</NuxtLink>
        <span class="leader" aria-hidden="true"></span>
        <span class="quiet text-[14px] whitespace-nowrap">
          <template v-if="study.sets">in {{ study.sets === 1 ? 'one set' : `${study.sets} sets` }}, </template>♩ =
          {{ study.recipe.tempo.bpm }}
        </span>
        <span v-if="study.sets === 0" class="ml-3 whitespace-nowrap">
          <SureButton
            class="quiet h-[24px] w-[24px] text-[18px] leading-none hover:text-missing"
            :aria-label="`Delete ${study.title}`"
            question="Delete for good?"
            yes="Delete"
            @sure="remove(study)"
          >
            ×
          </SureButton>
        </span>
      </li>
    </ul>
  </div>
</template>
