<script setup lang="ts">
import { NuxtLink } from '#components'
import type { ExamListing } from '#shared/api'
import { locale, marked, t } from '~/composables/words'

/** A mock exam that was held, on a line. */
defineProps<{ exam: ExamListing }>()
const date = (text: string): string => new Date(text).toLocaleDateString(locale(), { day: 'numeric', month: 'short' })
</script>

<template>
  <li class="flex items-baseline py-[4px] text-[14px]">
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
</template>
