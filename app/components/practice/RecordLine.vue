<script setup lang="ts" generic="R extends Told">
import { computed, ref } from 'vue'
import { familyOf } from '#core/instrument'
import { dateOf, dayMeant, readSpokenLine, type SpokenEntry } from '#core/practice'
import { familyHere } from '~/composables/studio'
import { t, formatMessage } from '~/composables/words'
import type { EntryDraft } from '~/stores/practice'
import { shortDay } from './dates'
import { namesOf } from './names'
import { bpmOf, notesOf } from './tempo'
import { type Told, tempoMeant } from './told'

/** The record by a line, as it would be said: “G minor together 96 clean, D minor LH wrong at the turn”. */
const props = withDefaults(
  defineProps<{
    rows: readonly R[]
    /** Days as numbers: what nobody says otherwise is of `day`, and nothing is later than today. */
    today: number
    day?: number
    id?: string
  }>(),
  { id: 'record-line', day: undefined },
)
const emit = defineEmits<{ recorded: [all: { row: R; draft: EntryDraft }[]] }>()

/** The example is of what the pupil plays. */
const family = computed(() => (props.rows[0] ? familyOf(props.rows[0].recipe).id : familyHere()))
const line = ref('')
const names = computed(() => namesOf(props.rows.map(({ recipe }) => recipe)))
const draft = computed(() =>
  readSpokenLine(
    line.value,
    props.rows.map(({ recipe }) => recipe),
  ),
)
/** What was chosen where the words do not say which, by the words. */
const chosen = ref<Record<string, number>>({})
const among = ({ studies, typed }: SpokenEntry): number[] => {
  const own = chosen.value[typed]
  return own !== undefined && studies.includes(own) ? [own] : [...studies]
}
const rowOf = (each: SpokenEntry): R | null => {
  const found = among(each)
  return found.length === 1 ? props.rows[found[0]!]! : null
}
const dayOf = ({ day }: SpokenEntry): number | null =>
  day === null ? (props.day ?? props.today) : dayMeant(day, props.today)
const isWhole = (each: SpokenEntry): boolean => rowOf(each) !== null && each.outcome !== null && dayOf(each) !== null
const ready = computed(() => draft.value.some(isWhole))
/** What is kept in the line, until it says which or how. */
const left = computed(() => draft.value.filter((each) => !isWhole(each)))

const tempoOf = (each: SpokenEntry, row: R): number =>
  each.bpm === null ? tempoMeant(row, each.hands) : notesOf(each.bpm, row.recipe)

const heard = (each: SpokenEntry): string => {
  const day = dayOf(each)
  if (day === null) return t('practice.line.no-day', { typed: each.typed })
  const words = day === props.today || !isWhole(each) ? understood(each) : `${understood(each)}, ${shortDay(day)}`
  return each.unread.length === 0 ? words : t('practice.line.unread', { heard: words, words: each.unread.join(' ') })
}

function understood(each: SpokenEntry): string {
  const row = rowOf(each)
  if (!row) return t('practice.line.which', { typed: each.typed, some: among(each).length })
  if (!each.outcome) return t('practice.line.how', { title: formatMessage(row.title) })
  return t('practice.line.heard', {
    title: formatMessage(row.title),
    outcome: each.outcome,
    bpm: bpmOf(tempoOf(each, row), row.recipe),
    hands: each.hands && each.hands !== row.recipe.hands ? each.hands : 'same',
    place: each.place ?? 'none',
  })
}
function draftOf(each: SpokenEntry): { row: R; draft: EntryDraft } {
  const row = rowOf(each)!
  return {
    row,
    draft: {
      ...{ outcome: each.outcome!, tempo: tempoOf(each, row), kind: each.kind ?? 'lesson', date: dateOf(dayOf(each)!) },
      ...(each.hands ? { hands: each.hands } : {}),
      ...(each.place ? { where: { place: each.place } } : {}),
    },
  }
}
function add(): void {
  if (!ready.value) return
  const remaining = left.value.map(({ typed }) => typed).join('; ')
  emit('recorded', draft.value.filter(isWhole).map(draftOf))
  line.value = remaining
}
</script>

<template>
  <form class="mt-3" @submit.prevent="add">
    <label class="block text-[13px]" :for="id">{{ t('practice.line.label') }}</label>
    <div class="mt-1 flex gap-2">
      <input
        :id="id"
        v-model="line"
        class="field min-w-0 flex-1 font-serif italic"
        autocomplete="off"
        :placeholder="t('practice.line.such-as', { family })"
        maxlength="400"
        :aria-describedby="`${id}-heard`"
      />
      <button type="submit" class="plain-button" :disabled="!ready">{{ t('practice.line.add') }}</button>
    </div>
    <ul :id="`${id}-heard`" class="mt-1 text-[13px]" aria-live="polite">
      <li v-for="(each, at) in draft" :key="at" :class="isWhole(each) ? 'quiet' : 'text-missing'">
        {{ heard(each) }}
        <span v-if="among(each).length > 1" class="flex flex-wrap gap-1 py-1" role="group" :aria-label="heard(each)">
          <button
            v-for="study in among(each)"
            :key="study"
            type="button"
            class="plain-button text-ink"
            @click="chosen = { ...chosen, [each.typed]: study }"
          >
            {{ names[study] }}
          </button>
        </span>
      </li>
      <li v-if="ready && left.length" class="quiet">{{ t('practice.line.left', { count: left.length }) }}</li>
    </ul>
  </form>
</template>
