<script setup lang="ts">
import { computed } from 'vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { usePlaying } from '~/stores/playing'
import { t } from '~/composables/words'

/** How the tempo climbs from round to round. */
const playing = usePlaying()
const NUMBERS = [
  { of: 'rounds', least: 0, most: 20, words: t('hear.hear-bar.faster-every'), unit: t('hear.hear-bar.rounds') },
  { of: 'faster', least: 1, most: 40, words: t('hear.hear-bar.by'), unit: t('hear.hear-bar.a-minute') },
] as const
const faster = computed(() => {
  const { rounds, faster: step } = playing.choices
  return rounds > 0 ? t('hear.hear-bar.every', { step, rounds }) : t('hear.hear-bar.same-tempo')
})
const milliseconds = (seconds: number): number => Math.round(seconds * 1000)
</script>

<template>
  <WordPanel :words="faster" :label="t('hear.hear-bar.tempo-step', { faster })" placement="top-start">
    <div class="w-[270px] p-4 text-[14px]">
      <label v-for="each in NUMBERS" :key="each.of" class="mb-2 flex items-center justify-between">
        {{ each.words }}
        <span>
          <input
            v-model.number="playing.choices[each.of]"
            class="field w-16 tabular-nums"
            type="number"
            :min="each.least"
            :max="each.most"
          />
          {{ each.unit }}
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
