<script setup lang="ts">
import { STICKING_SCHOOLS } from '#core/sticking'
import { MALLET_IDS } from '#core/surface'
import type { Settings } from '#core/syllabus'

/** How a pupil's sticks play: the school, and what stands in the room. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'school' | 'instrument', value: string] }>()
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const plain = (text: string): string => text.replaceAll('-', ' ')
</script>

<template>
  <label class="flex items-center justify-between gap-3 py-1">
    school
    <select class="field w-[200px]" :value="own.school ?? 'doubles'" @change="emit('set', 'school', valueOf($event))">
      <option v-for="school in STICKING_SCHOOLS" :key="school" :value="school">{{ plain(school) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    instrument
    <select
      class="field w-[200px]"
      :value="own.instrument ?? 'marimba-5.0'"
      @change="emit('set', 'instrument', valueOf($event))"
    >
      <option v-for="id in MALLET_IDS" :key="id" :value="id">{{ plain(id) }}</option>
    </select>
  </label>
</template>
