<script setup lang="ts">
import { NuxtLink } from '#components'
import { dateOf, dayOf } from '#core/practice'
import type { DayLesson } from '#shared/api'
import WordPanel from '~/components/frame/WordPanel.vue'
import { longDay } from '~/components/practice/dates'
import { t } from '~/composables/words'

/** Lessons of a day in the order of their times. Each opens by one press; what becomes of it is said beside it. */
defineProps<{ lessons: readonly DayLesson[]; busy: boolean; day: number }>()
const emit = defineEmits<{
  write: [lesson: DayLesson, some: Partial<DayLesson>]
  swap: [one: DayLesson, other: DayLesson]
}>()
const ended = (lesson: DayLesson): boolean => lesson.status === 'missed' || lesson.status === 'moved'
function move(lesson: DayLesson, event: Event, close: () => void): void {
  const movedTo = String(new FormData(event.target as HTMLFormElement).get('date') ?? '')
  if (!movedTo) return
  emit('write', lesson, { status: 'moved', movedTo })
  close()
}
</script>

<template>
  <ol :aria-label="t('today.title')" class="border-t border-ink">
    <li
      v-for="(lesson, at) in lessons"
      :key="lesson.pupilId"
      class="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-rule py-3"
    >
      <span class="w-[58px] font-serif text-[19px]" :class="{ 'quiet line-through': ended(lesson) }">{{
        lesson.time
      }}</span>
      <NuxtLink
        class="font-serif text-[19px] font-semibold hover:underline"
        :class="{ 'quiet font-normal!': ended(lesson) }"
        :to="`/pupils/${lesson.pupilId}/lesson`"
        >{{ lesson.name }}</NuxtLink
      >
      <span class="quiet text-[14px]">{{
        t('today.what', { make: lesson.instrument, minutes: lesson.minutes, extra: lesson.regular ? 'no' : 'yes' })
      }}</span>
      <span class="leader max-sm:hidden" aria-hidden="true"></span>
      <span
        v-if="lesson.status !== 'planned'"
        class="aside text-[14px]"
        :class="{ 'text-met': lesson.status === 'given' }"
        >{{
          t('today.status', {
            status: lesson.status,
            day: lesson.movedTo ? longDay(dayOf(lesson.movedTo)!) : '',
          })
        }}</span
      >
      <WordPanel
        v-slot="{ close }"
        :words="t('today.change')"
        :label="t('today.change.of', { name: lesson.name })"
        look="aside"
        placement="bottom-end"
      >
        <div class="grid w-[280px] gap-3 p-4 text-[14px]">
          <p class="flex flex-wrap gap-2">
            <button
              v-for="status in ['given', 'missed', 'planned'] as const"
              :key="status"
              type="button"
              class="plain-button"
              :aria-pressed="lesson.status === status"
              :disabled="busy"
              @click="(emit('write', lesson, { status, movedTo: null }), close())"
            >
              {{ t('lesson.status.name', { status }) }}
            </button>
          </p>
          <label>
            {{ t('lesson.time') }}
            <input
              class="field mt-1 block"
              type="time"
              :value="lesson.time"
              @change="emit('write', lesson, { time: ($event.target as HTMLInputElement).value })"
            />
          </label>
          <form class="flex items-end gap-2" @submit.prevent="move(lesson, $event, close)">
            <label>
              {{ t('lesson.move') }}
              <input class="field mt-1 block" name="date" type="date" :min="dateOf(day - 60)" required />
            </label>
            <button type="submit" class="plain-button" :disabled="busy">{{ t('lesson.move.do') }}</button>
          </form>
          <button
            v-if="lessons[at + 1]"
            type="button"
            class="text-button justify-self-start"
            :disabled="busy"
            @click="(emit('swap', lesson, lessons[at + 1]!), close())"
          >
            {{ t('today.swap', { name: lessons[at + 1]!.name }) }}
          </button>
        </div>
      </WordPanel>
    </li>
    <li v-if="lessons.length === 0" class="quiet aside py-3">{{ t('today.none') }}</li>
  </ol>
</template>
