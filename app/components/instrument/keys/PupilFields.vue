<script setup lang="ts">
import { HAND_SIZES, SCHOOLS } from '#core/fingering'
import type { Settings } from '#core/syllabus'

/** How a pupil's fingers play: the school, and the size of the hands. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'school' | 'handSize', value: string] }>()
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const plain = (text: string): string => text.replaceAll('-', ' ')
</script>

<template>
  <label class="flex items-center justify-between gap-3 py-1">
    school
    <select
      class="field w-[200px]"
      :value="own.school ?? 'conservatory'"
      @change="emit('set', 'school', valueOf($event))"
    >
      <option v-for="school in SCHOOLS" :key="school" :value="school">{{ plain(school) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    hands
    <select
      class="field w-[200px]"
      :value="own.handSize ?? 'average'"
      @change="emit('set', 'handSize', valueOf($event))"
    >
      <option v-for="size in HAND_SIZES" :key="size" :value="size">{{ size }}</option>
    </select>
  </label>
</template>
