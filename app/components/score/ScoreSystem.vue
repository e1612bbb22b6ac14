<script setup lang="ts">
import { familyOf } from '#core/instrument'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { materialMessage } from '#core/material'
import type { Naming } from '#core/pitch'
import { inkOf, lineFor, marksOf, pinnedNotes, playersIn, type RealisedStudy, underlinedIn } from '#core/realise'
import { type Engraved, drawSystem, engravingReady, type FingerSpot, namesIn, type System } from '~/engraving'
import { fingerLabel } from '~/components/score/speak'
import StepMarks from './StepMarks.vue'
import { viewOf } from '~/components/instrument'
import { useShowing } from '~/stores/showing'
import type { Place } from '~/stores/desk'
import { t, formatMessage } from '~/composables/words'

const props = defineProps<{
  study: RealisedStudy
  system: System
  width: number
  /** Where the teacher is; absent on paper. */
  selected?: Place | null
  pointed?: number | null
  /** Letters of reasons by `hand index`. */
  letters?: ReadonlyMap<string, string>
  interactive?: boolean
  /** Notes that differ from what they are compared with, by `hand index`. */
  changed?: ReadonlySet<string>
  /** How notes are named under the staves; absent: not at all. */
  names?: Naming | null
  /** Steps that are marked out, first and last. */
  range?: readonly [number, number] | null
  /** The step that sounds now. */
  sounding?: number | null
}>()
const emit = defineEmits<{
  select: [place: Place, extend: boolean]
  point: [step: number | null]
  key: [event: KeyboardEvent]
}>()

const host = ref<HTMLDivElement>()
const drawn = shallowRef<{ ink: string; picture: Engraved } | null>(null)

async function draw(): Promise<void> {
  await engravingReady()
  if (!host.value) return
  drawn.value = {
    ink: ink.value,
    picture: drawSystem(host.value, props.study, props.system, props.width, shown.value),
  }
}
/** Words over the system: sections that begin in it, and how the first is swung. */
const heads = computed(() => {
  const { sections = [], recipe } = props.study
  const { from, to, first, columns } = props.system
  const begun = sections
    .filter((section) => section.from >= from && section.from < to)
    .map((section) => ({ x: columns[section.from - from]! - 6, words: formatMessage(section.words) }))
    .filter(({ words }) => words)
  const roll = familyOf(recipe).rollOf(props.study)
  const parts = [
    recipe.rhythm.swing === 50 ? '' : t('score.score-system.swing', { swing: recipe.rhythm.swing }),
    roll && sections.length === 0 ? t('score.score-system.strokes-per-beat', { roll }) : '',
  ].filter(Boolean)
  const over = first && parts.length > 0 ? [{ x: props.system.left, words: parts.join(', ') }] : []
  return [...over, ...begun]
})
const showing = useShowing()
/** What stands over the notes of this instrument alone. */
const over = computed(() => viewOf(props.study).over(props.study, showing.shown))
const under = computed(() => viewOf(props.study).under(props.study))
const shown = computed(() => ({
  letters: props.letters !== undefined,
  names: Boolean(props.names),
  head: heads.value.length > 0,
  over: over.value ? over.value.height : 0,
  under: under.value ? under.value.height : 0,
}))
const stepWords = (semitones: number): string => formatMessage(materialMessage('neighbour.step', { semitones }))
const nameOf = computed(() => namesIn(props.study, props.names!, stepWords))

/** What the ink depends on; fingers do not, so pinning one redraws no note. */
const ink = computed(() => {
  const { keySignature, rhythm, recipe, sections } = props.study
  const { from, to } = props.system
  const lines = playersIn(props.study).map((player) => lineFor(props.study, player))
  const pitches = lines.map((part) => [
    part.pitches,
    part.notes.map(({ step, holds, rings, label, chord, solo }) => [...[step, holds, rings, label, chord, solo]]),
  ])
  const rolls = [familyOf(recipe).rollOf(props.study), sections]
  return JSON.stringify([keySignature, rhythm, pitches, rolls, from, to, props.width, shown.value])
})
onMounted(draw)
watch(ink, draw)
/** Nothing is laid over notes that are not these notes' own. */
const engraved = computed(() => (drawn.value?.ink === ink.value ? drawn.value.picture : null))

