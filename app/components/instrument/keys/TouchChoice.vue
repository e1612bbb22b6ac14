<script setup lang="ts">
import type { Recipe, RecipeInput } from '#core/instrument'
import { ARTICULATIONS } from '#core/study'
import WordChoice from '~/components/frame/WordChoice.vue'

/** How notes are joined. */
defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const touches = ARTICULATIONS.map((value) => ({ value, words: value }))
</script>

<template>
  <WordChoice
    label="Touch"
    :words="recipe.articulation"
    :value="recipe.articulation"
    :options="touches"
    @choose="emit('change', { articulation: $event })"
  />
</template>
