<script setup lang="ts">
import type { SetReport } from '#shared/api'
import { t } from '~/composables/words'

/** Every grade of every syllabus as a tube: solid when wholly covered, hatched in part. */
const props = defineProps<{ placements: SetReport['placements']; syllabusId: string | null; gradeId: string | null }>()
const emit = defineEmits<{ choose: [syllabusId: string, gradeId: string] }>()

const HEIGHT = 42
const share = (grade: { covered: number; required: number }): number => grade.covered / Math.max(1, grade.required)
const isHere = (syllabus: string, grade: string): boolean => syllabus === props.syllabusId && grade === props.gradeId
const short = (title: string): string => title.replace(/^(Grade|Award) /, '').slice(0, 7)
const percent = (grade: { covered: number; required: number }): number => Math.floor(share(grade) * 100)
const highestOf = ({ grades, highest }: SetReport['placements'][number]['placement']): string =>
  grades.find(({ id }) => id === highest)?.title ?? t('sets.tube-ladder.none-yet')
</script>

<template>
  <div v-for="{ id, title, placement } in placements" :key="id" class="mt-2 flex items-center gap-4">
    <p class="w-[150px] shrink-0 font-serif text-[16px] leading-[1.2] font-semibold">
      {{ title }}
      <span class="aside quiet block text-[13px] font-normal">{{
        t('sets.tube-ladder.wholly', { highestOf: highestOf(placement) })
      }}</span>
    </p>
    <ul class="flex gap-[13px] overflow-x-auto">
      <li v-for="grade in placement.grades" :key="grade.id">
        <button
          type="button"
          class="block text-center text-[12.5px]"
          :aria-pressed="isHere(id, grade.id)"
          :aria-label="
            t('sets.tube-ladder.of-covered', {
              title,
              title2: grade.title,
              covered: grade.covered,
              required: grade.required,
            })
          "
          @click="emit('choose', id, grade.id)"
        >
          <svg width="40" :height="HEIGHT + 2" aria-hidden="true">
            <defs>
              <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <rect width="6" height="6" fill="var(--color-page)" />
                <rect width="2.6" height="6" fill="var(--color-rule)" />
              </pattern>
            </defs>
            <rect
              x="1.5"
              :y="1 + HEIGHT * (1 - share(grade))"
              width="37"
              :height="HEIGHT * share(grade)"
              :fill="share(grade) === 1 ? 'var(--color-met)' : 'url(#hatch)'"
            />
            <path :d="`M1.5 0 V${HEIGHT + 1} H38.5 V0`" fill="none" stroke="var(--color-soft)" stroke-width="1" />
          </svg>
          <span
            class="mt-[2px] inline-block rounded-[3px] px-[7px] py-px"
            :class="isHere(id, grade.id) ? 'bg-ink font-semibold text-sheet' : 'quiet'"
          >
            {{ short(grade.title) }}
          </span>
          <span class="quiet block text-[11.5px] leading-[1.2]">{{ percent(grade) }} %</span>
        </button>
      </li>
    </ul>
  </div>
</template>
