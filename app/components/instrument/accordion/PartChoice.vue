<script setup lang="ts">
import { computed } from 'vue'
import type { AccordionRecipe, LeftPart } from '#core/buttons'
import { type Recipe, type RecipeInput, takesPart, withHands } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import HarmonyChoice from './HarmonyChoice.vue'
import { t } from '~/composables/words'

/** Who plays, and what the left hand does. */
const props = defineProps<{ recipe: AccordionRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

type Hands = AccordionRecipe['hands']
const PARTS: Readonly<Record<Hands, readonly LeftPart[]>> = {
  right: ['none'],
  together: ['alternating', 'waltz', 'chords', 'cadence', 'scale', 'held-bass'],
  left: ['scale', 'alternating', 'waltz', 'chords', 'cadence'],
}
const HANDS = ['right', 'together', 'left'] as const
const keyOf = (hands: Hands, part: LeftPart): string => `${hands} ${part}`
const board = computed(() => props.recipe.accordion.left.board)
const nameOf = (hands: Hands, part: LeftPart): string =>
  t('accordion.part', { hands, part: board.value === 'free' && part !== 'none' ? 'free' : part })
const groups = computed(() =>
  HANDS.map((hands) => ({
    hands,
    choices: PARTS[hands]
      .filter((part) => takesPart(props.recipe.material, part, board.value))
      .map((part) => ({ value: keyOf(hands, part), words: nameOf(hands, part) })),
  })),
)
const part = computed(() => props.recipe.accordion.left.part)
const value = computed(() => keyOf(props.recipe.hands, part.value))
const words = computed(() => nameOf(props.recipe.hands, part.value))
function choose(chosen: string): void {
  const [hands, next] = chosen.split(' ') as [Hands, LeftPart]
  const { accordion } = props.recipe
  emit('change', {
    ...withHands(props.recipe as Recipe, { ...CHOICE, hands }),
    accordion: { ...accordion, left: { ...accordion.left, part: next } },
  } as Partial<RecipeInput>)
}
const CHOICE = { motion: 'similar', interval: 'octave', tonicHand: 'left', contraryFrom: 'unison' } as const
const strokes = computed(() => board.value === 'standard' && !['none', 'scale', 'held-bass'].includes(part.value))
</script>

<template>
  <WordPanel :words="words" :label="t('accordion.part.label', { words })">
    <div class="flex">
      <div v-for="group in groups" :key="group.hands" class="column">
        <p class="head">{{ t('accordion.hands', { hands: group.hands }) }}</p>
        <ChoiceGroup
          :label="t('accordion.hands', { hands: group.hands })"
          :value="value"
          :choices="group.choices"
          @choose="choose"
        />
      </div>
      <HarmonyChoice v-if="strokes" :recipe="recipe" @change="emit('change', $event)" />
    </div>
  </WordPanel>
</template>
