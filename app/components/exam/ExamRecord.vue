<script setup lang="ts">
import type { Exam } from '#shared/api'
import { locale, marked, t, formatMessage } from '~/composables/words'

/** A mock exam as it was held, for the pupil's record. */
defineProps<{ exam: Exam }>()
const date = (text: string): string =>
  new Date(text).toLocaleDateString(locale(), { day: 'numeric', month: 'long', year: 'numeric' })
</script>

<template>
  <article>
    <h1 class="text-[26px]">
      <template v-if="exam.mark === null">{{ t('exam.exam-record.unfinished', { name: exam.pupil.name }) }}</template>
      <template v-else>
        {{ t('exam.exam-record.of', { name: exam.pupil.name, mark: exam.mark, total: exam.marking.total }) }}
        <span class="aside font-normal">{{ marked(exam.band ?? '') }}</span>
      </template>
    </h1>
    <p class="quiet mt-1 text-[14.5px]">
      {{
        t('exam.exam-record.draw-no', {
          syllabus: exam.syllabus,
          gradeTitle: exam.gradeTitle,
          setTitle: exam.setTitle,
          date: date(exam.heldAt),
          seed: exam.seed,
        })
      }}
    </p>
    <table class="mt-5 w-full border-collapse text-[14.5px]">
      <thead>
        <tr class="border-b border-ink text-left">
          <th scope="col" class="pb-1 font-serif">{{ t('exam.exam-record.called') }}</th>
          <th
            v-for="criterion in exam.marking.criteria"
            :key="criterion.id"
            scope="col"
            class="w-[92px] pb-1 text-center text-[13px] font-normal"
          >
            {{ marked(criterion.title) }} <span class="quiet">/{{ criterion.most }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(item, at) in exam.items" :key="at" class="border-b border-rule align-top">
          <th scope="row" class="py-[7px] pr-3 text-left font-normal">
            {{ formatMessage(item.call) }}
            <span v-if="!item.printed" class="aside text-rh">{{ ` ${t('exam.exam-record.not-printed')}` }}</span>
            <span v-if="item.note" class="aside quiet block">{{ item.note }}</span>
          </th>
          <td v-for="(mark, place) in item.marks" :key="place" class="py-[7px] text-center font-serif text-[16px]">
            {{ mark ?? '–' }}
          </td>
        </tr>
      </tbody>
    </table>
    <p class="not-printed mt-6 flex items-center gap-4"><slot /></p>
  </article>
</template>
