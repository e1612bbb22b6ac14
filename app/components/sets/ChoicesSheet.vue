<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Choices, OpenChoice } from '#core/syllabus'
import DialogSheet from '~/components/frame/DialogSheet.vue'
import { t, formatMessage } from '~/composables/words'

/** What a grade leaves to the candidate, asked once; the answers are remembered for the pupil. */
const props = defineProps<{
  pupil: string
  missing: number
  choices: readonly OpenChoice[]
  known: Choices
}>()
const emit = defineEmits<{ close: []; build: [choices: Record<string, string>] }>()

const usual = (choice: OpenChoice): string => props.known[choice.id] ?? choice.options[0]!.value
const chosen = ref<Record<string, string>>(Object.fromEntries(props.choices.map((each) => [each.id, usual(each)])))
const remembered = computed(() => props.choices.every(({ id }) => props.known[id] !== undefined))
</script>

<template>
  <DialogSheet :title="t('sets.choices-sheet.heading')" @close="emit('close')">
    <form @submit.prevent="emit('build', chosen)">
      <p class="quiet mt-1">
        {{ remembered ? t('sets.choices-sheet.remembered', { pupil }) : t('sets.choices-sheet.asked-once', { pupil }) }}
      </p>
      <fieldset v-for="choice in choices" :key="choice.id" class="mt-4 border-t border-rule pt-3">
        <legend class="float-left mr-6 w-[230px] font-serif font-semibold">{{ formatMessage(choice.words) }}</legend>
        <span class="flex flex-wrap gap-x-6 gap-y-1">
          <label v-for="option in choice.options" :key="option.value" class="flex min-h-[26px] items-center gap-2">
            <input v-model="chosen[choice.id]" type="radio" :name="choice.id" :value="option.value" />
            {{ formatMessage(option.words) }}
          </label>
        </span>
      </fieldset>
      <p class="mt-6 flex justify-end gap-3">
        <button type="button" class="text-button mr-2" @click="emit('close')">
          {{ t('sets.choices-sheet.not-now') }}
        </button>
        <button type="submit" class="main-button">
          {{ t('sets.choices-sheet.add-missing', { missing }) }}
        </button>
      </p>
    </form>
  </DialogSheet>
</template>
