<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { weekOf, WEEKDAYS } from '#core/practice'
import type { Pupil } from '#shared/api'
import { weekdayName } from '~/components/practice/dates'
import { t } from '~/composables/words'

/** The week as the timetable has it: who comes when. */
const props = defineProps<{ pupils: readonly Pupil[]; day: number }>()
const emit = defineEmits<{ choose: [day: number] }>()

const monday = computed(() => weekOf(props.day))
const days = computed(() =>
  WEEKDAYS.map((weekday, at) => ({
    day: monday.value + at,
    slots: props.pupils
      .flatMap((pupil) => pupil.lessons.filter((slot) => slot.weekday === weekday).map((slot) => ({ pupil, slot })))
      .sort((a, b) => (a.slot.time < b.slot.time ? -1 : 1)),
  })),
)
const without = computed(() => props.pupils.filter(({ lessons }) => lessons.length === 0))
</script>

<template>
  <section :aria-label="t('today.timetable')">
    <h2 class="border-b border-ink pb-1 text-[20px]">{{ t('today.timetable') }}</h2>
    <div class="grid grid-cols-1 gap-x-5 gap-y-4 pt-2 sm:grid-cols-3 lg:grid-cols-7">
      <div v-for="each in days" :key="each.day" :class="{ 'max-sm:hidden': each.slots.length === 0 }">
        <h3 class="text-[15px]">
          <button
            type="button"
            class="hover:underline"
            :aria-pressed="each.day === day"
            :class="{ underline: each.day === day }"
            @click="emit('choose', each.day)"
          >
            {{ weekdayName(each.day) }}
          </button>
        </h3>
        <ul class="mt-1 text-[14px]">
          <li v-for="{ pupil, slot } in each.slots" :key="`${pupil.id} ${slot.time}`" class="flex gap-2 py-[2px]">
            <span class="quiet">{{ slot.time }}</span>
            <NuxtLink class="min-w-0 truncate hover:underline" :to="`/pupils/${pupil.id}/lesson`">{{
              pupil.name
            }}</NuxtLink>
          </li>
        </ul>
      </div>
    </div>
    <p v-if="without.length > 0" class="mt-3 text-[14px]">
      <span class="quiet">{{ t('today.without') }}</span>
      <template v-for="(pupil, at) in without.slice(0, 12)" :key="pupil.id">
        <span v-if="at > 0" aria-hidden="true"> · </span>
        <NuxtLink class="ml-1 hover:underline" :to="`/pupils/${pupil.id}/lesson`">{{ pupil.name }}</NuxtLink>
      </template>
      <span v-if="without.length > 12" class="quiet">{{
        t('today.without.more', { count: without.length - 12 })
      }}</span>
    </p>
  </section>
</template>
