<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Settings } from '#core/syllabus'
import { HAND_SIZES, MALLET_IDS, SCHOOLS, STICKING_SCHOOLS } from '#core/study'
import type { Pupil } from '#shared/api'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask, wordsOf } from '~/composables/api'

/** How a pupil's studies are made when a grade becomes a set. */
const props = defineProps<{ pupil: Pupil }>()
const emit = defineEmits<{ changed: [] }>()

const error = ref('')
const own = computed<Settings>(() => props.pupil.preferences.settings ?? {})
const mallets = computed(() => props.pupil.instrument === 'marimba')
const plain = (text: string): string => text.replaceAll('-', ' ')
const words = computed(() => {
  const { school, handSize, instrument } = own.value
  const told = [school && plain(school), handSize && `${handSize} hands`, instrument && plain(instrument)]
  return told.filter(Boolean).join(', ') || 'usual settings'
})
async function set(field: 'school' | 'handSize' | 'instrument', value: string): Promise<void> {
  error.value = ''
  try {
    await ask(`/api/pupils/${props.pupil.id}/preferences`, 'PUT', { settings: { [field]: value } })
    emit('changed')
  } catch (problem) {
    error.value = wordsOf(problem)
  }
}
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
</script>

<template>
  <WordPanel :words="words" :label="`How ${pupil.name} plays: ${words}`">
    <fieldset class="w-[340px] p-4 font-sans text-[14px] font-normal">
      <legend class="sr-only">How {{ pupil.name }} plays</legend>
      <p class="aside quiet mb-2">When a grade becomes a set, its studies are made so.</p>
      <label class="flex items-center justify-between gap-3 py-1">
        school
        <select
          class="field w-[200px]"
          :value="own.school ?? (mallets ? 'doubles' : 'conservatory')"
          @change="set('school', valueOf($event))"
        >
          <option v-for="school in mallets ? STICKING_SCHOOLS : SCHOOLS" :key="school" :value="school">
            {{ plain(school) }}
          </option>
        </select>
      </label>
      <label v-if="!mallets" class="flex items-center justify-between gap-3 py-1">
        hands
        <select class="field w-[200px]" :value="own.handSize ?? 'average'" @change="set('handSize', valueOf($event))">
          <option v-for="size in HAND_SIZES" :key="size" :value="size">{{ size }}</option>
        </select>
      </label>
      <label v-else class="flex items-center justify-between gap-3 py-1">
        instrument
        <select
          class="field w-[200px]"
          :value="own.instrument ?? 'marimba-5.0'"
          @change="set('instrument', valueOf($event))"
        >
          <option v-for="id in MALLET_IDS" :key="id" :value="id">{{ plain(id) }}</option>
        </select>
      </label>
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    </fieldset>
  </WordPanel>
</template>
