<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, shallowRef } from 'vue'
import { NuxtLink } from '#components'
import { definePageMeta, useHead, useRoute } from '#imports'
import { atomsOf, coverageOf, nextToPractise, saysHands } from '#core/syllabus'
import PaperBar from '~/components/print/PaperBar.vue'
import CoverageGrid from '~/components/sets/CoverageGrid.vue'
import StatusMark from '~/components/sets/StatusMark.vue'
import { gradedSet, type GradedSet } from '~/composables/gradedSet'
import { wordsOf } from '~/composables/api'

/** A graded set on one page: keys against types, the holes, and what to practise next; to be printed. */
definePageMeta({ layout: 'paper' })
const CoverageCharts = defineAsyncComponent(() => import('~/components/sets/CoverageCharts.vue'))

const route = useRoute()
const graded = shallowRef<GradedSet | null>(null)
const error = shallowRef('')
onMounted(async () => {
  try {
    graded.value = await gradedSet(String(route.params.id))
  } catch (problem) {
    error.value = wordsOf(problem)
  }
})
const set = computed(() => graded.value?.set)
const report = computed(() => graded.value?.standing.report ?? null)
const coverage = computed(() => {
  if (!graded.value?.grade || !report.value) return null
  const { syllabus, grade } = graded.value
  return coverageOf(atomsOf(syllabus!, grade), report.value.atoms, saysHands(syllabus!))
})
const next = computed(() => nextToPractise(report.value?.atoms ?? []))
const title = computed(() => `${graded.value?.syllabus?.title ?? ''}, ${graded.value?.grade?.title ?? ''}`)
useHead({ title: () => (set.value ? `${set.value.pupil.name}, coverage` : 'Coverage · Tactum') })
</script>

<template>
  <div>
    <PaperBar :ready="coverage !== null" />
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-else-if="!graded" class="waiting quiet aside py-20 text-center">grading …</p>
    <template v-else>
      <h1 class="flex flex-wrap items-baseline gap-x-3 border-b border-ink pb-1 text-[22px]">
        {{ set!.pupil.name }}
        <span class="aside quiet text-[16px] font-normal"
          >{{ set!.title }}{{ report ? `, against ${title}` : '' }}</span
        >
      </h1>
      <p v-if="!coverage || !report" class="quiet mt-4">
        This set has no grade yet.
        <NuxtLink class="underline" :to="`/sets/${set!.id}`">Choose one there.</NuxtLink>
      </p>
      <template v-else>
        <p class="mt-2 text-[14.5px]">
          <b>{{ report.covered }} of {{ report.required }}</b> ready to be asked, {{ report.near }} near,
          {{ report.missing }} missing<template v-if="report.surplus.length"
            >; {{ report.surplus.length }} of the set not asked for here</template
          >.
        </p>
        <CoverageGrid class="mt-3" :coverage="coverage" />
        <div class="mt-5 grid grid-cols-[1fr_1fr] gap-8">
          <section aria-label="What to practise next">
            <h2 class="text-[17px]">Next {{ next.length === 1 ? 'to practise' : `${next.length} to practise` }}</h2>
            <ol class="mt-1 text-[14px]">
              <li v-for="(atom, at) in next" :key="atom.id" class="flex gap-2 py-[3px]">
                <span class="quiet w-4 shrink-0 font-serif">{{ at + 1 }}</span>
                <StatusMark :status="atom.status" class="mt-[3px]" />
                <span
                  >{{ atom.words
                  }}<span v-if="atom.reasons.length" class="aside quiet ml-[6px]">{{
                    atom.reasons.join('; ')
                  }}</span></span
                >
              </li>
              <li v-if="next.length === 0" class="quiet">Nothing: all of it is ready.</li>
            </ol>
          </section>
          <section aria-label="Holes by type">
            <h2 class="text-[17px]">Holes by type</h2>
            <ul class="mt-1 text-[14px]">
              <li v-for="row in coverage.rows.filter(({ holes }) => holes > 0)" :key="row.words" class="flex py-[3px]">
                <span>{{ row.words }}</span>
                <span class="leader" aria-hidden="true"></span>
                <span class="font-serif">{{ row.holes }}</span>
              </li>
              <li v-if="coverage.rows.every(({ holes }) => holes === 0)" class="quiet">None.</li>
            </ul>
          </section>
        </div>
        <CoverageCharts class="mt-6" :coverage="coverage" :placements="graded.standing.placements" />
      </template>
    </template>
  </div>
</template>
