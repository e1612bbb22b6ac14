<script setup lang="ts">
import { computed } from 'vue'
import type { Silence } from '#core/playback'
import WordPanel from '~/components/frame/WordPanel.vue'
import { usePlaying } from '~/stores/playing'
import { t } from '~/composables/words'

/** How it sounds: the balance of the hands, turns of the bellows, the count-in, silent bars, and what plays. */
defineProps<{ twoHands: boolean; turns: boolean }>()
const playing = usePlaying()

const SILENCE = [
  { value: 'none', words: t('hear.sound.silence-none') },
  { value: 'every-other', words: t('hear.sound.silence-every-other') },
  { value: 'two-and-two', words: t('hear.sound.silence-two-and-two') },
  { value: 'one-of-four', words: t('hear.sound.silence-one-of-four') },
] as const satisfies readonly { value: Silence; words: string }[]
const COUNTS = [
  { value: 0, words: t('hear.hear-bar.count-in-none') },
  { value: 1, words: t('hear.hear-bar.count-in-one') },
  { value: 2, words: t('hear.hear-bar.count-in-two') },
] as const
const balance = computed({
  get: () => playing.choices.balance,
  set: (value: number) => void playing.lean(Number(value)),
})
const leaning = computed(() => {
  const percent = Math.round(100 * (1 - Math.abs(balance.value)))
  return t('hear.sound.balance-now', { to: Math.sign(balance.value), percent })
})
</script>

<template>
  <WordPanel :words="t('hear.sound.sound')" placement="top-start">
    <div class="w-[290px] p-4 text-[14px]">
      <template v-if="twoHands">
        <label class="block font-medium" for="balance">{{ t('hear.sound.balance') }}</label>
        <input
          id="balance"
          v-model.number="balance"
          class="balance w-full"
          type="range"
          min="-1"
          max="1"
          step="0.1"
          :aria-valuetext="leaning"
        />
        <p class="quiet flex justify-between text-[13px]">
          <span>{{ t('hear.sound.left') }}</span>
          <span>{{ leaning }}</span>
          <span>{{ t('hear.sound.right') }}</span>
        </p>
      </template>
      <label v-if="turns" class="mt-3 flex items-center gap-2">
        <input v-model="playing.choices.dips" type="checkbox" class="size-4" />
        {{ t('hear.sound.turns') }}
      </label>
      <label class="mt-3 block font-medium" for="count-in">{{ t('hear.hear-bar.count') }}</label>
      <select id="count-in" v-model="playing.choices.countIn" class="field mt-1 w-full">
        <option v-for="each in COUNTS" :key="each.value" :value="each.value">{{ each.words }}</option>
      </select>
      <label class="mt-3 block font-medium" for="silence">{{ t('hear.sound.silence') }}</label>
      <select id="silence" v-model="playing.choices.silence" class="field mt-1 w-full">
        <option v-for="each in SILENCE" :key="each.value" :value="each.value">{{ each.words }}</option>
      </select>
      <p class="quiet mt-1 text-[13px]">{{ t('hear.sound.silence-why') }}</p>
      <p id="played-by" class="mt-3 font-medium">{{ t('hear.sound.outlet') }}</p>
      <select
        v-if="playing.outlets.length > 0"
        v-model="playing.outlet"
        aria-labelledby="played-by"
        class="field mt-1 w-full"
        @change="playing.stop"
      >
        <option value="">{{ t('hear.sound.here') }}</option>
        <option v-for="each in playing.outlets" :key="each.id" :value="each.id">{{ each.name }}</option>
      </select>
      <p v-else class="mt-1 flex items-baseline justify-between">
        <span class="quiet">{{ t('hear.sound.here') }}</span>
        <button type="button" class="text-button" @click="playing.findOutlets">
          {{ t('hear.sound.find') }}
        </button>
      </p>
    </div>
  </WordPanel>
</template>

<style scoped>
.balance {
  accent-color: var(--color-ink);
  min-height: 32px;
}
</style>
