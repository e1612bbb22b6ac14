<script setup lang="ts">
import { computed } from 'vue'
import type { System } from '~/engraving'
import StepMarks from '~/components/score/StepMarks.vue'
import type { Place } from '~/stores/desk'
import StairChart from '../keys/StairChart.vue'
import { type AccordionStudy, laneOf, type LaneMark, fingeredOf, onButtons } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/** The right hand's stair, and under it the left hand's buttons in time. */
const props = defineProps<{
  study: AccordionStudy
  system: System
  width: number
  height: number
  selected?: Place | null
  pointed?: number | null
  letters?: ReadonlyMap<string, string>
  changed?: ReadonlySet<string>
  range?: readonly [number, number] | null
  sounding?: number | null
  shown?: {
    readonly crossings: boolean
    readonly meetings: boolean
    readonly grips: boolean
    readonly clusters: boolean
  }
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const [LANE, ALONE] = [84, 150]
const right = computed(() => (props.study.hands.right || props.study.hands.left ? fingeredOf(props.study) : null))
/** Alone, the left hand has room for its columns, and no more than it needs. */
const lane = computed(() => (!props.study.bass ? 0 : right.value ? LANE : Math.min(ALONE, props.height)))
const marks = computed(() => laneOf(props.study, props.system, 0, lane.value))
const plain = computed(() => onButtons(props.study))
const isSelected = ({ index }: LaneMark): boolean => props.selected?.hand === 'left' && props.selected.index === index
const keyOf = ({ index }: LaneMark): string => `left ${index}`
/** From a bass to the chord or bass after it, as the hand goes. */
const path = computed(() => marks.value.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join(' '))
</script>

<template>
  <div>
    <StairChart
      v-if="right"
      :study="right"
      :system="system"
      :width="width"
      :height="height - lane"
      :selected="selected"
      :pointed="pointed"
      :letters="letters"
      :changed="changed"
      :range="range"
      :sounding="sounding"
      :shown="shown"
      :plain="plain"
      @select="(place, extend) => emit('select', place, extend)"
      @point="emit('point', $event)"
    />
    <svg
      v-if="lane > 0"
      role="img"
      class="block overflow-visible"
      :aria-label="t('accordion.stair.left', { what: formatMessage(study.title) })"
      :width="width"
      :height="lane"
      :viewBox="`0 0 ${width} ${lane}`"
      @pointerleave="emit('point', null)"
    >
      <StepMarks :system="system" :height="lane" :pointed="pointed" :range="range" :sounding="sounding" />
      <path :d="path" class="path" />
      <g
        v-for="mark in marks"
        :key="mark.index"
        class="mark"
        :class="{ selected: isSelected(mark) }"
        @click="emit('select', { hand: 'left', index: mark.index }, $event.shiftKey)"
        @pointerenter="emit('point', mark.step)"
      >
        <rect
          v-if="changed?.has(keyOf(mark))"
          :x="mark.x - 11"
          :y="mark.y - 11"
          width="22"
          height="22"
          class="changed"
        />
        <rect
          v-if="mark.shape === 'chord'"
          :x="mark.x - 8"
          :y="mark.y - 8"
          width="16"
          height="16"
          rx="1.5"
          class="chord"
        />
        <circle v-else :cx="mark.x" :cy="mark.y" r="8.3" class="bass" />
        <path v-if="mark.shape === 'counterbass'" :d="`M${mark.x - 6} ${mark.y + 11.5} h12`" class="under" />
        <text :x="mark.x" :y="mark.y + 4.2">{{ mark.finger }}</text>
        <text v-if="letters?.has(keyOf(mark))" :x="mark.x - 14" :y="mark.y - 5" class="letter">
          {{ letters.get(keyOf(mark)) }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.path {
  fill: none;
  stroke: var(--color-lh-wash);
  stroke-width: 1.6;
}
.mark {
  cursor: pointer;
}
.bass {
  fill: var(--color-sheet);
  stroke: var(--color-lh);
  stroke-width: 1.6;
}
.chord {
  fill: var(--color-lh-wash);
  stroke: var(--color-lh);
  stroke-width: 1.6;
}
.under {
  stroke: var(--color-lh);
  stroke-width: 1.8;
}
.selected .bass,
.selected .chord {
  stroke: var(--color-ink);
  stroke-width: 2.8;
}
.changed {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.4;
}
text {
  font-family: var(--font-serif);
  font-size: 12px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--color-ink);
}
.letter {
  font-style: italic;
  font-size: 14px;
}
</style>
