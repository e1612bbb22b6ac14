<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { CONSERVATORY } from '#core/fingering'
import { FIRST_FINGERS, type FirstFinger, type Recipe, type RecipeInput } from '#core/study'

defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const WORDS: Record<FirstFinger, { words: string; note: string }> = {
  usual: { words: 'As tables mostly have it', note: 'the pattern’s finger in scales, 2 in arpeggios: the default' },
  pattern: { words: 'The pattern’s finger', note: 'begin as every later octave goes on' },
  two: { words: 'Begin on 2', note: 'compact: 2 1, 2 3 1 before the first thumb' },
}
</script>

<template>
  <Popover as="div" class="relative inline-block">
    <PopoverButton class="quiet border-b border-dotted border-soft text-[13px]">{{ CONSERVATORY.words }}</PopoverButton>
    <PopoverPanel class="choices right-0 w-[300px] p-4">
      <p class="mb-2">{{ CONSERVATORY.idea }}</p>
      <p class="quiet mb-3 text-[13px]">
        Figures in brackets say what the next best would cost more, in this school’s points.
      </p>
      <p id="first-finger" class="mb-1 font-semibold">A black first note where the pattern has 3 or 4</p>
      <p class="quiet mb-2 text-[13px]">Printed tables differ here; both are right.</p>
      <div role="group" aria-labelledby="first-finger">
        <button
          v-for="value in FIRST_FINGERS"
          :key="value"
          type="button"
          class="choice"
          :aria-pressed="recipe.firstFinger === value"
          @click="emit('change', { firstFinger: value })"
        >
          {{ WORDS[value].words }}
          <span class="quiet block text-[13px] font-normal">{{ WORDS[value].note }}</span>
        </button>
      </div>
    </PopoverPanel>
  </Popover>
</template>
