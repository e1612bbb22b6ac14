<script setup lang="ts" generic="T extends string | number">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'

/** One word of the title sentence that opens its choices where it stands. */
defineProps<{
  label: string
  words: string
  value: T
  options: readonly { readonly value: T; readonly words: string; readonly note?: string }[]
  /** Whether the choices open upward, at the foot of a page. */
  up?: boolean
}>()
const emit = defineEmits<{ choose: [value: T] }>()
</script>

<template>
  <Listbox as="div" class="relative inline-block" :model-value="value" @update:model-value="emit('choose', $event)">
    <ListboxButton class="word" :aria-label="`${label}: ${words}`">{{ words }}</ListboxButton>
    <ListboxOptions
      class="choices max-h-[60vh] w-max min-w-[190px] max-w-[min(440px,90vw)] overflow-auto leading-snug"
      :class="up ? 'bottom-full mb-2' : ''"
    >
      <ListboxOption v-for="option in options" :key="option.value" :value="option.value" class="choice">
        {{ option.words }}
        <span v-if="option.note" class="quiet ml-2 text-[13px]">{{ option.note }}</span>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
