<script setup lang="ts">
import { computed } from 'vue'
import type { System } from '~/engraving'
import { pedalPath, ringingIn, ringingRoom, STROKE_PATHS, type StickStudy } from '#pictures'
import { t } from '~/composables/words'

/** How the notes of one system ring: the pedal, dead strokes, and bars that a mallet stops. */
const props = defineProps<{ study: StickStudy; system: System; top: number }>()
const own = computed(() => ringingIn(props.study, props.system))
const room = computed(() => ringingRoom(props.study))
const line = computed(() => room.value.height - 5)
const counted = computed(() => ({
  pedal: props.study.recipe.ring.pedal,
  dead: own.value.marks.filter(({ is }) => is === 'dead').length,
  damped: own.value.marks.filter(({ is }) => is === 'damp').length,
}))
</script>

<template>
  <g class="ringing" role="img" :aria-label="t('mallets.ring.under', counted)" :transform="`translate(0 ${top})`">
    <g v-for="mark in own.marks" :key="`${mark.is}${mark.x}`" :transform="`translate(${mark.x} 7)`">
      <title>{{ t('mallets.ring.mark', { mark: mark.is }) }}</title>
      <circle v-if="STROKE_PATHS[mark.is].ring" :r="STROKE_PATHS[mark.is].ring" />
      <path :d="STROKE_PATHS[mark.is].lines" />
    </g>
    <template v-if="own.pedal">
      <text v-if="own.pedal.begins" :x="own.pedal.x" :y="line">{{ t('mallets.ring.ped') }}</text>
      <path :d="pedalPath(own.pedal, line)" />
    </template>
  </g>
</template>

<style scoped>
path,
circle {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.2;
}
text {
  font-family: var(--font-serif);
  font-size: 14px;
  font-style: italic;
  fill: var(--color-ink);
}
</style>
