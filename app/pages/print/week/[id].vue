<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { definePageMeta, useHead, useRoute } from '#imports'
import type { PlanItem } from '#core/practice'
import { materialTold } from '#core/realise'
import { wordsFor } from '~/components/instrument'
import { longDay, wholeDay } from '~/components/practice/dates'
import { bpmOf } from '~/components/practice/tempo'
import PaperBar from '~/components/print/PaperBar.vue'
import PaperFoot from '~/components/print/PaperFoot.vue'
import { t, tell } from '~/composables/words'
import { usePractice } from '~/stores/practice'

/** A week's practice on paper: day by day what, how fast, how long, and a box to tick; it comes back to the lesson. */
definePageMeta({ layout: 'paper' })
const route = useRoute()
const practice = usePractice()
const opened = ref(false)
onMounted(async () => {
  await practice.open(String(route.params.id))
  opened.value = true
})
const view = computed(() => practice.view)
const WEEK = 7
const days = computed(() => {
  const { today = 0, days: all = [] } = view.value ?? {}
  return all.filter(({ day, items }) => day < today + WEEK && items.length > 0)
})
const howOf = ({ study, stage }: PlanItem): string => {
  const { recipe } = view.value!.rows[study]!
  return `${wordsFor(recipe).programme(recipe)}: ${tell({ code: 'stage', params: { stage } })}`
}
const title = computed(() => practice.file?.set.pupil.name ?? '')
useHead({ title: () => t('practice.week.page', { name: title.value }) })
</script>

<template>
  <div>
    <PaperBar :ready="opened && view !== null" />
    <p v-if="practice.error" role="alert" class="text-missing">{{ practice.error }}</p>
    <p v-else-if="!view" class="waiting quiet aside py-20 text-center">{{ t('practice.fetching') }}</p>
    <template v-else>
      <h1 class="flex items-baseline gap-3 border-b border-ink pb-1 text-[22px]">
        {{ title }}
        <span class="aside quiet text-[16px] font-normal">{{
          t('practice.week.from', { day: longDay(view.today) })
        }}</span>
        <span v-if="view.exam !== null" class="ml-auto text-[14px] font-normal">{{
          t('practice.week.exam', { day: longDay(view.exam) })
        }}</span>
      </h1>
      <p v-if="days.length === 0" class="mt-5">{{ t('practice.choose-day') }}</p>
      <div class="week mt-3">
        <section v-for="day in days" :key="day.day" class="day break-inside-avoid">
          <h2 class="flex items-baseline justify-between border-b border-rule text-[16px]">
            <span
              >{{ wholeDay(day.day) }}
              <em v-if="day.lesson" class="quiet text-[13px] font-normal">{{ t('practice.today.lesson') }}</em></span
            >
            <span class="font-sans text-[13px] font-normal">{{
              t('practice.minutes', { minutes: day.items.reduce((sum, { minutes }) => sum + minutes, 0) })
            }}</span>
          </h2>
          <ul>
            <li
              v-for="item in day.items"
              :key="`${item.study} ${item.test}`"
              class="flex items-baseline gap-2 py-[3px] text-[13.5px]"
            >
              <span class="box" aria-hidden="true"></span>
              <span class="min-w-0 flex-1">
                <b class="font-serif">{{ tell(materialTold(view.rows[item.study]!.recipe)) }}</b>
                <span class="quiet ml-1">{{ howOf(item) }}</span>
              </span>
              <span class="whitespace-nowrap font-serif"
                >♩ = {{ bpmOf(item.tempo, view.rows[item.study]!.recipe) }}</span
              >
              <span class="quiet w-[44px] text-right whitespace-nowrap">{{
                t('practice.minutes', { minutes: item.minutes })
              }}</span>
            </li>
          </ul>
        </section>
      </div>
      <section v-if="view.next" class="mt-4 break-inside-avoid">
        <h2 class="text-[16px]">{{ t('practice.week.watch') }}</h2>
        <ul class="mt-1 text-[13.5px]">
          <li v-for="item in view.next.items.filter(({ watch, test }) => watch && !test)" :key="item.study">
            <b class="font-serif">{{ tell(materialTold(view.rows[item.study]!.recipe)) }}</b>
            <em>{{ ` ${tell(item.watch!)}` }}</em>
          </li>
        </ul>
      </section>
      <p class="mt-4 text-[13px]">{{ t('practice.week.how') }} {{ t('practice.today.rest') }}</p>
      <PaperFoot :recipes="view.rows.map(({ recipe }) => recipe)" />
    </template>
  </div>
</template>

<style scoped>
.week {
  columns: 2;
  column-gap: 34px;
}
.day {
  margin-bottom: 14px;
}
.box {
  display: inline-block;
  width: 12px;
  height: 12px;
  flex: none;
  border: 1.2px solid var(--color-ink);
  position: relative;
  top: 1px;
}
</style>
