<script setup lang="ts">
import { computed } from 'vue'
import { markedStretch, type System } from '~/engraving'

/** What is pointed at, marked out and sounding in one system of score or stair. */
const props = defineProps<{
  system: System
  height: number
  pointed?: number | null
  /** Steps that are marked out, first and last. */
  range?: readonly [number, number] | null
  /** The step that sounds now. */
  sounding?: number | null
}>()

const HALF = 11
const columnOf = (step: number | null | undefined): number | null =>
  step == null ? null : (props.system.columns[step - props.system.from] ?? null)
const pointed = computed(() => columnOf(props.pointed))
const sounding = computed(() => columnOf(props.sounding))
const marked = computed(() => markedStretch(props.system, props.range ?? null))
</script>

<template>
  <g>
    <rect v-if="pointed !== null" :x="pointed - HALF" y="0" :width="2 * HALF" :height="height" class="pointed" />
    <rect v-if="marked" v-bind="marked" y="1" :height="height - 2" class="range" />
    <rect v-if="sounding !== null" :x="sounding - HALF" y="0" :width="2 * HALF" :height="height" class="sounding" />
  </g>
</template>

<style scoped>
.pointed {
  fill: var(--color-ink);
  opacity: 0.06;
}
</style>
