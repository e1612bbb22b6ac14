<script setup lang="ts">
import { type FingerStudy, handsIn } from './study'
import { computed } from 'vue'
import type { Hand } from '#core/study'
import { isBlack, type Key, keyAt } from '#core/surface'
import type { Place } from '~/stores/desk'
import { t, tell } from '~/composables/words'

/** The keyboard true to scale, with each key's finger going up (or down, once the pointer is on the way down). */
const props = defineProps<{
  study: FingerStudy
  width: number
  step: number | null
  /** Notes of a stretch that is marked out, by first and last step. */
  range?: readonly [number, number] | null
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const MARGIN = 6
/** Whole octaves around what is played, so that the pattern of blacks can be read. */
const keys = computed(() => {
  const played = handsIn(props.study).flatMap((hand) => props.study.hands[hand]!.midi)
  const from = Math.max(21, 12 * Math.floor(Math.min(...played) / 12))
  const to = Math.min(108, 12 * Math.ceil((Math.max(...played) + 1) / 12) - 1)
  return Array.from({ length: to - from + 1 }, (_, at) => keyAt(from + at))
})
const left = computed(() => keys.value[0]!.x - keys.value[0]!.width / 2)
const span = computed(() => keys.value.at(-1)!.x + keys.value.at(-1)!.width / 2 - left.value)
const scale = computed(() => Math.min(0.8, (props.width - 2 * MARGIN) / span.value))
const offset = computed(() => (props.width - span.value * scale.value) / 2)
/** The far ends of the keys are left out; what the fingers touch is drawn to scale. */
const SHOWN = 92
const height = computed(() => SHOWN * scale.value)

const whites = computed(() => keys.value.filter((key) => !key.black))
const blacks = computed(() => keys.value.filter((key) => key.black))
const box = (key: Key) => ({
  x: offset.value + (key.x - key.width / 2 - left.value) * scale.value,
  width: key.width * scale.value,
  y: 0,
  height: (SHOWN - key.near) * scale.value,
})

interface Mark {
  readonly hand: Hand
  /** The note in the hand's line that the mark stands for. */
  readonly index: number
  readonly step: number
  readonly midi: number
  readonly finger: number
  readonly here: boolean
  readonly x: number
  readonly y: number
}

/** The last leg begun at or before the step: marks show the fingers of that leg. */
const marks = computed<Mark[]>(() => {
  const step = props.step ?? 0
  return handsIn(props.study).flatMap((hand) => {
    const part = props.study.hands[hand]!
    const at = part.notes.findLast((note) => note.step <= Math.max(1, step)) ?? part.notes[0]!
    const { leg } = at
    const byKey = new Map<number, number>()
    part.notes.forEach((note, index) => {
      if (note.leg === leg && !byKey.has(note.midi)) byKey.set(note.midi, index)
    })
    if (props.step !== null) {
      part.notes.forEach((note, index) => note.step === step && byKey.set(note.midi, index))
    }
    return [...byKey].map(([midi, index]): Mark => {
      const key = keyAt(midi)
      const low = (SHOWN - key.near) * scale.value - 5
      return {
        hand,
        index,
        step: part.notes[index]!.step,
        midi,
        finger: part.fingers[index]!,
        here: props.step !== null && part.notes[index]!.step === step,
        x: offset.value + (key.x - left.value) * scale.value,
        y: hand === 'right' && props.study.hands.left ? low - 14 : low,
      }
    })
  })
})
const isMarked = ({ step }: Mark): boolean => props.range != null && step >= props.range[0] && step <= props.range[1]
const summary = computed(() =>
  t('keys.piano-map.keyboard-from-to-with', {
    midi: keys.value[0]!.midi,
    midi2: keys.value.at(-1)!.midi,
    what: tell(props.study.title),
  }),
)
</script>

<template>
  <svg
    role="img"
    :aria-label="summary"
    :width="width"
    :height="height + 2"
    class="block"
    @pointerleave="emit('point', null)"
  >
    <rect v-for="key in whites" :key="key.midi" v-bind="box(key)" class="white" />
    <rect v-for="key in blacks" :key="key.midi" v-bind="box(key)" class="black" />
    <g
      v-for="mark in marks"
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
