<script setup lang="ts">
import { computed, ref } from 'vue'
import { TAUGHT } from '#core/instrument'
import { readPupilLine } from '#core/lesson'
import { WEEKDAYS } from '#core/practice'
import { shortOfWeek } from '~/components/practice/dates'
import { ask } from '~/composables/api'
import { familyHere, taughtHere } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { isTwice } from './twice'

/** A new pupil in one line; one who is called like another is only added when that is said again. */
const props = defineProps<{ names: readonly string[] }>()
const emit = defineEmits<{ added: [id: string] }>()

const { busy, error, guarded } = working()
const line = ref('')
const usual = computed(() => taughtHere().instrument ?? TAUGHT[0]!.id)
/** What was chosen beside the line, where the line does not say it. */
const chosen = ref<string | null>(null)
const heard = computed(() => readPupilLine(line.value))
const instrument = computed(() => heard.value.instrument ?? chosen.value ?? usual.value)
const remark = ref('')
const confirmed = ref('')
function addPupil(): void {
  const wanted = heard.value.name
  remark.value = ''
  if (!wanted) {
    remark.value = t('sets.index.name-first')
  } else if (isTwice(wanted, props.names) && confirmed.value !== wanted) {
    confirmed.value = wanted
    remark.value = `${t('sets.index.twice', { name: wanted })} ${t('sets.index.add-all-the-same')}`
  } else void add(wanted)
}
const add = (wanted: string): Promise<void> =>
  guarded(async () => {
    const { lessons, level, knows, note, settings } = heard.value
    const learning = { level, knows }
    const pupil = { name: wanted, instrument: instrument.value, note, lessons, learning, settings }
    const { id } = await ask('POST /api/pupils', {}, pupil)
    line.value = confirmed.value = ''
    emit('added', id)
  })
/** How the line was understood, beyond the name. */
const words = computed(() => {
  const { lessons, level, knows, note } = heard.value
  const times = lessons.map(({ weekday, time, minutes }) =>
    t('pupils.heard.lesson', { day: shortOfWeek(WEEKDAYS.indexOf(weekday)), time, minutes }),
  )
  return [
    ...times,
    ...(level ? [t('pupils.heard.level', { level })] : []),
    ...(knows.length > 0 ? [t('pupils.heard.knows', { keys: knows.join(' ') })] : []),
    ...(note ? [t('pupils.heard.note', { note })] : []),
  ].join(' · ')
})
</script>

<template>
  <form class="flex flex-wrap items-end gap-3 border-t border-rule pt-4" @submit.prevent="addPupil">
    <label class="min-w-0 flex-1 text-[14px]">
      {{ t('sets.index.new-pupil') }}
      <input
        v-model="line"
        class="field mt-1 block w-full min-w-[230px]"
        maxlength="300"
        aria-describedby="new-pupil new-pupil-heard"
        :placeholder="t('pupils.such-as', { family: familyHere() })"
      />
    </label>
    <label class="text-[14px]">
      {{ t('sets.index.plays') }}
      <select
        class="field mt-1 block"
        :value="instrument"
        :disabled="heard.instrument !== null"
        @change="chosen = ($event.target as HTMLSelectElement).value"
      >
        <option v-for="{ id } in TAUGHT" :key="id" :value="id">{{ t('name.make', { make: id }) }}</option>
      </select>
    </label>
    <button class="plain-button h-[34px]" type="submit" :disabled="busy">{{ t('sets.index.add') }}</button>
    <p v-if="line.includes(',')" id="new-pupil-heard" class="quiet w-full text-[14px]" aria-live="polite">
      {{ words }}
    </p>
    <p id="new-pupil" role="status" class="w-full text-[14px] text-missing">{{ remark || error }}</p>
  </form>
</template>
