<script setup lang="ts" generic="T extends string | number">
/** Choices one beneath the other, one of which stands. */
defineProps<{
  label: string
  value: T
  choices: readonly { readonly value: T; readonly words: string; readonly note?: string }[]
  /** Whether notes stand beneath the words instead of beside them. */
  tall?: boolean
}>()
const emit = defineEmits<{ choose: [value: T] }>()
</script>

<template>
  <div role="group" :aria-label="label">
    <button
      v-for="each in choices"
      :key="each.value"
      type="button"
      class="choice"
      :aria-pressed="each.value === value"
      @click="emit('choose', each.value)"
    >
      {{ each.words }}
      <span v-if="each.note" class="quiet text-[13px] font-normal" :class="tall ? 'block leading-[1.35]' : 'ml-2'">{{
        each.note
      }}</span>
    </button>
  </div>
</template>
