<script setup lang="ts">
import { computed } from 'vue'
import { boardOf, boardSpot, type BassButton, buttonName, buttonsOn } from '#core/surface'
import type { Place } from '~/stores/desk'
import { boardMarks, type MapMark, nameOf } from './marks'
import type { NamedButton } from '#core/buttons'
import type { AccordionStudy } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/** The bass board as the hand behind it finds it, columns to the chin on the right; or as one looks at it, the chin above. */
const props = defineProps<{
  study: AccordionStudy
  width: number
  step: number | null
  range?: readonly [number, number] | null
  facing: boolean
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const LABELS = 92
const PAD = 12
const GAP = { column: 38, row: 22 } as const
const FACING = { column: 17.5, row: 27 } as const

const board = computed(() => boardOf(props.study.recipe.accordion.bass, props.study.recipe.accordion.rows))
const buttons = computed(() => buttonsOn(board.value))
const spots = computed(() => buttons.value.map((button) => boardSpot(button)))
const least = computed(() => Math.min(...spots.value.map(({ along }) => along)))
const most = computed(() => Math.max(...spots.value.map(({ along }) => along)))
const rows = computed(() => board.value.rows)
const column = computed(() =>
  props.facing
    ? FACING.column
    : Math.max(0, Math.min(GAP.column, (props.width - LABELS - 2 * PAD) / (most.value - least.value + 1))),
)
const radius = computed(() => Math.min(8.6, column.value * 0.44))
/** Rows lie as they come on this board; one that is spared leaves no gap. */
const rowAt = (button: BassButton): number => rows.value.indexOf(button.row)
function spotOf(button: BassButton): { x: number; y: number } {
  const along = boardSpot(button).along
  return props.facing
    ? { x: PAD + 10 + rowAt(button) * FACING.row, y: PAD + 24 + (most.value - along) * column.value }
    : { x: LABELS + PAD + (along - least.value) * column.value, y: PAD + 4 + rowAt(button) * GAP.row }
}
const height = computed(() =>
  props.facing
    ? 2 * PAD + 30 + (most.value - least.value) * column.value
    : 2 * PAD + 6 + (rows.value.length - 1) * GAP.row,
)
const wide = computed(() => (props.facing ? 2 * PAD + 20 + rows.value.length * FACING.row : props.width))
const marks = computed(() => boardMarks(props.study, props.step))
const played = computed(() => new Map(marks.value.map((mark) => [nameOf(mark.spot), mark])))
const isMarked = ({ step }: MapMark<NamedButton>): boolean =>
  props.range != null && step >= props.range[0] && step <= props.range[1]
/** The way of the hand from button to button, in the order in which they come. */
const path = computed(() =>
  [...marks.value]
    .sort((a, b) => a.index - b.index)
    .map(({ spot }, at) => `${at === 0 ? 'M' : 'L'}${spotOf(spot).x} ${spotOf(spot).y}`)
    .join(' '),
)
const named = (button: BassButton): boolean => button.row === 'fundamental'
/** The dimpled button, by which the hand finds its way without looking. */
const dimpled = ({ row, column: at }: BassButton): boolean => row === 'fundamental' && at === 0
</script>

<template>
  <svg
    role="img"
    class="instrument board block"
    :class="{ facing }"
    :aria-label="t('accordion.board', { bass: study.recipe.accordion.bass, what: formatMessage(study.title) })"
    :width="wide"
    :height="height"
    :viewBox="`0 0 ${wide} ${height}`"
    @pointerleave="emit('point', null)"
  >
    <template v-for="row in rows" :key="row">
      <text v-if="!facing" :x="LABELS - 4" :y="PAD + 8 + rows.indexOf(row) * GAP.row" class="row">
        {{ t('accordion.row', { row }) }}
      </text>
      <text v-else :x="PAD + 10 + rows.indexOf(row) * FACING.row" :y="PAD + 4" class="row short">
        {{ t('accordion.row.short', { row }) }}
      </text>
    </template>
    <text v-if="!facing" :x="wide - PAD" :y="PAD + 8" class="chin">{{ t('accordion.to-the-chin') }}</text>
    <path :d="path" class="path" />
    <g
      v-for="button in buttons"
      :key="nameOf(button)"
      :class="['button', { played: played.has(nameOf(button)), here: played.get(nameOf(button))?.here }]"
      @click="
        played.has(nameOf(button)) &&
        emit('select', { hand: 'left', index: played.get(nameOf(button))!.index }, $event.shiftKey)
      "
      @pointerenter="emit('point', played.get(nameOf(button))?.step ?? null)"
    >
      <circle :cx="spotOf(button).x" :cy="spotOf(button).y" :r="radius" />
      <circle v-if="dimpled(button)" :cx="spotOf(button).x" :cy="spotOf(button).y" :r="radius + 2.6" class="ring" />
      <text v-if="played.has(nameOf(button))" :x="spotOf(button).x" :y="spotOf(button).y + 4" class="finger">
        {{ played.get(nameOf(button))!.finger }}
      </text>
      <text v-else-if="named(button)" :x="spotOf(button).x" :y="spotOf(button).y + 3.4" class="name">
        {{ buttonName(button).replace('##', '𝄪').replace('#', '♯').replace(/b/g, '♭') }}
      </text>
      <path
        v-if="played.has(nameOf(button)) && isMarked(played.get(nameOf(button))!)"
        :d="`M${spotOf(button).x - 6} ${spotOf(button).y + radius + 3} h12`"
        class="marked"
      />
    </g>
  </svg>
</template>

<style scoped>
.button circle {
  fill: var(--color-sheet);
  stroke: var(--color-soft);
  stroke-width: 1;
}
.button .ring {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1;
}
.played {
  cursor: pointer;
}
.played circle:first-child {
  fill: var(--color-lh);
  stroke: var(--color-lh);
}
.here circle:first-child {
  fill: var(--color-ink);
  stroke: var(--color-ink);
}
.path {
  fill: none;
  stroke: var(--color-lh);
  stroke-width: 1.2;
  stroke-dasharray: 3 3;
}
.marked {
  stroke: var(--color-lh);
  stroke-width: 2;
}
text {
  text-anchor: middle;
}
.name {
  font-family: var(--font-sans);
  font-size: 9.5px;
  fill: var(--color-ink);
}
.finger {
  font-family: var(--font-serif);
  font-size: 11.5px;
  font-weight: 650;
  fill: var(--color-sheet);
}
.row {
  font-size: 11.5px;
  text-anchor: end;
  fill: var(--color-soft);
}
.row.short {
  text-anchor: middle;
}
.chin {
  font-family: var(--font-serif);
  font-size: 12px;
  font-style: italic;
  text-anchor: end;
  fill: var(--color-soft);
}
</style>
