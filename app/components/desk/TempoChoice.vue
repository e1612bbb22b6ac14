<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { NOTES_PER_BEAT, notesPerMinute, notesWords, type Tempo, TEMPO_RANGE } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'

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
  return good ? '' : `A whole number from ${TEMPO_RANGE.least} to ${TEMPO_RANGE.most}.`
})
const counts = computed(() =>
  NOTES_PER_BEAT.map((value) => ({
    value,
    words: `in ${notesWords(value)}`,
    note: `${notesPerMinute({ ...props.tempo, notesPerBeat: value })} a minute`,
  })),
)
function setBpm(): void {
  if (!problem.value) emit('choose', { ...props.tempo, bpm: Number(typed.value) })
}
</script>

<template>
  <Popover as="div" class="relative inline-block">
    <PopoverButton class="word" :aria-label="`Tempo: quarter = ${tempo.bpm}, in ${notesWords(tempo.notesPerBeat)}`">
      ♩ = {{ tempo.bpm }}
    </PopoverButton>
    <PopoverPanel class="choices w-[260px] p-4">
      <label class="block text-[14px] font-medium" for="bpm">Quarter notes a minute</label>
      <input
        id="bpm"
        v-model="typed"
        class="field mt-1 w-24 font-serif text-[18px]"
        inputmode="numeric"
        :aria-invalid="problem !== ''"
        aria-describedby="bpm-problem"
        @input="setBpm"
      />
      <p id="bpm-problem" class="text-[13px] text-missing" role="alert">{{ problem }}</p>
      <ChoiceGroup
        class="mt-3"
        label="Notes to the beat"
        :value="tempo.notesPerBeat"
        :choices="counts"
        @choose="emit('choose', { ...tempo, notesPerBeat: $event })"
      />
    </PopoverPanel>
  </Popover>
</template>
