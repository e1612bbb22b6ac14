<script setup lang="ts">
import { computed } from 'vue'
import { laidDown } from '#core/realise'
import type { Recipe, RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { errorMessage } from '#words'
import { formatMessage, t } from '~/composables/words'

/** The line as it goes, drawn at once: a dot for each note, one hand over the other. Why there is none, where there is none. */
const props = defineProps<{ recipe: Recipe }>()

const [WIDTH, HEIGHT, PAD] = [1010, 64, 5]
/** As many notes are drawn: beyond them dots are no line any more. */
const MOST = 260

const laid = computed(() => {
  try {
    return { lines: laidDown(props.recipe as RecipeInput).lines, fault: '' }
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { lines: [], fault: formatMessage(errorMessage(error)) }
  }
})
const shown = computed(() =>
  laid.value.lines.map(({ hand, notes }) => ({ hand, notes: notes.filter(({ step }) => step < MOST) })),
)
const bounds = computed(() => {
  const all = shown.value.flatMap(({ notes }) => notes)
  return {
    low: Math.min(...all.map(({ midi }) => midi)),
    high: Math.max(...all.map(({ midi }) => midi)),
    steps: Math.max(2, ...all.map(({ step }) => step)),
  }
})
const dots = computed(() => {
  const { low, high, steps } = bounds.value
  return shown.value.flatMap(({ hand, notes }) =>
    notes.map(({ midi, step, link }, at) => ({
      key: `${hand} ${at}`,
      hand,
      link,
      x: PAD + ((WIDTH - 2 * PAD) * step) / steps,
      y: HEIGHT - PAD - ((HEIGHT - 2 * PAD) * (midi - low)) / Math.max(1, high - low),
    })),
  )
})
const more = computed(() => laid.value.lines.some(({ notes }) => notes.some(({ step }) => step >= MOST)))
</script>

<template>
  <p v-if="laid.fault" class="max-w-[640px] px-[14px] py-2 text-[14px] text-missing" role="status">{{ laid.fault }}</p>
  <svg
    v-else
    class="sketch"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="t('desk.shape-it.sketch', { notes: laid.lines[0]?.notes.length ?? 0 })"
  >
    <circle
      v-for="dot in dots"
      :key="dot.key"
      :cx="dot.x"
      :cy="dot.y"
      :r="dot.link ? 2.6 : 1.7"
      :class="[dot.hand, { link: dot.link }]"
    />
    <text v-if="more" :x="WIDTH - 10" :y="HEIGHT / 2" text-anchor="end" class="more">…</text>
  </svg>
</template>

<style scoped>
.sketch {
  display: block;
  width: 100%;
  height: 64px;
}
.right {
  fill: var(--color-rh);
}
.left {
  fill: var(--color-lh);
}
.link {
  fill: none;
  stroke: var(--color-ink);
}
.more {
  fill: var(--color-soft);
  font-size: 20px;
}
</style>
