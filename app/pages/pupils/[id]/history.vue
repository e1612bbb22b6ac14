<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import { isAbout, OCCASIONS, OUTCOMES, currentEntries } from '#core/practice'
import { titleOf } from '#core/realise'
import type { StoredEntry } from '#shared/api'
import EntryLine from '~/components/practice/EntryLine.vue'
import HomeWeeks from '~/components/practice/HomeWeeks.vue'
import LastEntry from '~/components/practice/LastEntry.vue'
import { namesOf } from '~/components/practice/names'
import { pupilSet } from '~/components/practice/pupilSet'
import { downloadAt } from '~/composables/downloads'
import { t, formatMessage } from '~/composables/words'
import type { Row } from '~/practice'
import type { EntryDraft } from '~/stores/practice'

/** Everything that was played, the latest first; what was wrong is put right here, and the week at home comes in. */
const TempoChart = defineAsyncComponent(() => import('~/components/practice/TempoChart.vue'))
const { practice, pupil, setId, error } = pupilSet()
useHead({ title: () => t('practice.history.page', { name: pupil.value?.name ?? '' }) })

const rows = computed(() => practice.view?.rows ?? [])
const [study, kind, outcome] = [ref(''), ref(''), ref('')]
const MAX = 200
const counting = computed(() => new Set(currentEntries(practice.record).map(({ id }) => id)))
/** The study of the set that an entry is about: its own sheet, else one for the same hands, else one that they have a part in. */
function rowFor(entry: StoredEntry): Row | null {
  const about = rows.value.filter(({ recipe }) => isAbout(recipe, entry))
  const own = about.find(({ id }) => id === entry.studyId)
  return own ?? about.find(({ recipe }) => recipe.hands === entry.hands) ?? about[0] ?? null
}
const chosen = computed(() => rows.value.find(({ id }) => id === study.value) ?? null)
const names = computed(() => namesOf(rows.value.map(({ recipe }) => recipe)))
const nameOf = (entry: StoredEntry): string => {
  const row = rowFor(entry)
  return row ? names.value[row.study]! : formatMessage(titleOf(entry.study))
}
const found = computed(() =>
  practice.record
    .filter((entry) => counting.value.has(entry.id))
    .filter(
      (entry) =>
        (kind.value ? entry.kind === kind.value : true) && (outcome.value ? entry.outcome === outcome.value : true),
    )
    .filter((entry) => (chosen.value ? isAbout(chosen.value.recipe, entry) : true))
    .toSorted((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0)),
)
const drawn = computed(() =>
  rows.value.filter((row) => !chosen.value || row === chosen.value).filter(({ steps }) => steps.length > 0),
)
const corrected = computed(() => practice.record.length - counting.value.size)

/** A study that is in no set any more keeps what was played of it. */
function correct(entry: StoredEntry, some: Partial<EntryDraft>): void {
  const row = rowFor(entry)
  if (row) void practice.correct(row, entry, some)
}
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="error || practice.error" role="alert" class="mb-2 text-missing">{{ error || practice.error }}</p>
    <p v-if="!practice.view && !error" class="waiting quiet aside py-40 text-center">{{ t('practice.fetching') }}</p>
    <template v-if="practice.view && pupil">
      <div class="flex flex-wrap items-baseline justify-between gap-4">
        <h1 class="text-[26px]">
          {{ pupil.name }} <span class="aside quiet text-[17px] font-normal">{{ t('practice.history.title') }}</span>
        </h1>
        <span class="flex gap-4 text-[14px]">
          <NuxtLink class="text-button" :to="`/pupils/${pupil.id}?set=${setId}`">{{
            t('practice.history.to-record')
          }}</NuxtLink>
          <a class="text-button" :href="downloadAt('GET /api/pupils/:id/export', pupil.id)" download>{{
            t('practice.history.csv')
          }}</a>
        </span>
      </div>
      <div class="mt-4 grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_460px]">
        <section :aria-label="t('practice.history.entries')">
          <p class="flex flex-wrap items-center gap-3 text-[14px]">
            <select v-model="study" class="field" :aria-label="t('practice.history.study')">
              <option value="">{{ t('practice.history.all-studies') }}</option>
              <option v-for="row in rows" :key="row.id" :value="row.id">{{ formatMessage(row.title) }}</option>
            </select>
            <select v-model="kind" class="field" :aria-label="t('practice.history.kind')">
              <option value="">{{ t('practice.history.all-kinds') }}</option>
              <option v-for="each in OCCASIONS" :key="each" :value="each">
                {{ t('practice.kind', { kind: each }) }}
              </option>
            </select>
            <select v-model="outcome" class="field" :aria-label="t('practice.history.outcome')">
              <option value="">{{ t('practice.history.all-outcomes') }}</option>
              <option v-for="each in OUTCOMES" :key="each" :value="each">
                {{ t('practice.outcome', { outcome: each }) }}
              </option>
            </select>
            <span class="quiet">{{ t('practice.history.count', { count: found.length, corrected }) }}</span>
          </p>
          <ul class="mt-3 border border-rule bg-sheet p-4 text-[14px]">
            <EntryLine
              v-for="entry in found.slice(0, MAX)"
              :key="entry.id"
              :entry="entry"
              :recipe="entry.study"
              :title="nameOf(entry)"
              :busy="practice.busy || rowFor(entry) === null"
              @correct="(some) => correct(entry, some)"
            />
            <li v-if="found.length === 0" class="quiet aside">{{ t('practice.history.none') }}</li>
            <li v-if="found.length > MAX" class="quiet">
              {{ t('practice.history.further', { count: found.length - MAX }) }}
            </li>
          </ul>
        </section>
        <div>
          <TempoChart v-if="drawn.length" :rows="drawn" />
          <HomeWeeks
            :key="pupil.id"
            class="mt-6"
            :pupil-id="pupil.id"
            :record="practice.record"
            :view="practice.view"
            :busy="practice.busy"
            @recorded="practice.addAll"
          />
          <LastEntry class="mt-2 text-[13.5px]" />
        </div>
      </div>
    </template>
  </div>
</template>
