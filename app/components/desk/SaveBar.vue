<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { NuxtLink } from '#components'
import type { Pupil, StudySet } from '#shared/api'
import { ask, wordsOf } from '~/composables/api'
import { downloadJson } from '~/composables/download'
import type { Desk } from '~/stores/desk'

const props = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ save: []; duplicate: []; fresh: []; file: [file: File] }>()

const pupils = ref<Pupil[]>([])
const told = ref('')
const words = computed(() => {
  const { state, savedAt } = props.desk
  if (state === 'saving') return 'saving …'
  if (state === 'new') return 'not saved yet'
  const time = savedAt ? new Date(savedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }) : ''
  return state === 'changed' ? `changed since ${time}` : `saved ${time}`
})

async function load(): Promise<void> {
  told.value = ''
  pupils.value = await ask<Pupil[]>('/api/pupils').catch((error: unknown) => {
    told.value = wordsOf(error)
    return []
  })
}

/** Saves the study if need be, then puts it at the end of a set. */
async function addTo(setId: string, close: () => void): Promise<void> {
  try {
    if (props.desk.state !== 'saved' && !(await props.desk.save())) return
    const set = await ask<StudySet>(`/api/sets/${setId}`)
    const { title, syllabusId, gradeId, version } = set
    const already = set.studies.map((study) => study.id)
    if (already.includes(props.desk.id!)) {
      told.value = `It is in ${set.pupil.name}, ${title} already.`
      return close()
    }
    const studyIds = [...already, props.desk.id!]
    await ask(`/api/sets/${setId}`, 'PUT', { title, syllabusId, gradeId, version, studyIds })
    told.value = `Added to ${set.pupil.name}, ${title}.`
    close()
  } catch (error) {
    told.value = wordsOf(error)
  }
}

const download = (): void => downloadJson(props.desk.study!.title, props.desk.study!.recipe)

function upload(event: Event): void {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) emit('file', input.files[0])
  input.value = ''
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-rule px-4 py-[7px] text-[14px]">
    <span class="quiet" role="status">{{ told || words }}</span>
    <span v-if="desk.saveError" class="text-missing" role="alert">{{ desk.saveError }}</span>
    <span class="ml-auto flex flex-wrap items-baseline gap-4">
      <button type="button" class="text-button" @click="download">Export</button>
      <label class="text-button cursor-pointer leading-[26px] focus-within:outline-2">
        Import
        <input
          class="sr-only"
          type="file"
          accept=".json,application/json"
          aria-label="Import a study file"
          @change="upload"
        />
      </label>
      <button v-if="desk.id" type="button" class="text-button" @click="emit('fresh')">New</button>
      <button v-if="desk.id" type="button" class="text-button" @click="emit('duplicate')">Duplicate</button>
      <NuxtLink v-if="desk.id && desk.state === 'saved'" class="text-button" :to="`/print/study/${desk.id}`"
        >Print</NuxtLink
      >
      <Popover as="div" class="relative">
        <PopoverButton class="plain-button" @click="load">Save to set</PopoverButton>
        <PopoverPanel
          v-slot="{ close }"
          class="choices right-0 bottom-full mb-2 max-h-[380px] w-[280px] overflow-auto p-3"
        >
          <div v-for="pupil in pupils" :key="pupil.id" class="mb-2">
            <p class="font-serif font-semibold">{{ pupil.name }}</p>
            <button v-for="set in pupil.sets" :key="set.id" type="button" class="choice" @click="addTo(set.id, close)">
              {{ set.title }} <span class="quiet text-[13px]">{{ set.studies }}</span>
            </button>
            <p v-if="pupil.sets.length === 0" class="quiet aside px-[14px] text-[13px]">no set yet</p>
          </div>
        </PopoverPanel>
      </Popover>
      <button
        type="button"
        class="main-button"
        :disabled="desk.state === 'saved' || desk.state === 'saving'"
        @click="emit('save')"
      >
        Save
      </button>
    </span>
  </div>
</template>
