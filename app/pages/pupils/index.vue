<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRouter } from '#imports'
import { TAUGHT } from '#core/instrument'
import { dayOf } from '#core/practice'
import type { ExamListing, Progress, Pupil, StudySet } from '#shared/api'
import { longDay } from '~/components/practice/dates'
import TodayList from '~/components/practice/TodayList.vue'
import PupilSettings from '~/components/sets/PupilSettings.vue'
import { isTwice } from '~/components/sets/twice'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { locale, marked, t } from '~/composables/words'

useHead({ title: t('sets.index.pupils-tactum') })
const router = useRouter()
const pupils = ref<Pupil[] | null>(null)
const exams = ref<ExamListing[]>([])
const progress = ref<Progress[]>([])
const { error, guarded } = working()
const name = ref('')
const instrument = ref<Pupil['instrument']>('piano')
const newSets = ref<Record<string, string>>({})

const load = () =>
  guarded(async () => {
    ;[pupils.value, exams.value] = await Promise.all([ask<Pupil[]>('/api/pupils'), ask<ExamListing[]>('/api/exams')])
    // plans take their time: the pupils are there before them
    progress.value = await ask<Progress[]>('/api/progress')
  })
onMounted(load)

const examsOf = (pupil: Pupil): ExamListing[] => exams.value.filter((exam) => exam.pupil.id === pupil.id).slice(0, 5)
const date = (text: string): string => new Date(text).toLocaleDateString(locale(), { day: 'numeric', month: 'short' })

const progressOf = (setId: string): Progress | undefined =>
  progress.value.find((each) => each.setId === setId && !each.over)

const names = computed(() => (pupils.value ?? []).map((pupil) => pupil.name))
const othersThan = (own: Pupil): string[] =>
  (pupils.value ?? []).filter(({ id }) => id !== own.id).map((pupil) => pupil.name)
/** What is said of the name that is to be added; a name that is there already is only added when that is said again. */
const remark = ref('')
const confirmed = ref('')
function addPupil(): void {
  const wanted = name.value.trim().replace(/\s+/g, ' ')
  remark.value = ''
  if (!wanted) {
    remark.value = t('sets.index.name-first')
  } else if (isTwice(wanted, names.value) && confirmed.value !== wanted) {
    confirmed.value = wanted
    remark.value = `${t('sets.index.twice', { name: wanted })} ${t('sets.index.add-all-the-same')}`
  } else void add(wanted)
}
const add = (wanted: string) =>
  guarded(async () => {
    await ask('/api/pupils', 'POST', { name: wanted, instrument: instrument.value })
    name.value = confirmed.value = ''
    await load()
  })
const addSet = (pupil: Pupil) =>
  guarded(async () => {
    const set = await ask<StudySet>('/api/sets', 'POST', { title: newSets.value[pupil.id], pupilId: pupil.id })
    await router.push(`/sets/${set.id}`)
  })
</script>

<template>
  <div class="pt-[22px]">
    <h1 class="text-[26px]">{{ t('sets.index.pupils') }}</h1>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p v-if="!pupils && !error" class="waiting quiet aside py-20">{{ t('sets.index.fetching-the-pupils') }}</p>
    <p v-if="pupils?.length === 0" class="mt-6 max-w-[560px] border border-rule bg-sheet p-6">
      {{ t('sets.index.nobody-here-yet-add') }}
    </p>
    <TodayList v-if="pupils && progress.length" class="mt-4" :progress="progress" :pupils="pupils" />
    <div v-if="pupils" class="mt-6 grid grid-cols-1 gap-x-12 gap-y-7 lg:grid-cols-2">
      <section v-for="pupil in pupils" :key="pupil.id" class="border-t border-ink pt-2">
        <h2 class="flex flex-wrap items-baseline gap-x-3 text-[19px]">
          <NuxtLink class="min-w-0 [overflow-wrap:anywhere] hover:underline" :to="`/pupils/${pupil.id}`">{{
            pupil.name
          }}</NuxtLink>
          <span class="quiet font-sans text-[14px] font-normal">{{ t('name.make', { make: pupil.instrument }) }}</span>
          <span class="aside quiet flex-auto text-[14px] font-normal">{{ pupil.note }}</span>
          <span class="font-sans text-[13.5px] font-normal"
            ><PupilSettings
              :key="`${pupil.name} ${pupil.note}`"
              :pupil="pupil"
              :others="othersThan(pupil)"
              @changed="load"
          /></span>
        </h2>
        <ul>
          <li v-for="set in pupil.sets" :key="set.id" class="flex items-baseline py-[7px]">
            <NuxtLink class="font-serif text-[16.5px] hover:underline" :to="`/sets/${set.id}`">{{
              set.title
            }}</NuxtLink>
            <span v-if="progressOf(set.id)" class="aside quiet ml-2 text-[14px]">{{
              t('sets.index.exam-on', { day: longDay(dayOf(progressOf(set.id)!.exam)!) })
            }}</span>
            <span class="leader" aria-hidden="true"></span>
            <NuxtLink class="text-button text-[14px]" :to="`/pupils/${pupil.id}?set=${set.id}`">{{
              progressOf(set.id)
                ? t('sets.index.progress', {
                    played: progressOf(set.id)!.played,
                    ready: progressOf(set.id)!.ready,
                    studies: set.studies,
                  })
                : t('sets.index.record', { studies: set.studies })
            }}</NuxtLink>
          </li>
          <li v-for="exam in examsOf(pupil)" :key="exam.id" class="flex items-baseline py-[4px] text-[14px]">
            <NuxtLink class="aside hover:underline" :to="`/exams/${exam.id}`">{{
              t('sets.index.mock-exam', { gradeTitle: exam.gradeTitle, date: date(exam.heldAt) })
            }}</NuxtLink>
            <span class="leader" aria-hidden="true"></span>
            <span class="quiet">{{
              exam.mark === null
                ? t('exam.unfinished')
                : t('sets.index.of', { mark: exam.mark, total: exam.marking.total, band: marked(exam.band ?? '') })
            }}</span>
          </li>
        </ul>
        <form class="mt-1 flex gap-2" @submit.prevent="addSet(pupil)">
          <input
            v-model="newSets[pupil.id]"
            class="field w-[230px] text-[14px]"
            :aria-label="t('sets.index.name-of-a-new', { name: pupil.name })"
            :placeholder="t('sets.index.a-new-set-such')"
            maxlength="120"
            required
          />
          <button class="plain-button" type="submit">{{ t('sets.index.begin-it') }}</button>
        </form>
      </section>
    </div>
    <form
      v-if="pupils"
      class="mt-9 flex flex-wrap items-end gap-3 border-t border-rule pt-4"
      @submit.prevent="addPupil"
    >
      <label class="text-[14px]">
        {{ t('sets.index.a-new-pupil') }}
        <input
          v-model="name"
          class="field mt-1 block w-[230px]"
          maxlength="80"
          aria-describedby="new-pupil"
          :placeholder="t('sets.index.first-name-initial')"
        />
      </label>
      <label class="text-[14px]">
        {{ t('sets.index.plays') }}
        <select v-model="instrument" class="field mt-1 block">
          <option v-for="{ id } in TAUGHT" :key="id" :value="id">{{ t('name.make', { make: id }) }}</option>
        </select>
      </label>
      <button class="plain-button h-[34px]" type="submit">{{ t('sets.index.add') }}</button>
      <p id="new-pupil" role="status" class="w-full text-[14px] text-missing">{{ remark }}</p>
    </form>
  </div>
</template>
