<script setup lang="ts">
import { computed } from 'vue'
import type { Place } from '~/stores/desk'
import { type AccordionStudy, trebleMapOf } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/** The right hand's keyboard true to scale: as the hand finds it, low notes on the left; or as one looks at the instrument. */
const props = defineProps<{
  study: AccordionStudy
  width: number
  step: number | null
  range?: readonly [number, number] | null
  facing: boolean
  /** The left hand's, where it plays a free bass. */
  hand?: 'right' | 'left'
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const map = computed(() => trebleMapOf(props.study, props))
const isMarked = ({ step }: { step: number }): boolean =>
  props.range != null && step >= props.range[0] && step <= props.range[1]
</script>

<template>
  <svg
    v-if="map.marks.length > 0"
    role="img"
    class="instrument block"
    :class="{ left: hand === 'left' }"
    :aria-label="t(hand === 'left' ? 'accordion.free.map' : 'accordion.treble', { what: formatMessage(study.title) })"
    :width="map.width"
    :height="map.height"
    :viewBox="`0 0 ${map.width} ${map.height}`"
    @pointerleave="emit('point', null)"
  >
    <g v-for="button in map.buttons" :key="`${button.midi} ${button.row}`">
      <circle :cx="button.x" :cy="button.y" :r="map.radius" class="button" />
      <circle v-if="button.isC" :cx="button.x" :cy="button.y" :r="2" class="tonic" />
    </g>
    <rect
      v-for="{ midi, x, y, width: wide, height: high } in map.whites"
      :key="`white ${midi}`"
      v-bind="{ x, y, width: wide, height: high }"
      class="white"
    />
    <rect
      v-for="{ midi, x, y, width: wide, height: high } in map.blacks"
      :key="`black ${midi}`"
      v-bind="{ x, y, width: wide, height: high }"
      class="black"
    />
    <g
      v-for="mark in map.marks"
      :key="mark.index"
      class="mark"
      @click="emit('select', { hand: hand ?? 'right', index: mark.index }, $event.shiftKey)"
      @pointerenter="emit('point', mark.step)"
    >
      <circle :cx="mark.x" :cy="mark.y" :r="map.disc" :class="['disc', { now: mark.here, dark: mark.dark }]" />
      <text :x="mark.x" :y="mark.y + 4" :class="{ now: mark.here }">{{ mark.finger }}</text>
      <path v-if="isMarked(mark)" :d="`M${mark.x - 5} ${mark.y + 10.5} h10`" class="under" />
    </g>
  </svg>
</template>

<style scoped>
.white,
.button {
  fill: var(--color-sheet);
  stroke: var(--color-rule);
}
.button {
  stroke: var(--color-soft);
  stroke-width: 0.8;
}
.tonic {
  fill: var(--color-soft);
}
.black {
  fill: var(--color-ink);
}
.mark {
  cursor: pointer;
}
.disc {
  fill: var(--color-rh-wash);
  stroke: var(--color-rh);
}
.disc.now {
  fill: var(--color-rh);
}
.under {
  stroke: var(--color-rh);
  stroke-width: 2;
}
.left .disc {
  fill: var(--color-lh-wash);
  stroke: var(--color-lh);
}
.left .disc.now {
  fill: var(--color-lh);
}
.left .under {
  stroke: var(--color-lh);
}
text {
  font-family: var(--font-serif);
  font-size: 11.5px;
  font-weight: 650;
  text-anchor: middle;
  fill: var(--color-ink);
}
text.now {
  fill: var(--color-sheet);
}
</style>
