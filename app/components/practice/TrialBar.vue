<script setup lang="ts">
import { computed } from 'vue'
import { type Help, helpMessage } from '#core/practice'
import { t, formatMessage } from '~/composables/words'
import type { PracticeView } from '~/practice'
import { namesOf } from './names'

/** What is being tried on: the page shows how all would stand with it; it is kept, or left as it was. */
const props = defineProps<{ help: Help; before: PracticeView; busy: boolean }>()
const emit = defineEmits<{ keep: []; leave: [] }>()

const what = computed(() => {
  const { help, before } = props
  if (help.change === 'grade') return t('practice.trial.grade')
  if (help.change !== 'leave') return t('practice.trial.aim')
  const names = namesOf(before.rows.map(({ recipe }) => recipe))
  const studies = help.studies.map((study) => names[study]!)
  return t('practice.trial.leave', { studies: studies.join(', ') })
})
</script>

<template>
  <section class="border border-ink bg-sheet p-3" role="status" :aria-label="t('practice.trial.title')">
    <h2 class="text-[17px]">{{ t('practice.trial.tried', { what: formatMessage(helpMessage(help)) }) }}</h2>
    <p class="quiet mt-1 text-[13.5px]">{{ what }}</p>
    <p class="mt-2 flex items-center gap-4">
      <button type="button" class="main-button" :disabled="busy" @click="emit('keep')">
        {{ t('practice.trial.keep') }}
      </button>
      <button type="button" class="text-button text-[14px]" :disabled="busy" @click="emit('leave')">
        {{ t('practice.trial.leave-it') }}
      </button>
    </p>
  </section>
</template>
