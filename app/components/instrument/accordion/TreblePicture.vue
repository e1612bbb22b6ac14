<script setup lang="ts">
import { computed } from 'vue'
import { allTrebleButtons, BUTTON_PITCH, buttonSpot, trebleKeys, trebleOf } from '#core/surface'
import type { Place } from '~/stores/desk'
import { buttonMarks, keyMarks } from './marks'
import type { AccordionStudy } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/**
 * The right hand's keyboard true to scale: as the hand finds it, low notes on the left; or as one looks at the instrument,
 * low notes by the chin.
 */
const props = defineProps<{
  study: AccordionStudy
  width: number
  step: number | null
  range?: readonly [number, number] | null
  facing: boolean
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

/** What of a key the fingers touch, mm; black keys are shorter. */
const KEY = { white: 74, black: 45 }
const RADIUS = 7.4
const PAD = 12
const SCALE = { hand: 1.15, keysFacing: 0.78, buttonsFacing: 1.15 }
const DISC = 8

const treble = computed(() => trebleOf(props.study.recipe.accordion.treble))
const keys = computed(() =>
  treble.value.plays === 'keys' ? trebleKeys(treble.value, props.study.recipe.accordion.keys) : [],
)
const buttons = computed(() => (treble.value.plays === 'buttons' ? allTrebleButtons(treble.value) : []))
const played = computed(() => props.study.hands.right?.midi ?? [])
/** Of a long keyboard only so much as is played, and an octave around it, as the hand finds it. */
const [low, high] = [computed(() => Math.min(...played.value) - 5), computed(() => Math.max(...played.value) + 5)]
const near = (midi: number): boolean => props.facing || (midi >= low.value && midi <= high.value)
const shownKeys = computed(() => keys.value.filter(({ midi }) => near(midi)))
const shownButtons = computed(() => buttons.value.filter(({ midi }) => near(midi)))

interface Box {
  readonly midi: number
  readonly row: number
  readonly place: number
  readonly along: number
  readonly across: number
  readonly black: boolean
  readonly size: number
}
const boxes = computed<Box[]>(() => [
  ...shownKeys.value.map(({ midi, black, x, width }) => ({
    midi,
    row: 0,
    place: 0,
    along: x,
    across: 0,
    black,
    size: width,
  })),
  ...shownButtons.value.map(({ midi, row, place }) => {
    const { x, y } = buttonSpot({ row, place })
    return { midi, row, place, along: x, across: y, black: false, size: 2 * RADIUS }
  }),
])
const first = computed(() => Math.min(...boxes.value.map(({ along, size }) => along - size / 2)))
const last = computed(() => Math.max(...boxes.value.map(({ along, size }) => along + size / 2)))
const deep = computed(() =>
  treble.value.plays === 'keys' ? KEY.white : (treble.value.rows - 1) * BUTTON_PITCH.across + 2 * RADIUS,
)
const scale = computed(() =>
  props.facing
    ? treble.value.plays === 'keys'
      ? SCALE.keysFacing
      : SCALE.buttonsFacing
    : Math.max(0, Math.min(SCALE.hand, (props.width - 2 * PAD) / (last.value - first.value))),
)
const disc = computed(() => (treble.value.plays === 'keys' ? DISC : Math.min(DISC, RADIUS * scale.value)))
const span = computed(() => (last.value - first.value) * scale.value)
const size = computed(() =>
  props.facing
    ? { width: 2 * PAD + deep.value * scale.value, height: 2 * PAD + span.value }
    : { width: props.width, height: 6 + deep.value * scale.value },
)
const left = computed(() => (props.facing ? PAD : (props.width - span.value) / 2))
/** Along the keyboard toward the high notes, and in from its edge, as pixels of the picture. */
function at(along: number, across: number): { x: number; y: number } {
  const on = (along - first.value) * scale.value
  const inward = across * scale.value
  return props.facing ? { x: PAD + inward, y: PAD + on } : { x: left.value + on, y: size.value.height - 3 - inward }
}
/** A key from the edge that the fingers touch inward; black keys begin farther in. */
function keyBox({ along, size: width, black }: Box) {
  const [from, to] = black ? [KEY.white - KEY.black, KEY.white] : [0, KEY.white]
  const [a, b] = [at(along - width / 2, from), at(along + width / 2, to)]
  return { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y), width: Math.abs(b.x - a.x), height: Math.abs(b.y - a.y) }
}
const BUTTON_EDGE = RADIUS
const spotOf = ({ along, across, black, row }: Box) =>
  row > 0 ? at(along, across + BUTTON_EDGE) : at(along, black ? KEY.white - KEY.black + 8 : 8)
const marks = computed(() => {
  const byKey = new Map(keyMarks(props.study, props.step).map((mark) => [`0 ${mark.spot}`, mark]))
  const byButton = new Map(buttonMarks(props.study, props.step).map((mark) => [mark.spot.join(' '), mark]))
  return boxes.value.flatMap((box) => {
    const mark = box.row > 0 ? byButton.get(`${box.row} ${box.place}`) : byKey.get(`0 ${box.midi}`)
    return mark ? [{ ...mark, spot: undefined, box, ...spotOf(box) }] : []
  })
})
const isMarked = ({ step }: { step: number }): boolean =>
  props.range != null && step >= props.range[0] && step <= props.range[1]
/** C is dark and F ringed on many keyboards of buttons: so that the eye finds a tonic. */
const isC = ({ midi }: Box): boolean => midi % 12 === 0
</script>

<template>
  <svg
    v-if="boxes.length > 0"
    role="img"
    class="block"
    :aria-label="t('accordion.treble', { what: formatMessage(study.title) })"
    :width="size.width"
    :height="size.height"
    :viewBox="`0 0 ${size.width} ${size.height}`"
    @pointerleave="emit('point', null)"
  >
    <template v-for="box in boxes" :key="`${box.midi} ${box.row}`">
      <template v-if="box.row > 0">
        <circle :cx="spotOf(box).x" :cy="spotOf(box).y" :r="RADIUS * scale" class="button" />
        <circle v-if="isC(box)" :cx="spotOf(box).x" :cy="spotOf(box).y" :r="2" class="tonic" />
      </template>
      <rect v-else-if="!box.black" v-bind="keyBox(box)" class="white" />
    </template>
    <template v-for="box in boxes" :key="`black ${box.midi}`">
      <rect v-if="box.row === 0 && box.black" v-bind="keyBox(box)" class="black" />
    </template>
    <g
      v-for="mark in marks"
      :key="mark.index"
      class="mark"
      @click="emit('select', { hand: 'right', index: mark.index }, $event.shiftKey)"
      @pointerenter="emit('point', mark.step)"
    >
      <circle :cx="mark.x" :cy="mark.y" :r="disc" :class="['disc', { now: mark.here, dark: mark.box.black }]" />
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
