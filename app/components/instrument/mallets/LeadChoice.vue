<script setup lang="ts">
import { hasLead, type RecipeInput } from '#core/instrument'
import type { MalletRecipe } from '#core/sticking'
import InstrumentChoice from '~/components/desk/InstrumentChoice.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import { t } from '~/composables/words'

/** On what, and which stick begins. */
defineProps<{ recipe: MalletRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const LEADS = (['right', 'left'] as const).map((value) => ({
  value,
  words: t('mallets.lead-choice.lead-option', { value }),
}))
</script>

<template>
  <InstrumentChoice :recipe="recipe" @change="emit('change', $event)" />
  <template v-if="hasLead(recipe)">
    <span class="font-normal text-soft" aria-hidden="true">·</span>
    <WordChoice
      :label="t('mallets.lead-choice.lead')"
      :words="t('mallets.lead-choice.lead-name', { lead: recipe.lead })"
      :value="recipe.lead"
      :options="LEADS"
      @choose="emit('change', { lead: $event })"
    />
  </template>
</template>
