<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Marking } from '#core/syllabus'
import { slugOf } from '#shared/slug'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'

/** How the board marks: criteria and bands as lines of words and a number, as a board prints them. */
const props = defineProps<{ marking: Marking | null; editable: boolean }>()
const emit = defineEmits<{ change: [marking: Marking | null] }>()

const total = ref('')
const criteria = ref('')
const bands = ref('')
const error = ref('')
watch(
  () => props.marking,
  (marking) => {
    total.value = marking ? String(marking.total) : ''
    criteria.value = marking?.criteria.map(({ title, most }) => `${title} ${most}`).join('\n') ?? ''
    bands.value = marking?.bands.map(({ title, least }) => `${title} ${least}`).join('\n') ?? ''
  },
  { immediate: true },
)
const words = computed(() =>
  props.marking ? t('syllabi.marking-panel.word', { total: props.marking.total }) : 'marking',
)

/** “Right notes 5” by its words and its number; null where a line has no number. */
function linesOf(text: string): { title: string; number: number }[] | null {
  const lines = text.split('\n').filter((line) => line.trim() !== '')
  const read = lines.flatMap((line) => {
    const found = /^(.*\S)\s+(\d{1,4})$/.exec(line.trim())
    return found ? [{ title: found[1]!, number: Number(found[2]) }] : []
  })
  return read.length === lines.length ? read : null
}
function take(): void {
  error.value = ''
  if ([total.value, criteria.value, bands.value].every((text) => text.trim() === '')) return emit('change', null)
  const [own, least] = [linesOf(criteria.value), linesOf(bands.value)]
  if (!own?.length || !least?.length) {
    error.value = t('syllabi.marking-panel.not-read')
    return
  }
  const out = Number(total.value)
  if (!Number.isInteger(out) || out < 1 || out > 1000) {
    error.value = t('syllabi.marking-panel.total-range')
    return
  }
  const wide = own.find(({ number }) => number < 1 || number > 9)
  if (wide) {
    error.value = t('syllabi.marking-panel.range', { title: wide.title })
    return
  }
  emit('change', {
    total: out,
    criteria: own.map(({ title, number }) => ({ id: slugOf(title) || 'criterion', title, most: number })),
    bands: least.map(({ title, number }) => ({ title, least: number })),
  })
}
</script>

<template>
  <WordPanel :words="words" :label="t('syllabi.marking-panel.heading')">
    <form class="w-[340px] p-4 text-[14px]" @submit.prevent="take">
      <fieldset :disabled="!editable">
        <legend class="sr-only">{{ t('syllabi.marking-panel.heading') }}</legend>
        <label class="block">
          {{ t('syllabi.marking-panel.criteria') }}
          <textarea
            v-model="criteria"
            class="field mt-1 w-full"
            rows="4"
            :placeholder="t('syllabi.marking-panel.criteria-example')"
          ></textarea>
        </label>
        <label class="mt-2 block">
          {{ t('syllabi.marking-panel.total') }}
          <input v-model="total" class="field ml-2 w-[80px]" inputmode="numeric" />
        </label>
        <label class="mt-2 block">
          {{ t('syllabi.marking-panel.bands') }}
          <textarea
            v-model="bands"
            class="field mt-1 w-full"
            rows="4"
            :placeholder="t('syllabi.marking-panel.pass-14')"
          ></textarea>
        </label>
        <p v-if="error" role="alert" class="mt-1 text-missing">{{ error }}</p>
        <p v-if="editable" class="mt-3">
          <button type="submit" class="plain-button">{{ t('syllabi.marking-panel.use') }}</button>
        </p>
        <p class="quiet mt-2 text-[13px]">{{ t('syllabi.marking-panel.default') }}</p>
      </fieldset>
    </form>
  </WordPanel>
</template>
