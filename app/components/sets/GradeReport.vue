<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { type PracticeState, PRACTICE_STATES } from '#core/practice'
import type { GradeReport } from '#core/syllabus'
import PlayedMark from '~/components/practice/PlayedMark.vue'
import { type EntryLine, reportedGroups } from './entries'
import { question, t, formatMessage } from '~/composables/words'
import StatusMark from './StatusMark.vue'

/** A set against a grade as the list prints it: what is covered, what is near and how to mend it, what is missing. */
const props = defineProps<{
  report: GradeReport
  /** How each item stands with the pupil, by its id. */
  practiceStates: Readonly<Record<string, PracticeState>>
  busy: boolean
}>()
const emit = defineEmits<{ mend: [atom: string]; add: [atoms: readonly string[]] }>()

const groups = computed(() => reportedGroups(props.report))
const NUMBERS = ['none', 'it', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
const addWords = ({ atoms }: EntryLine): string =>
  t('sets.grade-report.add', { count: atoms.length, count2: NUMBERS[atoms.length] ?? atoms.length })
/** Of several keys on one line the one that is least far. */
const stateOf = ({ atoms }: EntryLine): PracticeState | null => {
  const all = atoms.flatMap(({ id }) => props.practiceStates[id] ?? [])
  return all.length < atoms.length ? null : (PRACTICE_STATES.find((each) => all.includes(each)) ?? null)
}
const idsOf = ({ atoms }: EntryLine): string[] => atoms.map(({ id }) => id)
</script>

<template>
  <section
    v-for="group in groups"
    :key="group.id"
    class="mt-5"
    :aria-label="t('sets.grade-report.group', { id: group.id })"
  >
    <h3 class="flex items-baseline justify-between gap-3 border-b border-rule pb-[5px] text-[16px]">
      <span>{{ group.id }}. {{ group.title }}</span>
      <span class="quiet font-sans text-[13px] font-normal whitespace-nowrap">{{
        t('sets.grade-report.of', { covered: group.covered, required: group.required })
      }}</span>
    </h3>
    <div v-for="entry in group.entries" :key="entry.id" class="mt-[9px]">
      <p class="quiet aside text-[13.5px] leading-[1.4]">
        “{{ entry.words }}”<span v-if="entry.conditions.length" class="not-italic">
          ({{ t('sets.grade-report.also', { what: entry.conditions.map(formatMessage).join(', ') }) }})</span
        >
      </p>
      <ul class="text-[14.5px]">
        <li v-for="line in entry.lines" :key="line.atoms[0]!.id" class="mt-[5px] flex items-start gap-3">
          <StatusMark :status="line.status" class="mt-[4px]" />
          <span class="min-w-0 flex-1">
            <span :class="{ quiet: line.status === 'not-needed' }">{{ line.words }}</span>
            <PlayedMark v-if="stateOf(line)" class="ml-2 inline-block align-[-2px]" :of="stateOf(line)!" />
            <span v-if="line.status === 'near'" class="aside block text-[14px] text-rh">
              {{
                t('sets.grade-report.no', {
                  value: line.atoms[0]!.study! + 1,
                  what: line.atoms[0]!.reasons.map(formatMessage).join('; '),
                })
              }}
            </span>
            <span v-if="line.status === 'not-needed'" class="aside quiet">
              {{ ` ${t('sets.grade-report.spare')}` }}</span
            >
          </span>
          <button
            v-if="line.status === 'near'"
            type="button"
            class="plain-button"
            :disabled="busy"
            :aria-label="`${formatMessage(line.atoms[0]!.mend!.words)}: ${line.words}`"
            @click="emit('mend', line.atoms[0]!.id)"
          >
            {{ formatMessage(line.atoms[0]!.mend!.words) }}
          </button>
          <button
            v-else-if="line.status === 'missing'"
            type="button"
            class="plain-button"
            :disabled="busy"
            :aria-label="`${addWords(line)}: ${line.words}`"
            @click="emit('add', idsOf(line))"
          >
            {{ addWords(line) }}
          </button>
        </li>
      </ul>
      <p v-if="entry.reading || entry.open.length" class="aside mt-[3px] pl-[26px] text-[13.5px] text-rh">
        <template v-if="entry.reading">{{ `${t('sets.grade-report.read-as', { reading: entry.reading })} ` }}</template>
        <NuxtLink
          v-for="open in entry.open"
          :key="open"
          class="mr-3 underline decoration-dotted underline-offset-3"
          :to="`/syllabi/${report.syllabus}#${encodeURIComponent(entry.id)}`"
          >{{ question(open) }}</NuxtLink
        >
      </p>
    </div>
  </section>
</template>
