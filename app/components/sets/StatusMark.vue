<script setup lang="ts">
import type { Status } from '#core/syllabus'
import MarkFrame from '~/components/frame/MarkFrame.vue'
import { t } from '~/composables/words'

/** Status by shape first: disc, half disc, broken ring, dash. Ink is what is printed; green is for what is ready. */
defineProps<{ status: Status }>()
</script>

<template>
  <MarkFrame :label="t('name.status', { status })">
    <circle v-if="status === 'covered'" cx="7" cy="7" r="6" fill="var(--color-ink)" />
    <template v-else-if="status === 'near'">
      <circle cx="7" cy="7" r="5.2" fill="none" stroke="var(--color-rh)" stroke-width="1.5" />
      <path d="M7 2 a5 5 0 0 0 0 10 z" fill="var(--color-rh)" />
    </template>
    <circle
      v-else-if="status === 'missing'"
      cx="7"
      cy="7"
      r="5.2"
      fill="none"
      stroke="var(--color-missing)"
      stroke-width="1.7"
      stroke-dasharray="2.2 1.9"
    />
    <path v-else d="M3 7 h8" stroke="var(--color-soft)" stroke-width="1.5" />
  </MarkFrame>
</template>
