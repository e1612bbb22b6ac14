<script setup lang="ts">
import type { PracticeState } from '#core/practice'
import { t, formatMessage } from '~/composables/words'
import PlayedMark from './PlayedMark.vue'
import TestDisc from './TestDisc.vue'

/** What the signs of the record mean. */
const MARKS = ['at', 'below', 'hesitated', 'wrong'] as const
const PRACTICE_STATES: readonly PracticeState[] = ['learning', 'right-once', 'held', 'ready', 'fading']
</script>

<template>
  <p class="quiet flex flex-wrap gap-x-4 gap-y-1 text-[12.5px]">
    <span v-for="mark in MARKS" :key="mark" class="flex items-center gap-1">
      <svg width="14" height="14" aria-hidden="true"><TestDisc :x="7" :y="7" :mark="mark" /></svg>
      {{ t('practice.legend.mark', { mark }) }}
    </span>
    <span v-for="practiceState in PRACTICE_STATES" :key="practiceState" class="flex items-center gap-1">
      <PlayedMark :of="practiceState" aria-hidden="true" />
      {{ formatMessage({ code: 'practice-state', params: { practiceState } }) }}
    </span>
  </p>
</template>
