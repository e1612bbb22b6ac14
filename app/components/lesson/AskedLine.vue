<script setup lang="ts">
import { ref } from 'vue'
import type { LessonItem } from '#core/lesson'
import type { Entry, Outcome, Where } from '#core/practice'
import type { LessonRow } from '#shared/lessonView'
import OutcomeButtons from '~/components/practice/OutcomeButtons.vue'
import TempoStep from '~/components/practice/TempoStep.vue'
import { bpmOf, notesOf } from '~/components/practice/tempo'
import { formatMessage, t } from '~/composables/words'
import { detailWords, placeWords, stageWords, titleWords } from './lines'
import { dragged } from './dragging'

/** One thing that the lesson asks, and how it went. */
const props = defineProps<{
  item: LessonItem
  row: LessonRow
  /** What tells it apart from others of the lesson. */
  apart: string
  told: Entry | null
  here: boolean
  busy: boolean
}>()
const emit = defineEmits<{ recorded: [outcome: Outcome, tempo: number, where?: Where] }>()

const bpm = ref(bpmOf(props.told?.tempo ?? props.item.tempo, props.row.recipe))
const buttons = ref<InstanceType<typeof OutcomeButtons>>()
const line = ref<HTMLElement>()
const recorded = (outcome: Outcome, where?: Where): void =>
  emit('recorded', outcome, notesOf(bpm.value, props.row.recipe), where)

/** @param atOnce a foot does not look for the note */
async function press(outcome: Outcome, atOnce: boolean): Promise<void> {
  if (atOnce) recorded(outcome)
  else await buttons.value?.press(outcome)
}
const show = (): void => line.value?.scrollIntoView({ block: 'nearest' })
defineExpose({ press, show })
</script>

<template>
  <li ref="line" class="border-b border-rule py-[9px] pl-2" :class="{ here }">
    <p class="flex flex-wrap items-baseline gap-x-2">
      <span
        class="cursor-grab font-serif text-[16.5px] font-semibold"
        draggable="true"
        @dragstart="dragged($event, row)"
        >{{ titleWords(row.recipe) }}</span
      >
      <span class="quiet text-[13px]">{{
        item.stage
          ? [apart, stageWords({ ...item, study: row.recipe })].filter(Boolean).join(' · ')
          : detailWords(row.recipe)
      }}</span>
      <span class="leader max-sm:hidden" aria-hidden="true"></span>
      <span class="font-serif text-[14.5px] whitespace-nowrap max-sm:ml-auto">{{
        t('lesson.tempo', { bpm: bpmOf(item.tempo, row.recipe) })
      }}</span>
    </p>
    <div class="flex items-baseline justify-between gap-2">
      <p class="aside quiet text-[13.5px]">
        {{ t('lesson.because', { because: item.because }) }}{{ item.where ? `, ${placeWords(item.where)}` : '' }}
      </p>
      <TempoStep v-model="bpm" small :label="t('practice.tempo.of', { title: formatMessage(row.title) })" />
    </div>
    <OutcomeButtons
      ref="buttons"
      class="mt-[4px]"
      :title="formatMessage(row.title)"
      :recipe="row.recipe"
      :busy="busy"
      :told="told?.outcome ?? null"
      inline
      @recorded="recorded"
    />
    <p v-if="told?.where" class="aside mt-1 text-[13.5px] text-missing">{{ placeWords(told.where) }}</p>
  </li>
</template>

<style scoped>
.here {
  box-shadow: inset 3px 0 0 var(--color-ink);
}
</style>
