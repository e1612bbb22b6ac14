<script setup lang="ts" generic="V extends string | number">
/** A setting in a row: what it is called, and the one of its choices that stands. */
const props = defineProps<{
  label: string
  value: V
  choices: readonly { readonly value: V; readonly words: string }[]
}>()
const emit = defineEmits<{ choose: [value: V] }>()
/** By place: what a select holds is text, whatever its choices are. */
const choose = (event: Event): void =>
  emit('choose', props.choices[(event.target as HTMLSelectElement).selectedIndex]!.value)
</script>

<template>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ label }}
    <select class="field w-[212px]" :value="value" @change="choose">
      <option v-for="each in choices" :key="each.value" :value="each.value">{{ each.words }}</option>
    </select>
  </label>
</template>
