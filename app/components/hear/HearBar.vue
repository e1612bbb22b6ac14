<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { familyOf } from '#core/instrument'
import type { Loop, Metronome } from '#core/playback'
import { wordsOf } from '~/components/instrument'
import WordChoice from '~/components/frame/WordChoice.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import type { Desk } from '~/stores/desk'
import { usePlaying } from '~/stores/playing'
import { t } from '~/composables/words'

/** Hearing the study: what sounds, what is repeated, and how it grows. */
const props = defineProps<{ desk: Desk }>()
const playing = usePlaying()

const COUNTS = [
  { value: 0, words: t('hear.hear-bar.count-in-none') },
  { value: 1, words: t('hear.hear-bar.count-in-one') },
  { value: 2, words: t('hear.hear-bar.count-in-two') },
] as const
const METRONOME = [
  { value: 'off', words: t('hear.hear-bar.no-metronome') },
  { value: 'beats', words: t('hear.hear-bar.metronome-beats') },
  { value: 'halves', words: t('hear.hear-bar.metronome-halves') },
  { value: 'thirds', words: t('hear.hear-bar.metronome-thirds') },
  { value: 'quarters', words: t('hear.hear-bar.metronome-quarters') },
] as const satisfies readonly { value: Metronome; words: string }[]
const LOOP = [
  { value: 'once', words: t('hear.hear-bar.once') },
  { value: 'all', words: t('hear.hear-bar.loop-all') },
  { value: 'selection', words: t('hear.hear-bar.loop-marked'), note: t('hear.hear-bar.loop-marked-how') },
  { value: 'crossings', words: t('hear.hear-bar.loop-crossings') },
  { value: 'echo', words: t('hear.hear-bar.echo'), note: t('hear.hear-bar.echo-how') },
] as const satisfies readonly { value: Loop; words: string; note?: string }[]
const hands = computed(() => {
  const { study } = props.desk
  const heard = study ? wordsOf(study).heard(study) : []
  return heard.map(({ value, words, note }) => ({ value, words: t(words), ...(note ? { note: t(note) } : {}) }))
})
const wordsFor = <T,>(choices: readonly { value: T; words: string }[], value: T): string =>
  choices.find((each) => each.value === value)?.words ?? ''
const DIPS = [
  { value: 'yes', words: t('hear.hear-bar.turns-heard') },
  { value: 'no', words: t('hear.hear-bar.bellows-silent') },
] as const
const dips = computed(() => (playing.choices.dips ? 'yes' : 'no'))
const turns = computed(() => {
  const { study } = props.desk
  return study !== null && familyOf(study.recipe).dipsOf(study).length > 0
})
const faster = computed(() => {
  const { rounds, faster: step } = playing.choices
  return rounds > 0 ? t('hear.hear-bar.every', { step, rounds }) : t('hear.hear-bar.same-tempo')
})
const milliseconds = (seconds: number): number => Math.round(seconds * 1000)
const now = computed(() => {
  if (playing.state === 'opening') return t('hear.hear-bar.tuning')
  if (!playing.round) return playing.state === 'playing' ? t('hear.hear-bar.counting') : ''
  return playing.round.sounds ? `♩ = ${playing.round.bpm}` : t('hear.hear-bar.your-turn')
})
/** On a phone the bar has one row; the rest is behind a word. */
const whole = ref(false)
const sounds = computed(() => playing.state !== 'silent')
// another way of hearing it begins anew
watch(
  () => [
    playing.choices.dips,
    playing.choices.loop,
    playing.choices.metronome,
    playing.choices.rounds,
    playing.choices.faster,
  ],
  () => void (playing.state === 'playing' && props.desk.study && playing.play(props.desk.study, props.desk.marked)),
)
const press = (): Promise<void> => playing.toggle(props.desk.study!, props.desk.marked)
</script>

