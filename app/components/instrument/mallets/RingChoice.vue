<script setup lang="ts">
import { computed } from 'vue'
import { mannerOf, type RecipeInput, familyOf } from '#core/instrument'
import { KINDS } from '#core/material'
import { DAMPINGS, DEAD_STROKES, type MalletRecipe, PEDALS, type Ring } from '#core/sticking'
import { isFree } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'

/** How long what is struck rings: the pedal, bars that a mallet stops, strokes that stay on the bar. */
const props = defineProps<{ recipe: MalletRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const ring = computed(() => props.recipe.ring)
const hasPedal = computed(() => familyOf(props.recipe).pedalOf(props.recipe) !== null)
/** A mallet is free to stop a bar only where single strokes alternate. */
const isFreeHand = computed(() => {
  const { material, pattern } = props.recipe
  const double = !isFree(material) && KINDS[material.kind].second !== undefined
  return mannerOf(props.recipe) === 'school' && !double && pattern.accompaniment === 'none'
})
const words = computed(() =>
  t('mallets.ring.words', { ...ring.value, pedal: hasPedal.value ? ring.value.pedal : 'without' }),
)
const pedals = PEDALS.map((value) => ({
  value,
  words: t('mallets.ring.pedal', { pedal: value }),
}))
const dampings = DAMPINGS.map((value) => ({
  value,
  words: t('mallets.ring.damping', { damping: value }),
  note: t('mallets.ring.damping.note', { damping: value }),
}))
const dead = DEAD_STROKES.map((value) => ({ value, words: t('mallets.ring.dead', { dead: value }) }))
const set = (some: Partial<Ring>): void => emit('change', { ring: { ...ring.value, ...some } })
/** Under a pedal that changes with every note nothing is left to stop. */
const setPedal = (pedal: Ring['pedal']): void => set(pedal === 'note' ? { pedal, damping: 'none' } : { pedal })
</script>

<template>
  <WordPanel :words="words" :label="t('mallets.ring.label', { words })">
    <div class="flex max-sm:flex-col">
      <div v-if="hasPedal" class="column">
        <p class="head">{{ t('mallets.ring.pedal.head') }}</p>
        <ChoiceGroup
          :label="t('mallets.ring.pedal.head')"
          :value="ring.pedal"
          :choices="pedals"
          @choose="setPedal($event)"
        />
      </div>
      <div v-if="hasPedal && ring.pedal !== 'note' && isFreeHand" class="column max-w-[280px]">
        <p class="head">{{ t('mallets.ring.damping.head') }}</p>
        <ChoiceGroup
          :label="t('mallets.ring.damping.head')"
          tall
          :value="ring.damping"
          :choices="dampings"
          @choose="set({ damping: $event })"
        />
      </div>
      <div v-if="recipe.roll.manner === 'none'" class="column">
        <p class="head">{{ t('mallets.ring.dead.head') }}</p>
        <ChoiceGroup
          :label="t('mallets.ring.dead.head')"
          :value="ring.dead"
          :choices="dead"
          @choose="set({ dead: $event })"
        />
      </div>
    </div>
    <p class="quiet max-w-[560px] border-t border-rule px-[14px] py-2 text-[13px]">{{ t('mallets.ring.doubt') }}</p>
  </WordPanel>
</template>
