<script setup lang="ts">
import { computed } from 'vue'
import type { Recipe, RecipeInput } from '#core/instrument'
import { ARTICULATIONS, touchMessage, type HandTouch } from '#core/study'
import WordChoice from '~/components/frame/WordChoice.vue'
import { formatMessage, t } from '~/composables/words'

/** How notes are joined: alike in both hands, or in each its own way. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const BY_HAND: readonly HandTouch[] = ARTICULATIONS.flatMap((right) =>
  ARTICULATIONS.filter((left) => left !== right).map((left) => ({ right, left })),
)
const CHOICES = [
  ...ARTICULATIONS.map((articulation) => ({ articulation, touch: null })),
  ...BY_HAND.map((touch) => ({ articulation: touch.right, touch })),
]
const wordsOf = (touched: Parameters<typeof touchMessage>[0]) => formatMessage(touchMessage(touched))
const choices = computed(() =>
  CHOICES.filter(({ touch }) => touch === null || props.recipe.hands === 'together').map((choice) => ({
    value: wordsOf(choice),
    words: wordsOf(choice),
    choice,
  })),
)

function choose(value: string): void {
  const chosen = choices.value.find((each) => each.value === value)
  if (chosen) emit('change', chosen.choice)
}
</script>

<template>
  <WordChoice
    :label="t('keys.touch-choice.touch')"
    :words="wordsOf(recipe)"
    :value="wordsOf(recipe)"
    :options="choices"
    @choose="choose"
  />
</template>
