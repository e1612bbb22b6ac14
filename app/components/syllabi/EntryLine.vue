<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ListContext } from '#core/call'
import type { Entry } from '#core/syllabus'
import { kindNamed } from '#core/material'
import EntryPanel from './EntryPanel.vue'
import LineEditor from './LineEditor.vue'
import { question, t, formatMessage } from '~/composables/words'

/** A line of the list as it is printed; typed over where it stands, and told how it is read. */
const props = defineProps<{
  entry: Entry
  items: number | null
  fault: string
  editable: boolean
  /** Who plays what the list asks. */
  plays: string
  removable: boolean
  context: ListContext
}>()
const emit = defineEmits<{
  /** What was typed; nothing where it stands as it was. `goes` where another line is begun beneath. */
  type: [line: string | null, goes: boolean]
  move: [by: number]
  remove: []
  change: [entry: Entry]
}>()

const typing = ref(false)
const sense = computed(() => {
  const { tempo, kinds } = props.entry
  const perMinute = tempo.bpm * tempo.notesPerBeat
  return t('syllabi.entry-line.tempo', {
    what: kinds.map((kind) => formatMessage(kindNamed({ id: kind }))).join(', '),
    perMinute,
  })
})

function take(line: string, goes: boolean): void {
  typing.value = false
  const changed = line !== props.entry.words
  if (changed || goes) emit('type', changed ? line : null, goes)
}
function leave(emptied: boolean): void {
  typing.value = false
  if (emptied) emit('remove')
}
</script>

<template>
  <li :id="entry.id" class="border-b border-rule py-[6px]">
    <div class="flex items-baseline gap-3">
      <LineEditor
        v-if="typing"
        :id="entry.id"
        :words="entry.words"
        :context="context"
        :label="t('syllabi.entry-line.label', { id: entry.id })"
        :needed="removable ? '' : t('syllabi.entry-line.last-line')"
        @take="take"
        @leave="leave"
        @move="emit('move', $event)"
      />
      <button
        v-else-if="editable"
        type="button"
        class="flex-1 text-left text-[14.5px] leading-[1.4]"
        :data-entry="entry.id"
        @click="typing = true"
      >
        {{ entry.words }}
      </button>
      <span v-else class="flex-1 text-[14.5px] leading-[1.4]">{{ entry.words }}</span>
      <span
        v-if="!typing"
        class="quiet font-serif text-[14px] whitespace-nowrap"
        :title="t('syllabi.entry-line.items', { count: items ?? -1 })"
        >{{ items === null ? '–' : items }}</span
      >
      <EntryPanel
        v-if="!typing"
        :entry="entry"
        :editable="editable"
        :plays="plays"
        :removable="removable"
        @change="(next) => emit('change', next)"
        @remove="emit('remove')"
      />
    </div>
    <p v-if="!typing" class="aside quiet text-[13px] leading-[1.4]">
      {{ sense }}<template v-if="entry.memory"> · {{ t('syllabi.entry-line.from-memory') }}</template>
    </p>
    <p v-if="fault" role="alert" class="text-[13px] text-missing">{{ fault }}</p>
    <p v-if="entry.conditions.length" class="aside text-[13px]">
      {{ t('syllabi.entry-line.also', { what: entry.conditions.join(', ') }) }}
    </p>
    <p v-if="entry.reading" class="aside text-[13px] text-rh">
      {{ t('syllabi.entry-line.read-as', { reading: entry.reading }) }}
    </p>
    <p v-for="open in entry.open" :key="open" class="aside text-[13px] text-rh">? {{ question(open) }}</p>
  </li>
</template>
