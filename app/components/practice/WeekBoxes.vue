<script setup lang="ts">
import { computed } from 'vue'
import type { Recipe } from '#core/instrument'
import type { Box, WeekLine } from '#core/lesson'
import { type Outcome, weekdayOf } from '#core/practice'
import { titleOf } from '#core/realise'
import { howWords, titleWords } from '~/components/lesson/lines'
import { formatMessage, t } from '~/composables/words'
import { shortDay, weekdayShort } from './dates'
import { apartOf } from './names'

/** A week as it was set and printed, line by line, with a box a day: pressed once for clean, twice for not clean. */
const props = defineProps<{
  lines: readonly WeekLine[]
  /** Of each line, day by day. */
  boxes: readonly (readonly Box[])[]
  busy: boolean
  /** What else the pupil plays. */
  among: readonly Recipe[]
}>()
const emit = defineEmits<{ press: [line: WeekLine, box: Box, next: Outcome | null] }>()

const all = computed(() => props.lines.map((line, at) => ({ line, boxes: props.boxes[at]! })))
const apart = computed(() =>
  apartOf(
    props.lines.map(({ study }) => study),
    props.among,
  ),
)
const SIGNS: Readonly<Record<Outcome, string>> = { right: '✓', hesitated: '~', wrong: '–' }
const NEXT: Readonly<Record<Outcome | 'none', Outcome | null>> = {
  none: 'right',
  right: 'wrong',
  hesitated: 'right',
  wrong: null,
}
</script>

<template>
  <ul>
    <li v-for="({ line, boxes: own }, at) in all" :key="line.id" class="border-b border-rule py-[8px]">
      <p class="flex flex-wrap items-baseline gap-x-2">
        <span class="font-serif text-[16px] font-semibold">{{ titleWords(line.study) }}</span>
        <span class="quiet text-[12.5px]">{{ [apart[at], howWords(line)].filter(Boolean).join(' · ') }}</span>
      </p>
      <p class="mt-[5px] flex flex-wrap items-start gap-[7px]">
        <span v-for="box in own" :key="box.day" class="text-center">
          <span class="quiet block text-[11px] leading-[1.2]" aria-hidden="true">{{ weekdayShort(box.day) }}</span>
          <button
            type="button"
            class="box"
            :class="[box.outcome, { set: line.days.includes(weekdayOf(box.day)) }]"
            :disabled="busy"
            :title="shortDay(box.day)"
            :aria-label="
              t('practice.boxes.box', {
                title: formatMessage(titleOf(line.study)),
                day: shortDay(box.day),
                outcome: box.outcome ?? 'none',
              })
            "
            @click="emit('press', line, box, NEXT[box.outcome ?? 'none'])"
          >
            {{ box.outcome ? SIGNS[box.outcome] : '' }}
          </button>
        </span>
        <span
          v-if="own.length > 0 && own.every(({ outcome }) => outcome === null)"
          class="aside quiet self-end text-[13.5px]"
          >{{ t('lesson.since.nothing') }}</span
        >
      </p>
      <p v-if="line.note" class="aside quiet text-[13.5px]">{{ line.note }}</p>
    </li>
  </ul>
</template>

<style scoped>
.box {
  display: block;
  width: 22px;
  height: 22px;
  border: 1px dashed var(--color-rule);
  border-radius: 2px;
  font-size: 13px;
  line-height: 1;
}
/* the days on which it was set */
.box.set {
  border: 1px solid var(--color-soft);
}
@media (pointer: coarse) {
  .box {
    width: 44px;
    height: 44px;
  }
}
.box.right {
  border: 1px solid var(--color-met);
  color: var(--color-met);
}
.box.wrong,
.box.hesitated {
  border: 1px solid var(--color-missing);
  color: var(--color-missing);
}
</style>
