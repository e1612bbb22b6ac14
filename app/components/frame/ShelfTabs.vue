<script setup lang="ts" generic="V extends string | boolean">
/** Shelves of one place, of which one is shown, each with how much stands on it. */
defineProps<{
  label: string
  value: V
  shelves: readonly { readonly value: V; readonly words: string; readonly count: number }[]
}>()
const emit = defineEmits<{ choose: [value: V] }>()
</script>

<template>
  <div role="group" :aria-label="label" class="flex gap-5 text-[15px]">
    <button
      v-for="shelf in shelves"
      :key="String(shelf.value)"
      type="button"
      class="min-h-[30px]"
      :class="shelf.value === value ? 'font-semibold' : 'quiet underline underline-offset-3'"
      :aria-pressed="shelf.value === value"
      @click="emit('choose', shelf.value)"
    >
      {{ shelf.words }} <span class="tabular-nums">{{ shelf.count }}</span>
    </button>
  </div>
</template>
