<script setup lang="ts">
import type { PracticeState } from '#core/practice'
import MarkFrame from '~/components/frame/MarkFrame.vue'
import { formatMessage } from '~/composables/words'

/** How a study stands with whoever plays it, by shape: nothing, a pencilled ring, half a disc, a disc; fading is hatched. */
defineProps<{ of: PracticeState }>()
</script>

<template>
  <MarkFrame :label="formatMessage({ code: 'practice-state', params: { practiceState: of } })">
    <circle v-if="of === 'ready'" cx="7" cy="7" r="6" fill="var(--color-met)" />
    <template v-else-if="of === 'fading'">
      <circle cx="7" cy="7" r="5.4" fill="none" stroke="var(--color-met)" stroke-width="1.4" />
      <path d="M3 10 L10 3 M6 12 L12 6" stroke="var(--color-met)" stroke-width="1.4" />
    </template>
    <circle
      v-else-if="of === 'right-once' || of === 'held'"
      cx="7"
      cy="7"
      r="5.2"
      fill="none"
      stroke="var(--color-met)"
      :stroke-width="of === 'held' ? 2.6 : 1.4"
    />
    <path
      v-else-if="of === 'learning'"
      d="M3.2 8.2 C5 4.6 9 4.2 11 7.4"
      fill="none"
      stroke="var(--color-soft)"
      stroke-width="1.4"
    />
    <path v-else d="M4 7 h6" stroke="var(--color-rule)" stroke-width="1.6" />
  </MarkFrame>
</template>
