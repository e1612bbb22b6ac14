<script setup lang="ts">
import { computed, onMounted, shallowRef, ref } from 'vue'
import { type Box, boxesOf, type WeekLine } from '#core/lesson'
import type { Recipe } from '#core/instrument'
import { dateOf, dayOf, type Outcome } from '#core/practice'
import type { StoredEntry, StoredWeek } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import type { PracticeView } from '~/practice'
import type { EntryDraft } from '~/stores/practice'
import { boxEntry } from './boxes'
import { longDay } from './dates'
import HomeBoxes from './HomeBoxes.vue'
import WeekBoxes from './WeekBoxes.vue'

/** Practice at home as it comes back: by the week that was set and printed, or for weeks without one by the studies. */
const props = defineProps<{ pupilId: string; record: readonly StoredEntry[]; view: PracticeView; busy: boolean }>()
const emit = defineEmits<{ recorded: [all: { row: { id: string | null; recipe: Recipe }; draft: EntryDraft }[]] }>()

const { error, guarded } = working()
const weeks = shallowRef<readonly StoredWeek[]>([])
/** Which week, by the day on which it was set; empty for the studies, week by week. */
const chosen = ref('')
onMounted(() =>
  guarded(async () => {
    weeks.value = (await ask('GET /api/pupils/:id/weeks', { id: props.pupilId })).filter(
      ({ lines }) => lines.length > 0,
    )
    // what is set today is not practised yet
    chosen.value = (weeks.value.find(({ from }) => dayOf(from)! < props.view.today) ?? weeks.value[0])?.from ?? ''
  }),
)
const DAYS = 7
const week = computed(() => weeks.value.find(({ from }) => from === chosen.value) ?? null)
/** The day after the last of its boxes: the next week's, a week later, or tomorrow. */
const until = computed(() => {
  const { from } = week.value!
  const next = weeks.value.findLast((each) => each.from > from)
  const end = Math.min(dayOf(next?.from ?? '') ?? Infinity, dayOf(from)! + DAYS + 1, props.view.today + 1)
  return dateOf(end)
})
const boxes = computed(() => (week.value ? boxesOf(week.value, props.record, until.value) : []))
const press = (line: WeekLine, box: Box, next: Outcome | null): void =>
  emit('recorded', [{ row: { id: line.studyId, recipe: line.study }, draft: boxEntry(line, box, next) }])
</script>

<template>
  <section :aria-label="t('practice.boxes.title')">
    <h2 class="text-[17px]">{{ t('practice.boxes.title') }}</h2>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-if="weeks.length" class="mt-1 text-[13.5px]">
      <label>
        {{ t('practice.weeks.which') }}
        <select v-model="chosen" class="field ml-1">
          <option v-for="each in weeks" :key="each.from" :value="each.from">
            {{ t('practice.weeks.set-on', { day: longDay(dayOf(each.from)!) }) }}
          </option>
          <option value="">{{ t('practice.weeks.other') }}</option>
        </select>
      </label>
    </p>
    <template v-if="week">
      <p class="quiet mt-1 text-[13px]">{{ t('practice.weeks.what') }}</p>
      <p v-if="boxes.every((own) => own.length === 0)" class="quiet aside mt-2">{{ t('practice.weeks.not-yet') }}</p>
      <WeekBoxes
        v-else
        :lines="week.lines"
        :boxes="boxes"
        :among="view.rows.map(({ recipe }) => recipe)"
        :busy="busy"
        @press="press"
      />
    </template>
    <HomeBoxes v-else :view="view" :busy="busy" @recorded="(all) => emit('recorded', all)" />
  </section>
</template>
