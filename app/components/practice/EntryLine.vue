<script setup lang="ts">
import { ref } from 'vue'
import type { Recipe } from '#core/instrument'
import { dayOf, OUTCOMES } from '#core/practice'
import type { StoredEntry } from '#shared/api'
import { t } from '~/composables/words'
import type { EntryDraft } from '~/stores/practice'
import { shortDay } from './dates'
import { bpmOf, notesOf } from './tempo'
import TempoStep from './TempoStep.vue'

/** An entry of the record, and how it is put right: by another one. */
const props = defineProps<{ entry: StoredEntry; recipe: Recipe; busy: boolean; title?: string }>()
const emit = defineEmits<{ correct: [some: Partial<EntryDraft>] }>()

const correcting = ref(false)
const bpm = ref(bpmOf(props.entry.tempo, props.recipe))
const whereMessage = (): string => {
  const { where } = props.entry
  if (!where) return ''
  return 'place' in where
    ? t('practice.entry.at', { place: t('practice.place', { place: where.place }) })
    : t('practice.entry.at', { place: t('practice.entry.note', { note: where.index + 1, player: where.player }) })
}
function put(some: Partial<EntryDraft>): void {
  correcting.value = false
  emit('correct', some)
}
</script>

<template>
  <li class="flex flex-wrap items-baseline gap-x-2 py-[2px]">
    <span class="quiet w-[52px]">{{ shortDay(dayOf(entry.date)!) }}</span>
    <span v-if="title" class="font-serif">{{ title }}</span>
    <span>{{
      t('practice.entry', {
        kind: entry.kind,
        outcome: entry.outcome,
        bpm: bpmOf(entry.tempo, recipe),
        hands: entry.hands === recipe.hands ? 'same' : entry.hands,
        by: entry.by,
      })
    }}</span>
    <span v-if="entry.where" class="aside text-missing">{{ whereMessage() }}</span>
    <span v-if="entry.note" class="aside quiet">{{ entry.note }}</span>
    <button v-if="!correcting" type="button" class="text-button ml-auto text-[12.5px]" @click="correcting = true">
      {{ t('practice.entry.correct') }}
    </button>
    <span
      v-else
      class="ml-auto flex flex-wrap items-center gap-1"
      role="group"
      :aria-label="t('practice.entry.correct')"
    >
      <TempoStep v-model="bpm" :label="t('practice.tempo.bpm')" />
      <button
        v-for="outcome in OUTCOMES"
        :key="outcome"
        type="button"
        class="plain-button"
        :disabled="busy"
        @click="put({ outcome, tempo: notesOf(bpm, recipe) })"
      >
        {{ t('practice.outcome', { outcome }) }}
      </button>
      <button type="button" class="text-button text-[12.5px]" :disabled="busy" @click="put({ withdrawn: true })">
        {{ t('practice.entry.withdraw') }}
      </button>
      <button type="button" class="text-button text-[12.5px]" @click="correcting = false">
        {{ t('practice.entry.keep') }}
      </button>
    </span>
  </li>
</template>
