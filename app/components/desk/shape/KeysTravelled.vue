<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { keysWritten, typedKeys } from '#core/call'
import { choiceMessage } from '#core/realise'
import type { Recipe, RecipeInput } from '#core/instrument'
import type { NamedMaterial } from '#core/material'
import { allKeysBy, courseOfKeys, isFree, type Journey, type KeyStep } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'
import { namedJourney } from './journeys'

/** Through which keys: from one to the next by a rule, or a list of one's own. */
const props = defineProps<{ recipe: Recipe; steps: readonly KeyStep[] }>()
const emit = defineEmits<{ change: [pattern: NonNullable<RecipeInput['pattern']>] }>()

const ONE = 'one-key'
const OWN = 'own'
const course = computed(() => {
  const { material, pattern } = props.recipe
  return isFree(material) ? null : courseOfKeys(pattern.journey, material)
})
const now = computed(() => (course.value === null ? ONE : 'keys' in course.value ? OWN : course.value.by))
const legs = computed(() => course.value?.legs ?? 'each')

const choices = computed(() => [
  { value: ONE, words: formatMessage(choiceMessage('journey', 'one-key')) },
  ...props.steps.map((step) => ({ value: step as string, words: formatMessage(choiceMessage('keyStep', step)) })),
])

function go(journey: Journey): void {
  // the usual link comes with the keys
  emit('change', { journey, link: undefined })
}
function choose(value: string): void {
  if (value === ONE) return go(ONE)
  const by = value as KeyStep
  go(namedJourney(by, legs.value) ?? allKeysBy(by, props.recipe.material as NamedMaterial, legs.value))
}
const text = ref('')
watch(
  course,
  (next) => {
    if (next && 'keys' in next) text.value = keysWritten(next.keys)
  },
  { immediate: true },
)
const keys = computed(() => typedKeys(text.value))
const chooseOwn = (): void => {
  if (keys.value) go({ keys: keys.value, legs: legs.value })
}
</script>

<template>
  <div>
    <ChoiceGroup :label="t('desk.shape-it.keys')" :value="now" :choices="choices" @choose="choose" />
    <form class="px-[14px] py-1" @submit.prevent="chooseOwn">
      <label class="quiet block text-[13px]" for="own-keys">{{ t('desk.shape-it.own-keys') }}</label>
      <span class="flex gap-2">
        <input
          id="own-keys"
          v-model="text"
          class="field w-[110px] font-serif"
          :placeholder="t('desk.shape-it.keys-example')"
          :aria-invalid="text !== '' && !keys"
          spellcheck="false"
          autocomplete="off"
          maxlength="120"
        />
        <button type="submit" class="plain-button" :disabled="!keys">{{ t('desk.shape-it.take') }}</button>
      </span>
    </form>
  </div>
</template>
