<script setup lang="ts">
import { computed } from 'vue'
import { type AccordionRecipe, BUTTON_SCHOOLS, KEY_SCHOOLS, LEFT_SCHOOLS, buttonsMessage } from '#core/buttons'
import { familyOf, type RecipeInput } from '#core/instrument'
import { trebleOf } from '#core/surface'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import HandSettings from '../keys/HandSettings.vue'
import { t, formatMessage } from '~/composables/words'

/** Schools of either hand and their settings; each default says so, and why. */
const props = defineProps<{ recipe: AccordionRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const onKeys = computed(() => trebleOf(props.recipe.accordion.treble).plays === 'keys')
const schools = computed(() => {
  const among: readonly string[] = onKeys.value ? KEY_SCHOOLS : BUTTON_SCHOOLS
  return familyOf(props.recipe)
    .schools.filter(({ id }) => among.includes(id))
    .map(({ id, called, idea }, at) => ({
      value: id as AccordionRecipe['school'],
      words:
        at === 0
          ? t('accordion.school.default', { called: formatMessage(called), on: onKeys.value ? 'keys' : 'buttons' })
          : formatMessage(called),
      note: formatMessage(idea),
    }))
})
const lefts = LEFT_SCHOOLS.map((id, at) => ({
  value: id,
  words:
    at === 0
      ? t('accordion.left-school.default', { called: formatMessage(buttonsMessage(`left.${id}`)) })
      : formatMessage(buttonsMessage(`left.${id}`)),
  note: formatMessage(buttonsMessage(`left.${id}.idea`)),
}))
const words = computed(() => {
  const called = formatMessage(familyOf(props.recipe).schools.find(({ id }) => id === props.recipe.school)!.called)
  const left = formatMessage(buttonsMessage(`left.${props.recipe.accordion.left.school}`))
  if (props.recipe.hands === 'right') return called
  return props.recipe.hands === 'left' ? left : `${called}, ${left}`
})
const setLeft = (school: AccordionRecipe['accordion']['left']['school']): void => {
  const { accordion } = props.recipe
  emit('change', { accordion: { ...accordion, left: { ...accordion.left, school } } })
}
</script>

<template>
  <WordPanel :words="words" look="aside" placement="bottom-end">
    <div class="w-[350px] py-2 text-[14px]">
      <template v-if="recipe.hands !== 'left'">
        <p class="quiet px-[14px] text-[13px]">{{ t('accordion.right-school') }}</p>
        <ChoiceGroup
          :label="t('accordion.right-school')"
          tall
          :value="recipe.school"
          :choices="schools"
          @choose="emit('change', { school: $event })"
        />
      </template>
      <div v-if="recipe.hands !== 'right'" class="border-t border-rule pt-1">
        <p class="quiet px-[14px] text-[13px]">{{ t('accordion.left-school') }}</p>
        <ChoiceGroup
          :label="t('accordion.left-school')"
          tall
          :value="recipe.accordion.left.school"
          :choices="lefts"
          @choose="setLeft"
        />
      </div>
      <HandSettings v-if="onKeys" :recipe="recipe" @change="emit('change', $event as Partial<RecipeInput>)" />
      <p class="quiet border-t border-rule px-[14px] pt-2 text-[13px]">{{ t('accordion.school.doubt') }}</p>
    </div>
  </WordPanel>
</template>
