<script setup lang="ts" generic="R extends Told">
import { computed, ref } from 'vue'
import { familyOf } from '#core/instrument'
import { readSpokenLine, type SpokenEntry } from '#core/practice'
import { familyHere } from '~/composables/studio'
import { t, formatMessage } from '~/composables/words'
import type { EntryDraft } from '~/stores/practice'
import { bpmOf, notesOf } from './tempo'
import type { Told } from './told'

/** The record by a line, as it would be said: “G minor together 96 clean, D minor LH wrong at the turn”. */
const props = withDefaults(defineProps<{ rows: readonly R[]; id?: string }>(), { id: 'record-line' })
const emit = defineEmits<{ recorded: [all: { row: R; draft: EntryDraft }[]] }>()

/** The example is of what the pupil plays. */
const family = computed(() => (props.rows[0] ? familyOf(props.rows[0].recipe).id : familyHere()))
const line = ref('')
const draft = computed(() =>
  readSpokenLine(
    line.value,
    props.rows.map(({ recipe }) => recipe),
  ),
)
const rowOf = ({ studies }: SpokenEntry): R | null => (studies.length === 1 ? props.rows[studies[0]!]! : null)
const isWhole = (each: SpokenEntry): boolean => rowOf(each) !== null && each.outcome !== null
const ready = computed(() => draft.value.length > 0 && draft.value.every(isWhole))

const tempoOf = (each: SpokenEntry, row: R): number =>
  each.bpm === null ? (row.tempo ?? row.steps?.at(-1)?.tempo ?? row.required) : notesOf(each.bpm, row.recipe)

const heard = (each: SpokenEntry): string =>
  each.unread.length === 0
    ? understood(each)
    : t('practice.line.unread', { heard: understood(each), words: each.unread.join(' ') })

function understood(each: SpokenEntry): string {
  const row = rowOf(each)
  if (!row) {
    const among = each.studies.map((study) => formatMessage(props.rows[study]!.title)).join(', ')
    return t('practice.line.which', { typed: each.typed, among: among || 'none' })
  }
  if (!each.outcome) return t('practice.line.how', { title: formatMessage(row.title) })
  return t('practice.line.heard', {
    title: formatMessage(row.title),
    outcome: each.outcome,
    bpm: bpmOf(tempoOf(each, row), row.recipe),
    hands: each.hands && each.hands !== row.recipe.hands ? each.hands : 'same',
    place: each.place ?? 'none',
  })
}
function add(): void {
  if (!ready.value) return
  emit(
    'recorded',
    draft.value.map((each): { row: R; draft: EntryDraft } => {
      const row = rowOf(each)!
      return {
        row,
        draft: {
          outcome: each.outcome!,
          tempo: tempoOf(each, row),
          kind: each.kind ?? 'lesson',
          ...(each.hands ? { hands: each.hands } : {}),
          ...(each.place ? { where: { place: each.place } } : {}),
        },
      }
    }),
  )
  line.value = ''
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
      <li v-for="(each, at) in draft" :key="at" :class="isWhole(each) ? 'quiet' : 'text-missing'">{{ heard(each) }}</li>
    </ul>
  </form>
</template>
