<script setup lang="ts">
import { computed } from 'vue'
import type { System } from '~/engraving'
import type { Shown } from '~/stores/showing'
import { type AccordionStudy, bellowsIn } from '#pictures'
import { t } from '~/composables/words'

/** Which way the bellows go over one system: solid while they open, broken while they close, a sign at each turn. */
const props = defineProps<{ study: AccordionStudy; system: System; top: number; shown: Shown }>()
const LINE = 15
const ways = computed(() => bellowsIn(props.study, props.system))
/** A bracket is open above, as a down-bow; closing is a V, as an up-bow. */
const BOW = { opening: 'M-5 5 v-9 h10 v9', closing: 'M-5 -4 l5 9 l5 -9' } as const
/** Arrows part while the bellows open, and meet while they close. */
const ARROWS = {
  opening: 'M-1.5 -4 v8 l-6 -4 z M1.5 -4 v8 l6 -4 z',
  closing: 'M-7.5 -4 v8 l6 -4 z M7.5 -4 v8 l-6 -4 z',
} as const
</script>

<template>
  <g
    class="bellows"
    role="img"
    :aria-label="t('accordion.bellows.over', { count: ways.length })"
    :transform="`translate(0 ${top})`"
  >
    <g v-for="way in ways" :key="way.from">
      <line :x1="way.x" :x2="way.end" :y1="LINE" :y2="LINE" :class="way.direction" />
      <path v-if="way.turns" :d="`M${way.end - 7} ${LINE - 5} l7 5 l-7 5`" class="tip" />
      <template v-if="way.begins">
        <path
          :d="shown.bowSigns ? BOW[way.direction] : ARROWS[way.direction]"
          :class="shown.bowSigns ? 'bow' : 'arrows'"
          :transform="`translate(${way.x} ${LINE})`"
        />
        <text v-if="way.words" :x="way.x + 12" :y="LINE - 5">{{
          t('accordion.way', { direction: way.direction })
        }}</text>
      </template>
    </g>
  </g>
</template>

<style scoped>
line,
.tip,
.bow {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.4;
}
.closing {
  stroke-dasharray: 5 3.5;
}
.arrows {
  fill: var(--color-ink);
  stroke: var(--color-sheet);
  stroke-width: 3;
  paint-order: stroke;
}
.bow {
  stroke-width: 1.8;
  paint-order: stroke;
}
text {
  font-family: var(--font-serif);
  font-size: 12.5px;
  font-style: italic;
  fill: var(--color-soft);
}
</style>
