<script setup lang="ts">
import { computed } from 'vue'
import { t } from '~/composables/words'
import type { PracticeView, Row } from '~/practice'
import type { EntryDraft } from '~/stores/practice'
import { weekdayName } from './dates'
import PlanItemLine from './PlanItemLine.vue'

/** What is practised on the next practice day, which mostly is today. */
const props = defineProps<{ view: PracticeView; busy: boolean }>()
const emit = defineEmits<{ recorded: [row: Row, draft: EntryDraft]; open: [study: number] }>()

const isToday = computed(() => props.view.next?.day === props.view.today)
const title = computed(() => {
  const { next, minutes } = props.view
  return isToday.value
    ? t('practice.today.title', { minutes })
    : t('practice.today.later', { day: weekdayName(next!.day), minutes })
})
/** About five minutes in every half hour (common practice, no source). */
const HALF_HOUR = 30
</script>

<template>
  <section v-if="view.next" :aria-label="title">
    <h2 class="flex items-baseline justify-between border-b border-rule pb-[5px] text-[19px]">
      <span>{{ title }}</span>
      <span v-if="view.next.lesson" class="aside quiet text-[14px] font-normal">{{ t('practice.today.lesson') }}</span>
    </h2>
    <ul>
      <PlanItemLine
        v-for="item in view.next.items"
        :key="`${item.study} ${item.test} ${item.where !== undefined}`"
        :item="item"
        :row="view.rows[item.study]!"
        :lesson="view.next.lesson && isToday"
        :busy="busy"
        @recorded="(draft) => emit('recorded', view.rows[item.study]!, draft)"
        @open="emit('open', item.study)"
      />
    </ul>
    <p class="quiet mt-2 text-[12.5px] leading-[1.45]">
      {{ view.minutes >= HALF_HOUR ? t('practice.today.rest') : '' }} {{ t('practice.caution') }}
    </p>
  </section>
  <section v-else-if="view.exam !== null" class="quiet aside">{{ t('practice.today.none') }}</section>
</template>
