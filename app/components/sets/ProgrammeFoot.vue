<script setup lang="ts">
import { NuxtLink } from '#components'
import type { Order } from '#core/syllabus'

/** Beneath the programme: its order for practice, and the way out of it. */
defineProps<{ setId: string; studies: number; busy: boolean }>()
const emit = defineEmits<{ order: [by: Order]; export: [] }>()

const ORDERS = [
  { by: 'shape', words: 'shape', title: 'What lies in the hand alike stands together' },
  { by: 'circle', words: 'circle', title: 'Round the circle of keys, from no signs outward' },
  { by: 'difficulty', words: 'difficulty', title: 'From easy to hard' },
] as const
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule px-5 py-[9px] text-[14px]">
    <template v-if="studies">
      <span class="quiet" title="Drag by the number, or move with Alt and the arrows"
        ><kbd>Alt</kbd> <kbd>↑↓</kbd></span
      >
      <span role="group" aria-label="Order for practice" class="flex gap-2">
        <span class="quiet">order by</span>
        <button
          v-for="each in ORDERS"
          :key="each.by"
          type="button"
          class="text-button"
          :title="each.title"
          :disabled="busy"
          @click="emit('order', each.by)"
        >
          {{ each.words }}
        </button>
      </span>
      <button type="button" class="text-button ml-auto" @click="emit('export')">Export</button>
      <NuxtLink class="main-button leading-[22px]" :to="`/print/set/${setId}`">Print the set</NuxtLink>
    </template>
    <span v-else class="quiet">nothing to print yet</span>
  </div>
</template>

<style scoped>
kbd {
  border: 1px solid var(--color-rule);
  border-radius: 3px;
  padding: 1px 5px;
  font-family: inherit;
  font-size: 12.5px;
}
</style>
