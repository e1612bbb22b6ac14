<script setup lang="ts">
import { useMediaQuery, useMounted } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRouter } from '#imports'
import { changeMessage, dateOf, dayOf, type Help, isAbout } from '#core/practice'
import { materialName } from '#core/realise'
import AimPanel from '~/components/practice/AimPanel.vue'
import { longDay } from '~/components/practice/dates'
import KnownAlready from '~/components/practice/KnownAlready.vue'
import LastEntry from '~/components/practice/LastEntry.vue'
import RecordDay from '~/components/practice/RecordDay.vue'
import RecordLine from '~/components/practice/RecordLine.vue'
import RecordStair from '~/components/practice/RecordStair.vue'
import RouteSheet from '~/components/practice/RouteSheet.vue'
import StairLegend from '~/components/practice/StairLegend.vue'
import StudyPanel from '~/components/practice/StudyPanel.vue'
import TodayColumn from '~/components/practice/TodayColumn.vue'
import TrialBar from '~/components/practice/TrialBar.vue'
import ReadyByExam from '~/components/practice/ReadyByExam.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { pupilSet } from '~/components/practice/pupilSet'
import { downloadAt } from '~/composables/downloads'
import { t, formatMessage } from '~/composables/words'
import type { Row } from '~/practice'
import type { EntryDraft } from '~/stores/practice'

/** A pupil on the way to an exam: what was played, what is next, and whether it will do. */
const router = useRouter()
const { practice, pupils, pupil, setId, error, load } = pupilSet()
const mounted = useMounted()
/** The head has room for the ways on from here. */
const wide = useMediaQuery('(min-width: 1420px)')
const chosen = ref<number | null>(null)
const trying = ref(false)
const editing = ref(false)
const telling = ref(false)
const isNew = computed(() => (view.value?.rows ?? []).some(({ practiceState }) => practiceState === 'untried'))
watch(setId, (id) => id && void practice.open(id))
watch(
  () => practice.file?.set.id,
  () => (chosen.value = null),
)
useHead({ title: () => t('practice.page', { name: pupil.value?.name ?? '' }) })

/** With what is being tried on, where something is. */
const view = computed(() => practice.trial?.view ?? practice.view)
const aim = computed(() => practice.file?.aim ?? null)
const sets = computed(() => pupil.value?.sets.map(({ id, title }) => ({ value: id, words: title })) ?? [])
const examWords = computed(() => {
  const exam = view.value?.exam ?? (aim.value ? dayOf(aim.value.exam) : null)
  return exam === null ? t('practice.no-day') : longDay(exam)
})
const layers = computed(() => {
  const rows = view.value?.rows ?? []
  return t('practice.layers', {
    printed: rows.length,
    played: rows.filter(({ practiceState }) => practiceState !== 'untried').length,
    ready: rows.filter(({ practiceState }) => practiceState === 'ready').length,
  })
})
const byThen = computed(() => {
  const { then, rows, exam } = view.value!
  return then && exam !== null ? t('practice.by-then', { day: longDay(exam), right: then.right, all: rows.length }) : ''
})
const row = computed(() => (chosen.value === null ? null : (view.value?.rows[chosen.value] ?? null)))
const entries = computed(() => {
  const recipe = row.value?.recipe
  return recipe ? practice.record.filter((entry) => isAbout(recipe, entry)) : []
})
const pinOf = ({ id }: Row): string | null => aim.value?.pins.find(({ studyId }) => studyId === id)?.week ?? null
const changes = computed(() =>
  (view.value?.changes ?? []).map((change) =>
    formatMessage(
      changeMessage(change, materialName(view.value!.rows[change.study]!.recipe), {
        code: 'text',
        params: { text: change.day === null ? '' : longDay(change.day) },
      }),
    ),
  ),
)

