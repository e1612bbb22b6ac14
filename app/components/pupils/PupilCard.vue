<script setup lang="ts">
import { computed, ref } from 'vue'
import { NuxtLink } from '#components'
import { useRouter } from '#imports'
import { dayOf, WEEKDAYS } from '#core/practice'
import type { BulkEdit, ExamListing, Progress, Pupil } from '#shared/api'
import ExamLine from '~/components/exam/ExamLine.vue'
import { longDay, shortOfWeek } from '~/components/practice/dates'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import PupilSettings from './PupilSettings.vue'

/** One pupil: how they play, their sets and where each stands, the mock exams held last. */
const props = defineProps<{
  pupil: Pupil
  others: readonly string[]
  exams: readonly ExamListing[]
  progress: ReadonlyMap<string, Progress>
}>()
const emit = defineEmits<{ changed: []; left: [words: string, bin: string]; refingered: [change: BulkEdit] }>()

const router = useRouter()
const { error, guarded } = working()
const title = ref('')
const when = computed(() =>
  props.pupil.lessons
    .map(({ weekday, time }) => t('pupils.lesson.at', { day: shortOfWeek(WEEKDAYS.indexOf(weekday)), time }))
    .join(', '),
)
const sets = computed(() => props.pupil.sets.map((set) => ({ ...set, way: props.progress.get(set.id) })))
const addSet = (): Promise<void> =>
  guarded(async () => {
    const set = await ask('POST /api/sets', {}, { title: title.value, pupilId: props.pupil.id })
    await router.push(`/sets/${set.id}`)
  })
</script>

<template>
  <section class="border-t border-ink pt-2">
    <h2 class="flex flex-wrap items-baseline gap-x-3 text-[19px]">
      <NuxtLink class="min-w-0 [overflow-wrap:anywhere] hover:underline" :to="`/pupils/${pupil.id}`">{{
        pupil.name
      }}</NuxtLink>
      <span class="quiet font-sans text-[14px] font-normal"
        >{{ t('name.make', { make: pupil.instrument }) }}{{ when ? ` · ${when}` : '' }}</span
      >
      <span class="aside quiet flex-auto text-[14px] font-normal">{{ pupil.note }}</span>
      <NuxtLink class="text-button font-sans text-[14px] font-normal" :to="`/pupils/${pupil.id}/lesson`">{{
        t('pupils.to-lesson')
      }}</NuxtLink>
      <span class="font-sans text-[13.5px] font-normal"
        ><PupilSettings
          :key="pupil.version"
          :pupil="pupil"
          :others="others"
          @changed="emit('changed')"
          @left="(words, bin) => emit('left', words, bin)"
          @refingered="emit('refingered', $event)"
      /></span>
    </h2>
    <ul>
      <li v-for="set in sets" :key="set.id" class="flex items-baseline py-[7px]">
        <NuxtLink class="font-serif text-[16.5px] hover:underline" :to="`/sets/${set.id}`">{{ set.title }}</NuxtLink>
        <span v-if="set.way" class="aside quiet ml-2 text-[14px]">{{
          t('sets.index.exam-on', { day: longDay(dayOf(set.way.exam)!) })
        }}</span>
        <span class="leader" aria-hidden="true"></span>
        <NuxtLink class="text-button text-[14px]" :to="`/pupils/${pupil.id}?set=${set.id}`">{{
          set.way
            ? t('sets.index.progress', { played: set.way.played, ready: set.way.ready, studies: set.studies })
            : t('sets.index.record', { studies: set.studies })
        }}</NuxtLink>
      </li>
      <ExamLine v-for="exam in exams" :key="exam.id" :exam="exam" />
    </ul>
    <form class="mt-1 flex gap-2" @submit.prevent="addSet">
      <input
        v-model="title"
        class="field w-[230px] text-[14px]"
        :aria-label="t('sets.index.new-set-label', { name: pupil.name })"
        :placeholder="t('sets.index.new-set')"
        maxlength="120"
        required
      />
      <button class="plain-button" type="submit">{{ t('sets.index.begin-it') }}</button>
    </form>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
  </section>
</template>
