<script setup lang="ts">
import { computed } from 'vue'
import { KINDS } from '#core/material'
import { isFree } from '#core/study'
import { type MalletRecipe, ROLL_STROKES, TOPS } from '#core/sticking'
import { type Manner, mannerOf, MANNERS, type RecipeInput, takesManner, withManner } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import FourMalletChoice from './FourMalletChoice.vue'
import type { StickStudy } from './study'

/** How notes are struck: alternating by the school, in a rudiment, rolled, or with four mallets. */
const props = defineProps<{ recipe: MalletRecipe; study: StickStudy }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const manner = computed(() => mannerOf(props.recipe))
const WORDS: Record<Manner, { words: string; note?: string }> = {
  school: { words: 'hand to hand' },
  paradiddle: { words: 'paradiddles' },
  'double-paradiddle': { words: 'double paradiddles' },
  'paradiddle-diddle': { words: 'paradiddle-diddles' },
  'inverted-paradiddle': { words: 'inverted paradiddles' },
  separate: { words: 'rolled note by note' },
  through: { words: 'rolled through', note: 'the notes change under the roll' },
  four: { words: 'four mallets' },
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
    words: `${value} to the beat`,
    note: value === plan.value?.recommended.strokes ? 'usual for this register' : '',
  })),
)
const ENDINGS = [
  { value: 'tied', words: 'tied into the next' },
  { value: 'released', words: 'let go before it' },
] as const
const ON = [
  { value: 'degree', words: 'whole on every degree' },
  { value: 'stroke', words: 'one note to a stroke' },
] as const
const tops = TOPS.map((value) => ({ value, words: `struck ${value}` }))
const LADDER = [
  { value: 'none', words: 'one speed' },
  { value: 'strokes', words: 'up the ladder 2 3 4 6 8' },
] as const
</script>

<template>
  <WordPanel :words="words" :label="`Strokes: ${words}`">
    <div class="flex">
      <div class="column">
        <p class="head">The hands</p>
        <ChoiceGroup label="Strokes" :value="manner" :choices="manners" @choose="choose" />
      </div>
      <div v-if="recipe.rudiment !== 'none'" class="column">
        <p class="head">The rudiment stands</p>
        <ChoiceGroup
          label="The rudiment stands"
          :value="recipe.rudimentOn"
          :choices="ON"
          @choose="emit('change', { rudimentOn: $event })"
        />
      </div>
      <div v-if="rolled" class="column max-w-[280px]">
        <p class="head">Strokes of a roll</p>
        <ChoiceGroup
          label="Strokes of a roll"
          :value="recipe.roll.strokes"
          :choices="strokes"
          @choose="emit('change', { roll: { ...recipe.roll, strokes: $event } })"
        />
        <p class="head">From one time to the next</p>
        <ChoiceGroup
          label="Ladder of strokes"
          :value="recipe.rhythm.ladder === 'strokes' ? 'strokes' : 'none'"
          :choices="LADDER"
          @choose="emit('change', { rhythm: { ...recipe.rhythm, ladder: $event } })"
        />
        <p class="head">A roll is</p>
        <ChoiceGroup
          label="A roll is"
          :value="recipe.roll.ending"
          :choices="ENDINGS"
          @choose="emit('change', { roll: { ...recipe.roll, ending: $event } })"
        />
      </div>
      <FourMalletChoice v-if="recipe.mallets.count === 4" :mallets="recipe.mallets" @change="emit('change', $event)" />
      <div class="column">
        <p class="head">The top note</p>
        <ChoiceGroup
          label="The top note"
          :value="recipe.tops"
          :choices="tops"
          @choose="emit('change', { tops: $event })"
        />
      </div>
    </div>
    <p v-if="plan" class="quiet max-w-[560px] border-t border-rule px-[14px] py-2 text-[13px]">
      {{ plan.recommended.doubt }}
    </p>
  </WordPanel>
</template>
