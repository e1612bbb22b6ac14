<script setup lang="ts">
import { STICKING_SCHOOLS } from '#core/sticking'
import { MALLET_IDS } from '#core/surface'
import { familyOf } from '#core/instrument'
import type { Settings } from '#core/syllabus'
import { instrumentCalled } from '../words'
import { t, tell } from '~/composables/words'

/** How a pupil's sticks play: the school, and what stands in the room. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'school' | 'instrument', value: string] }>()
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const { schools } = familyOf({ instrument: MALLET_IDS[0] })
const called = (id: string) => schools.find((school) => school.id === id)!.called
</script>

<template>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('mallets.pupil-fields.school') }}
    <select class="field w-[200px]" :value="own.school ?? 'doubles'" @change="emit('set', 'school', valueOf($event))">
      <option v-for="school in STICKING_SCHOOLS" :key="school" :value="school">{{ tell(called(school)) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('mallets.pupil-fields.instrument') }}
    <select
      class="field w-[200px]"
      :value="own.instrument ?? 'marimba-5.0'"
      @change="emit('set', 'instrument', valueOf($event))"
    >
      <option v-for="id in MALLET_IDS" :key="id" :value="id">{{ instrumentCalled({ instrument: id }) }}</option>
    </select>
  </label>
</template>