<template>
  <div class="hear" :class="{ whole }">
    <button
      type="button"
      class="play"
      :aria-label="sounds ? t('hear.hear-bar.stop') : t('hear.hear-bar.hear-it')"
      :title="sounds ? t('hear.hear-bar.stop-h') : t('hear.hear-bar.hear')"
      @click="press"
    >
      <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true">
        <circle cx="17" cy="17" r="16" />
        <path v-if="sounds" d="M12 12 h10 v10 h-10 z" />
        <path v-else d="M13.5 10 l11 7 l-11 7 z" />
      </svg>
    </button>
    <span class="telling font-serif tabular-nums" :class="{ idle: !sounds }" aria-live="off">
      {{ now || (sounds ? '' : t('hear.hear-bar.hear-it')) }}
    </span>
    <WordChoice
      :label="t('hear.hear-bar.repeat')"
      up
      :words="wordsFor(LOOP, playing.choices.loop)"
      :value="playing.choices.loop"
      :options="LOOP"
      @choose="playing.choices.loop = $event"
    />
    <WordChoice
      v-if="hands.length"
      class="extra"
      :label="t('hear.hear-bar.heard')"
      up
      :words="wordsFor(hands, playing.choices.hands)"
      :value="playing.choices.hands"
      :options="hands"
      @choose="playing.hear"
    />
    <WordChoice
      v-if="turns"
      class="extra"
      :label="t('hear.hear-bar.turns')"
      up
      :words="wordsFor(DIPS, dips)"
      :value="dips"
      :options="DIPS"
      @choose="playing.choices.dips = $event === 'yes'"
    />
    <WordChoice
      :label="t('hear.hear-bar.metronome')"
      up
      :words="wordsFor(METRONOME, playing.choices.metronome)"
      :value="playing.choices.metronome"
      :options="METRONOME"
      @choose="playing.choices.metronome = $event"
    />
    <WordChoice
      class="extra"
      :label="t('hear.hear-bar.count')"
      up
      :words="wordsFor(COUNTS, playing.choices.countIn)"
      :value="playing.choices.countIn"
      :options="COUNTS"
      @choose="playing.choices.countIn = $event"
    />
    <WordPanel class="extra" :words="faster" :label="t('hear.hear-bar.tempo-step', { faster })" placement="top-start">
      <div class="w-[270px] p-4 text-[14px]">
        <label class="flex items-center justify-between">
          {{ t('hear.hear-bar.faster-every') }}
          <span>
            <input
              v-model.number="playing.choices.rounds"
              class="field w-16 tabular-nums"
              type="number"
              min="0"
              max="20"
            />
            {{ t('hear.hear-bar.rounds') }}
          </span>
        </label>
        <label class="mt-2 flex items-center justify-between">
          {{ t('hear.hear-bar.by') }}
          <span>
            <input
              v-model.number="playing.choices.faster"
              class="field w-16 tabular-nums"
              type="number"
              min="1"
              max="40"
            />
            {{ t('hear.hear-bar.a-minute') }}
          </span>
        </label>
        <p class="quiet mt-3 text-[13px]">
          {{ t('hear.hear-bar.rounds-why') }}
        </p>
        <p v-if="playing.lag.count" class="quiet mt-2 text-[13px]" data-lag>
          {{
            t('hear.hear-bar.latency', {
              milliseconds: milliseconds(playing.lag.mean),
              milliseconds2: milliseconds(playing.lag.worst),
            })
          }}
        </p>
      </div>
    </WordPanel>
    <span v-if="playing.failed" role="alert" class="text-missing">{{ playing.failed }}</span>
    <span class="else extra ml-auto flex items-center gap-4"><slot /></span>
    <button
      type="button"
      class="text-button ml-auto sm:hidden"
      :aria-expanded="whole"
      :aria-label="t('hear.hear-bar.more-label')"
      @click="whole = !whole"
    >
      {{ whole ? t('desk.title-sentence.less') : t('desk.title-sentence.more') }}
    </button>
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
  fill: var(--color-soft);
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
@media (max-width: 639px) {
  .hear {
    column-gap: 10px;
    font-size: 13.5px;
  }
  /* one row at the thumb, until more is asked for */
  .hear:not(.whole) :deep(.extra) {
    display: none;
  }
  .else {
    display: contents;
  }
}
</style>
