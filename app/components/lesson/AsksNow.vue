<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { LessonItem } from '#core/lesson'
import { currentEntries, dateOf, isAbout, type Outcome, type Where } from '#core/practice'
import type { LessonView } from '#shared/lessonView'
import AskedLine from './AskedLine.vue'
import { apartOf } from '~/components/practice/names'
import { useLesson } from '~/stores/lesson'
import { t } from '~/composables/words'

/** What this lesson asks, one press an outcome: what went wrong, what is due, what was set, what is new. */
const props = defineProps<{ view: LessonView }>()
const lesson = useLesson()

/** More than these are shown when that is asked. */
const FEW = 6
const all = ref(false)
const shown = computed(() => (all.value ? props.view.items : props.view.items.slice(0, FEW)))
/** What tells each apart that is asked, in their order. */
const apart = computed(() =>
  apartOf(
    props.view.items.map(({ study }) => props.view.rows[study]!.recipe),
    props.view.rows.map(({ recipe }) => recipe),
  ),
)
const day = computed(() => dateOf(lesson.day))
const entries = computed(() =>
  currentEntries(lesson.record).filter(({ date, kind }) => date === day.value && kind !== 'home'),
)
const told = (item: LessonItem) =>
  entries.value.findLast((entry) => isAbout(props.view.rows[item.study]!.recipe, entry)) ?? null

/** The one that keys and pedal tell of: the first that nothing was told of, or the one that was chosen. */
const chosen = ref<number | null>(null)
const here = computed(() => {
  if (chosen.value !== null && chosen.value < shown.value.length) return chosen.value
  const open = shown.value.findIndex((item) => !told(item))
  return open < 0 ? 0 : open
})
const lines = ref<InstanceType<typeof AskedLine>[]>([])

async function record(item: LessonItem, outcome: Outcome, tempo: number, where?: Where): Promise<void> {
  const row = props.view.rows[item.study]!
  const before = told(item)
  await lesson.tell([
    {
      row,
      entry: {
        ...{ kind: item.test ? 'cold-test' : 'lesson', outcome, tempo, hands: item.hands, octaves: item.octaves },
        ...{ minutes: 2 },
        ...(item.stage && !item.test ? { stage: item.stage } : {}),
        ...(where ? { where } : {}),
        ...(before ? { corrects: before.id } : {}),
      },
    },
  ])
  chosen.value = null
}

/** By key or pedal: the outcome of the one that is next. */
function press(outcome: Outcome, atOnce = false): void {
  void lines.value[here.value]?.press(outcome, atOnce)
}
async function move(by: number): Promise<void> {
  chosen.value = Math.min(shown.value.length - 1, Math.max(0, here.value + by))
  await nextTick()
  lines.value[chosen.value]?.show()
}
defineExpose({ press, move })
</script>

<template>
  <section :aria-label="t('lesson.asks')">
    <h2 class="flex items-baseline justify-between border-b border-rule pb-[6px] text-[20px]">
      {{ t('lesson.asks') }}
      <span class="quiet font-sans text-[13px] font-normal">{{ t('lesson.asks.from-memory') }}</span>
    </h2>
    <p v-if="view.items.length === 0" class="quiet aside py-3">{{ t('lesson.asks.none') }}</p>
    <ul>
      <AskedLine
        v-for="(item, at) in shown"
        :key="`${view.rows[item.study]!.id ?? at} ${item.study} ${item.because}`"
        ref="lines"
        :item="item"
        :row="view.rows[item.study]!"
        :apart="apart[at]!"
        :told="told(item)"
        :here="at === here"
        :busy="lesson.busy"
        @recorded="(outcome, tempo, where) => record(item, outcome, tempo, where)"
      />
    </ul>
    <button
      v-if="view.items.length > FEW"
      type="button"
      class="text-button mt-2 text-[14px]"
      :aria-expanded="all"
      @click="all = !all"
    >
      {{ all ? t('lesson.asks.fewer') : t('lesson.asks.more', { count: view.items.length - FEW }) }}
    </button>
  </section>
</template>
