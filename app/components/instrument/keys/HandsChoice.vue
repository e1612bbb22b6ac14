<script setup lang="ts">
import { computed } from 'vue'
import {
  handsChosen,
  handsFor,
  handsMessage,
  type HandsChoice,
  type Recipe,
  type RecipeInput,
  withHands,
} from '#core/instrument'
import { apartMessage } from '#core/realise'
import WordChoice from '~/components/frame/WordChoice.vue'
import { t, formatMessage } from '~/composables/words'

/** Who plays: hands together in similar or contrary motion, apart by an interval, or one of them. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const keyOf = (choice: HandsChoice): string => JSON.stringify(choice)
function optionOf(choice: HandsChoice) {
  const { interval, tonicHand, motion, contraryFrom } = choice
  if (interval !== 'octave') {
    return {
      value: keyOf(choice),
      words: t('keys.hands-choice.a-apart', { interval }),
      note: t('keys.hands-choice.hand-on-the-tonic', { tonicHand }),
    }
  }
  const apart = motion === 'contrary' && contraryFrom !== 'unison'
  return {
    value: keyOf(choice),
    words: apart
      ? t('keys.hands-choice.contrary', { apartMessage: formatMessage(apartMessage(choice)!) })
      : formatMessage(handsMessage(choice)),
    note: '',
  }
}
const options = computed(() => handsFor(props.recipe).map(optionOf))
const value = computed(() => keyOf(handsChosen(props.recipe)))
const words = computed(
  () => options.value.find((each) => each.value === value.value)?.words ?? formatMessage(handsMessage(props.recipe)),
)
const choose = (chosen: string): void => emit('change', withHands(props.recipe, JSON.parse(chosen) as HandsChoice))
</script>

<template>
  <WordChoice :label="t('keys.hands-choice.hands')" :words="words" :value="value" :options="options" @choose="choose" />
</template>
