<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { NOTES_PER_BEAT, notesPerMinute, notesMessage, type Tempo, TEMPO_RANGE } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { tapping } from '~/components/practice/tempo'
import { t, formatMessage } from '~/composables/words'

const props = defineProps<{ tempo: Tempo }>()
const emit = defineEmits<{ choose: [tempo: Tempo] }>()

const typed = ref(String(props.tempo.bpm))
watch(
  () => props.tempo.bpm,
  (bpm) => (typed.value = String(bpm)),
)
const problem = computed(() => {
  const bpm = Number(typed.value)
  const good = Number.isInteger(bpm) && bpm >= TEMPO_RANGE.least && bpm <= TEMPO_RANGE.most
  return good ? '' : t('desk.tempo-choice.range', { least: TEMPO_RANGE.least, most: TEMPO_RANGE.most })
})
const counts = computed(() =>
  NOTES_PER_BEAT.map((value) => ({
    value,
    words: t('desk.tempo-choice.in', { notesMessage: formatMessage(notesMessage(value)) }),
    note: t('desk.tempo-choice.a-minute', { notesPerMinute: notesPerMinute({ ...props.tempo, notesPerBeat: value }) }),
  })),
)
function setBpm(): void {
  if (!problem.value) emit('choose', { ...props.tempo, bpm: Number(typed.value) })
}
const tapped = tapping()
/** The tempo as it is tapped, as soon as there are two taps. */
function tap(): void {
  const bpm = tapped()
  if (bpm === null) return
  typed.value = String(Math.min(TEMPO_RANGE.most, Math.max(TEMPO_RANGE.least, bpm)))
  setBpm()
}
</script>

<template>
  <WordPanel
    :words="`♩ = ${tempo.bpm}`"
    :label="
      t('desk.tempo-choice.word', {
        bpm: tempo.bpm,
        notesMessage: formatMessage(notesMessage(tempo.notesPerBeat)),
      })
    "
  >
    <div class="w-[260px] p-4">
      <label class="block text-[14px] font-medium" for="bpm">{{ t('desk.tempo-choice.bpm') }}</label>
      <input
        id="bpm"
        v-model="typed"
        class="field mt-1 w-24 font-serif text-[18px]"
        inputmode="numeric"
        :aria-invalid="problem !== ''"
        aria-describedby="bpm-problem"
        @input="setBpm"
      />
      <button type="button" class="text-button ml-4" @click="tap">{{ t('desk.tempo-choice.tap') }}</button>
      <p id="bpm-problem" class="text-[13px] text-missing" role="alert">{{ problem }}</p>
      <ChoiceGroup
        class="mt-3"
        :label="t('desk.tempo-choice.notes-per-beat')"
        :value="tempo.notesPerBeat"
        :choices="counts"
        @choose="emit('choose', { ...tempo, notesPerBeat: $event })"
      />
    </div>
  </WordPanel>
</template>
