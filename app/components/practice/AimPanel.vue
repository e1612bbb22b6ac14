<script setup lang="ts">
import { reactive, ref, watch } from 'vue'
import { dateOf, dayOf, WEEKDAYS, type Weekday } from '#core/practice'
import type { StoredAim } from '#shared/api'
import { t } from '~/composables/words'
import { shortOfWeek } from './dates'

/** What is worked towards: the day, the minutes, the days of the week, the lesson, holidays. */
const props = defineProps<{ aim: StoredAim | null; today: number; busy: boolean }>()
const emit = defineEmits<{ save: [aim: Omit<StoredAim, 'version'>] }>()

const [MONTHS_AHEAD, DEFAULT_MINUTES] = [90, 20]
const usual = (): Omit<StoredAim, 'version'> => ({
  exam: dateOf(props.today + MONTHS_AHEAD),
  minutesADay: DEFAULT_MINUTES,
  days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat'],
  lesson: null,
  away: [],
  pins: [],
})
const form = reactive({
  exam: '',
  minutesADay: 0,
  days: [] as Weekday[],
  lesson: '' as Weekday | '',
  away: [] as { from: string; to: string }[],
})
watch(
  () => props.aim,
  (aim) => {
    const { exam, minutesADay, days, lesson, away } = aim ?? usual()
    Object.assign(form, {
      exam,
      minutesADay,
      days: [...days],
      lesson: lesson ?? '',
      away: (away ?? []).map((each) => ({ ...each })),
    })
  },
  { immediate: true },
)
const problem = ref('')
function save(): void {
  problem.value =
    form.days.length === 0
      ? t('practice.aim.no-days')
      : (dayOf(form.exam) ?? 0) <= props.today
        ? t('practice.aim.past')
        : ''
  if (problem.value) return
  const { lesson, exam, minutesADay, days, away } = form
  emit('save', {
    ...{ exam, minutesADay: Number(minutesADay), lesson: lesson || null, pins: props.aim?.pins ?? [] },
    days: WEEKDAYS.filter((day) => days.includes(day)),
    away: away.filter(({ from, to }) => from && to),
  })
}
</script>

<template>
  <form class="w-[380px] p-4 font-sans text-[14px] font-normal" @submit.prevent="save">
    <div class="flex gap-4">
      <label class="flex-1">
        {{ t('practice.aim.exam') }}
        <input v-model="form.exam" type="date" class="field mt-1 block w-full" required />
      </label>
      <label class="w-[110px]">
        {{ t('practice.aim.minutes') }}
        <input v-model="form.minutesADay" type="number" min="1" max="240" class="field mt-1 block w-full" required />
      </label>
    </div>
    <fieldset class="mt-3">
      <legend>{{ t('practice.aim.days') }}</legend>
      <span class="mt-1 flex flex-wrap gap-x-3 gap-y-1">
        <label v-for="(day, at) in WEEKDAYS" :key="day" class="flex min-h-[26px] items-center gap-1">
          <input v-model="form.days" type="checkbox" :value="day" /> {{ shortOfWeek(at) }}
        </label>
      </span>
    </fieldset>
    <label class="mt-3 block">
      {{ t('practice.aim.lesson') }}
      <select v-model="form.lesson" class="field mt-1 block">
        <option value="">{{ t('practice.aim.no-lesson') }}</option>
        <option v-for="(day, at) in WEEKDAYS" :key="day" :value="day">{{ shortOfWeek(at) }}</option>
      </select>
    </label>
    <fieldset class="mt-3">
      <legend>{{ t('practice.aim.away') }}</legend>
      <p v-for="(each, at) in form.away" :key="at" class="mt-1 flex items-center gap-2">
        <input v-model="each.from" type="date" class="field min-w-0 flex-1" :aria-label="t('practice.aim.from')" />
        –
        <input v-model="each.to" type="date" class="field min-w-0 flex-1" :aria-label="t('practice.aim.to')" />
        <button type="button" class="text-button text-[13px]" @click="form.away.splice(at, 1)">
          {{ t('practice.aim.remove') }}
        </button>
      </p>
      <button type="button" class="text-button mt-1 text-[13px]" @click="form.away.push({ from: '', to: '' })">
        {{ t('practice.aim.add-away') }}
      </button>
    </fieldset>
    <p v-if="problem" role="alert" class="mt-2 text-missing">{{ problem }}</p>
    <p class="mt-3">
      <button type="submit" class="main-button" :disabled="busy">{{ t('practice.aim.save') }}</button>
    </p>
    <p class="quiet mt-2 text-[12.5px]">{{ t('practice.aim.caution') }}</p>
  </form>
</template>
