<script setup lang="ts">
import { computed } from 'vue'
import type { Readiness } from '#core/syllabus'

/** How likely a draw is to ask nothing unready, and what would raise that most. */
const props = defineProps<{ readiness: Readiness }>()

const inHundred = (chance: number): string => {
  if (chance === 1) return 'certain'
  if (chance === 0) return 'none'
  const hundred = chance * 100
  return hundred < 1 ? 'under 1 in 100' : hundred > 99 ? 'over 99 in 100' : `${Math.round(hundred)} in 100`
}
const chance = computed(() => inHundred(props.readiness.chance))
const raised = computed(() => props.readiness.next && inHundred(props.readiness.next.chance))
</script>

<template>
  <p class="text-[14px]">
    <span class="quiet"
      >chance that a draw of {{ readiness.asked }}
      <abbr
        v-if="readiness.assumed"
        class="decoration-dotted"
        title="The list does not say how many are asked: one from each group and six or more in all is taken."
        >(as is usual)</abbr
      >
      asks nothing unready:</span
    >
    <b>{{ ` ${chance}` }}</b><template v-if="readiness.next">
      <span class="quiet">{{ readiness.next.chance > 0 ? '; most would be gained by ' : '; begin with ' }}</span>
      <span class="aside">{{ readiness.next.words }}</span>
      <span v-if="raised !== chance" class="quiet"> (then {{ raised }})</span></template
    >
  </p>
</template>
