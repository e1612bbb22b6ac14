<script setup lang="ts">
import { computed } from 'vue'
import type { Box, WeekLine } from '#core/lesson'
import type { Outcome } from '#core/practice'
import type { LessonView } from '#shared/lessonView'
import { boxEntry } from '~/components/practice/boxes'
import { shortDay, weekdayName } from '~/components/practice/dates'
import { namesOf } from '~/components/practice/names'
import WeekBoxes from '~/components/practice/WeekBoxes.vue'
import { t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'

/** What was set last time, and what came of it; where nothing was set, what was played since. */
const props = defineProps<{ view: LessonView }>()
const lesson = useLesson()

const heading = computed(() =>
  props.view.since ? t('lesson.since.day', { day: weekdayName(props.view.since.from) }) : t('lesson.since'),
)
const others = computed(() => props.view.rows.map(({ recipe }) => recipe))
const played = computed(() => {
  const names = namesOf(props.view.played.map(({ study }) => study))
  return props.view.played.map((each, at) => ({ ...each, name: names[at]! }))
})

/** A box says something else: the entry that it was is corrected, or withdrawn where the box is empty again. */
const press = (line: WeekLine, box: Box, next: Outcome | null): Promise<void> =>
  lesson.tell([{ row: { id: line.studyId, recipe: line.study }, entry: boxEntry(line, box, next) }])
</script>

<template>
  <section :aria-label="heading">
    <h2 class="flex items-baseline justify-between gap-2 border-b border-rule pb-[6px] text-[20px]">
      {{ heading }}
      <span v-if="view.since" class="quiet font-sans text-[13px] font-normal">{{
        t('lesson.since.practised', { practised: view.since.practised, days: view.since.days })
      }}</span>
    </h2>
    <p v-if="!view.since" class="quiet aside py-3">{{ t('lesson.since.none') }}</p>
    <WeekBoxes
      v-if="view.since"
      :lines="view.since.lines"
      :boxes="view.since.boxes"
      :among="others"
      :busy="lesson.busy"
      @press="press"
    />
    <template v-if="played.length">
      <h3 class="mt-3 text-[15px]">{{ view.since ? t('lesson.since.besides') : t('lesson.since.played') }}</h3>
      <ul class="text-[14px]">
        <li v-for="each in played" :key="each.name" class="flex flex-wrap items-baseline gap-x-2 py-[2px]">
          <span class="font-serif">{{ each.name }}</span>
          <span class="leader" aria-hidden="true"></span>
          <span class="quiet text-[13px]">{{
            t('lesson.since.times', { right: each.right, count: each.count, day: shortDay(each.last) })
          }}</span>
        </li>
      </ul>
    </template>
    <p v-if="view.last?.note" class="aside mt-3 text-[14.5px]">
      {{ t('lesson.since.note', { note: view.last.note }) }}
    </p>
  </section>
</template>
