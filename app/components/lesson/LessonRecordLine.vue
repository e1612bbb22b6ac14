<script setup lang="ts">
import type { LessonRow } from '#shared/lessonView'
import RecordLine from '~/components/practice/RecordLine.vue'
import { useLesson } from '~/stores/lesson'

/** The record of this lesson by a line, as it would be said. */
defineProps<{ rows: readonly LessonRow[]; today: number }>()
const lesson = useLesson()
</script>

<template>
  <RecordLine
    id="lesson-line"
    :rows="rows"
    :today="today"
    :day="lesson.day"
    @recorded="
      (all) =>
        lesson.tell(
          all.map(({ row, draft }) => ({
            row,
            entry: {
              ...{ kind: draft.kind ?? 'lesson', outcome: draft.outcome, tempo: draft.tempo },
              ...{ hands: draft.hands ?? row.recipe.hands, octaves: row.recipe.octaves, minutes: 0 },
              ...(draft.date ? { date: draft.date } : {}),
              ...(draft.where ? { where: draft.where } : {}),
            },
          })),
        )
    "
  />
</template>
