<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, watch } from 'vue'
import type { Loop, Metronome } from '#core/playback'
import { wordsOf } from '~/components/instrument'
import WordChoice from '~/components/frame/WordChoice.vue'
import type { Desk } from '~/stores/desk'
import { usePlaying } from '~/stores/playing'

/** Hearing the study: what sounds, what is repeated, and how it grows. */
const props = defineProps<{ desk: Desk }>()
const playing = usePlaying()

const COUNTS = [
  { value: 0, words: 'no count-in' },
  { value: 1, words: 'count-in 1 bar' },
  { value: 2, words: 'count-in 2 bars' },
] as const
const METRONOME = [
  { value: 'off', words: 'no metronome' },
  { value: 'beats', words: 'metronome on beats' },
  { value: 'halves', words: 'metronome in halves' },
  { value: 'thirds', words: 'metronome in thirds' },
  { value: 'quarters', words: 'metronome in quarters' },
] as const satisfies readonly { value: Metronome; words: string }[]
const LOOP = [
  { value: 'once', words: 'once' },
  { value: 'all', words: 'again and again' },
  { value: 'selection', words: 'what is marked', note: 'Shift and arrows, or Shift and a click, mark it' },
  { value: 'crossings', words: 'each crossing in turn' },
  { value: 'echo', words: 'call and echo', note: 'a bar sounds, the pupil answers' },
] as const satisfies readonly { value: Loop; words: string; note?: string }[]
const hands = computed(() => (props.desk.study ? wordsOf(props.desk.study).heard(props.desk.study) : []))
const wordsFor = <T,>(choices: readonly { value: T; words: string }[], value: T): string =>
  choices.find((each) => each.value === value)?.words ?? ''
const faster = computed(() => {
  const { rounds, faster: step } = playing.choices
  return rounds > 0 ? `+${step} every ${rounds}` : 'same tempo'
})
const milliseconds = (seconds: number): number => Math.round(seconds * 1000)
const now = computed(() => {
  if (playing.state === 'opening') return 'tuning …'
  if (!playing.round) return playing.state === 'playing' ? 'counting …' : ''
  return playing.round.sounds ? `♩ = ${playing.round.bpm}` : 'your turn'
})
const sounds = computed(() => playing.state !== 'silent')
// another way of hearing it begins anew
watch(
  () => [playing.choices.loop, playing.choices.metronome, playing.choices.rounds, playing.choices.faster],
  () => void (playing.state === 'playing' && props.desk.study && playing.play(props.desk.study, props.desk.marked)),
)
const press = (): Promise<void> => playing.toggle(props.desk.study!, props.desk.marked)
</script>

<template>
  <div class="hear">
    <button
      type="button"
      class="play"
      :aria-label="sounds ? 'Stop' : 'Hear it'"
      :title="sounds ? 'Stop (H)' : 'Hear it (H)'"
      @click="press"
    >
      <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true">
        <circle cx="17" cy="17" r="16" />
        <path v-if="sounds" d="M12 12 h10 v10 h-10 z" />
        <path v-else d="M13.5 10 l11 7 l-11 7 z" />
      </svg>
    </button>
    <span class="telling font-serif tabular-nums" :class="{ idle: !sounds }" aria-live="off">
      {{ now || (sounds ? '' : 'Hear it') }}
    </span>
    <WordChoice
      label="Repeat"
      up
      :words="wordsFor(LOOP, playing.choices.loop)"
      :value="playing.choices.loop"
      :options="LOOP"
      @choose="playing.choices.loop = $event"
    />
    <WordChoice
      v-if="hands.length"
      label="Heard"
      up
      :words="wordsFor(hands, playing.choices.hands)"
      :value="playing.choices.hands"
      :options="hands"
      @choose="playing.hear"
    />
    <WordChoice
      label="Metronome"
      up
      :words="wordsFor(METRONOME, playing.choices.metronome)"
      :value="playing.choices.metronome"
      :options="METRONOME"
      @choose="playing.choices.metronome = $event"
    />
    <WordChoice
      label="Count"
      up
      :words="wordsFor(COUNTS, playing.choices.countIn)"
      :value="playing.choices.countIn"
      :options="COUNTS"
      @choose="playing.choices.countIn = $event"
    />
    <Popover as="div" class="relative">
      <PopoverButton class="word" :aria-label="`Tempo step: ${faster}`">{{ faster }}</PopoverButton>
      <PopoverPanel class="choices bottom-full mb-2 w-[270px] p-4 text-[14px]">
        <label class="flex items-center justify-between">
          Faster every
          <span>
            <input
              v-model.number="playing.choices.rounds"
              class="field w-16 tabular-nums"
              type="number"
              min="0"
              max="20"
            />
            rounds
          </span>
        </label>
        <label class="mt-2 flex items-center justify-between">
          by
          <span>
            <input
              v-model.number="playing.choices.faster"
              class="field w-16 tabular-nums"
              type="number"
              min="1"
              max="40"
            />
            a minute
          </span>
        </label>
        <p class="quiet mt-3 text-[13px]">
          0 rounds: always the same. Around crossings each place has its rounds (4 where none are set) before the next.
        </p>
        <p v-if="playing.lag.count" class="quiet mt-2 text-[13px]" data-lag>
          The picture follows the sound by {{ milliseconds(playing.lag.mean) }} ms, at the worst
          {{ milliseconds(playing.lag.worst) }} ms.
        </p>
      </PopoverPanel>
    </Popover>
    <span v-if="playing.failed" role="alert" class="text-missing">{{ playing.failed }}</span>
    <span class="ml-auto flex items-center gap-4"><slot /></span>
  </div>
</template>

<style scoped>
.hear {
  position: relative;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  border-top: 1px solid var(--color-rule);
  padding: 5px 14px;
  font-size: 14px;
}
.play circle {
  fill: var(--color-ink);
}
.play:hover circle {
  fill: #33413b;
}
.play path {
  fill: var(--color-sheet);
}
.play:focus-visible {
  border-radius: 50%;
}
.telling {
  min-width: 68px;
  font-weight: 600;
}
@media (max-width: 1100px) {
  .hear {
    column-gap: 12px;
    padding: 5px 10px;
  }
  .telling.idle {
    display: none;
  }
  /* no room in the row: a tab over it */
  .telling {
    position: absolute;
    right: 0;
    bottom: 100%;
    min-width: 0;
    border: 1px solid var(--color-rule);
    background: var(--color-sheet);
    padding: 2px 12px;
  }
}
.hear :deep(.word) {
  min-height: 28px;
}
</style>
