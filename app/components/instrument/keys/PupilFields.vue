<script setup lang="ts">
import { HAND_SIZES, SCHOOLS } from '#core/fingering'
import { familyOf } from '#core/instrument'
import type { Settings } from '#core/syllabus'
import { t, tell } from '~/composables/words'

/** How a pupil's fingers play: the school, and the size of the hands. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'school' | 'handSize', value: string] }>()
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const { schools } = familyOf({})
const called = (id: string) => schools.find((school) => school.id === id)!.called
</script>

<template>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('keys.pupil-fields.school') }}
    <select
      class="field w-[200px]"
      :value="own.school ?? 'conservatory'"
      @change="emit('set', 'school', valueOf($event))"
    >
      <option v-for="school in SCHOOLS" :key="school" :value="school">{{ tell(called(school)) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('keys.pupil-fields.hands') }}
    <select
      class="field w-[200px]"
      :value="own.handSize ?? 'average'"
      @change="emit('set', 'handSize', valueOf($event))"
    >
      <option v-for="size in HAND_SIZES" :key="size" :value="size">{{ t('name.hand-size', { size }) }}</option>
    </select>
  </label>
</template>
