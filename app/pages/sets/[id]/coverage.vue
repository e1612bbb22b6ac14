<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, shallowRef } from 'vue'
import { NuxtLink } from '#components'
import { definePageMeta, useHead, useRoute } from '#imports'
import { atomsOf, coverageOf, nextToPractise, saysHands } from '#core/syllabus'
import RichWords from '~/components/frame/RichWords.vue'
import PaperBar from '~/components/print/PaperBar.vue'
import CoverageGrid from '~/components/sets/CoverageGrid.vue'
import StatusMark from '~/components/sets/StatusMark.vue'
import { gradedSet, type GradedSet } from '~/composables/gradedSet'
import { working } from '~/composables/working'
import { gapMessage, t, formatMessage } from '~/composables/words'

/** A graded set on one page: keys against types, the holes, and what to practise next; to be printed. */
definePageMeta({ layout: 'paper' })
const CoverageCharts = defineAsyncComponent(() => import('~/components/sets/CoverageCharts.vue'))

const route = useRoute()
const graded = shallowRef<GradedSet | null>(null)
const { error, guarded } = working()
onMounted(() =>
  guarded(async () => {
    graded.value = await gradedSet(String(route.params.id))
  }),
)
const set = computed(() => graded.value?.set)
const report = computed(() => graded.value?.setReport.report ?? null)
const coverage = computed(() => {
  if (!graded.value?.grade || !report.value) return null
  const { syllabus, grade } = graded.value
  return coverageOf(atomsOf(syllabus!, grade), report.value.atoms, saysHands(syllabus!))
})
const counts = computed(() => {
  const { covered, required, near, missing, surplus } = report.value!
  return { code: 'sets.coverage.counts', params: { covered, required, near, missing, surplus: surplus.length } }
})
const next = computed(() => nextToPractise(report.value?.atoms ?? []))
const title = computed(() => `${graded.value?.syllabus?.title ?? ''}, ${graded.value?.grade?.title ?? ''}`)
useHead({
  title: () =>
    set.value ? t('sets.coverage.coverage', { name: set.value.pupil.name }) : t('sets.coverage.coverage-tactum'),
})
</script>

<template>
  <div>
    <PaperBar :ready="coverage !== null" />
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-else-if="!graded" class="waiting quiet aside py-20 text-center">{{ t('sets.coverage.grading') }}</p>
    <template v-else>
      <h1 class="flex flex-wrap items-baseline gap-x-3 border-b border-ink pb-1 text-[22px]">
        {{ set!.pupil.name }}
        <span class="aside quiet text-[16px] font-normal">{{
          report ? t('sets.coverage.against', { set: set!.title, title }) : set!.title
        }}</span>
      </h1>
      <p v-if="!coverage || !report" class="quiet mt-4">
        <RichWords :message="{ code: 'sets.coverage.no-grade' }">
          <template #a="{ text }"
            ><NuxtLink class="underline" :to="`/sets/${set!.id}`">{{ text }}</NuxtLink></template
          >
        </RichWords>
      </p>
      <template v-else>
        <p class="mt-2 text-[14.5px]"><RichWords :message="counts" /> {{ gapMessage(report) }}</p>
        <div class="mt-3 overflow-x-auto" tabindex="0" role="region" :aria-label="t('sets.coverage.grid')">
          <CoverageGrid :coverage="coverage" />
        </div>
        <div class="mt-5 grid gap-8 sm:grid-cols-2">
          <section :aria-label="t('sets.coverage.next-heading')">
            <h2 class="text-[17px]">{{ t('sets.coverage.next', { count: next.length }) }}</h2>
            <ol class="mt-1 text-[14px]">
              <li v-for="(atom, at) in next" :key="atom.id" class="flex gap-2 py-[3px]">
                <span class="quiet w-4 shrink-0 font-serif">{{ at + 1 }}</span>
                <StatusMark :status="atom.status" class="mt-[3px]" />
                <span
                  >{{ formatMessage(atom.words)
                  }}<span v-if="atom.reasons.length" class="aside quiet ml-[6px]">{{
                    atom.reasons.map(formatMessage).join('; ')
                  }}</span></span
                >
              </li>
              <li v-if="next.length === 0" class="quiet">{{ t('sets.coverage.next-none') }}</li>
            </ol>
          </section>
          <section :aria-label="t('sets.coverage.holes')">
            <h2 class="text-[17px]">{{ t('sets.coverage.holes') }}</h2>
            <ul class="mt-1 text-[14px]">
              <li v-for="(row, at) in coverage.rows.filter(({ holes }) => holes > 0)" :key="at" class="flex py-[3px]">
                <span>{{ formatMessage(row.words) }}</span>
                <span class="leader" aria-hidden="true"></span>
                <span class="font-serif">{{ row.holes }}</span>
              </li>
              <li v-if="coverage.rows.every(({ holes }) => holes === 0)" class="quiet">
                {{ t('sets.coverage.none') }}
              </li>
            </ul>
          </section>
        </div>
        <CoverageCharts class="mt-6" :coverage="coverage" :placements="graded.setReport.placements" />
      </template>
    </template>
  </div>
</template>
