<script setup lang="ts">
import { CategoryScale, Chart, LinearScale, LineElement, PointElement, ScatterController, Tooltip } from 'chart.js'
import { nextTick, onBeforeUnmount, ref } from 'vue'
import type { ForecastsKept } from '#shared/api'
import { ask } from '~/composables/api'
import { t } from '~/composables/words'

/** How often what was said of quick tests came true in this studio: asked for when somebody wants to know. */
Chart.register(CategoryScale, LinearScale, LineElement, PointElement, ScatterController, Tooltip)

const kept = ref<ForecastsKept | null>(null)
const failed = ref(false)
const canvas = ref<HTMLCanvasElement>()
let chart: Chart | undefined

const hundred = (share: number): number => Math.round(share * 100)
const ink = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`)
/** A disc for each step of what was said, larger the more tests it rests on. */
const radiusOf = (count: number): number => Math.min(12, 3 + Math.sqrt(count))

function draw(): void {
  chart?.destroy()
  if (!canvas.value || !kept.value) return
  const { bins } = kept.value
  Chart.defaults.font.family = 'Hanken Grotesk Variable'
  Chart.defaults.color = ink('ink')
  const axis = (text: string) => ({
    ...{ min: 0, max: 100, ticks: { stepSize: 25 }, grid: { color: ink('rule') } },
    title: { display: true, text },
  })
  chart = new Chart(canvas.value, {
    type: 'scatter',
    data: {
      datasets: [
        {
          data: bins.map(({ said, came }) => ({ x: hundred(said), y: hundred(came) })),
          pointRadius: bins.map(({ count }) => radiusOf(count)),
          pointBackgroundColor: ink('met'),
          pointBorderColor: ink('met'),
          clip: false,
        },
        {
          // what was said is what came
          data: [
            { x: 0, y: 0 },
            { x: 100, y: 100 },
          ],
          ...{ showLine: true, pointRadius: 0, borderColor: ink('soft'), borderDash: [4, 4], borderWidth: 1 },
        },
      ],
    },
    options: {
      animation: false,
      maintainAspectRatio: false,
      plugins: { legend: { display: false }, tooltip: { enabled: false } },
      scales: { x: axis(t('practice.kept.said')), y: axis(t('practice.kept.came')) },
    },
  })
}

async function open(event: Event): Promise<void> {
  if (!(event.target as HTMLDetailsElement).open) return
  try {
    failed.value = false
    kept.value = await ask('GET /api/forecasts')
  } catch {
    failed.value = true
    return
  }
  await document.fonts.ready
  await nextTick()
  draw()
}
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <details class="mt-3 text-[13.5px]" @toggle="open">
    <summary class="text-button w-fit cursor-pointer">{{ t('practice.kept.title') }}</summary>
    <p v-if="failed" role="alert" class="mt-1 text-missing">{{ t('practice.kept.failed') }}</p>
    <template v-else-if="kept">
      <p class="quiet mt-1">{{ t('practice.kept.rests', { tests: kept.tests }) }}</p>
      <template v-if="kept.tests > 0">
        <div class="mt-2 h-[220px]">
          <canvas ref="canvas" role="img" :aria-label="t('practice.kept.title')"></canvas>
        </div>
        <ul class="mt-1">
          <li v-for="{ said, came, count } in kept.bins" :key="said">
            {{ t('practice.kept.line', { said: hundred(said), came: Math.round(came * count), count }) }}
          </li>
        </ul>
        <p class="quiet mt-1">{{ t('practice.kept.corrects') }}</p>
      </template>
    </template>
  </details>
</template>