const pinned = computed(() => new Set(pinnedNotes(props.study).map(({ hand, index }) => `${hand} ${index}`)))
const keyOf = (place: Place): string => `${place.hand} ${place.index}`
const isSelected = (place: Place): boolean =>
  props.selected?.hand === place.hand && props.selected.index === place.index
const marks = computed(() => new Map(playersIn(props.study).map((player) => [player, marksOf(props.study, player)])))
/** Notes that are found in another row than is usual, such as counterbasses. */
const underlined = computed(
  () => new Set(playersIn(props.study).flatMap((hand) => underlinedIn(props.study, hand).map((at) => `${hand} ${at}`))),
)
const finger = (spot: FingerSpot): string => marks.value.get(spot.hand)![spot.index]!
/** Whose ink a mark has: the hand's, or that of the hand that holds the stick. */
const inkFor = ({ hand, index }: FingerSpot): 'right' | 'left' => inkOf(props.study, hand, index)
/** One finger at a time takes the tab key; arrows go on from there. */
const tabStop = (spot: FingerSpot): number => {
  const here = props.selected ? isSelected(spot) : props.system.first && spot === engraved.value?.fingers[0]
  return here ? 0 : -1
}
</script>

<template>
  <div class="relative" :style="{ width: `${width}px` }">
    <div ref="host" class="engraving" aria-hidden="true"></div>
    <div v-if="!drawn" class="waiting quiet aside h-[220px] pt-20 text-center">
      {{ t('score.score-system.engraving') }}
    </div>
    <svg
      v-else-if="engraved"
      class="absolute inset-0"
      :width="width"
      :height="engraved.height"
      :viewBox="`0 0 ${width} ${engraved.height}`"
      :role="interactive ? 'group' : 'img'"
      :aria-label="
        t('score.score-system.notes-to', { what: formatMessage(study.title), value: system.from + 1, to: system.to })
      "
      @pointerleave="emit('point', null)"
    >
      <StepMarks :system="system" :height="engraved.height" :pointed="pointed" :range="range" :sounding="sounding" />
      <component
        :is="over.picture"
        v-if="over"
        :study="study"
        :system="system"
        :top="heads.length > 0 ? 18 : 0"
        :shown="showing.shown"
      />
      <component
        :is="under.picture"
        v-if="under"
        :study="study"
        :system="system"
        :top="engraved.height - under.height"
      />
      <text v-for="(head, at) in heads" :key="`head${at}`" :x="head.x" y="13" class="head" aria-hidden="true">
        {{ head.words }}
      </text>
      <g class="lines" stroke-width="1.1" aria-hidden="true">
        <line :x1="system.left" :x2="system.left" :y1="engraved.top" :y2="engraved.bottom" />
        <line v-for="x in system.barLines" :key="x" :x1="x" :x2="x" :y1="engraved.top" :y2="engraved.bottom" />
        <template v-if="system.last">
          <line :x1="system.right - 7" :x2="system.right - 7" :y1="engraved.top" :y2="engraved.bottom" />
          <line
            :x1="system.right - 2"
            :x2="system.right - 2"
            :y1="engraved.top"
            :y2="engraved.bottom"
            stroke-width="4"
          />
        </template>
      </g>
      <g aria-hidden="true">
        <text v-for="(clef, at) in engraved.clefs" :key="`clef${at}`" :x="clef.x" :y="clef.y" class="clef">
          {{ clef.clef === 'treble' ? '\uE07A' : '\uE07C' }}
        </text>
        <text v-for="(sign, at) in engraved.signs" :key="`sign${at}`" :x="sign.x" :y="sign.y" class="sign">
          {{ showing.shown.chordNames ? sign.name : sign.text }}
        </text>
        <path
          v-for="(ring, at) in engraved.rings"
          :key="`ring${at}`"
          :d="`M${ring.x} ${ring.y} q8 5 16 0`"
          fill="none"
          class="lines"
        />
        <text v-for="(label, at) in engraved.labels" :key="`label${at}`" :x="label.x" :y="label.y" class="sign">
          {{ label.text }}
        </text>
        <g v-for="(line, at) in engraved.ottavas" :key="`ottava${at}`">
          <text :x="line.from" :y="line.y + 4" class="ottava">{{ line.label }}</text>
          <path
            :d="`M${line.from + 24} ${line.y} H${line.to} v${line.label === '8va' ? 7 : -7}`"
            fill="none"
            class="lines"
            stroke-dasharray="4 3"
          />
        </g>
      </g>
      <template v-for="spot in engraved.fingers" :key="keyOf(spot)">
        <g
          v-if="interactive"
          role="button"
          class="finger"
          :class="{ selected: isSelected(spot), pinned: pinned.has(keyOf(spot)) }"
          :data-finger="keyOf(spot)"
          :tabindex="tabStop(spot)"
          :aria-label="fingerLabel(study, spot)"
          :aria-pressed="isSelected(spot)"
          @mousedown.shift.prevent
          @click="emit('select', { hand: spot.hand, index: spot.index }, $event.shiftKey)"
          @focus="isSelected(spot) || emit('select', { hand: spot.hand, index: spot.index }, false)"
          @keydown="emit('key', $event)"
          @pointerenter="emit('point', spot.step)"
        >
          <rect class="hit" :x="spot.x - 12" :y="spot.y - 18" width="24" height="25" rx="3" />
          <text :x="spot.x" :y="spot.y" :class="inkFor(spot)">{{ finger(spot) }}</text>
          <path v-if="underlined.has(keyOf(spot))" class="beneath" :d="`M${spot.x - 4.5} ${spot.y + 2.4} h9`" />
          <path v-if="pinned.has(keyOf(spot))" class="pin" :d="`M${spot.x - 6} ${spot.y + 3.5} h12`" />
        </g>
        <template v-else>
          <rect
            v-if="changed?.has(keyOf(spot))"
            class="changed"
            :x="spot.x - 7.5"
            :y="spot.y - 12.5"
            width="15"
            height="16"
          />
          <text :x="spot.x" :y="spot.y" class="printed">{{ finger(spot) }}</text>
          <path v-if="underlined.has(keyOf(spot))" class="beneath" :d="`M${spot.x - 4.5} ${spot.y + 2.4} h9`" />
        </template>
        <text v-if="names && spot.nameY !== null" :x="spot.x" :y="spot.nameY" class="name" aria-hidden="true">
          {{ nameOf(spot) }}
        </text>
        <text v-if="letters?.has(keyOf(spot))" :x="spot.x" :y="spot.letterY" class="letter" aria-hidden="true">
          {{ letters.get(keyOf(spot)) }}
        </text>
      </template>
    </svg>
  </div>
