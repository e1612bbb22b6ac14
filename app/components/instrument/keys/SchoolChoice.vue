<script setup lang="ts">
import { computed } from 'vue'
import type { FingerRecipe } from '#core/fingering'
import { familyOf, type RecipeInput } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import HandSettings from './HandSettings.vue'
import { t, formatMessage } from '~/composables/words'

/** The school and its settings; each default says so, and why. */
const props = defineProps<{ recipe: FingerRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const schools = familyOf(props.recipe).schools.map(({ id, called, idea }, at) => ({
  value: id as FingerRecipe['school'],
  words: at === 0 ? t('keys.school-choice.default', { what: formatMessage(called) }) : formatMessage(called),
  note: formatMessage(idea),
}))
const school = computed(() => familyOf(props.recipe).schools.find(({ id }) => id === props.recipe.school)!)
</script>

<template>
  <WordPanel :words="formatMessage(school.called)" look="aside" placement="bottom-end">
    <div class="w-[350px] py-2 text-[14px]">
      <ChoiceGroup
        :label="t('keys.school-choice.school')"
        tall
        :value="recipe.school"
        :choices="schools"
        @choose="emit('change', { school: $event })"
      />
      <HandSettings :recipe="recipe" @change="emit('change', $event as Partial<RecipeInput>)" />
      <p class="quiet border-t border-rule px-[14px] pt-2 text-[13px]">
        {{ t('keys.school-choice.prices') }}
      </p>
    </div>
  </WordPanel>
</template>
