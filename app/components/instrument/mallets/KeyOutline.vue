<script setup lang="ts">
import { joined } from '#core/message'
import { computed } from 'vue'
import { KINDS } from '#core/material'
import { pitchClass, printedName } from '#core/pitch'
import { materialFor } from '#core/realise'
import { type KeyShape, keyShapeOf } from '#core/sticking'
import { isFree } from '#core/study'
import type { StickStudy } from '#pictures'
import { t, formatMessage } from '~/composables/words'

/** The shape of a key on two rows, as a pupil can remember it: where it goes out, for one note or to stay. */
const props = defineProps<{ study: StickStudy }>()

const material = computed(() => {
  const { recipe } = props.study
  if (isFree(recipe.material) || KINDS[recipe.material.kind].texture !== 'run') return null
  return materialFor(recipe)
})
const shape = computed<KeyShape | null>(() => {
  if (!material.value) return null
  const { tonic, rising } = material.value
  return keyShapeOf(
    pitchClass(tonic),
    rising.up.map((each) => each.semitones),
  )
})
const names = computed(() => {
  const { up } = material.value!
  return up.map(printedName)
})
/** Pixels from degree to degree; long scales stand closer. */
const WIDEST_STEP = 27
const WIDEST = 250
const step = computed(() => Math.min(WIDEST_STEP, WIDEST / shape.value!.rows.length))
const HIGH = 17
const LOW = 49
/** The octave with the tonic again at its end. */
const points = computed(() =>
  [...shape.value!.rows, shape.value!.rows[0]!].map((row, at) => ({
    x: 14 + at * step.value,
    y: row === 'accidentals' ? HIGH : LOW,
    row,
  })),
)
const path = computed(() => points.value.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join(' '))
const listed = (words: readonly string[]): string => formatMessage(joined(words, 'and'))
const words = computed(() => {
  const { straight, rows, excursions } = shape.value!
  if (straight) return rows[0] === 'naturals' ? t('mallets.key-outline.naturals') : t('mallets.key-outline.accidentals')
  const of = (kind: 'out-and-back' | 'out-and-stay'): string[] =>
    excursions.filter((each) => each.kind === kind).map(({ degrees }) => degrees.map((at) => names.value[at]).join(' '))
  const [back, stay] = [of('out-and-back'), of('out-and-stay')]
  const parts = [
    back.length ? t('mallets.key-outline.out-and-back', { listed: listed(back) }) : '',
    stay.length ? t('mallets.key-outline.out', { listed: listed(stay) }) : '',
  ]
  const sentence = parts.filter(Boolean).join('; ')
  return `${sentence[0]!.toUpperCase()}${sentence.slice(1)}.`
})
const moves = computed(() => {
  const { rowMoves } = props.study.sticking
  if (rowMoves.length === 0) return t('mallets.key-outline.no-moves')
  const out = rowMoves.filter((move) => move.to === 'accidentals').length
  const all = rowMoves.map((move) => move.distance)
  const [least, most] = [Math.min(...all), Math.max(...all)]
  const far = least === most ? t('mallets.key-outline.mm', { least }) : t('mallets.key-outline.mm-to', { least, most })
  return t('mallets.key-outline.moves', {
    count: rowMoves.length,
    out,
    out2: rowMoves.length - out,
    far,
  })
})
</script>

<template>
  <figure v-if="shape" class="text-[13.5px] leading-[1.4]">
    <svg class="instrument" :width="28 + step * (points.length - 1)" height="68" role="img" :aria-label="words">
      <line x1="2" :x2="26 + step * (points.length - 1)" :y1="HIGH" :y2="HIGH" class="row" />
      <line x1="2" :x2="26 + step * (points.length - 1)" :y1="LOW" :y2="LOW" class="row" />
      <path :d="path" class="way" />
      <g v-for="(point, at) in points" :key="at">
        <circle :cx="point.x" :cy="point.y" r="4.5" :class="{ out: point.row === 'accidentals' }" class="dot" />
        <text :x="point.x" :y="point.row === 'accidentals' ? point.y - 7 : point.y + 17">
          {{ names[at % names.length] }}
        </text>
      </g>
    </svg>
    <figcaption>
      <span class="block">{{ words }}</span>
      <span class="quiet block">{{ moves }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.row {
  stroke: var(--color-rule);
  stroke-width: 1;
}
.way {
  fill: none;
  stroke: var(--color-ink);
  stroke-width: 2;
}
.dot {
  fill: var(--color-sheet);
  stroke: var(--color-ink);
  stroke-width: 1.6;
}
.dot.out {
  fill: var(--color-ink);
}
text {
  font-family: var(--font-serif);
  font-size: 12.5px;
  text-anchor: middle;
  fill: var(--color-ink);
}
</style>