</template>

<style scoped>
.lines {
  stroke: var(--color-ink);
}
.engraving :deep(svg) {
  display: block;
  pointer-events: none;
}
text {
  font-family: var(--font-serif);
  font-size: 14.5px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--color-ink);
}
@media (max-width: 639px) {
  .finger text {
    font-size: 17px;
  }
}
.finger {
  cursor: pointer;
  outline: none;
}
.hit {
  fill: transparent;
}
.finger:hover .hit {
  fill: var(--color-page);
}
.finger.selected .hit {
  fill: var(--color-ink);
}
.finger.selected text {
  fill: var(--color-sheet);
}
.finger:focus-visible .hit {
  stroke: var(--color-ink);
  stroke-width: 2px;
}
.finger.pinned text {
  fill: var(--color-missing);
}
.finger.pinned.selected text {
  fill: var(--color-sheet);
}
.changed {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.3px;
}
.pin {
  stroke: var(--color-missing);
  stroke-width: 2.2px;
}
.letter {
  font-style: italic;
  font-weight: 650;
  font-size: 14px;
}
.name {
  font-family: var(--font-sans);
  font-size: 11px;
  font-weight: 500;
  fill: var(--color-soft);
}
.head {
  font-style: italic;
  font-size: 13px;
  font-weight: 500;
  text-anchor: start;
  fill: var(--color-soft);
}
.clef {
  font-family: Bravura;
  font-size: 38px;
  font-weight: 400;
  text-anchor: start;
}
.sign {
  font-size: 12.5px;
  font-weight: 500;
}
.ottava {
  font-style: italic;
  font-size: 13px;
  text-anchor: start;
}
.beneath {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.2;
}
</style>
