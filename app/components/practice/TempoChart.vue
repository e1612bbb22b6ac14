<script setup lang="ts">
import { CategoryScale, Chart, Legend, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { weekOf } from '#core/practice'
import { t } from '~/composables/words'
import type { Row } from '~/practice'
import { shortDay } from './dates'
import { namesOf } from './names'

/** The tempo week by week, in hundredths of what is asked: a curve for each study, a few at a time. */
const props = defineProps<{ rows: readonly Row[] }>()
Chart.register(CategoryScale, LinearScale, LineController, LineElement, PointElement, Legend, Tooltip)

/** More curves than this are a thicket. */
const MAX = 6
const INKS = ['ink', 'met', 'rh', 'lh', 'missing', 'soft']
const DASHES = [[], [6, 3], [2, 3], [8, 3, 2, 3], [3, 3], [10, 4]]
const canvas = ref<HTMLCanvasElement>()
let chart: Chart | undefined
const ink = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`)

function draw(): void {
  chart?.destroy()
  if (!canvas.value) return
  const shown = props.rows.slice(0, MAX)
  const names = namesOf(shown.map(({ recipe }) => recipe))
  const all = shown.flatMap(({ steps }) => steps.map(({ day }) => weekOf(day)))
  const weeks: number[] = []
  for (let week = Math.min(...all); week <= Math.max(...all); week += 7) weeks.push(week)
  Chart.defaults.font.family = 'Hanken Grotesk Variable'
  Chart.defaults.color = ink('ink')
  chart = new Chart(canvas.value, {
    type: 'line',
    data: {
      labels: weeks.map(shortDay),
      datasets: shown.map((row, at) => ({
        label: names[at]!,
        data: weeks.map((week) => {
          const last = row.steps.findLast(({ day }) => weekOf(day) <= week)
          return last ? Math.round((100 * last.tempo) / row.required) : null
        }),
        borderColor: ink(INKS[at]!),
        borderDash: DASHES[at]!,
        borderWidth: 1.6,
        pointRadius: 2,
        stepped: true,
      })),
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { position: 'bottom', labels: { boxWidth: 26, boxHeight: 1 } } },
      scales: {
        y: { suggestedMin: 50, suggestedMax: 105, title: { display: true, text: t('practice.chart.of-asked') } },
      },
    },
  })
}
onMounted(() => document.fonts.ready.then(draw))
watch(() => props.rows, draw)
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure>
    <figcaption class="font-serif text-[17px] font-semibold">{{ t('practice.chart.title') }}</figcaption>
    <div class="h-[240px]"><canvas ref="canvas" role="img" :aria-label="t('practice.chart.title')"></canvas></div>
    <p v-if="rows.length > MAX" class="quiet text-[13px]">{{ t('practice.chart.few', { most: MAX }) }}</p>
  </figure>
</template>
