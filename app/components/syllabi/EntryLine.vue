<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { parseRequirement } from '#core/call'
import { type Entry, expand } from '#core/syllabus'
import { kindNamed } from '#core/material'
import EntryPanel from './EntryPanel.vue'
import { question, t, tell } from '~/composables/words'

/** A line of the list as it is printed; typed over where it stands, and told how it is read. */
const props = defineProps<{
  entry: Entry
  items: number | null
  fault: string
  editable: boolean
  /** Who plays what the list asks. */
  plays: string
  removable: boolean
  previous: string | null
}>()
const emit = defineEmits<{
  type: [line: string]
  below: []
  move: [by: number]
  remove: []
  change: [entry: Entry]
}>()

const text = ref(props.entry.words)
const typing = ref(false)
const input = ref<HTMLTextAreaElement>()
watch(
  () => props.entry.words,
  (words) => (text.value = words),
)
const read = computed(() => (typing.value ? parseRequirement(text.value, props.previous) : null))
const problems = computed(() => read.value?.problems ?? [])
const refused = ref('')

/** How many items the typed line comes to, before it is taken. */
const count = computed(() => {
  if (!read.value) return props.items
  try {
    const entries = read.value.entries.map((entry, at) => ({ ...props.entry, ...entry, id: `typed-${at}` }) as Entry)
    return expand({ groups: [{ id: '', title: '', rule: 'all', draw: null, entries }] }).length
  } catch {
    return null
  }
})
const sense = computed(() => {
  const { tempo, kinds } = props.entry
  const perMinute = tempo.bpm * tempo.notesPerBeat
  return t('syllabi.entry-line.notes-a-minute', {
    what: kinds.map((kind) => tell(kindNamed({ id: kind }))).join(', '),
    perMinute,
  })
})

async function begin(): Promise<void> {
  if (!props.editable) return
  typing.value = true
  refused.value = ''
  await nextTick()
  input.value?.focus()
}
/** Takes the line, unless it comes to nothing: then it stays to be mended. */
function take(): boolean {
  if (!typing.value) return true
  if (text.value.trim() === '') {
    if (props.removable) emit('remove')
    else refused.value = t('syllabi.entry-line.a-grade-holds-a')
    return false
  }
  if (read.value!.entries.length === 0) {
    refused.value = problems.value.map(tell).join(' ')
    return false
  }
  typing.value = false
  if (text.value.trim() !== props.entry.words) emit('type', text.value.trim())
  return true
}
async function onKey(event: KeyboardEvent): Promise<void> {
  if (event.key === 'Enter') {
    event.preventDefault()
    if (!take()) return
    // what was typed stands in the list before a line goes beneath it
    await nextTick()
    emit('below')
  } else if (event.key === 'Escape') {
    text.value = props.entry.words
    typing.value = false
    refused.value = ''
  } else if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault()
    if (!take()) return
    await nextTick()
    emit('move', event.key === 'ArrowUp' ? -1 : 1)
  }
}
defineExpose({ begin })
</script>

<template>
  <li :id="entry.id" class="border-b border-rule py-[6px]">
    <div class="flex items-baseline gap-3">
      <textarea
        v-if="typing"
        ref="input"
        v-model="text"
        class="field flex-1 text-[14.5px] leading-[1.4]"
        rows="2"
        maxlength="400"
        :aria-label="t('syllabi.entry-line.entry-as-printed', { id: entry.id })"
        :aria-describedby="`read-${entry.id}`"
        @keydown="onKey"
        @blur="take"
      ></textarea>
      <button
        v-else-if="editable"
        type="button"
        class="flex-1 text-left text-[14.5px] leading-[1.4]"
        :data-entry="entry.id"
        @click="begin"
      >
        {{ entry.words }}
      </button>
      <span v-else class="flex-1 text-[14.5px] leading-[1.4]">{{ entry.words }}</span>
      <span
        class="quiet font-serif text-[14px] whitespace-nowrap"
        :title="t('syllabi.entry-line.items', { count: count ?? -1 })"
        >{{ count === null ? '–' : count }}</span
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
    <p :id="`read-${entry.id}`" class="aside quiet text-[13px] leading-[1.4]" aria-live="polite">
      <template v-if="typing && problems.length">
        <span class="text-missing">{{ problems.map(tell).join(' ') }}</span>
      </template>
      <template v-else-if="typing">
        {{
          read!.entries
            .flatMap((each) => each.open ?? [])
            .map(question)
            .join(' ') || t('syllabi.entry-line.understood')
        }}
      </template>
      <template v-else
        >{{ sense }}<template v-if="entry.memory">{{ ` ${t('syllabi.entry-line.from-memory')}` }}</template></template
      >
    </p>
    <p v-if="refused" role="alert" class="text-[13px] text-missing">
      {{ t('syllabi.entry-line.not-taken', { refused }) }}
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
