<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Settings } from '#core/syllabus'
import { taughtOf } from '#core/instrument'
import type { Pupil } from '#shared/api'
import { viewOfPlays } from '~/components/instrument'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask, wordsOf } from '~/composables/api'

/** How a pupil's studies are made when a grade becomes a set. */
const props = defineProps<{ pupil: Pupil }>()
const emit = defineEmits<{ changed: [] }>()

const error = ref('')
const own = computed<Settings>(() => props.pupil.preferences.settings ?? {})
const fields = computed(() => viewOfPlays(taughtOf(props.pupil.instrument).family.plays).Settings)
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
</script>

<template>
  <WordPanel :words="words" :label="`How ${pupil.name} plays: ${words}`">
    <fieldset class="w-[340px] p-4 font-sans text-[14px] font-normal">
      <legend class="sr-only">How {{ pupil.name }} plays</legend>
      <p class="aside quiet mb-2">When a grade becomes a set, its studies are made so.</p>
      <component :is="fields" :own="own" @set="set" />
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    </fieldset>
  </WordPanel>
</template>
