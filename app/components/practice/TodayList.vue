<script setup lang="ts">
import { computed, reactive } from 'vue'
import { NuxtLink } from '#components'
import { dayOf } from '#core/practice'
import type { Progress, Pupil } from '#shared/api'
import { formatMessage, t } from '~/composables/words'
import { longDay } from './dates'

/** Tests that are due, and who falls behind on the way to an exam. */
const props = defineProps<{ progress: readonly Progress[]; pupils: readonly Pupil[] }>()

/** A longer list is shown as a whole when that is asked. */
const FEW = 8
const whole = reactive(new Set<string>())
const ahead = computed(() => props.progress.filter(({ over, wrong }) => !over && !wrong))
/** What nothing can be said of, and why. */
const wrong = computed(() => props.progress.filter((each) => each.wrong))
const nameOf = ({ pupilId }: Progress): string => props.pupils.find(({ id }) => id === pupilId)?.name ?? ''
const isBehind = ({ behind, missing, exam }: Progress): string =>
  [
    ...(behind > 0 ? [t('practice.pupils.is-behind', { behind, day: longDay(dayOf(exam)!) })] : []),
    ...(missing > 0 ? [t('practice.pupils.is-missing', { missing })] : []),
  ].join(', ')
const lists = computed(() => [
  {
    title: t('practice.pupils.due'),
    none: t('practice.pupils.nothing-due'),
    own: ahead.value.filter(({ due }) => due > 0).sort((a, b) => b.due - a.due),
    words: (each: Progress) => t('practice.pupils.is-due', { due: each.due }),
    to: (each: Progress) => `/pupils/${each.pupilId}/test?set=${each.setId}`,
  },
  {
    title: t('practice.pupils.behind'),
    none: t('practice.pupils.nobody-behind'),
    own: ahead.value.filter(({ behind, missing }) => behind + missing > 0).sort((a, b) => a.chance - b.chance),
    words: isBehind,
    to: (each: Progress) => `/pupils/${each.pupilId}?set=${each.setId}`,
  },
])
</script>

<template>
  <div class="grid grid-cols-1 gap-x-12 gap-y-5 border-y border-rule bg-sheet px-5 py-4">
    <section v-for="list in lists" :key="list.title" :aria-label="list.title">
      <h2 class="text-[17px]">{{ list.title }}</h2>
      <ul class="mt-1 text-[14.5px]">
        <li
          v-for="each in whole.has(list.title) ? list.own : list.own.slice(0, FEW)"
          :key="each.setId"
          class="flex items-baseline py-[3px]"
        >
          <NuxtLink class="font-serif font-semibold hover:underline" :to="list.to(each)">{{ nameOf(each) }}</NuxtLink>
          <span class="leader" aria-hidden="true"></span>
          <span class="quiet">{{ list.words(each) }}</span>
        </li>
        <li v-if="list.own.length === 0" class="quiet aside">{{ list.none }}</li>
      </ul>
      <button
        v-if="list.own.length > FEW && !whole.has(list.title)"
        type="button"
        class="text-button text-[13.5px]"
        @click="whole.add(list.title)"
      >
        {{ t('practice.pupils.all', { count: list.own.length }) }}
      </button>
    </section>
    <ul v-if="wrong.length" class="text-[14.5px] text-missing">
      <li v-for="each in wrong" :key="each.setId">
        <NuxtLink class="font-serif font-semibold hover:underline" :to="`/sets/${each.setId}`">{{
          nameOf(each)
        }}</NuxtLink>
        {{ t('practice.pupils.wrong', { why: formatMessage(each.wrong!) }) }}
      </li>
    </ul>
  </div>
</template>
