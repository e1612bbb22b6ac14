<script setup lang="ts">
import { computed } from 'vue'
import type { Entry } from '#core/syllabus'
import WordPanel from '~/components/frame/WordPanel.vue'
import { CHOICES, type ChoiceField, valueOf, withValue } from './reading'
import { t } from '~/composables/words'

/** How a line is read: each choice that the words may leave open, the questions, and a note of what was decided. */
const props = defineProps<{ entry: Entry; editable: boolean; plays: string; removable: boolean }>()
const emit = defineEmits<{ change: [entry: Entry]; remove: [] }>()

/** Sticks lead and strike the top; hands are the others' business. */
const shown = computed(() =>
  CHOICES.filter(({ plays, when }) => (!plays || plays.includes(props.plays)) && (!when || when(props.entry))),
)
const set = (field: ChoiceField, value: string): void => {
  const option = CHOICES.find((each) => each.field === field)!.options.find((each) => String(each.value) === value)!
  // by beats: two bars, unless the list says how many
  const beats =
    field === 'bellows' ? { bellowsBeats: option.value === 'beats' ? (props.entry.bellowsBeats ?? 8) : null } : {}
  emit('change', { ...withValue(props.entry, field, option.value), ...beats })
}
/** What a list says that the panel does not offer stands all the same, such as a figure of one's own. */
const isOffered = ({ field, options }: (typeof CHOICES)[number]): boolean =>
  options.some(({ value }) => value === valueOf(props.entry, field))
const write = (event: Event): void =>
  emit('change', { ...props.entry, reading: (event.target as HTMLInputElement).value.trim() })
const settle = (question: string): void =>
  emit('change', { ...props.entry, open: props.entry.open.filter((each) => each !== question) })
function setPick(event: Event): void {
  const number = Number((event.target as HTMLInputElement).value)
  emit('change', { ...props.entry, pick: Number.isInteger(number) && number > 0 ? number : 'all' })
}
</script>

<template>
  <WordPanel
    class="text-[13px]"
    :words="t('syllabi.entry-panel.reading')"
    :label="t('syllabi.entry-panel.label', { id: entry.id })"
  >
    <fieldset class="w-[430px] p-4 text-[14px]" :disabled="!editable">
      <legend class="sr-only">{{ t('syllabi.entry-panel.heading') }}</legend>
      <p v-if="!editable" class="aside quiet mb-2">{{ t('syllabi.entry-panel.read-only') }}</p>
      <label v-for="choice in shown" :key="choice.field" class="flex items-center justify-between gap-3 py-[3px]">
        <span>{{ t(choice.words) }}</span>
        <select
          class="field w-[230px]"
          :value="String(valueOf(entry, choice.field))"
          @change="set(choice.field, ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="option in choice.options" :key="String(option.value)" :value="String(option.value)">
            {{ t(option.words, option.params ?? {}) }}
          </option>
          <option v-if="!isOffered(choice)" :value="String(valueOf(entry, choice.field))">
            {{ valueOf(entry, choice.field) }}
          </option>
        </select>
      </label>
      <label class="flex items-center justify-between gap-3 py-[3px]">
        <span>{{ t('syllabi.entry-panel.pick') }}</span>
        <input
          class="field w-[230px]"
          inputmode="numeric"
          :placeholder="t('syllabi.entry-panel.pick-all')"
          :value="entry.pick === 'all' ? '' : entry.pick"
          @change="setPick"
        />
      </label>
      <label class="mt-2 block">
        {{ t('syllabi.entry-panel.read-as') }}
        <input
          class="field mt-1 w-full"
          maxlength="400"
          :value="entry.reading"
          :placeholder="t('syllabi.entry-panel.remark')"
          @change="write"
        />
      </label>
      <ul v-if="entry.open.length" class="mt-3 border-t border-rule pt-2">
        <li v-for="question in entry.open" :key="question" class="flex items-baseline justify-between gap-3 py-[3px]">
          <span class="aside text-rh">{{ question }}</span>
          <button type="button" class="text-button whitespace-nowrap" @click="settle(question)">
            {{ t('syllabi.entry-panel.settled') }}
          </button>
        </li>
      </ul>
      <p v-if="editable && removable" class="mt-3 border-t border-rule pt-2">
        <button type="button" class="text-button" @click="emit('remove')">
          {{ t('syllabi.entry-panel.delete') }}
        </button>
      </p>
    </fieldset>
  </WordPanel>
</template>
