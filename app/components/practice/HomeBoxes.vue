<script setup lang="ts">
import { computed, ref } from 'vue'
import { dateOf, type Outcome } from '#core/practice'
import { t, formatMessage } from '~/composables/words'
import type { PracticeView, Row } from '~/practice'
import type { EntryDraft } from '~/stores/practice'
import { shortDay, weekdayShort } from './dates'
import { namesOf } from './names'
import { bpmOf } from './tempo'
import { tempoMeant } from './told'

/** The pupil's page of boxes as it comes back from home: a box pressed once was clean, twice was not, thrice is empty. */
const props = defineProps<{ view: PracticeView; busy: boolean }>()
const emit = defineEmits<{ recorded: [all: { row: Row; draft: EntryDraft }[]] }>()

const DAYS = 7
/** Weeks back from this one. */
const back = ref(0)
const days = computed(() =>
  Array.from({ length: DAYS }, (_, at) => props.view.today - DAYS * (1 + back.value) + 1 + at),
)
const names = computed(() => namesOf(props.view.rows.map(({ recipe }) => recipe)))
const boxes = ref(new Map<string, Outcome>())
const key = (row: Row, day: number): string => `${row.study} ${day}`
const NEXT: Readonly<Record<string, Outcome | undefined>> = { none: 'right', right: 'wrong', wrong: undefined }

function press(row: Row, day: number): void {
  const next = NEXT[boxes.value.get(key(row, day)) ?? 'none']
  const all = new Map(boxes.value)
  if (next) all.set(key(row, day), next)
  else all.delete(key(row, day))
  boxes.value = all
}
function add(): void {
  const all = days.value.flatMap((day) =>
    props.view.rows.flatMap((row): { row: Row; draft: EntryDraft }[] => {
      const outcome = boxes.value.get(key(row, day))
      if (!outcome) return []
      const stage = row.stages[row.stage]!
      const { hands, octaves, minutes } = stage
      const tempo = tempoMeant(row, hands)
      return [
        {
          row,
          draft: {
            outcome,
            tempo,
            kind: 'home',
            by: 'pupil',
            date: dateOf(day),
            hands,
            octaves,
            minutes,
            stage: stage.id,
          },
        },
      ]
    }),
  )
  emit('recorded', all)
  boxes.value = new Map()
}
</script>

<template>
  <div>
    <p class="quiet text-[13px]">{{ t('practice.boxes.what') }}</p>
    <p class="mt-1 flex flex-wrap items-baseline gap-3 text-[13.5px]">
      <button type="button" class="text-button" @click="back++">{{ t('practice.boxes.earlier') }}</button>
      <span>{{ t('practice.boxes.days', { from: shortDay(days[0]!), to: shortDay(days.at(-1)!) }) }}</span>
      <button v-if="back > 0" type="button" class="text-button" @click="back--">
        {{ t('practice.boxes.later') }}
      </button>
    </p>
    <table class="mt-2 w-full text-[13px]">
      <thead>
        <tr>
          <td></td>
          <th v-for="day in days" :key="day" class="quiet w-[34px] font-normal" scope="col">{{ weekdayShort(day) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in view.rows" :key="row.id">
          <th class="text-left font-serif font-normal" scope="row">
            {{ names[row.study] }}
            <span class="quiet font-sans text-[12px]"
              >♩ = {{ bpmOf(tempoMeant(row, row.stages[row.stage]!.hands), row.recipe) }}</span
            >
          </th>
          <td v-for="day in days" :key="day" class="text-center">
            <button
              type="button"
              class="box"
              :class="boxes.get(key(row, day))"
              :aria-label="
                t('practice.boxes.box', {
                  title: formatMessage(row.title),
                  day: shortDay(day),
                  outcome: boxes.get(key(row, day)) ?? 'none',
                })
              "
              @click="press(row, day)"
            >
              {{ boxes.get(key(row, day)) === 'right' ? '✓' : boxes.get(key(row, day)) === 'wrong' ? '–' : '' }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <button type="button" class="plain-button mt-2" :disabled="busy || boxes.size === 0" @click="add">
      {{ t('practice.boxes.add', { count: boxes.size }) }}
    </button>
  </div>
</template>

<style scoped>
.box {
  width: 24px;
  height: 24px;
  border: 1px solid var(--color-rule);
  border-radius: 2px;
  line-height: 1;
}
.box.right {
  border-color: var(--color-met);
  color: var(--color-met);
}
.box.wrong {
  border-color: var(--color-missing);
  color: var(--color-missing);
}
</style>
