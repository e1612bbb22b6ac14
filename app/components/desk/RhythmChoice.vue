<script setup lang="ts">
import { computed } from 'vue'
import { choiceMessage, rhythmMessage } from '#core/realise'
import { ACCENTS, LADDERS, LENGTHS, PLAIN_RHYTHM, type RhythmShape, SWING_RANGE } from '#core/study'
import { familyOf, type Recipe, type RecipeInput } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'

/** How the notes lie in time: the ladder, pairs, swing, accents. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const words = computed(
  () => rhythmMessage(props.recipe).map(formatMessage).join(', ') || formatMessage(choiceMessage('lengths', 'even')),
)
/** Rolls climb strokes, everything else notes or octaves. */
const ladders = computed(() => {
  const can = familyOf(props.recipe).laddersOf(props.recipe)
  return LADDERS.filter((each) => can.includes(each)).map((value) => ({
    value,
    words: formatMessage(choiceMessage('ladder', value)),
  }))
})
const lengths = LENGTHS.map((value) => ({ value, words: formatMessage(choiceMessage('lengths', value)) }))
const accents = ACCENTS.map((value) => ({
  value,
  words: value === 0 ? t('desk.rhythm-choice.none') : t('desk.rhythm-choice.every', { value }),
}))
const change = (some: Partial<RhythmShape>): void => emit('change', { rhythm: { ...props.recipe.rhythm, ...some } })
const swing = (event: Event): void => change({ swing: Number((event.target as HTMLInputElement).value) })
</script>

<template>
  <WordPanel :words="words" :label="t('desk.rhythm-choice.rhythm', { words })">
    <div class="rhythm">
      <div class="flex">
        <div class="column">
          <p class="head">{{ t('desk.rhythm-choice.ladder-label') }}</p>
          <ChoiceGroup
            :label="t('desk.rhythm-choice.ladder')"
            :value="recipe.rhythm.ladder"
            :choices="ladders"
            @choose="change({ ladder: $event })"
          />
          <p class="head">{{ t('desk.rhythm-choice.lengths-label') }}</p>
          <ChoiceGroup
            :label="t('desk.rhythm-choice.lengths')"
            :value="recipe.rhythm.lengths"
            :choices="lengths"
            @choose="change({ lengths: $event })"
          />
          <label class="block px-[14px] pt-2 text-[14px]" for="swing">
            {{ t('desk.rhythm-choice.swing') }} <b class="tabular-nums">{{ recipe.rhythm.swing }} %</b>
            <span class="quiet ml-1 text-[13px]">{{ t('desk.rhythm-choice.swing-scale') }}</span>
          </label>
          <input
            id="swing"
            class="mx-[14px] my-1 w-[210px] accent-ink"
            type="range"
            :min="SWING_RANGE.least"
            :max="SWING_RANGE.most"
            :value="recipe.rhythm.swing"
            @input="swing"
          />
        </div>
        <div class="column">
          <p class="head">{{ t('desk.rhythm-choice.an-accent') }}</p>
          <ChoiceGroup
            :label="t('desk.rhythm-choice.accents')"
            :value="recipe.rhythm.accents"
            :choices="accents"
            @choose="change({ accents: $event })"
          />
        </div>
      </div>
      <p class="flex border-t border-rule px-[14px] py-2 text-[13px]">
        <button type="button" class="text-button ml-auto" @click="emit('change', { rhythm: PLAIN_RHYTHM })">
          {{ t('desk.rhythm-choice.even-again') }}
        </button>
      </p>
    </div>
  </WordPanel>
</template>
