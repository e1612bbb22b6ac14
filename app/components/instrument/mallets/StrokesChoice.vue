<script setup lang="ts">
import { computed } from 'vue'
import { KINDS } from '#core/material'
import { isFree } from '#core/study'
import { type MalletRecipe, ROLL_STROKES, TOPS } from '#core/sticking'
import { type Manner, mannerOf, MANNERS, type RecipeInput, takesManner, withManner } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import FourMalletChoice from './FourMalletChoice.vue'
import type { StickStudy } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/** How notes are struck: alternating by the school, in a rudiment, rolled, or with four mallets. */
const props = defineProps<{ recipe: MalletRecipe; study: StickStudy }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const manner = computed(() => mannerOf(props.recipe))
const WORDS: Record<Manner, { words: string; note?: string }> = {
  school: { words: t('mallets.strokes-choice.roll-single') },
  paradiddle: { words: t('mallets.strokes-choice.paradiddles') },
  'double-paradiddle': { words: t('mallets.strokes-choice.double-paradiddles') },
  'paradiddle-diddle': { words: t('mallets.strokes-choice.paradiddle-diddles') },
  'inverted-paradiddle': { words: t('mallets.strokes-choice.inverted-paradiddles') },
  separate: { words: t('mallets.strokes-choice.manner-separate') },
  through: {
    words: t('mallets.strokes-choice.rolled-through'),
    note: t('mallets.strokes-choice.manner-through'),
  },
  four: { words: t('mallets.strokes-choice.four-mallets') },
}
const words = computed(() => WORDS[manner.value].words)
const manners = computed(() => {
  const { material } = props.recipe
  const kind = isFree(material) ? null : KINDS[material.kind]
  return MANNERS.filter((value) => takesManner(kind, value)).map((value) => ({ value, ...WORDS[value] }))
})
const choose = (value: Manner): void => emit('change', withManner(props.recipe, value))
const rolled = computed(() => props.recipe.roll.manner !== 'none')
const plan = computed(() => props.study.sticking.roll ?? null)
const strokes = computed(() =>
  ROLL_STROKES.filter((each) => each % props.recipe.tempo.notesPerBeat === 0).map((value) => ({
    value,
    words: t('mallets.strokes-choice.per-beat', { value }),
    note: value === plan.value?.recommended.strokes ? t('mallets.strokes-choice.roll-usual') : '',
  })),
)
const ENDINGS = [
  { value: 'tied', words: t('mallets.strokes-choice.tied') },
  { value: 'released', words: t('mallets.strokes-choice.lifted') },
] as const
const ON = [
  { value: 'degree', words: t('mallets.strokes-choice.rudiment-whole') },
  { value: 'stroke', words: t('mallets.strokes-choice.rudiment-single') },
] as const
const tops = TOPS.map((value) => ({ value, words: t('mallets.strokes-choice.struck', { value }) }))
const LADDER = [
  { value: 'none', words: t('mallets.strokes-choice.one-speed') },
  { value: 'strokes', words: t('mallets.strokes-choice.ladder-up') },
] as const
</script>

<template>
  <WordPanel :words="words" :label="t('mallets.strokes-choice.strokes', { words })">
    <div class="flex">
      <div class="column">
        <p class="head">{{ t('mallets.strokes-choice.the-hands') }}</p>
        <ChoiceGroup
          :label="t('mallets.strokes-choice.strokes-label')"
          :value="manner"
          :choices="manners"
          @choose="choose"
        />
      </div>
      <div v-if="recipe.rudiment !== 'none'" class="column">
        <p class="head">{{ t('mallets.strokes-choice.rudiment') }}</p>
        <ChoiceGroup
          :label="t('mallets.strokes-choice.rudiment')"
          :value="recipe.rudimentOn"
          :choices="ON"
          @choose="emit('change', { rudimentOn: $event })"
        />
      </div>
      <div v-if="rolled" class="column max-w-[280px]">
        <p class="head">{{ t('mallets.strokes-choice.roll-strokes') }}</p>
        <ChoiceGroup
          :label="t('mallets.strokes-choice.roll-strokes')"
          :value="recipe.roll.strokes"
          :choices="strokes"
          @choose="emit('change', { roll: { ...recipe.roll, strokes: $event } })"
        />
        <p class="head">{{ t('mallets.strokes-choice.ladder') }}</p>
        <ChoiceGroup
          :label="t('mallets.strokes-choice.ladder-label')"
          :value="recipe.rhythm.ladder === 'strokes' ? 'strokes' : 'none'"
          :choices="LADDER"
          @choose="emit('change', { rhythm: { ...recipe.rhythm, ladder: $event } })"
        />
        <p class="head">{{ t('mallets.strokes-choice.roll') }}</p>
        <ChoiceGroup
          :label="t('mallets.strokes-choice.roll')"
          :value="recipe.roll.ending"
          :choices="ENDINGS"
          @choose="emit('change', { roll: { ...recipe.roll, ending: $event } })"
        />
      </div>
      <FourMalletChoice v-if="recipe.mallets.count === 4" :mallets="recipe.mallets" @change="emit('change', $event)" />
      <div class="column">
        <p class="head">{{ t('mallets.strokes-choice.top') }}</p>
        <ChoiceGroup
          :label="t('mallets.strokes-choice.top')"
          :value="recipe.tops"
          :choices="tops"
          @choose="emit('change', { tops: $event })"
        />
      </div>
    </div>
    <p v-if="plan" class="quiet max-w-[560px] border-t border-rule px-[14px] py-2 text-[13px]">
      {{ formatMessage(plan.recommended.doubt) }}
    </p>
  </WordPanel>
</template>
