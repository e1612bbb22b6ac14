<script setup lang="ts">
import type { TestMark } from '~/practice'

/** A cold test by its shape: solid at the tempo asked, open below it, half where it hesitated, broken where it was wrong. */
defineProps<{ x: number; y: number; mark: TestMark }>()
</script>

<template>
  <circle v-if="mark === 'at'" :cx="x" :cy="y" r="5.5" fill="var(--color-met)" />
  <circle
    v-else-if="mark === 'below'"
    :cx="x"
    :cy="y"
    r="4.8"
    fill="var(--color-sheet)"
    stroke="var(--color-ink)"
    stroke-width="1.4"
  />
  <g v-else-if="mark === 'hesitated'">
    <circle :cx="x" :cy="y" r="4.8" fill="var(--color-sheet)" stroke="var(--color-rh)" stroke-width="1.4" />
    <path :d="`M${x} ${y - 4.8}a4.8 4.8 0 0 0 0 9.6z`" fill="var(--color-rh)" />
  </g>
  <circle
    v-else
    :cx="x"
    :cy="y"
    r="5"
    fill="var(--color-sheet)"
    stroke="var(--color-missing)"
    stroke-width="1.6"
    stroke-dasharray="2.2 1.9"
  />
</template>
