<script setup lang="ts">
import { computed } from 'vue'
import type { System } from '~/engraving'
import type { Shown } from '~/stores/showing'
import { type AccordionStudy, bellowsIn, bellowsPath, registerSymbol } from '#pictures'
import { t } from '~/composables/words'

/** Which way the bellows go over one system: solid while they open, broken while they close, a sign at each turn. */
const props = defineProps<{ study: AccordionStudy; system: System; top: number; shown: Shown }>()
const LINE = 15
const ways = computed(() => (props.shown.bellows ? bellowsIn(props.study, props.system) : []))
/** Which reeds sound, where the score begins. */
const register = computed(() =>
  props.system.first && props.study.hands.right ? registerSymbol(props.study.registers) : null,
)
const AT = 16
const registerName = computed(() => t('accordion.register.name', { registers: props.study.registers.join('_') }))
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
    <g
      v-if="register"
      class="register"
      role="img"
      :aria-label="registerName"
      :transform="`translate(${AT} ${LINE - 2})`"
    >
      <title>{{ registerName }}</title>
      <circle :r="register.radius" />
      <path v-for="line in register.lines" :key="line" :d="line" />
      <circle v-for="dot in register.dots" :key="dot.y" :cy="dot.y" r="1.9" class="dot" />
    </g>
    <g v-for="way in ways" :key="way.from">
      <path :d="bellowsPath(way, LINE)" class="way" :class="way.direction" />
      <path v-if="way.turns" :d="`M${way.end - 7} ${LINE - 5} l7 5 l-7 5`" class="tip" />
      <template v-if="way.begins">
        <path
          :d="shown.bowSigns ? BOW[way.direction] : ARROWS[way.direction]"
          :class="shown.bowSigns ? 'bow' : 'arrows'"
          :transform="`translate(${way.x} ${LINE})`"
        />
        <text v-if="way.words" :x="way.x + 12" :y="LINE - 5">{{
          way.shakes ? t('accordion.way.shake') : t('accordion.way', { direction: way.direction })
        }}</text>
      </template>
    </g>
  </g>
</template>

<style scoped>
.register circle,
.register path {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 1.1;
}
.register .dot {
  fill: var(--color-ink);
  stroke: none;
}
.way,
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
  stroke: var(--color-sheet);
  stroke-width: 4;
  paint-order: stroke;
}
</style>
