<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { type ListContext, parseRequirement } from '#core/call'
import { kindNamed } from '#core/material'
import { completeEntry, expand } from '#core/syllabus'
import { question, t, formatMessage } from '~/composables/words'

/** A printed line while it is typed: how it is read, and what it comes to, before it is taken. */
const props = defineProps<{
  /** What stands there so far. */
  words: string
  context: ListContext
  label: string
  /** Tells lines of a page apart. */
  id: string
  /** Said where an emptied line cannot be taken; nothing where it may go. */
  needed?: string
}>()
const emit = defineEmits<{
  /** The line as it was typed; `goes` where another is begun beneath. */
  take: [line: string, goes: boolean]
  /** It is left as it was, or emptied. */
  leave: [emptied: boolean]
  move: [by: number]
}>()

const text = ref(props.words)
const input = ref<HTMLTextAreaElement>()
const refused = ref('')
/** Once taken or left, losing the focus says nothing more. */
let done = false
onMounted(() => input.value?.focus())

const read = computed(() => parseRequirement(text.value, props.context))
const problems = computed(() => read.value.problems)
const blank = computed(() => text.value.trim() === '')
/** How many items it comes to; those whose keys stand elsewhere are counted once it is taken. */
const items = computed(() => {
  try {
    const entries = read.value.entries.map((entry, at) => completeEntry({ ...entry, id: `typed-${at}` }))
    return expand({ groups: [{ id: '', title: '', rule: 'all', draw: null, entries }] }).length
  } catch {
    return null
  }
})
const preview = computed(() => {
  if (blank.value) return t('syllabi.entry-line.new-line')
  const { entries } = read.value
  const count = entries.length
  const questions = [...new Set(entries.flatMap((entry) => entry.open ?? []))].map(question).join(' ')
  const kinds = [...new Set(entries.flatMap((entry) => entry.kinds))]
    .map((id) => formatMessage(kindNamed({ id })))
    .join(', ')
  const what = t('syllabi.entry-line.comes-to', { kinds, count, items: items.value ?? -1 })
  return [what, questions].filter(Boolean).join(' ')
})

function finish(work: () => void): void {
  if (done) return
  done = true
  work()
}
/** Takes the line, unless it comes to nothing: then it stays to be mended. */
function take(goes: boolean): boolean {
  if (blank.value) {
    if (props.needed) refused.value = props.needed
    else finish(() => emit('leave', true))
    return false
  }
  if (read.value.entries.length === 0) {
    refused.value = problems.value.map(formatMessage).join(' ')
    return false
  }
  finish(() => emit('take', text.value.trim(), goes))
  return true
}
function onKey(event: KeyboardEvent): void {
  if (event.key === 'Enter') {
    event.preventDefault()
    take(true)
  } else if (event.key === 'Escape') {
    finish(() => emit('leave', false))
  } else if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault()
    const by = event.key === 'ArrowUp' ? -1 : 1
    if (take(false)) emit('move', by)
  }
}
</script>

<template>
  <div class="flex-1">
    <textarea
      ref="input"
      v-model="text"
      class="field w-full text-[14.5px] leading-[1.4]"
      rows="2"
      maxlength="400"
      :aria-label="label"
      :aria-describedby="`read-${id}`"
      @keydown="onKey"
      @blur="take(false)"
    ></textarea>
    <p :id="`read-${id}`" class="aside quiet text-[13px] leading-[1.4]" aria-live="polite">
      <span v-if="problems.length && !blank" class="text-missing">{{ problems.map(formatMessage).join(' ') }}</span>
      <template v-else>{{ preview }}</template>
    </p>
    <p v-if="refused" role="alert" class="text-[13px] text-missing">
      {{ t('syllabi.entry-line.not-taken', { refused }) }}
    </p>
  </div>
</template>
