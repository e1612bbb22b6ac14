<script setup lang="ts">
import { computed } from 'vue'
import { choiceMessage, titleMessage } from '#core/realise'
import type { Recipe, RecipeInput } from '#core/instrument'
import { motifText, RETURNS, type Return, type Walk } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'

/** How it goes through the octaves: a motif from degree to degree and back, a figure by the walks that have names. */
const props = defineProps<{ recipe: Recipe; walks: readonly Walk[] }>()
const emit = defineEmits<{ change: [pattern: NonNullable<RecipeInput['pattern']>] }>()

const sequence = computed(() => props.recipe.pattern.sequence)
const STEPS = [1, 2, 3, 0] as const
const steps = computed(() => {
  const own = sequence.value.step
  const all: number[] = (STEPS as readonly number[]).includes(own) ? [...STEPS] : [...STEPS, own]
  return all.map((step) => ({ value: step, words: formatMessage(titleMessage('line.step', { step })) }))
})

/** The ways back that have a name, and another motif where the study has one. */
const returns = computed(() => {
  const back = sequence.value.return
  const named = RETURNS.map((each) => ({ value: each as string, words: formatMessage(choiceMessage('return', each)) }))
  if (typeof back !== 'object') return named
  return [
    ...named,
    { value: 'other', words: formatMessage(titleMessage('line.other', { motif: motifText(back.motif) })) },
  ]
})
const comesBack = computed(() => (typeof sequence.value.return === 'object' ? 'other' : sequence.value.return))
const returnsAtAll = computed(() => props.recipe.course.includes('-'))

const changeSequence = (some: Partial<Recipe['pattern']['sequence']>): void =>
  emit('change', { sequence: { ...sequence.value, ...some } })
const comeBack = (how: string): void => {
  if (how !== 'other') changeSequence({ return: how as Return })
}
const walks = computed(() =>
  props.walks.map((walk) => ({ value: walk as string, words: formatMessage(choiceMessage('walk', walk)) })),
)
</script>

<template>
  <div v-if="recipe.pattern.motif">
    <ChoiceGroup
      :label="t('desk.shape-it.moves')"
      :value="sequence.step"
      :choices="steps"
      @choose="changeSequence({ step: $event })"
    />
    <template v-if="returnsAtAll">
      <p class="head">{{ t('desk.shape-it.back') }}</p>
      <ChoiceGroup :label="t('desk.shape-it.back')" :value="comesBack" :choices="returns" @choose="comeBack" />
    </template>
  </div>
  <ChoiceGroup
    v-else
    :label="t('desk.shape-it.moves')"
    :value="recipe.pattern.walk"
    :choices="walks"
    @choose="emit('change', { walk: $event as Walk })"
  />
</template>
