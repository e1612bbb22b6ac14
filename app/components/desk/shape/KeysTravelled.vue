<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { keysWritten, typedKeys } from '#core/call'
import { choiceMessage } from '#core/realise'
import type { Recipe, RecipeInput } from '#core/instrument'
import type { NamedMaterial } from '#core/material'
import { allKeysBy, courseOfKeys, isFree, type Journey, type KeyStep, MAX_KEYS } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'
import { namedJourney } from './journeys'
import TypedField from './TypedField.vue'

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
    <TypedField
      id="own-keys"
      v-model="text"
      class="max-w-[230px]"
      :label="t('desk.shape-it.own-keys')"
      :example="t('desk.shape-it.keys-example')"
      :most="120"
      :ready="keys !== null"
      :fault="text.trim() === '' || keys ? '' : t('desk.shape-it.keys-unread', { most: MAX_KEYS })"
      @use="chooseOwn"
    />
  </div>
</template>
