<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { choiceMessage } from '#core/realise'
import type { Recipe } from '#core/instrument'
import {
  CHORD_LABELS,
  type ChordLabels,
  chordsTyped,
  MAX_CHORDS,
  USUAL_CADENCE,
  type Voicing,
  VOICINGS,
} from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'
import TypedField from './TypedField.vue'

/** The closing chords by their degrees, how they lie, and what stands beneath them. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<Recipe['bookends']>] }>()

const text = ref('')
watch(
  () => props.recipe.bookends.chords,
  (chords) => (text.value = (chords ?? USUAL_CADENCE).join(' ')),
  { immediate: true },
)
const typed = computed(() => chordsTyped(text.value))
const take = (): void => {
  if (typed.value) emit('change', { chords: typed.value })
}
const voicings = VOICINGS.map((each) => ({ value: each, words: formatMessage(choiceMessage('voicing', each)) }))
const labels = CHORD_LABELS.map((each) => ({ value: each, words: formatMessage(choiceMessage('labels', each)) }))
</script>

<template>
  <div>
    <TypedField
      id="closing-chords"
      v-model="text"
      class="max-w-[230px]"
      :label="t('desk.shape-it.chords')"
      :most="90"
      :ready="typed !== null"
      :fault="typed ? '' : t('desk.shape-it.chords-unread', { most: MAX_CHORDS })"
      @use="take"
    />
    <ChoiceGroup
      v-if="recipe.hands === 'together'"
      :label="t('desk.shape-it.voicing')"
      :value="recipe.bookends.voicing"
      :choices="voicings"
      @choose="emit('change', { voicing: $event as Voicing })"
    />
    <p class="head">{{ t('desk.shape-it.beneath') }}</p>
    <ChoiceGroup
      :label="t('desk.shape-it.beneath')"
      :value="recipe.bookends.labels"
      :choices="labels"
      @choose="emit('change', { labels: $event as ChordLabels })"
    />
  </div>
</template>
