<script setup lang="ts">
import { computed } from 'vue'
import type { System } from '~/engraving'
import StepMarks from '~/components/score/StepMarks.vue'
import type { Place } from '~/stores/desk'
import { type StickStudy, type Stroke, stickStairOf } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/**
 * The stair of sticks: bars upward, time to the right. Circles are the right stick, squares the left, each with its way;
 * a heavy line joins a double, a cross marks sticks that cross, a band shows where the hands are out on the accidentals.
 */
const props = defineProps<{
  study: StickStudy
  system: System
  width: number
  height: number
  selected?: Place | null
  pointed?: number | null
  letters?: ReadonlyMap<string, string>
  /** Notes that differ from what they are compared with, by `sticks index`. */
  changed?: ReadonlySet<string>
  range?: readonly [number, number] | null
  sounding?: number | null
  /** What is left out for a pupil's eye: ways and doubles, bands. */
  shown?: { readonly crossings: boolean; readonly grips: boolean }
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const show = computed(() => props.shown ?? { crossings: true, grips: true })
const picture = computed(() => stickStairOf(props.study, props.system, props.height))
const isSelected = ({ index }: Stroke): boolean => props.selected?.hand === 'sticks' && props.selected.index === index
const four = computed(() => props.study.sticking.mallets !== undefined)
const letterOf = ({ index }: Stroke): string | undefined => props.letters?.get(`sticks ${index}`)
const summary = computed(() => {
  const { count, rowMoves } = props.study.sticking
  return t('mallets.stick-stair.label', {
    what: formatMessage(props.study.title),
    doubles: count.doubles,
    hard: count.hard,
    count: rowMoves.length,
  })
})
/** Naturals nearest the player, at the left; accidentals beyond. */
const ROWS = { natural: { x: 6, width: 22 }, accidental: { x: 29, width: 17 } } as const
const lower = (stroke: Stroke): number => (stroke.stick === 'R' ? -13 : 21)
</script>

<template>
  <svg
    role="img"
    class="overflow-visible"
    :aria-label="summary"
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    @pointerleave="emit('point', null)"
  >
    <g v-if="show.grips" class="stays">
      <template v-for="(stay, at) in picture.stays" :key="at">
        <rect :x="stay.x" y="0" :width="stay.width" :height="height" />
        <text :x="stay.x + stay.width / 2" y="11">{{ t('mallets.stick-stair.out') }}</text>
      </template>
    </g>
    <StepMarks :system="system" :height="height" :pointed="pointed" :range="range" :sounding="sounding" />
    <g class="bars">
      <rect
        v-for="each in picture.bars"
        :key="each.bar.midi"
        v-bind="ROWS[each.bar.accidental ? 'accidental' : 'natural']"
        :y="each.y - each.height / 2"
        :height="each.height"
        :class="{ accidental: each.bar.accidental }"
      />
    </g>
    <template v-if="show.crossings && !four">
      <path :d="picture.ways.R" class="way right" />
      <path :d="picture.ways.L" class="way left" />
      <path
        v-for="(double, at) in picture.doubles"
        :key="`double${at}`"
        :d="double.path"
        class="double"
        :class="double.stick === 'R' ? 'right' : 'left'"
      />
      <path
        v-for="(each, at) in picture.crossings"
        :key="`cross${at}`"
        :d="`M${each.x - 4} ${each.y - 4} l8 8 m0 -8 l-8 8`"
        class="cross"
      />
    </template>
    <g
      v-for="stroke in picture.strokes"
      :key="stroke.index"
      class="stroke"
      :class="[stroke.stick === 'R' ? 'right' : 'left', { accidental: stroke.accidental }]"
      @click="emit('select', { hand: 'sticks', index: stroke.index }, $event.shiftKey)"
      @pointerenter="emit('point', stroke.step)"
    >
      <rect
        v-if="changed?.has(`sticks ${stroke.index}`)"
        :x="stroke.x - 11.5"
        :y="stroke.y - 11.5"
        width="23"
        height="23"
        class="outline"
      />
      <circle v-if="isSelected(stroke)" :cx="stroke.x" :cy="stroke.y" r="13" class="outline" />
      <circle v-if="stroke.stick === 'R'" :cx="stroke.x" :cy="stroke.y" r="8.3" class="body" />
      <rect v-else :x="stroke.x - 7.6" :y="stroke.y - 7.6" width="15.2" height="15.2" class="body" />
      <text :x="stroke.x" :y="stroke.y + 4.2">{{ stroke.mark }}</text>
      <text v-if="letterOf(stroke)" :x="stroke.x" :y="stroke.y + lower(stroke)" class="letter">
        {{ letterOf(stroke) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.stays rect {
  fill: var(--color-ink);
  opacity: 0.07;
}
.stays text {
  font-family: var(--font-sans);
  font-size: 10.5px;
  font-weight: 400;
  fill: var(--color-soft);
}
.bars rect {
  fill: var(--color-sheet);
  stroke: var(--color-soft);
  stroke-width: 0.8;
}
.bars rect.accidental {
  fill: var(--color-ink);
  stroke: none;
}
.way {
  fill: none;
  stroke-width: 1.6;
  opacity: 0.7;
}
.way.left {
  stroke-dasharray: 5 3;
}
.right {
  stroke: var(--color-rh);
}
.left {
  stroke: var(--color-lh);
}
.double {
  fill: none;
  stroke-width: 6;
  opacity: 0.55;
}
.cross {
  stroke: var(--color-missing);
  stroke-width: 2.4;
}
.stroke {
  cursor: pointer;
  stroke: none;
}
.body {
  fill: var(--color-sheet);
  stroke-width: 1.7;
}
.right .body {
  stroke: var(--color-rh);
}
.left .body {
  stroke: var(--color-lh);
}
.accidental.right .body {
  fill: var(--color-rh);
}
.accidental.left .body {
  fill: var(--color-lh);
}
.outline {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.7;
}
text {
  font-family: var(--font-serif);
  font-size: 12px;
  font-weight: 650;
  text-anchor: middle;
  fill: var(--color-ink);
}
.accidental text {
  fill: var(--color-sheet);
}
text.letter,
.accidental text.letter {
  fill: var(--color-ink);
  font-style: italic;
  font-size: 14px;
}
</style>
