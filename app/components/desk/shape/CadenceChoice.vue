<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { choiceMessage } from '#core/realise'
import type { Recipe } from '#core/instrument'
import { CHORD_LABELS, type ChordLabels, chordsTyped, USUAL_CADENCE, type Voicing, VOICINGS } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'

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
    <form class="px-[14px] py-1" @submit.prevent="take">
      <label class="quiet block text-[13px]" for="closing-chords">{{ t('desk.shape-it.chords') }}</label>
      <span class="flex gap-2">
        <input
          id="closing-chords"
          v-model="text"
          class="field w-[150px] font-serif"
          :aria-invalid="!typed"
          spellcheck="false"
          autocomplete="off"
          maxlength="90"
        />
        <button type="submit" class="plain-button" :disabled="!typed">{{ t('desk.shape-it.take') }}</button>
      </span>
    </form>
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
