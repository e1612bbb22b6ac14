<script setup lang="ts">
import { LISTED } from '#core/instrument'
import { ref } from 'vue'
import { completeEntry, GRADE_DEFAULTS, GROUP_DEFAULTS, SYLLABUS_DEFAULTS, SYLLABUS_FORMAT } from '#core/syllabus'
import type { Syllabus, SyllabusInstrument } from '#core/syllabus'
import { slugOf } from '#shared/slug'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { firstEntry } from './edits'
import { t } from '~/composables/words'

/** A list of one grade with one line, to be typed over. */
const emit = defineEmits<{ made: [id: string] }>()
const { busy, error, guarded } = working()
const title = ref('')
const board = ref('')
const edition = ref('')
const instrument = ref<SyllabusInstrument>('piano')

const begin = (): Promise<void> =>
  guarded(async () => {
    const grade = { ...GRADE_DEFAULTS, id: '1', title: t('syllabi.new-list.first-grade') }
    const group = { ...GROUP_DEFAULTS, id: 'A', title: t('syllabi.new-list.scales') }
    const list: Syllabus = {
      ...SYLLABUS_DEFAULTS,
      format: SYLLABUS_FORMAT,
      id: slugOf(`${title.value} ${edition.value}`) || 'list',
      title: title.value.trim(),
      board: board.value.trim() || title.value.trim(),
      edition: edition.value.trim(),
      instrument: instrument.value,
      grades: [{ ...grade, groups: [{ ...group, entries: [completeEntry({ ...firstEntry(), id: '1.A1' })] }] }],
    }
    emit('made', (await ask('POST /api/syllabi', {}, list)).id)
  })
</script>

<template>
  <WordPanel :words="t('syllabi.new-list.button')" :label="t('syllabi.new-list.heading')">
    <form class="w-[320px] p-4 text-[14px]" @submit.prevent="begin">
      <label class="block">
        {{ t('syllabi.new-list.title') }}
        <input
          v-model="title"
          class="field mt-1 w-full"
          maxlength="120"
          required
          :placeholder="t('syllabi.new-list.board-label')"
        />
      </label>
      <label class="mt-2 block">
        {{ t('syllabi.new-list.board') }}
        <input
          v-model="board"
          class="field mt-1 w-full"
          maxlength="120"
          :placeholder="t('syllabi.new-list.title-label')"
        />
      </label>
      <label class="mt-2 block"
        >{{ t('syllabi.new-list.edition') }}
        <input v-model="edition" class="field mt-1 w-full" maxlength="40" :placeholder="t('syllabi.new-list.the-year')"
      /></label>
      <label class="mt-2 block">
        {{ t('syllabi.new-list.instrument') }}
        <select v-model="instrument" class="field mt-1 block w-full">
          <option v-for="each in LISTED" :key="each" :value="each">{{ each }}</option>
        </select>
      </label>
      <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
      <p class="mt-3">
        <button type="submit" class="plain-button" :disabled="busy">{{ t('syllabi.new-list.begin-it') }}</button>
      </p>
    </form>
  </WordPanel>
</template>
