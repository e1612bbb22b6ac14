<script setup lang="ts">
import { ref } from 'vue'
import { DEFAULT_LESSON } from '#core/lesson'
import { dateOf } from '#core/practice'
import type { Pupil } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** One more lesson on a day, for somebody whom the timetable does not have on it. */
const props = defineProps<{ pupils: readonly Pupil[]; day: number; busy: boolean }>()
const emit = defineEmits<{ added: [] }>()
const { busy: adding, error, guarded } = working()
const pupilId = ref('')
const time = ref('15:00')
const add = (): Promise<void> =>
  guarded(async () => {
    const date = dateOf(props.day)
    const lesson = { date, status: 'planned', time: time.value, minutes: DEFAULT_LESSON, note: '', movedTo: null }
    await ask('PUT /api/pupils/:id/lesson', { id: pupilId.value }, { ...lesson, version: 0 })
    pupilId.value = ''
    emit('added')
  })
</script>

<template>
  <form class="flex flex-wrap items-end gap-3 text-[14px]" @submit.prevent="add">
    <label>
      {{ t('today.extra') }}
      <select v-model="pupilId" class="field mt-1 block max-w-[220px]">
        <option value="" disabled>{{ t('today.extra.who') }}</option>
        <option v-for="pupil in pupils" :key="pupil.id" :value="pupil.id">{{ pupil.name }}</option>
      </select>
    </label>
    <label>
      {{ t('lesson.time') }}
      <input v-model="time" class="field mt-1 block" type="time" required />
    </label>
    <button type="submit" class="plain-button" :disabled="busy || adding || !pupilId">
      {{ t('today.extra.add') }}
    </button>
    <p v-if="error" role="alert" class="w-full text-missing">{{ error }}</p>
  </form>
</template>
