<script setup lang="ts">
import { computed } from 'vue'
import type { Message } from '#core/message'
import { NuxtLink } from '#components'
import type { SetReadiness } from '#shared/api'
import PlayedMark from '~/components/practice/PlayedMark.vue'
import RichWords from '~/components/frame/RichWords.vue'
import { t } from '~/composables/words'

/** What is printed, played and ready; how likely a draw today is to ask nothing that would go wrong. */
const props = defineProps<{ readiness: SetReadiness; record: string }>()

const inHundred = (chance: number): string => {
  const hundred = Math.round(chance * 100)
  const chanceWords = (of: 'certain' | 'none' | 'under' | 'over' | 'some') =>
    t('sets.readiness-line.chance', { of, hundred })
  if (chance === 1) return chanceWords('certain')
  if (chance === 0) return chanceWords('none')
  return chanceWords(chance < 0.01 ? 'under' : chance > 0.99 ? 'over' : 'some')
}
const chanceWords = computed((): Message => {
  const { chance, low, high, next, drawn, assumed } = props.readiness
  const [now, then] = [inHundred(chance), next && inHundred(next.chance)]
  const [least, most] = [low, high].map(inHundred)
  return {
    code: 'sets.readiness-line.told',
    params: {
      ...{ drawn, assumed: assumed ? 'yes' : 'no', chance: now, mend: next?.words ?? '' },
      ...(least === most ? { low: 'none', high: 'none' } : { low: least!, high: most! }),
      next: next ? 'some' : 'none',
      raised: then && then !== now ? then : 'none',
    },
  }
})
/** Three layers, never in one number. */
const layers = computed(() => {
  const { printed, played, ready } = props.readiness
  return played === 0
    ? t('sets.readiness-line.unplayed', { printed })
    : t('sets.readiness-line.layers', { printed, played, ready })
})
</script>

<template>
  <p class="mt-1 flex items-center gap-[6px] text-[14.5px]">
    <PlayedMark :of="readiness.ready > 0 ? 'ready' : readiness.played > 0 ? 'learning' : 'untried'" />
    <span>{{ layers }}</span>
    <span class="quiet">{{ t('sets.readiness-line.of', { required: readiness.required }) }}</span>
    <NuxtLink class="text-button ml-3" :to="record">{{ t('sets.readiness-line.record') }}</NuxtLink>
  </p>
  <p v-if="readiness.played > 0" class="text-[14px]">
    <RichWords :message="chanceWords">
      <template #n="{ text }"
        ><span class="quiet">{{ text }}</span></template
      >
      <template #a="{ text }"
        ><abbr class="quiet decoration-dotted" :title="t('sets.readiness-line.assumed')">{{ text }}</abbr></template
      >
      <template #i="{ text }"
        ><span class="aside">{{ text }}</span></template
      >
    </RichWords>
  </p>
</template>
