<script setup lang="ts">
import { computed } from 'vue'
import { printedName } from '#core/pitch'
import type { MalletRecipe } from '#core/sticking'
import { instrumentOf } from '#core/instrument'
import { type Bar, deadZones } from '#core/surface'
import type { Place } from '~/stores/desk'
import { barsAround, barScale, marksOf, nodeLine, type StickStudy, type Strike, strikesAround, wayOf } from '#pictures'
import KeyOutline from './KeyOutline.vue'
import { t, formatMessage } from '~/composables/words'

/**
 * The instrument true to scale: naturals near the player, accidentals beyond, the dead places over the cords, and the
 * way of each stick over the leg that is looked at: circles and full lines are the right, squares and broken ones the left.
 */
const props = defineProps<{
  study: StickStudy
  width: number
  step: number | null
  /** Notes of a stretch that is marked out, by first and last step. */
  range?: readonly [number, number] | null
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const HEIGHT = 244
/** Room for the key's shape beside the bars. */
const ASIDE = 290
const recipe = computed(() => props.study.recipe as MalletRecipe)
const bars = computed(() => barsAround(props.study, recipe.value))
const scale = computed(() => barScale(bars.value, recipe.value, { width: props.width - ASIDE, height: HEIGHT }))
/** Accidentals lie over the naturals' ends, so they are drawn after them. */
const ordered = computed(() => bars.value.toSorted((a, b) => Number(a.accidental) - Number(b.accidental)))
const box = (bar: Bar) => ({
  x: scale.value.x(bar.x - bar.width / 2),
  y: scale.value.y(bar.near + bar.length),
  width: bar.width * scale.value.pixels,
  height: bar.length * scale.value.pixels,
})
const dead = (bar: Bar) =>
  deadZones(bar).map(([from, to]) => ({
    x: scale.value.x(bar.x - bar.width / 2),
    y: scale.value.y(bar.near + to),
    width: bar.width * scale.value.pixels,
    height: (to - from) * scale.value.pixels,
  }))
const cords = computed(() =>
  [false, true].flatMap((accidental) => [false, true].map((far) => nodeLine(bars.value, accidental, far, scale.value))),
)
const strikes = computed(() => strikesAround(props.study, props.step, scale.value, radius.value * 0.95))
const four = computed(() => props.study.sticking.mallets !== undefined)
const played = computed(() => new Set(props.study.sticking.notes.map((note) => note.midi)))
/** The stroke at the step is drawn over the others. */
const marks = computed(() =>
  marksOf(strikes.value, props.step).toSorted((a, b) => Number(isHere(a)) - Number(isHere(b))),
)
const isHere = ({ step }: Strike): boolean => props.step !== null && step === props.step
const isMarked = ({ step }: Strike): boolean => props.range != null && step >= props.range[0] && step <= props.range[1]
const radius = computed(() => Math.min(9, Math.max(5.5, bars.value[0]!.width * scale.value.pixels * 0.46)))
const summary = computed(() => {
  const words = formatMessage(instrumentOf(recipe.value).compass)
  const { notes } = props.study.sticking
  const names = [...new Set(notes.map((note) => printedName(note.pitch)))].join(' ')
  return t('mallets.bar-map.label', { words, what: formatMessage(props.study.title), names })
})
const inkOf = ({ stick }: Strike): 'right' | 'left' => (stick === 'R' ? 'right' : 'left')
</script>

<template>
  <div class="flex items-start gap-6">
    <svg
      role="img"
      :aria-label="summary"
      :width="scale.width"
      :height="scale.height"
      class="instrument block"
      @pointerleave="emit('point', null)"
    >
      <g v-for="bar in ordered" :key="bar.midi">
        <rect
          v-bind="box(bar)"
          rx="1.5"
          class="bar"
          :class="{ accidental: bar.accidental, played: played.has(bar.midi) }"
        />
        <rect v-for="(zone, at) in dead(bar)" :key="at" v-bind="zone" class="dead" />
      </g>
      <path v-for="(cord, at) in cords" :key="at" :d="cord" class="cord" />
      <template v-if="!four">
        <path :d="wayOf(strikes, 'R')" class="way right" />
        <path :d="wayOf(strikes, 'L')" class="way left" />
      </template>
      <g
        v-for="strike in marks"
        :key="strike.index"
        class="mark"
        :class="[inkOf(strike), { here: isHere(strike), marked: isMarked(strike) }]"
        @click="emit('select', { hand: 'sticks', index: strike.index }, $event.shiftKey)"
        @pointerenter="emit('point', strike.step)"
      >
        <circle v-if="strike.stick === 'R'" :cx="strike.x" :cy="strike.y" :r="radius" class="body" />
        <rect
          v-else
          :x="strike.x - radius * 0.92"
          :y="strike.y - radius * 0.92"
          :width="radius * 1.84"
          :height="radius * 1.84"
          class="body"
        />
        <text :x="strike.x" :y="strike.y + radius * 0.45" :style="{ fontSize: `${radius * 1.35}px` }">
          {{ strike.mark }}
        </text>
      </g>
    </svg>
    <div class="pt-2 text-[13.5px] leading-[1.4]">
      <KeyOutline :study="study" />
      <p v-if="study.sticking.mixedRows.length" class="mt-1">
        {{ t('mallets.bar-map.double-stops', { count: study.sticking.mixedRows.length }) }}
      </p>
      <p class="quiet mt-2 flex items-center gap-2">
        <svg width="18" height="18" aria-hidden="true" class="right"><circle cx="9" cy="9" r="7.5" class="body" /></svg>
        {{ t('mallets.bar-map.right') }}
        <svg width="18" height="18" aria-hidden="true" class="left ml-2">
          <rect x="2" y="2" width="14" height="14" class="body" />
        </svg>
        {{ t('mallets.bar-map.left') }}
        <svg width="22" height="12" aria-hidden="true" class="ml-2"><rect width="22" height="12" class="dead" /></svg>
        {{ t('mallets.bar-map.cords') }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.bar {
  fill: var(--color-page);
  stroke: var(--color-rule);
}
.bar.played {
  fill: var(--color-sheet);
  stroke: var(--color-soft);
}
.bar.accidental {
  fill: #5d6a64;
  stroke: var(--color-ink);
}
.bar.accidental.played {
  fill: #3a4741;
}
.dead {
  fill: var(--color-soft);
  opacity: 0.16;
}
.cord {
  fill: none;
  stroke: var(--color-soft);
  stroke-width: 0.8;
  stroke-dasharray: 1 3;
}
.way {
  fill: none;
  stroke-width: 2;
}
.way.right {
  stroke: var(--color-rh);
}
.way.left {
  stroke: var(--color-lh);
  stroke-dasharray: 5 3;
}
.mark {
  cursor: pointer;
}
.body {
  fill: var(--color-sheet);
  stroke-width: 1.6;
}
.right .body {
  stroke: var(--color-rh);
}
.left .body {
  stroke: var(--color-lh);
}
.marked .body {
  stroke-width: 3;
}
.right.here .body {
  fill: var(--color-rh);
}
.left.here .body {
  fill: var(--color-lh);
}
text {
  font-family: var(--font-serif);
  font-weight: 650;
  text-anchor: middle;
  fill: var(--color-ink);
}
.here text {
  fill: var(--color-sheet);
}
</style>
