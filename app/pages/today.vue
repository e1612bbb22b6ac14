<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import { dateOf, dayOf } from '#core/practice'
import type { DayLesson, Progress, Pupil } from '#shared/api'
import DayLessons from '~/components/lesson/DayLessons.vue'
import ExtraLesson from '~/components/lesson/ExtraLesson.vue'
import Timetable from '~/components/lesson/Timetable.vue'
import { wholeDay } from '~/components/practice/dates'
import TodayList from '~/components/practice/TodayList.vue'
import { ask } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { working } from '~/composables/working'
import { localToday } from '~/composables/today'
import { t } from '~/composables/words'

/** A day's lessons in order, one press to each; beside them what is due, and who falls behind. */
useHead({ title: t('today.page') })
const { busy, error, guarded } = working()
const lessons = shallowRef<readonly DayLesson[] | null>(null)
const pupils = shallowRef<readonly Pupil[]>([])
const progress = shallowRef<readonly Progress[] | null>(null)
const [EARLIER, LATER] = ['←', '→']
const now = (): number => dayOf(localToday())!
const day = ref(now())
const isToday = computed(() => day.value === now())

const read = (): Promise<void> =>
  guarded(async () => {
    ;[lessons.value, pupils.value] = await Promise.all([
      ask('GET /api/lessons', { date: dateOf(day.value) }),
      ask('GET /api/pupils'),
    ])
  })
/** Plans take their time: the lessons are there before them. */
const plan = (): Promise<void> =>
  guarded(async () => {
    progress.value = await ask('GET /api/progress')
  })
onMounted(async () => {
  await read()
  await plan()
})
watch(day, read)
onBack(read)

/** What was done last, and how it is undone. */
const done = shallowRef<DayLesson | null>(null)
const write = (lesson: DayLesson, some: Partial<DayLesson>): Promise<void> =>
  guarded(async () => {
    const { pupilId, status, time, minutes, note, movedTo, version } = lesson
    const body = { date: dateOf(day.value), status, time, minutes, note, movedTo, version, ...some }
    const saved = await ask('PUT /api/pupils/:id/lesson', { id: pupilId }, body)
    done.value = { ...lesson, version: saved.version }
    lessons.value = await ask('GET /api/lessons', { date: dateOf(day.value) })
  })
async function undo(): Promise<void> {
  const before = done.value
  if (before) await write(before, {})
  done.value = null
}
/** Two lessons of a day change places. */
const swap = (one: DayLesson, other: DayLesson): Promise<void> =>
  guarded(async () => {
    for (const [lesson, time] of [
      [one, other.time],
      [other, one.time],
    ] as const) {
      const { pupilId, status, minutes, note, movedTo, version } = lesson
      await ask(
        'PUT /api/pupils/:id/lesson',
        { id: pupilId },
        { date: dateOf(day.value), status, time, minutes, note, movedTo, version },
      )
    }
    done.value = null
    lessons.value = await ask('GET /api/lessons', { date: dateOf(day.value) })
  })
const active = computed(() => pupils.value.filter(({ archived }) => !archived))
const free = computed(() => {
  const taken = new Set(lessons.value?.map(({ pupilId }) => pupilId))
  return active.value.filter(({ id }) => !taken.has(id))
})
</script>

<template>
  <div class="pt-[22px]">
    <div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <h1 class="text-[26px]">{{ isToday ? t('today.title') : t('today.other') }}</h1>
      <p class="flex items-baseline gap-3 text-[15px]">
        <button type="button" class="text-button" :aria-label="t('today.before')" @click="day--">{{ EARLIER }}</button>
        <span class="font-serif text-[17px]">{{ wholeDay(day) }}</span>
        <button type="button" class="text-button" :aria-label="t('today.after')" @click="day++">{{ LATER }}</button>
        <button v-if="!isToday" type="button" class="text-button text-[14px]" @click="day = now()">
          {{ t('today.back') }}
        </button>
      </p>
    </div>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p v-if="done" role="status" class="mt-2 text-[14.5px]">
      {{ t('today.done', { name: done.name }) }}
      <button type="button" class="text-button ml-2" :disabled="busy" @click="undo">{{ t('lesson.undo') }}</button>
    </p>
    <p v-if="!lessons && !error" class="waiting quiet aside py-20">{{ t('today.fetching') }}</p>
    <div
      v-if="lessons"
      class="mt-4 grid grid-cols-1 items-start gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]"
    >
      <div>
        <p v-if="pupils.length === 0" class="max-w-[560px] border border-rule bg-sheet p-6">
          {{ t('today.no-pupils') }}
          <NuxtLink class="text-button" to="/pupils">{{ t('today.add-pupil') }}</NuxtLink>
        </p>
        <DayLessons v-else :lessons="lessons" :busy="busy" :day="day" @write="write" @swap="swap" />
        <ExtraLesson v-if="free.length > 0" class="mt-4" :pupils="free" :day="day" :busy="busy" @added="read" />
      </div>
      <TodayList v-if="progress && progress.length > 0" :progress="progress" :pupils="pupils" />
    </div>
    <Timetable v-if="active.length > 0" class="mt-10" :pupils="active" :day="day" @choose="day = $event" />
  </div>
</template>
