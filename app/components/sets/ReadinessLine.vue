<script setup lang="ts">
import { computed } from 'vue'
import type { Readiness } from '#core/syllabus'
import { t, tell } from '~/composables/words'

/** How likely a draw is to ask nothing unready, and what would raise that most. */
const props = defineProps<{ readiness: Readiness }>()

const inHundred = (chance: number): string => {
  const hundred = Math.round(chance * 100)
  const told = (of: 'certain' | 'none' | 'under' | 'over' | 'some') => t('sets.readiness-line.chance', { of, hundred })
  if (chance === 1) return told('certain')
  if (chance === 0) return told('none')
  return told(chance < 0.01 ? 'under' : chance > 0.99 ? 'over' : 'some')
}
const chance = computed(() => inHundred(props.readiness.chance))
const raised = computed(() => props.readiness.next && inHundred(props.readiness.next.chance))
</script>

<template>
  <p class="text-[14px]">
    <span class="quiet"
      >{{ t('sets.readiness-line.chance-that-a-draw', { asked: readiness.asked }) }}
      <abbr v-if="readiness.assumed" class="decoration-dotted" :title="t('sets.readiness-line.the-list-does-not')">{{
        t('sets.readiness-line.as-is-usual')
      }}</abbr>
      {{ t('sets.readiness-line.asks-nothing-unready') }}</span
    >
    <b>{{ ` ${chance}` }}</b><template v-if="readiness.next">
      <span class="quiet">{{
        readiness.next.chance > 0 ? t('sets.readiness-line.most-would-be-gained') : t('sets.readiness-line.begin-with')
      }}</span>
      <span class="aside">{{ tell(readiness.next.words) }}</span>
      <span v-if="raised && raised !== chance" class="quiet">
        {{ ` ${t('sets.readiness-line.then', { raised })}` }}</span
      ></template
    >
  </p>
</template>
