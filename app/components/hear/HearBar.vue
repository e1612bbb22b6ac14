<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { onNuxtReady } from '#imports'
import { familyOf, instrumentOf } from '#core/instrument'
import type { Loop, Metronome } from '#core/playback'
import { wordsOf } from '~/components/instrument'
import WordChoice from '~/components/frame/WordChoice.vue'
import SoundPanel from '~/components/hear/SoundPanel.vue'
import TempoSteps from '~/components/hear/TempoSteps.vue'
import type { Desk } from '~/stores/desk'
import { reachForSound, usePlaying } from '~/stores/playing'
import { t } from '~/composables/words'

/** Hearing the study: what sounds, what is repeated, and how it grows. */
const props = defineProps<{ desk: Desk }>()
const playing = usePlaying()

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
  { value: 'bar', words: t('hear.hear-bar.loop-bar'), note: t('hear.hear-bar.loop-bar-how') },
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
const turns = computed(() => {
  const { study } = props.desk
  return study !== null && familyOf(study.recipe).dipsOf(study).length > 0
})
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
    playing.choices.silence,
    playing.choices.rounds,
    playing.choices.faster,
  ],
  () => void (playing.state === 'playing' && props.desk.study && playing.play(props.desk.study, props.desk.marked)),
)
// once the page has nothing else to do, and for what else stands there before it is heard
const ready = ref(false)
onNuxtReady(() => (ready.value = true))
watch(
  () => (ready.value ? props.desk.study : null),
  (study) => study && !playing.knows(instrumentOf(study.recipe).make) && reachForSound(study),
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
      :label="t('hear.hear-bar.metronome')"
      up
      :words="wordsFor(METRONOME, playing.choices.metronome)"
      :value="playing.choices.metronome"
      :options="METRONOME"
      @choose="playing.choices.metronome = $event"
    />
    <TempoSteps class="extra" />
    <SoundPanel class="extra" :two-hands="hands.length > 1" :turns="turns" />
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
