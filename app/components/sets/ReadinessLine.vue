<script setup lang="ts">
import { computed } from 'vue'
import type { Message } from '#core/message'
import type { Readiness } from '#core/syllabus'
import RichWords from '~/components/frame/RichWords.vue'
import { t } from '~/composables/words'

/** How likely a draw is to ask nothing unready, and what would raise that most. */
const props = defineProps<{ readiness: Readiness }>()

const inHundred = (chance: number): string => {
  const hundred = Math.round(chance * 100)
  const told = (of: 'certain' | 'none' | 'under' | 'over' | 'some') => t('sets.readiness-line.chance', { of, hundred })
  if (chance === 1) return told('certain')
  if (chance === 0) return told('none')
  return told(chance < 0.01 ? 'under' : chance > 0.99 ? 'over' : 'some')
}
const told = computed((): Message => {
  const { chance, next, asked, assumed } = props.readiness
  const [now, then] = [inHundred(chance), next && inHundred(next.chance)]
  return {
    code: 'sets.readiness-line.told',
    params: {
      ...{ asked, assumed: assumed ? 'yes' : 'no', chance: now, mend: next?.words ?? '' },
      next: next ? (next.chance > 0 ? 'more' : 'first') : 'none',
      raised: then && then !== now ? then : 'none',
    },
  }
})
</script>

<template>
  <p class="text-[14px]">
    <RichWords :said="told">
      <template #n="{ text }"
        ><span class="quiet">{{ text }}</span></template
      >
      <template #a="{ text }"
        ><abbr class="quiet decoration-dotted" :title="t('sets.readiness-line.the-list-does-not')">{{
          text
        }}</abbr></template
      >
      <template #i="{ text }"
        ><span class="aside">{{ text }}</span></template
      >
    </RichWords>
  </p>
</template>
