<script setup lang="ts">
import { computed, ref } from 'vue'
import { familyOf, type Place } from '#core/instrument'
import type { WeekLine } from '#core/lesson'
import { WEEKDAYS, type Weekday } from '#core/practice'
import WordPanel from '~/components/frame/WordPanel.vue'
import { shortOfWeek } from '~/components/practice/dates'
import TempoStep from '~/components/practice/TempoStep.vue'
import { bpmOf, notesOf } from '~/components/practice/tempo'
import { t } from '~/composables/words'
import { atStage, stagesOf, titleWords } from './lines'

/** A line of the week, changed where it stands: step, place, tempo, minutes, days, and what the teacher says of it. */
const props = defineProps<{ line: WeekLine; words: string; first: boolean; last: boolean }>()
const emit = defineEmits<{ change: [line: WeekLine]; remove: []; move: [by: number] }>()

const stages = computed(() => stagesOf(props.line.study))
const note = ref(props.line.note)
const tempo = (bpm: number): void => {
  const reach = notesOf(bpm, props.line.study)
  emit('change', { ...props.line, reach, tempo: Math.min(props.line.tempo, reach) })
}
const place = (value: string): void =>
  emit('change', { ...props.line, where: value ? { place: value as Place } : null })
function toggle(day: Weekday): void {
  const { days } = props.line
  const next = days.includes(day) ? days.filter((each) => each !== day) : [...days, day]
  emit('change', { ...props.line, days: WEEKDAYS.filter((each) => next.includes(each)) })
}
const placeNow = computed(() => (props.line.where && 'place' in props.line.where ? props.line.where.place : ''))
const minutes = (value: number): void => {
  if (value >= 1 && value <= 120) emit('change', { ...props.line, minutes: Math.round(value) })
}
</script>

<template>
  <WordPanel :words="words" :label="t('lesson.line.edit', { title: titleWords(line.study), words })">
    <div class="grid w-[300px] gap-3 p-4 text-[14px]">
      <label>
        {{ t('lesson.line.step') }}
        <select
          class="field mt-1 block w-full"
          :value="line.stage ?? ''"
          @change="emit('change', atStage(line, ($event.target as HTMLSelectElement).value))"
        >
          <option v-if="line.stage === null" value=""></option>
          <option v-for="stage in stages" :key="stage.value" :value="stage.value">{{ stage.words }}</option>
        </select>
      </label>
      <label>
        {{ t('lesson.line.place') }}
        <select
          class="field mt-1 block w-full"
          :value="placeNow"
          @change="place(($event.target as HTMLSelectElement).value)"
        >
          <option value="">{{ t('lesson.line.whole') }}</option>
          <option v-for="each in familyOf(line.study).places" :key="each" :value="each">
            {{ t('practice.place', { place: each }) }}
          </option>
        </select>
      </label>
      <div class="flex flex-wrap items-center gap-3">
        <TempoStep
          :model-value="bpmOf(line.reach, line.study)"
          :label="t('practice.tempo.of', { title: titleWords(line.study) })"
          small
          @update:model-value="tempo"
        />
        <label>
          <input
            class="field w-[56px]"
            inputmode="numeric"
            :value="line.minutes"
            @change="minutes(Number(($event.target as HTMLInputElement).value))"
          />
          {{ t('lesson.line.minutes') }}
        </label>
      </div>
      <p role="group" :aria-label="t('lesson.line.days')" class="flex flex-wrap gap-1">
        <button
          v-for="(day, at) in WEEKDAYS"
          :key="day"
          type="button"
          class="plain-button day"
          :aria-pressed="line.days.includes(day)"
          @click="toggle(day)"
        >
          {{ shortOfWeek(at) }}
        </button>
      </p>
      <form @submit.prevent="emit('change', { ...line, note: note.trim() })">
        <label>
          {{ t('lesson.line.note') }}
          <input
            v-model="note"
            class="field mt-1 block w-full"
            maxlength="200"
            @change="emit('change', { ...line, note: note.trim() })"
          />
        </label>
      </form>
      <p class="flex flex-wrap gap-4">
        <button type="button" class="text-button" :disabled="first" @click="emit('move', -1)">
          {{ t('lesson.line.up') }}
        </button>
        <button type="button" class="text-button" :disabled="last" @click="emit('move', 1)">
          {{ t('lesson.line.down') }}
        </button>
        <button type="button" class="text-button ml-auto" @click="emit('remove')">{{ t('lesson.line.delete') }}</button>
      </p>
    </div>
  </WordPanel>
</template>

<style scoped>
.day {
  min-width: 0;
  padding-inline: 6px;
  font-size: 12.5px;
}
.day[aria-pressed='true'] {
  background: var(--color-ink);
  color: var(--color-page);
}
</style>
