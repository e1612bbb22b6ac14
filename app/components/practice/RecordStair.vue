<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { materialName } from '#core/realise'
import { weekOf } from '#core/practice'
import { wordsFor } from '~/components/instrument'
import { t, formatMessage } from '~/composables/words'
import type { PracticeView, Row } from '~/practice'
import { longDay, dayNumber, shortDay } from './dates'
import PlayedMark from './PlayedMark.vue'
import { FRAME, scaleOf, stairOf } from './stairs'
import { bpmOf } from './tempo'
import TestDisc from './TestDisc.vue'

/** The record as bars of music: a line for each study, weeks as bars, the exam as the double bar. */
const props = defineProps<{ view: PracticeView; chosen: number | null }>()
const emit = defineEmits<{ choose: [study: number]; pin: [study: number, week: number] }>()

const paper = ref<HTMLElement>()
const { width: measured } = useElementSize(paper)
const width = computed(() => Math.max(640, measured.value || 900))
const scale = computed(() => scaleOf(props.view.rows, props.view.today, props.view.exam, width.value))
const stairs = computed(() => props.view.rows.map((row) => stairOf(row, scale.value, props.view.today)))
const height = computed(() => FRAME.head + props.view.rows.length * FRAME.row + FRAME.foot)
const movable = computed(() =>
  stairs.value.flatMap((stair, study) => (stair.begins === null ? [] : [{ study, stair }])),
)
const now = computed(() => scale.value.x(props.view.today))
const end = computed(() => scale.value.x(scale.value.to))
const barLine = (x: number): string => `M${x} ${FRAME.head}V${height.value - FRAME.foot}`

/** Pixels that “12 Mar” and “12” take. */
const [NAME_WIDTH, DAY_WIDTH] = [48, 26]
/** Weeks whose names do not stand on one another; a month is named when it begins. */
const names = computed(() => {
  let taken = -Infinity
  let month = ''
  return scale.value.weeks.flatMap((week) => {
    const [x, full] = [scale.value.x(week), shortDay(week)]
    const own = full.replace(/\d+/, '').trim()
    const text = own === month ? dayNumber(week) : full
    if (x < taken || x > end.value - NAME_WIDTH) return []
    taken = x + (own === month ? DAY_WIDTH : NAME_WIDTH)
    month = own
    return [{ week, x, text }]
  })
})
const detail = ({ recipe }: Row): string => wordsFor(recipe).programme(recipe)
const spoken = (row: Row): string =>
  t('practice.stair.spoken', {
    title: formatMessage(row.title),
    required: bpmOf(row.required, row.recipe),
    clean: bpmOf(row.cleanTempo, row.recipe),
    practiceState: { code: 'practice-state', params: { practiceState: row.practiceState } },
  })

/** A study's planned work is taken hold of where it begins, and put into another week. */
const drag = ref<{ study: number; x: number } | null>(null)
const weekAt = (x: number): number => {
  const { from, to } = scale.value
  const span = end.value - FRAME.left
  return weekOf(Math.round(from + ((x - FRAME.left) / span) * (to - from)))
}
function grip(study: number, event: PointerEvent): void {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drag.value = { study, x: stairs.value[study]!.begins! }
}
function move(event: PointerEvent): void {
  if (!drag.value) return
  const left = paper.value!.getBoundingClientRect().left
  drag.value = { ...drag.value, x: Math.min(end.value, Math.max(now.value, event.clientX - left)) }
}
function drop(): void {
  if (!drag.value) return
  const { study, x } = drag.value
  drag.value = null
  if (Math.abs(x - stairs.value[study]!.begins!) > 4) emit('pin', study, weekAt(x))
}
</script>

