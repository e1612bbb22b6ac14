<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js'
import type { Message } from '#core/message'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Coverage } from '#core/syllabus'
import type { SetReport } from '#shared/api'
import { t, formatItems } from '~/composables/words'

/** Coverage by grade and board, and holes by type, as bars; the figures stand in the page as well. */
const props = defineProps<{ coverage: Coverage; placements: SetReport['placements'] }>()
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip, Legend)

const byGrade = ref<HTMLCanvasElement>()
const byType = ref<HTMLCanvasElement>()
const charts: Chart[] = []

/** Inks are the page's own tokens; boards are told apart by their pattern as well. */
const ink = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim()
function hatched(colour: string): CanvasPattern | string {
  const tile = document.createElement('canvas')
  tile.width = tile.height = 6
  const pen = tile.getContext('2d')
  if (!pen) return colour
  pen.strokeStyle = colour
  pen.lineWidth = 2
  pen.beginPath()
  for (const from of [-6, 0, 6]) {
    pen.moveTo(from, 6)
    pen.lineTo(from + 6, 0)
  }
  pen.stroke()
  return pen.createPattern(tile, 'repeat') ?? colour
}

const longest = computed(() =>
  props.placements.reduce<readonly string[]>((best, { placement }) => {
    const titles = placement.grades.map(({ title }) => title.replace(/^(Grade|Award) /, ''))
    return titles.length > best.length ? titles : best
  }, []),
)
const shares = computed(() =>
  props.placements.map(({ title, placement }) => ({
    label: title,
    data: placement.grades.map(({ covered, required }) => Math.floor((100 * covered) / Math.max(1, required))),
  })),
)
/** A type in two lines: what, and how. */
function linesOf(words: Message): string[] {
  const [what, ...how] = formatItems(words)
  return [what!, how.join(', ')]
}
const holes = computed(() => props.coverage.rows.filter((row) => row.holes > 0))

function draw(): void {
  for (const chart of charts.splice(0)) chart.destroy()
  const plain = { animation: false as const, maintainAspectRatio: false, devicePixelRatio: 2 }
  const font = { family: getComputedStyle(document.body).fontFamily, size: 12 }
  Chart.defaults.font = { ...Chart.defaults.font, ...font }
  Chart.defaults.color = ink('ink')
  const fills = [ink('met'), hatched(ink('lh')), ink('rh'), hatched(ink('soft'))]
  charts.push(
    new Chart(byGrade.value!, {
      type: 'bar',
      data: {
        labels: [...longest.value],
        datasets: shares.value.map((each, at) => ({ ...each, backgroundColor: fills[at % fills.length]! })),
      },
      options: {
        ...plain,
        scales: {
          y: { min: 0, max: 100, title: { display: true, text: t('sets.coverage-charts.axis') } },
          x: { grid: { display: false } },
        },
      },
    }),
    new Chart(byType.value!, {
      type: 'bar',
      data: {
        labels: holes.value.map((row) => linesOf(row.words)),
        datasets: [
          {
            label: t('sets.coverage-charts.holes'),
            data: holes.value.map((row) => row.holes),
            backgroundColor: ink('missing'),
          },
        ],
      },
      options: {
        ...plain,
        indexAxis: 'y',
        plugins: { legend: { display: false } },
        scales: { x: { ticks: { precision: 0 } }, y: { grid: { display: false } } },
      },
    }),
  )
}
onMounted(() => document.fonts.ready.then(draw))
watch(() => [props.coverage, props.placements], draw)
onBeforeUnmount(() => charts.forEach((chart) => chart.destroy()))

const spoken = computed(() =>
  props.placements
    .map(
      ({ title, placement }) =>
        `${title}: ${placement.grades.map(({ title: grade, covered, required }) => t('sets.coverage-charts.spoken', { grade, covered, required })).join(', ')}`,
    )
    .join('. '),
)
</script>

<template>
  <div class="grid gap-8 sm:grid-cols-2 [&>figure]:min-w-0">
    <figure>
      <figcaption class="font-serif text-[17px] font-semibold">
        {{ t('sets.coverage-charts.by-grade') }}
      </figcaption>
      <div class="h-[230px]"><canvas ref="byGrade" role="img" :aria-label="spoken"></canvas></div>
    </figure>
    <figure v-show="holes.length > 0">
      <figcaption class="font-serif text-[17px] font-semibold">
        {{ t('sets.coverage-charts.holes-heading') }}
      </figcaption>
      <div class="h-[230px]">
        <canvas ref="byType" role="img" :aria-label="t('sets.coverage-charts.holes-label')"></canvas>
      </div>
    </figure>
  </div>
</template>
