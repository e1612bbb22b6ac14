<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from '#imports'
import { dateOf } from '#core/practice'
import type { LessonFile } from '#shared/lessonFile'
import type { LessonView } from '#shared/lessonView'
import WordChoice from '~/components/frame/WordChoice.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { longDay, weekdayName } from '~/components/practice/dates'
import { t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'
import CourseChoice from './CourseChoice.vue'

/** The lesson in one sentence: who, when, and what it is about. Each word opens its choices. */
const props = defineProps<{ view: LessonView; file: LessonFile; pupils: readonly { id: string; name: string }[] }>()
const lesson = useLesson()
const router = useRouter()

const names = computed(() => props.pupils.map(({ id, name }) => ({ value: id, words: name })))
const when = computed(() => {
  const { lesson: today } = props.view
  const day = weekdayName(props.view.today)
  if (!today) return t('lesson.when.none', { day })
  return t('lesson.when', { day, time: today.time, status: today.status })
})
const sets = computed(() => [
  ...props.file.pupil.sets.filter(({ studies }) => studies > 0).map(({ id, title }) => ({ value: id, words: title })),
])
const aside = computed(() => {
  const { exam, today, next } = props.view
  const lessons = exam === null ? 0 : Math.max(0, Math.floor((exam - today) / 7))
  if (exam !== null) return t('lesson.exam', { day: longDay(exam), lessons })
  return next ? t('lesson.next', { day: longDay(props.view.until + 1) }) : ''
})
const note = ref('')
const started = computed(() => props.view.lesson)
const movedTo = ref('')
async function move(close: () => void): Promise<void> {
  await lesson.setLesson({ status: 'moved', movedTo: movedTo.value })
  if (!lesson.error) close()
}
const keepNote = (): Promise<void> =>
  lesson.setLesson({ note: note.value.trim(), ...(started.value?.status === 'planned' ? { status: 'given' } : {}) })
</script>

<template>
  <h1 class="flex flex-wrap items-baseline gap-x-[10px] text-[26px] leading-[1.3]">
    <WordChoice
      :label="t('lesson.pupil')"
      :words="file.pupil.name"
      :value="file.pupil.id"
      :options="names"
      @choose="(id) => router.push(`/pupils/${id}/lesson`)"
    />
    <span class="quiet font-normal" aria-hidden="true">·</span>
    <WordPanel v-slot="{ close }" :words="when" :label="t('lesson.when.label', { when })">
      <div class="grid w-[300px] gap-3 p-4 font-sans text-[14px] font-normal">
        <p class="flex flex-wrap gap-2" role="group" :aria-label="t('lesson.status')">
          <button
            v-for="status in ['given', 'missed', 'planned'] as const"
            :key="status"
            type="button"
            class="plain-button"
            :aria-pressed="started?.status === status"
            :disabled="lesson.busy"
            @click="lesson.setLesson({ status })"
          >
            {{ t('lesson.status.name', { status }) }}
          </button>
        </p>
        <label>
          {{ t('lesson.time') }}
          <input
            class="field mt-1 block"
            type="time"
            :value="started?.time ?? '12:00'"
            @change="lesson.setLesson({ time: ($event.target as HTMLInputElement).value })"
          />
        </label>
        <form class="flex items-end gap-2" @submit.prevent="move(close)">
          <label>
            {{ t('lesson.move') }}
            <input v-model="movedTo" class="field mt-1 block" type="date" required />
          </label>
          <button
            type="submit"
            class="plain-button"
            :disabled="lesson.busy || !movedTo || movedTo === dateOf(view.today)"
          >
            {{ t('lesson.move.do') }}
          </button>
        </form>
        <form @submit.prevent="(keepNote(), close())">
          <label>
            {{ t('lesson.note') }}
            <textarea
              class="field mt-1 block w-full"
              rows="2"
              maxlength="400"
              :value="note || (started?.note ?? '')"
              @input="note = ($event.target as HTMLTextAreaElement).value"
            ></textarea>
          </label>
          <button type="submit" class="plain-button mt-2" :disabled="lesson.busy">{{ t('lesson.note.save') }}</button>
        </form>
      </div>
    </WordPanel>
    <span class="quiet font-normal" aria-hidden="true">·</span>
    <WordChoice
      v-if="file.practice && sets.length > 0"
      :label="t('practice.set')"
      :words="file.practice.set.title"
      :value="file.practice.set.id"
      :options="sets"
      @choose="(id) => router.push({ query: { set: id } })"
    />
    <span v-if="file.practice && view.exam === null && file.course" class="quiet font-normal" aria-hidden="true"
      >·</span
    >
    <CourseChoice
      v-if="view.exam === null && file.course"
      :file="file"
      :course="file.course"
      @changed="lesson.open(file.pupil.id, file.practice?.set.id)"
    />
    <span v-if="aside" class="aside quiet text-[16px] font-normal">{{ aside }}</span>
  </h1>
</template>
