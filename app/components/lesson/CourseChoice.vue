<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from '#imports'
import { taughtOf } from '#core/instrument'
import { WEEKDAYS, type Weekday } from '#core/practice'
import type { Learning } from '#shared/api'
import type { LearningCourse, LessonFile } from '#shared/lessonFile'
import WordPanel from '~/components/frame/WordPanel.vue'
import { shortOfWeek } from '~/components/practice/dates'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** What a pupil learns without an exam: the level of the course, which keys are known, how much is practised. */
const props = defineProps<{ file: LessonFile; course: LearningCourse }>()
const emit = defineEmits<{ changed: [] }>()
const router = useRouter()
const { busy, error, guarded } = working()

/** As keys are typed. */
const KEYS = 'C G D Am'
const known = ref(props.file.pupil.learning.knows.join(' '))
const save = (learning: Partial<Learning>): Promise<void> =>
  guarded(async () => {
    const { id, name, note } = props.file.pupil
    await ask('PUT /api/pupils/:id', { id }, { name, note, learning })
    emit('changed')
  })
function toggle(day: Weekday): void {
  const { days } = props.file.pupil.learning
  const next = days.includes(day) ? days.filter((each) => each !== day) : [...days, day]
  if (next.length > 0) void save({ days: WEEKDAYS.filter((each) => next.includes(each)) })
}
const keys = (): Promise<void> => save({ knows: known.value.split(/[\s,]+/).filter(Boolean) })
const edit = (): Promise<void> =>
  guarded(async () => {
    const { id } = await ask('POST /api/courses', {}, { list: taughtOf(props.file.pupil.instrument).list })
    await router.push(`/syllabi/${id}`)
  })
</script>

<template>
  <WordPanel
    :words="course.levels[course.level]!"
    :label="t('lesson.course.label', { course: course.title, level: course.levels[course.level]! })"
  >
    <div class="grid w-[320px] gap-3 p-4 font-sans text-[14px] font-normal">
      <label>
        {{ course.title }}
        <select
          class="field mt-1 block w-full"
          :value="course.level"
          :disabled="busy"
          @change="save({ level: Number(($event.target as HTMLSelectElement).value) + 1 })"
        >
          <option v-for="(level, at) in course.levels" :key="at" :value="at">{{ level }}</option>
        </select>
      </label>
      <form @submit.prevent="keys">
        <label>
          {{ t('lesson.course.knows') }}
          <input v-model="known" class="field mt-1 block w-full" maxlength="120" :placeholder="KEYS" @change="keys" />
        </label>
      </form>
      <label>
        <input
          class="field w-[56px]"
          inputmode="numeric"
          :value="file.pupil.learning.minutesADay"
          @change="save({ minutesADay: Number(($event.target as HTMLInputElement).value) })"
        />
        {{ t('lesson.course.minutes') }}
      </label>
      <p role="group" :aria-label="t('practice.aim.days')" class="flex flex-wrap gap-1">
        <button
          v-for="(day, at) in WEEKDAYS"
          :key="day"
          type="button"
          class="plain-button day"
          :aria-pressed="file.pupil.learning.days.includes(day)"
          :disabled="busy"
          @click="toggle(day)"
        >
          {{ shortOfWeek(at) }}
        </button>
      </p>
      <p>
        <button type="button" class="text-button" :disabled="busy" @click="edit">{{ t('lesson.course.edit') }}</button>
      </p>
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
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
