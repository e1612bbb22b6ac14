<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRoute } from '#imports'
import type { Outcome } from '#core/practice'
import type { DayLesson, Pupil } from '#shared/api'
import AsksNow from '~/components/lesson/AsksNow.vue'
import LessonClock from '~/components/lesson/LessonClock.vue'
import LessonRecordLine from '~/components/lesson/LessonRecordLine.vue'
import LessonTitle from '~/components/lesson/LessonTitle.vue'
import SinceLast from '~/components/lesson/SinceLast.vue'
import HomePagePanel from '~/components/people/HomePagePanel.vue'
import RecordDay from '~/components/practice/RecordDay.vue'
import WeekSet from '~/components/lesson/WeekSet.vue'
import { ask } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { useShortcuts } from '~/composables/shortcuts'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'
import { useShowing } from '~/stores/showing'

/** A lesson with one pupil: what came of the last one, what this one asks, what is set for the week. */
const route = useRoute()
const lesson = useLesson()
const showing = useShowing()
const { error, guarded } = working()
const pupils = shallowRef<readonly Pupil[]>([])
const today = shallowRef<readonly DayLesson[]>([])
const id = computed(() => String(route.params.id))
const set = computed(() => (typeof route.query.set === 'string' ? route.query.set : undefined))
useHead({ title: () => t('practice.lesson.page', { name: lesson.file?.pupil.name ?? '' }) })

async function load(): Promise<void> {
  await lesson.open(id.value, set.value)
  await guarded(async () => {
    ;[pupils.value, today.value] = await Promise.all([ask('GET /api/pupils'), ask('GET /api/lessons')])
  })
}
onMounted(load)
watch([id, set], load)
onBack(() => (lesson.view ? undefined : load()))

const view = computed(() => lesson.view)
const others = computed(() => pupils.value.filter(({ archived }) => !archived))
/** Who comes after this one. */
const next = computed(() => {
  const at = today.value.findIndex(({ pupilId }) => pupilId === id.value)
  return today.value.slice(at + 1).find(({ status }) => status === 'planned') ?? null
})
const asks = ref<InstanceType<typeof AsksNow>>()
const KEYS: Readonly<Record<string, Outcome>> = { '1': 'right', '2': 'hesitated', '3': 'wrong' }
useShortcuts(
  () => [
    ...Object.entries(KEYS).map(([key, outcome]) => ({
      ...{ key, words: t('practice.outcome', { outcome }) },
      does: () => asks.value?.press(outcome),
    })),
    { key: 'ArrowDown', words: t('lesson.keys.next'), does: () => void asks.value?.move(1) },
    { key: 'ArrowUp', words: t('lesson.keys.previous'), does: () => void asks.value?.move(-1) },
    { key: '/', words: t('lesson.keys.type'), does: () => document.getElementById('lesson-line')?.focus() },
    { key: 'z', ctrl: true as const, words: t('lesson.undo'), does: () => void lesson.undoLast() },
  ],
  () => showing.shown.singleKeys,
)
/** A pedal sends Page Down and Page Up. */
const PEDAL: Readonly<Record<string, Outcome>> = { PageDown: 'right', PageUp: 'wrong' }
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const outcome = PEDAL[event.key]
  if (!outcome || (event.target as HTMLElement).closest('input, textarea, select, .where')) return
  event.preventDefault()
  asks.value?.press(outcome, true)
})
const start = (): void => {
  if (view.value?.lesson?.status !== 'given') void lesson.setLesson({ status: 'given' })
}
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="error || lesson.error" role="alert" class="mb-2 text-missing">{{ error || lesson.error }}</p>
    <p v-if="!view && !error && !lesson.error" class="waiting quiet aside py-40 text-center">
      {{ t('practice.fetching') }}
    </p>
    <template v-if="view && lesson.file">
      <div class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-2">
        <LessonTitle :key="lesson.file.pupil.id" :view="view" :file="lesson.file" :pupils="others" />
        <LessonClock :key="lesson.file.pupil.id" :minutes="view.lesson?.minutes ?? 30" @started="start" />
      </div>
      <p class="mt-1 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[13.5px]">
        <NuxtLink
          class="text-button"
          :to="`/pupils/${lesson.file.pupil.id}${lesson.file.practice ? `?set=${lesson.file.practice.set.id}` : ''}`"
          >{{ t('lesson.to-record') }}</NuxtLink
        >
        <HomePagePanel :key="lesson.file.pupil.id" :pupil="lesson.file.pupil" />
        <NuxtLink v-if="next" class="text-button" :to="`/pupils/${next.pupilId}/lesson`">{{
          t('lesson.to-next', { name: next.name, time: next.time })
        }}</NuxtLink>
      </p>
      <div
        class="mt-4 grid grid-cols-1 items-start gap-x-7 gap-y-8 lg:grid-cols-[minmax(0,352fr)_minmax(0,490fr)_minmax(0,330fr)]"
      >
        <SinceLast class="max-lg:order-2" :view="view" />
        <div class="max-lg:order-1">
          <AsksNow ref="asks" :view="view" />
          <LessonRecordLine class="mt-3" :rows="view.rows" :today="view.today" />
          <RecordDay id="lesson-day" v-model="lesson.day" class="mt-2" :today="view.today" />
          <p class="quiet mt-2 text-[12.5px]">{{ t('lesson.keys') }}</p>
        </div>
        <WeekSet class="max-lg:order-3" :view="view" />
      </div>
      <p class="quiet mt-6 border-t border-rule pt-2 text-[12.5px]">
        {{ t('practice.today.rest') }} {{ t('practice.caution') }}
      </p>
    </template>
  </div>
</template>
