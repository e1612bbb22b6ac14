<script setup lang="ts">
import { computed } from 'vue'
import { isBlack } from '#core/surface'
import { type FingerStudy, type KeyMark, pianoMapOf } from '#pictures'
import type { Place } from '~/stores/desk'
import { t, formatMessage } from '~/composables/words'

/** The keyboard true to scale, with each key's finger going up (or down, once the pointer is on the way down). */
const props = defineProps<{
  study: FingerStudy
  width: number
  step: number | null
  /** Notes of a stretch that is marked out, by first and last step. */
  range?: readonly [number, number] | null
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const map = computed(() => pianoMapOf(props.study, props.width, props.step))
const isMarked = ({ step }: KeyMark): boolean => props.range != null && step >= props.range[0] && step <= props.range[1]
const summary = computed(() =>
  t('keys.piano-map.label', {
    midi: map.value.lowest,
    midi2: map.value.highest,
    what: formatMessage(props.study.title),
  }),
)
</script>

<template>
  <svg
    role="img"
    :aria-label="summary"
    :width="width"
    :height="map.height + 2"
    class="instrument keyboard block"
    @pointerleave="emit('point', null)"
  >
    <rect v-for="{ midi, ...box } in map.whites" :key="midi" v-bind="box" class="white" />
    <rect v-for="{ midi, ...box } in map.blacks" :key="midi" v-bind="box" class="black" />
    <g
      v-for="mark in map.marks"
      :key="`${mark.hand} ${mark.midi}`"
      class="mark"
      @click="emit('select', { hand: mark.hand, index: mark.index }, $event.shiftKey)"
      @pointerenter="emit('point', mark.step)"
    >
      <rect :x="mark.x - 7" :y="mark.y - 12" width="14" height="15" class="hit" />
      <path v-if="isMarked(mark)" :d="`M${mark.x - 5} ${mark.y + 2} h10`" :class="['underline', mark.hand]" />
      <circle v-if="mark.here" :cx="mark.x" :cy="mark.y - 4" r="8" :class="['here', mark.hand]" />
      <text :x="mark.x" :y="mark.y" :class="[mark.hand, { onBlack: isBlack(mark.midi), now: mark.here }]">
        {{ mark.finger }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.white {
  fill: var(--color-sheet);
  stroke: var(--color-rule);
}
.black {
  fill: var(--color-ink);
}
.mark {
  cursor: pointer;
}
.hit {
  fill: transparent;
}
.underline {
  stroke-width: 2;
}
.underline.right {
  stroke: var(--color-rh);
}
.underline.left {
  stroke: var(--color-lh);
}
text {
  font-family: var(--font-serif);
  font-size: 11.5px;
  font-weight: 650;
  text-anchor: middle;
}
.right {
  fill: var(--color-rh);
}
.left {
  fill: var(--color-lh);
}
.right.onBlack {
  fill: var(--color-rh-wash);
}
.left.onBlack {
  fill: var(--color-lh-wash);
}
.now,
.now.onBlack {
  fill: var(--color-sheet);
}
.here.right {
  fill: var(--color-rh);
}
.here.left {
  fill: var(--color-lh);
}
</style>
