<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { DEFAULT_LESSON, type LessonSlot, MAX_LEVEL } from '#core/lesson'
import { type Weekday, WEEKDAYS } from '#core/practice'
import type { Settings } from '#core/syllabus'
import { type Recipe, taughtOf } from '#core/instrument'
import type { BulkEdit, ChangePreview, Pupil } from '#shared/api'
import ChangeSheet from '~/components/changes/ChangeSheet.vue'
import { viewOfPlays } from '~/components/instrument'
import { instrumentCalled, wordsFor } from '~/components/instrument/words'
import WordPanel from '~/components/frame/WordPanel.vue'
import { shortOfWeek } from '~/components/practice/dates'
import { ask } from '~/composables/api'
import { playerOfPupil } from '~/composables/studio'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'
import PupilLeaving from './PupilLeaving.vue'
import { isTwice } from './twice'

/** What a pupil is called, and how the pupil's studies are made when a grade becomes a set. */
const props = defineProps<{ pupil: Pupil; others: readonly string[] }>()
const emit = defineEmits<{ changed: []; left: [words: string, bin: string]; refingered: [change: BulkEdit] }>()

const { busy, error, guarded } = working()
/** As the pupil plays, with what holds for the whole studio. */
const own = computed<Settings>(() => playerOfPupil(props.pupil))
const fields = computed(() => viewOfPlays(taughtOf(props.pupil.instrument).family.plays).Settings)
const words = computed(() => {
  const { school, handSize, instrument } = own.value
  const parts = [
    school && formatMessage(taughtOf(props.pupil.instrument).family.schools.find(({ id }) => id === school)!.called),
    handSize && t('sets.pupil-settings.hands', { handSize }),
    instrument && instrument !== taughtOf(props.pupil.instrument).instrument && instrumentCalled({ instrument }),
    ...wordsFor({ instrument: taughtOf(props.pupil.instrument).instrument as Recipe['instrument'] }).madeAs(own.value),
  ]
  return parts.filter(Boolean).join(', ') || t('sets.pupil-settings.usual-settings')
})
const name = ref(props.pupil.name)
const note = ref(props.pupil.note)
/** The one lesson of the week that is changed here; a second one is kept as it is. */
const [first] = props.pupil.lessons
const weekday = ref<Weekday | ''>(first?.weekday ?? '')
const time = ref(first?.time ?? '16:00')
const minutes = ref(first?.minutes ?? DEFAULT_LESSON)
const level = ref<number | ''>(props.pupil.learning.level ?? '')
const slots = computed<LessonSlot[]>(() => {
  const rest = props.pupil.lessons.slice(1).filter((slot) => slot.weekday !== weekday.value)
  const own = { weekday: weekday.value, time: time.value, minutes: Number(minutes.value) }
  return own.weekday ? [own as LessonSlot, ...rest] : rest
})
const altered = computed(
  () =>
    name.value.trim() !== props.pupil.name ||
    note.value.trim() !== props.pupil.note ||
    (level.value || null) !== props.pupil.learning.level ||
    JSON.stringify(slots.value) !== JSON.stringify(props.pupil.lessons),
)
const twice = computed(() => isTwice(name.value, props.others))
const rename = (): Promise<void> =>
  guarded(async () => {
    const { id, version } = props.pupil
    const learning = { level: level.value === '' ? null : level.value }
    const called = { name: name.value.trim(), note: note.value.trim(), lessons: slots.value, learning, version }
    try {
      await ask('PUT /api/pupils/:id', { id }, called)
    } finally {
      // one that was saved elsewhere is shown as it stands
      emit('changed')
    }
  })
const set = (field: keyof Settings, value: unknown): Promise<void> =>
  guarded(async () => {
    await ask('PUT /api/pupils/:id/preferences', { id: props.pupil.id }, { settings: { [field]: value } })
    emit('changed')
  })
const changes = shallowRef<ChangePreview | null>(null)
const showChanges = (): Promise<void> =>
  guarded(async () => {
    changes.value = await ask('GET /api/pupils/:id/changes', { id: props.pupil.id })
  })
const refingered = (change: BulkEdit): void => {
  changes.value = null
  emit('refingered', change)
}
</script>

<template>
  <ChangeSheet v-if="changes" :preview="changes" :own="pupil.name" @close="changes = null" @done="refingered" />
  <WordPanel v-slot="{ close }" :words="words" :label="t('sets.pupil-settings.how-plays', { name: pupil.name, words })">
    <fieldset class="w-[340px] p-4 max-sm:min-w-0 font-sans text-[14px] font-normal">
      <legend class="sr-only">{{ t('sets.pupil-settings.label', { name: pupil.name }) }}</legend>
      <form class="mb-3 grid gap-2 border-b border-rule pb-3" @submit.prevent="rename">
        <label>
          {{ t('sets.pupil-settings.name') }}
          <input v-model="name" class="field mt-1 block w-full" maxlength="80" :aria-invalid="!name.trim()" />
        </label>
        <label>
          {{ t('sets.pupil-settings.note') }}
          <input v-model="note" class="field mt-1 block w-full" maxlength="200" />
        </label>
        <p class="flex flex-wrap items-end gap-2">
          <label>
            {{ t('pupils.lesson.day') }}
            <select v-model="weekday" class="field mt-1 block">
              <option value="">{{ t('pupils.lesson.none') }}</option>
              <option v-for="(day, at) in WEEKDAYS" :key="day" :value="day">{{ shortOfWeek(at) }}</option>
            </select>
          </label>
          <label v-if="weekday">
            {{ t('pupils.lesson.time') }}
            <input v-model="time" class="field mt-1 block" type="time" required />
          </label>
          <label v-if="weekday">
            {{ t('pupils.lesson.minutes') }}
            <input v-model="minutes" class="field mt-1 block w-[70px]" type="number" min="5" max="180" required />
          </label>
          <label>
            {{ t('pupils.level') }}
            <select v-model="level" class="field mt-1 block">
              <option value="">{{ t('pupils.level.none') }}</option>
              <option v-for="each in MAX_LEVEL" :key="each" :value="each">{{ each }}</option>
            </select>
          </label>
        </p>
        <p v-if="!name.trim()" role="alert" class="text-missing">{{ t('sets.index.name-first') }}</p>
        <p v-else-if="twice" role="status" class="text-missing">{{ t('sets.index.twice', { name: name.trim() }) }}</p>
        <button type="submit" class="plain-button justify-self-start" :disabled="!name.trim() || !altered">
          {{ t('sets.pupil-settings.keep') }}
        </button>
      </form>
      <p class="aside quiet mb-2">{{ t('sets.pupil-settings.lead') }}</p>
      <component :is="fields" :own="own" @set="set" />
      <p v-if="pupil.sets.some(({ studies }) => studies > 0)" class="mt-2">
        <button type="button" class="text-button" :disabled="busy" @click="(close(), showChanges())">
          {{ t('sets.pupil-settings.what-is-there') }}
        </button>
      </p>
      <PupilLeaving
        class="mt-3 border-t border-rule pt-3"
        :pupil="pupil"
        @archived="(close(), emit('changed'))"
        @left="(words, bin) => (close(), emit('left', words, bin))"
      />
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    </fieldset>
  </WordPanel>
</template>