/** What is tried on is looked at; it is worked with when it is kept. */
const choose = (study: number): void => {
  if (practice.trial) return
  chosen.value = chosen.value === study ? null : study
}
const addEntry = (each: Row, draft: EntryDraft): Promise<void> => practice.add(each, draft)
async function pin(study: number, week: number | null): Promise<void> {
  if (practice.trial) return
  const { id } = view.value!.rows[study]!
  const others = aim.value!.pins.filter(({ studyId }) => studyId !== id)
  await practice.saveAim({
    ...aim.value!,
    pins: [...others, ...(week === null ? [] : [{ studyId: id, week: dateOf(week) }])],
  })
}
async function tryOn(help: Help): Promise<void> {
  chosen.value = null
  await practice.tryOn(help)
}
async function askHelp(): Promise<void> {
  trying.value = true
  await practice.askHelp()
  trying.value = false
}
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="error || practice.error" role="alert" class="mb-2 text-missing">{{ error || practice.error }}</p>
    <p v-if="!view && !error && !practice.error && setId !== null" class="waiting quiet aside py-40 text-center">
      {{ t('practice.fetching') }}
    </p>
    <p v-if="pupils && !pupil" class="mt-6">{{ t('practice.no-pupil') }}</p>
    <p v-if="pupil && setId === null" class="mt-6">{{ t('practice.no-set', { name: pupil.name }) }}</p>
    <template v-if="view && pupil && practice.file">
      <div class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <h1 class="flex flex-wrap items-baseline gap-x-[10px] text-[26px]">
          <span>{{ pupil.name }}</span>
          <span class="quiet font-normal" aria-hidden="true">·</span>
          <WordChoice
            :label="t('practice.set')"
            :words="practice.file.set.title"
            :value="practice.file.set.id"
            :options="sets"
            @choose="(id) => router.push({ query: { set: id } })"
          />
          <span class="quiet font-normal" aria-hidden="true">·</span>
          <WordPanel :words="examWords" :label="t('practice.aim.label', { day: examWords })">
            <AimPanel :aim="aim" :today="view.today" :busy="practice.busy" @save="practice.saveAim" />
          </WordPanel>
          <span class="aside quiet text-[16px] font-normal">{{ layers }}</span>
          <a v-if="byThen" href="#will" class="text-button font-sans text-[14px] font-normal">{{ byThen }}</a>
        </h1>
        <Teleport v-if="mounted" to="#head-end" :disabled="!wide"
          ><nav
            class="flex flex-wrap items-baseline gap-x-4 text-[13.5px] whitespace-nowrap"
            :aria-label="t('practice.more')"
          >
            <NuxtLink class="text-button" :to="`/pupils/${pupil.id}/lesson?set=${setId}`">{{
              t('practice.to-lesson')
            }}</NuxtLink>
            <NuxtLink class="text-button" :to="`/pupils/${pupil.id}/test?set=${setId}`">{{
              t('practice.to-test')
            }}</NuxtLink>
            <NuxtLink class="text-button" :to="`/pupils/${pupil.id}/history?set=${setId}`">{{
              t('practice.to-history')
            }}</NuxtLink>
            <NuxtLink class="text-button" :to="`/paper?sheet=week&set=${setId}`">{{ t('practice.to-week') }}</NuxtLink>
            <NuxtLink class="text-button" :to="`/sets/${setId}`">{{ t('practice.to-set') }}</NuxtLink>
            <button type="button" class="text-button" @click="editing = true">{{ t('practice.to-route') }}</button>
            <a
              v-if="view.exam !== null"
              class="text-button"
              :href="downloadAt('GET /api/sets/:id/calendar', setId!)"
              download
              >{{ t('practice.to-calendar') }}</a
            >
          </nav></Teleport
        >
      </div>
      <p v-if="view.rows.length === 0" class="mt-6 max-w-[560px] border border-rule bg-sheet p-6">
        {{ t('practice.empty-set') }}
      </p>
      <div v-else class="mt-[10px] grid grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1fr)_284px]">
        <div class="min-w-0 max-lg:order-2">
          <div class="overflow-x-auto"><RecordStair :view="view" :chosen="chosen" @choose="choose" @pin="pin" /></div>
          <StairLegend class="mt-2" />
        </div>
        <div class="min-w-0">
          <RecordDay v-if="!practice.trial" id="record-day" v-model="practice.day" class="mb-2" :today="view.today" />
          <StudyPanel
            v-if="row"
            :row="row"
            :entries="entries"
            :today="view.today"
            :exam="view.exam"
            :pin="pinOf(row)"
            :busy="practice.busy"
            @recorded="(draft) => addEntry(row!, draft)"
            @correct="(entry, some) => practice.correct(row!, entry, some)"
            @pin="(week) => pin(row!.study, week)"
            @close="chosen = null"
          />
          <template v-else>
            <TrialBar
              v-if="practice.trial"
              :help="practice.trial.help"
              :before="practice.view!"
              :busy="practice.busy"
              @keep="practice.keepTrial"
              @leave="practice.leaveTrial"
            />
            <LastEntry v-else class="mb-3 border border-rule p-2 text-[13.5px]">
              <ul v-if="changes.length" class="quiet">
                <li v-for="change in changes.slice(0, 4)" :key="change">{{ change }}</li>
              </ul>
            </LastEntry>
            <p v-if="view.exam === null" class="border border-rule bg-sheet p-4">{{ t('practice.choose-day') }}</p>
            <template v-if="!practice.trial">
              <TodayColumn :view="view" :busy="practice.busy" @recorded="addEntry" @open="choose" />
              <p v-if="isNew" class="mt-2 text-[13.5px]">
                <button type="button" class="text-button" @click="telling = true">
                  {{ t('practice.known.open') }}
                </button>
              </p>
              <RecordLine :rows="view.rows" :today="view.today" :day="practice.day" @recorded="practice.addAll" />
            </template>
            <ReadyByExam
              v-if="view.then"
              class="mt-5"
              :view="view"
              :help="practice.help"
              :busy="practice.busy"
              :tried="practice.trial?.help ?? null"
              :trying="trying"
              :set="`/sets/${setId}`"
              @ask="askHelp"
              @try="tryOn"
            />
          </template>
        </div>
      </div>
      <KnownAlready
        v-if="telling"
        :rows="view.rows"
        :pupil="pupil"
        :busy="practice.busy"
        @recorded="practice.addAll"
        @level="load"
        @close="telling = false"
      />
      <RouteSheet
        v-if="editing"
        :recipe="view.rows[0]?.recipe ?? null"
        @close="editing = false"
        @saved="practice.open(setId!)"
      />
    </template>
  </div>
</template>
