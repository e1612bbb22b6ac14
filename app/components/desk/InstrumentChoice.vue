<script setup lang="ts">
import { computed } from 'vue'
import { INSTRUMENTS, movedTo, type Recipe, type RecipeInput } from '#core/study'
import { compassWords, MALLET_INSTRUMENTS, type MalletFamily } from '#core/surface'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'

/** What stands on the floor: piano, or a mallet instrument by make and size, each with its range as written. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const FAMILIES: readonly { family: MalletFamily; sounds: string }[] = [
  { family: 'marimba', sounds: 'sounds as written' },
  { family: 'vibraphone', sounds: 'sounds as written' },
  { family: 'xylophone', sounds: 'an octave above what is written' },
  { family: 'glockenspiel', sounds: 'two octaves above what is written' },
]
const sizeOf = (id: string): string => id.split('-')[1]!.replace('2.67', '2⅔').replace('.0', '')
const columns = FAMILIES.map(({ family, sounds }) => ({
  family,
  sounds,
  choices: MALLET_INSTRUMENTS.filter((each) => each.family === family).map((each) => ({
    value: each.id as Recipe['instrument'],
    words: `${sizeOf(each.id)} octaves`,
    note: compassWords(each),
  })),
}))
const words = computed(() => {
  const { instrument } = props.recipe
  return instrument === 'piano' ? 'piano' : `${instrument.split('-')[0]} ${sizeOf(instrument)}`
})
const choose = (instrument: Recipe['instrument']): void => {
  if (INSTRUMENTS.includes(instrument)) emit('change', movedTo(props.recipe, instrument))
}
</script>

<template>
  <WordPanel :words="words" :label="`Instrument: ${words}`">
    <div class="flex">
      <div class="column">
        <p class="head">Keys</p>
        <ChoiceGroup
          label="Keys"
          :value="recipe.instrument"
          :choices="[{ value: 'piano', words: 'Piano' }]"
          @choose="choose"
        />
      </div>
      <div v-for="each in columns" :key="each.family" class="column">
        <p class="head">
          <span class="block font-serif text-[15px] font-semibold text-ink">{{ each.family }}</span>{{ each.sounds }}
        </p>
        <ChoiceGroup :label="each.family" :value="recipe.instrument" :choices="each.choices" @choose="choose" />
      </div>
    </div>
    <p class="quiet border-t border-rule px-[14px] py-2 text-[13px]">
      Ranges as written; sizes vary by maker. What only one sort of instrument knows is left behind when you change.
    </p>
  </WordPanel>
</template>
