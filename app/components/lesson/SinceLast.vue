<script setup lang="ts">
import { computed } from 'vue'
import { dateOf, type Outcome } from '#core/practice'
import type { WeekLine } from '#core/lesson'
import type { LessonView } from '#shared/lessonView'
import { shortDay, weekdayName, weekdayShort } from '~/components/practice/dates'
import { formatMessage, t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'
import { titleOf } from '#core/realise'
import { apartOf } from '~/components/practice/names'
import { howWords, titleWords } from './lines'

/** What was set last time, and what came of it: a box a day, pressed once for clean, twice for not clean. */
const props = defineProps<{ view: LessonView }>()
const lesson = useLesson()

const heading = computed(() =>
  props.view.since ? t('lesson.since.day', { day: weekdayName(props.view.since.from) }) : t('lesson.since'),
)
const since = computed(() => {
  const { since: last } = props.view
  return last?.lines.map((line, at) => ({ line, boxes: last.boxes[at]! })) ?? []
})
const apart = computed(() => apartOf(since.value.map(({ line }) => line.study)))
const SIGNS: Readonly<Record<Outcome, string>> = { right: '✓', hesitated: '~', wrong: '–' }
const NEXT: Readonly<Record<Outcome | 'none', Outcome | null>> = {
  none: 'right',
  right: 'wrong',
  hesitated: 'right',
  wrong: null,
}

/** A box says something else: the entry that it was is corrected, or withdrawn where the box is empty again. */
async function press(
  line: WeekLine,
  { day, outcome, entry }: { day: number; outcome: Outcome | null; entry: string | null },
) {
  const next = NEXT[outcome ?? 'none']
  await lesson.tell([
    {
      row: { id: line.studyId, recipe: line.study },
      entry: {
        ...{
          kind: 'home',
          by: 'pupil',
          date: dateOf(day),
          tempo: line.reach,
          hands: line.hands,
          octaves: line.octaves,
        },
        ...{ outcome: next ?? 'right', minutes: line.minutes },
        ...(line.stage && !line.test ? { stage: line.stage } : {}),
        ...(entry ? { corrects: entry } : {}),
        ...(next ? {} : { withdrawn: true }),
      },
    },
  ])
}
</script>

<template>
  <section :aria-label="heading">
    <h2 class="flex items-baseline justify-between gap-2 border-b border-rule pb-[6px] text-[20px]">
      {{ heading }}
      <span v-if="view.since" class="quiet font-sans text-[13px] font-normal">{{
        t('lesson.since.practised', { practised: view.since.practised, days: view.since.days })
      }}</span>
    </h2>
    <p v-if="!view.since" class="quiet aside py-3">{{ t('lesson.since.none') }}</p>
    <ul>
      <li v-for="({ line, boxes }, at) in since" :key="line.id" class="border-b border-rule py-[8px]">
        <p class="flex flex-wrap items-baseline gap-x-2">
          <span class="font-serif text-[16px] font-semibold">{{ titleWords(line.study) }}</span>
          <span class="quiet text-[12.5px]">{{ [apart[at], howWords(line)].filter(Boolean).join(' · ') }}</span>
        </p>
        <p class="mt-[5px] flex flex-wrap items-center gap-[7px]">
          <button
            v-for="box in boxes"
            :key="box.day"
            type="button"
            class="box"
            :class="box.outcome"
            :disabled="lesson.busy"
            :title="weekdayShort(box.day)"
            :aria-label="
              t('practice.boxes.box', {
                title: formatMessage(titleOf(line.study)),
                day: shortDay(box.day),
                outcome: box.outcome ?? 'none',
              })
            "
            @click="press(line, box)"
          >
            {{ box.outcome ? SIGNS[box.outcome] : '' }}
          </button>
          <span v-if="boxes.every(({ outcome }) => outcome === null)" class="aside quiet text-[13.5px]">{{
            t('lesson.since.nothing')
          }}</span>
        </p>
        <p v-if="line.note" class="aside quiet text-[13.5px]">{{ line.note }}</p>
      </li>
    </ul>
    <p v-if="view.last?.note" class="aside mt-3 text-[14.5px]">
      {{ t('lesson.since.note', { note: view.last.note }) }}
    </p>
  </section>
</template>

<style scoped>
.box {
  width: 22px;
  height: 22px;
  border: 1px solid var(--color-soft);
  border-radius: 2px;
  font-size: 13px;
  line-height: 1;
}
@media (pointer: coarse) {
  .box {
    width: 44px;
    height: 44px;
  }
}
.box.right {
  border-color: var(--color-met);
  color: var(--color-met);
}
.box.wrong,
.box.hesitated {
  border-color: var(--color-missing);
  color: var(--color-missing);
}
</style>