<template>
  <div ref="paper" class="relative border border-rule bg-sheet" :style="{ height: `${height}px` }">
    <svg :width="width" :height="height" class="absolute inset-0" aria-hidden="true">
      <g v-for="{ week, x, text } in names" :key="week">
        <text :x="x + 4" y="20" font-size="12" fill="var(--color-soft)">{{ text }}</text>
      </g>
      <path v-for="week in scale.weeks" :key="week" :d="barLine(scale.x(week))" stroke="var(--color-rule)" />
      <g v-for="(row, at) in view.rows" :key="row.id" :transform="`translate(0 ${FRAME.head + at * FRAME.row})`">
        <line :x1="14" :x2="end" :y1="FRAME.row" :y2="FRAME.row" stroke="var(--color-rule)" opacity="0.6" />
        <path
          :d="`M${FRAME.left} ${stairs[at]!.aim}H${end}`"
          stroke="var(--color-soft)"
          stroke-width="1.3"
          stroke-dasharray="1 4"
          stroke-linecap="round"
        />
        <path :d="stairs[at]!.planned" fill="none" stroke="var(--color-soft)" stroke-dasharray="4 3" />
        <path :d="stairs[at]!.played" fill="none" stroke="var(--color-ink)" stroke-width="1.8" />
        <TestDisc v-for="mark in stairs[at]!.marks" :key="mark.day" v-bind="mark" />
      </g>
      <line :x1="now" :x2="now" y1="8" :y2="height - FRAME.foot + 4" stroke="var(--color-missing)" stroke-width="1.5" />
      <text :x="now + 4" :y="height - 7" font-size="13" class="aside" fill="var(--color-missing)">
        {{ t('practice.stair.today') }}
      </text>
      <template v-if="view.exam !== null">
        <path :d="barLine(end - 6)" stroke="var(--color-ink)" stroke-width="1.3" />
        <path :d="barLine(end)" stroke="var(--color-ink)" stroke-width="4" />
      </template>
      <g
        v-for="{ study, stair } in movable"
        :key="study"
        class="handle"
        :transform="`translate(${drag?.study === study ? drag.x : stair.begins!} ${FRAME.head + study * FRAME.row + stair.beginsAt})`"
        @pointerdown.prevent="grip(study, $event)"
        @pointermove="move"
        @pointerup="drop"
      >
        <title>{{ t('practice.stair.drag') }}</title>
        <rect x="-8" y="-12" width="16" height="24" fill="transparent" />
        <path d="M-2 -6V6M2 -6V6" stroke="var(--color-soft)" stroke-width="1.6" />
      </g>
      <text
        v-if="drag"
        :x="drag.x + 8"
        :y="FRAME.head + drag.study * FRAME.row + 44"
        font-size="12"
        fill="var(--color-ink)"
      >
        {{ longDay(weekAt(drag.x)) }}
      </text>
    </svg>
    <ol class="absolute left-0 m-0" :style="{ top: `${FRAME.head}px` }" :aria-label="t('practice.stair.studies')">
      <li v-for="row in view.rows" :key="row.id" :style="{ height: `${FRAME.row}px` }">
        <button
          type="button"
          class="study block w-[230px] py-[5px] pl-4 text-left"
          :class="{ chosen: chosen === row.study }"
          :aria-label="spoken(row)"
          :aria-expanded="chosen === row.study"
          @click="emit('choose', row.study)"
        >
          <span class="block truncate font-serif text-[15px] leading-[22px] font-semibold">{{
            formatMessage(materialName(row.recipe))
          }}</span>
          <span class="quiet block truncate text-[12px] leading-[16px]"
            >{{ detail(row) }} · ♩ = {{ bpmOf(row.required, row.recipe) }}</span
          >
        </button>
      </li>
    </ol>
    <ul
      class="absolute m-0"
      :style="{ top: `${FRAME.head}px`, left: `${end + 10}px` }"
      :aria-label="t('practice.stair.states')"
    >
      <li v-for="row in view.rows" :key="row.id" class="flex items-center" :style="{ height: `${FRAME.row}px` }">
        <PlayedMark :of="row.practiceState" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.handle {
  cursor: ew-resize;
  touch-action: none;
}
.handle:hover path {
  stroke: var(--color-ink);
  stroke-width: 2.4px;
}
.study:hover,
.study.chosen {
  background: var(--color-page);
}
.study.chosen {
  box-shadow: inset 3px 0 0 var(--color-ink);
}
</style>
