<script setup lang="ts">
import { computed } from 'vue'
import { hasChords } from '#core/study'
import { isBlack } from '#core/surface'
import type { System } from '~/engraving'
import StepMarks from '~/components/score/StepMarks.vue'
import type { Place } from '~/stores/desk'
import { clustered, type Disc, type FingerStudy, handsIn, stairOf } from '#pictures'
import { t, formatMessage } from '~/composables/words'

const props = defineProps<{
  study: FingerStudy
  system: System
  width: number
  height: number
  selected?: Place | null
  pointed?: number | null
  letters?: ReadonlyMap<string, string>
  /** Notes that differ from what they are compared with, by `hand index`. */
  changed?: ReadonlySet<string>
  /** Steps that are marked out, first and last. */
  range?: readonly [number, number] | null
  /** The step that sounds now. */
  sounding?: number | null
  /** No keyboard beside it, and no dark discs: where what is played has neither white nor black. */
  plain?: boolean
  /** What is left out for a pupil's eye; all is shown where nothing is said. */
  shown?: {
    readonly crossings: boolean
    readonly meetings: boolean
    readonly grips: boolean
    readonly clusters: boolean
  }
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const show = computed(() => props.shown ?? { crossings: true, meetings: true, grips: true, clusters: false })

const KEYS_WIDTH = 40
const picture = computed(() => {
  const whole = stairOf(props.study, props.system, props.height)
  return show.value.clusters ? clustered(whole) : whole
})
const keys = computed(() => {
  const { lowest, highest } = picture.value.scale
  const all = Array.from({ length: highest - lowest + 1 }, (_, at) => lowest + at)
  return { white: all.filter((midi) => !isBlack(midi)), black: all.filter(isBlack) }
})
const octaves = computed(() => keys.value.white.filter((midi) => midi % 12 === 0))
const octaveName = (midi: number): string => `C${midi / 12 - 1}`
const isSelected = (disc: Disc): boolean => props.selected?.hand === disc.hand && props.selected.index === disc.index
/** Chords leave no room for letters; they stand in the score. */
const chords = computed(() => handsIn(props.study).some((hand) => hasChords(props.study.hands[hand]!)))
const letterOf = (disc: Disc): string | undefined =>
  chords.value || show.value.clusters ? undefined : props.letters?.get(`${disc.hand} ${disc.index}`)
const summary = computed(() => {
  const hands = Object.entries(props.study.hands).map(([hand, part]) =>
    t('keys.stair-chart.hand-crossings', { hand, count: part.crossings.length }),
  )
  return t('keys.stair-chart.label', { what: formatMessage(props.study.title), what2: hands.join('; ') })
})
/** The keyboard ends a little above and below what is played. */
const edge = (midi: number) => ({
  y: picture.value.scale.y(midi) - picture.value.scale.thickness(midi) / 2,
  height: picture.value.scale.thickness(midi),
})
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
    <StepMarks :system="system" :height="height" :pointed="pointed" :range="range" :sounding="sounding" />
    <g class="keys">
      <template v-if="!plain">
        <rect v-for="midi in keys.white" :key="midi" x="6" :width="KEYS_WIDTH" v-bind="edge(midi)" class="white" />
        <rect v-for="midi in keys.black" :key="midi" x="6" :width="KEYS_WIDTH * 0.6" v-bind="edge(midi)" />
      </template>
      <g v-for="midi in octaves" :key="midi">
        <line
          :x1="KEYS_WIDTH + 12"
          :x2="system.right"
          :y1="edge(midi).y + edge(midi).height"
          :y2="edge(midi).y + edge(midi).height"
          class="octave"
        />
        <text :x="KEYS_WIDTH + (plain ? -8 : 9)" :y="picture.scale.y(midi) + 4" class="name">
          {{ octaveName(midi) }}
        </text>
      </g>
    </g>
    <rect
      v-for="(slab, at) in show.grips ? picture.slabs : []"
      :key="`slab${at}`"
      :x="slab.x - (slab.openLeft ? 6 : 0)"
      :y="slab.y"
      :width="slab.width + (slab.openLeft ? 6 : 0) + (slab.openRight ? 6 : 0)"
      :height="slab.height"
      rx="3"
      class="slab"
      :class="slab.hand"
    />
    <g
      v-for="(meeting, at) in show.meetings && !show.clusters ? picture.meetings : []"
      :key="`meeting${at}`"
      class="meeting"
    >
      <template v-if="meeting.kind === 'thumbs'">
        <line :x1="meeting.x" :x2="meeting.x" :y1="meeting.top" :y2="meeting.bottom" />
        <path
          :d="`M${meeting.x} ${(meeting.top + meeting.bottom) / 2 - 5.5} l5.5 5.5 l-5.5 5.5 l-5.5 -5.5 z`"
          class="diamond"
        />
      </template>
      <circle v-else :cx="meeting.x" :cy="(meeting.top + meeting.bottom) / 2" r="3.6" />
    </g>
    <path
      v-for="(hinge, at) in show.crossings && !show.clusters ? picture.hinges : []"
      :key="`hinge${at}`"
      :d="hinge.path"
      class="hinge"
      :class="[hinge.hand, hinge.kind]"
    />
    <g
      v-for="disc in picture.discs"
      :key="`${disc.hand} ${disc.index}`"
      class="disc"
      :class="[disc.hand, { black: disc.black && !plain, selected: isSelected(disc) }]"
      @click="emit('select', { hand: disc.hand, index: disc.index }, $event.shiftKey)"
      @pointerenter="emit('point', disc.step)"
    >
      <rect
        v-if="changed?.has(`${disc.hand} ${disc.index}`)"
        :x="disc.x - 11"
        :y="disc.y - 11"
        width="22"
        height="22"
        class="changed"
      />
      <circle v-if="isSelected(disc)" :cx="disc.x" :cy="disc.y" r="12" class="halo" />
      <circle :cx="disc.x" :cy="disc.y" r="8.3" />
      <text :x="disc.x" :y="disc.y + 4.2">{{ disc.finger }}</text>
      <text v-if="letterOf(disc)" :x="disc.letter.x" :y="disc.letter.y" class="letter">
        {{ letterOf(disc) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.keys rect {
  fill: var(--color-ink);
}
.keys rect.white {
  fill: var(--color-sheet);
  stroke: var(--color-rule);
}
.octave {
  stroke: var(--color-rule);
  stroke-width: 0.8;
}
.name {
  font-size: 11px;
  fill: var(--color-soft);
}
.slab.right {
  fill: var(--color-rh-wash);
  opacity: 0.75;
}
.slab.left {
  fill: var(--color-lh-wash);
  opacity: 0.7;
}
.hinge {
  fill: none;
  stroke-width: 2.4;
}
.hinge.right {
  stroke: var(--color-rh);
}
.hinge.left {
  stroke: var(--color-lh);
}
.over-thumb {
  stroke-dasharray: 2.5 3;
}
.meeting line,
.meeting circle {
  stroke: var(--color-met);
  stroke-width: 1.6;
  fill: none;
}
.meeting .diamond {
  fill: var(--color-met);
}
.disc {
  cursor: pointer;
}
.disc circle {
  fill: var(--color-sheet);
  stroke-width: 1.5;
}
.disc.right circle {
  stroke: var(--color-rh);
}
.disc.left circle {
  stroke: var(--color-lh);
}
.disc.black circle {
  fill: var(--color-ink);
  stroke: var(--color-ink);
}
.disc .halo,
.disc.black .halo {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 2;
}
.disc .changed {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.4;
}
.disc text {
  font-family: var(--font-serif);
  font-size: 12px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--color-ink);
}
.disc.black text {
  fill: var(--color-sheet);
}
.disc .letter,
.disc.black .letter {
  fill: var(--color-ink);
  font-style: italic;
  font-size: 14px;
}
</style>
