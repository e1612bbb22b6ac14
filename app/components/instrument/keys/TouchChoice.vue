<script setup lang="ts">
import type { Recipe, RecipeInput } from '#core/instrument'
import { ARTICULATIONS } from '#core/study'
import WordChoice from '~/components/frame/WordChoice.vue'
import { t } from '~/composables/words'

/** How notes are joined. */
defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const touches = ARTICULATIONS.map((value) => ({ value, words: t('name.touch', { touch: value }) }))
</script>

<template>
  <WordChoice
    :label="t('keys.touch-choice.touch')"
    :words="t('name.touch', { touch: recipe.articulation })"
    :value="recipe.articulation"
    :options="touches"
    @choose="emit('change', { articulation: $event })"
  />
</template>
