<script setup lang="ts">
import { computed } from 'vue'
import type { Settings } from '#core/syllabus'
import { type Recipe, taughtOf } from '#core/instrument'
import type { Pupil } from '#shared/api'
import { viewOfPlays } from '~/components/instrument'
import { instrumentCalled, wordsFor } from '~/components/instrument/words'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t, tell } from '~/composables/words'

/** How a pupil's studies are made when a grade becomes a set. */
const props = defineProps<{ pupil: Pupil }>()
const emit = defineEmits<{ changed: [] }>()

const { error, guarded } = working()
const own = computed<Settings>(() => props.pupil.preferences.settings ?? {})
const fields = computed(() => viewOfPlays(taughtOf(props.pupil.instrument).family.plays).Settings)
const words = computed(() => {
  const { school, handSize, instrument } = own.value
  const told = [
    school && tell(taughtOf(props.pupil.instrument).family.schools.find(({ id }) => id === school)!.called),
    handSize && t('sets.pupil-settings.hands', { handSize }),
    instrument && instrumentCalled({ instrument }),
    ...wordsFor({ instrument: taughtOf(props.pupil.instrument).instrument as Recipe['instrument'] }).madeAs(own.value),
  ]
  return told.filter(Boolean).join(', ') || t('sets.pupil-settings.usual-settings')
})
const set = (field: 'school' | 'handSize' | 'instrument' | 'accordion', value: unknown): Promise<void> =>
  guarded(async () => {
    await ask(`/api/pupils/${props.pupil.id}/preferences`, 'PUT', { settings: { [field]: value } })
    emit('changed')
  })
</script>

<template>
  <WordPanel :words="words" :label="t('sets.pupil-settings.how-plays', { name: pupil.name, words })">
    <fieldset class="w-[340px] p-4 font-sans text-[14px] font-normal">
      <legend class="sr-only">{{ t('sets.pupil-settings.how-plays-2', { name: pupil.name }) }}</legend>
      <p class="aside quiet mb-2">{{ t('sets.pupil-settings.when-a-grade-becomes') }}</p>
      <component :is="fields" :own="own" @set="set" />
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    </fieldset>
  </WordPanel>
</template>
