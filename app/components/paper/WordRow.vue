<script setup lang="ts" generic="T extends string | number">
import WordChoice from '~/components/frame/WordChoice.vue'

/** A choice of the sheet: what it is about, and the word that stands, which opens the others. */
defineProps<{
  label: string
  value: T
  options: readonly { readonly value: T; readonly words: string; readonly note?: string }[]
}>()
const emit = defineEmits<{ choose: [value: T] }>()
</script>

<template>
  <p class="flex items-baseline gap-3 border-b border-rule py-[7px]">
    <span class="quiet w-[104px] shrink-0 text-[14px]">{{ label }}</span>
    <WordChoice
      :label="label"
      :words="options.find((each) => each.value === value)?.words ?? String(value)"
      :value="value"
      :options="options"
      @choose="emit('choose', $event)"
    />
  </p>
</template>
