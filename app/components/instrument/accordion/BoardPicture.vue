<script setup lang="ts">
import { computed } from 'vue'
import { boardSize, isChordRow } from '#core/surface'
import { useShowing } from '~/stores/showing'
import type { Place } from '~/stores/desk'
import { type AccordionStudy, type BoardButton, boardMapOf } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/**
 * The bass board as the hand behind it finds it, columns to the chin on the right; or as one looks at it, the chin above.
 * Beside the stair it stands by itself, with the columns about those that are played.
 */
const props = defineProps<{
  study: AccordionStudy
  width: number
  step: number | null
  range?: readonly [number, number] | null
  facing: boolean
  beside?: boolean
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()

const showing = useShowing()
const LABELS = { wide: 92, beside: 32 }
const map = computed(() => {
  const { width, step, facing, beside } = props
  const own = { labels: beside ? LABELS.beside : LABELS.wide, around: beside ? 1 : null }
  const chords = showing.shown.chordNames ? 'names' : 'signs'
  return boardMapOf(props.study, { width, step, facing, chords, ...own })
})
const isMarked = ({ mark }: BoardButton): boolean =>
  props.range != null && mark !== null && mark.step >= props.range[0] && mark.step <= props.range[1]
const select = ({ mark }: BoardButton, extend: boolean): void => {
  if (mark) emit('select', { hand: 'left', index: mark.index }, extend)
}
</script>

<template>
  <svg
    role="img"
    class="instrument board block"
    :class="{ facing }"
    :aria-label="
      t(beside ? 'accordion.board.beside' : 'accordion.board', {
        bass: boardSize(study.recipe.accordion),
        what: formatMessage(study.title),
      })
    "
    :width="map.width"
    :height="map.height"
    :viewBox="`0 0 ${map.width} ${map.height}`"
    @pointerleave="emit('point', null)"
  >
    <text v-for="{ row, x, y } in map.rows" :key="row" v-bind="{ x, y }" class="row" :class="{ short: facing }">
      {{ facing || beside ? t('accordion.row.short', { row }) : t('accordion.row', { row }) }}
    </text>
    <text v-if="!facing && !beside" :x="map.width - 12" y="20" class="chin">{{ t('accordion.to-the-chin') }}</text>
    <path :d="map.path" class="path" />
    <g
      v-for="button in map.buttons"
      :key="button.key"
      :class="['button', { played: button.mark, here: button.mark?.here, chord: isChordRow(button.row) }]"
      @click="select(button, $event.shiftKey)"
      @pointerenter="emit('point', button.mark?.step ?? null)"
    >
      <circle :cx="button.x" :cy="button.y" :r="map.radius" />
      <circle v-if="button.dimpled" :cx="button.x" :cy="button.y" :r="map.radius + 2.6" class="ring" />
      <template v-if="button.mark">
        <text :x="button.x" :y="button.y + 4" class="finger">{{ button.mark.finger }}</text>
        <text v-if="!facing" :x="button.x" :y="button.y - map.radius - 2.5" class="name above">
          {{ button.called }}
        </text>
      </template>
      <text v-else :x="button.x" :y="button.y + 3.2" class="name" :class="{ faint: button.row !== 'fundamental' }">
        {{ button.name }}
      </text>
      <path v-if="isMarked(button)" :d="`M${button.x - 6} ${button.y + map.radius + 3} h12`" class="marked" />
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
  font-size: 9px;
  fill: var(--color-ink);
}
.name.faint {
  font-size: 8px;
  fill: var(--color-soft);
}
.name.above {
  font-size: 8.5px;
  font-weight: 600;
  fill: var(--color-lh);
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
