<script setup lang="ts">
import { computed } from 'vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { usePlaying } from '~/stores/playing'
import { t } from '~/composables/words'

/** How the tempo climbs from round to round. */
const playing = usePlaying()
const faster = computed(() => {
  const { rounds, faster: step } = playing.choices
  return rounds > 0 ? t('hear.hear-bar.every', { step, rounds }) : t('hear.hear-bar.same-tempo')
})
const milliseconds = (seconds: number): number => Math.round(seconds * 1000)
</script>

<template>
  <WordPanel :words="faster" :label="t('hear.hear-bar.tempo-step', { faster })" placement="top-start">
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
</template>
