<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { type Outcome, OUTCOMES, type Where } from '#core/practice'
import { t } from '~/composables/words'
import type { Recipe } from '#core/instrument'
import WherePick from './WherePick.vue'

/** How it went, by one press; where it was wrong is asked, and can be left open. */
defineProps<{
  title: string
  recipe: Recipe
  busy: boolean
  big?: boolean
  /** What was told already, and whether the music opens beneath rather than over the page. */
  told?: Outcome | null
  inline?: boolean
}>()
const emit = defineEmits<{ recorded: [outcome: Outcome, where?: Where] }>()

const asking = ref(false)
const place = ref<HTMLElement>()

async function press(outcome: Outcome): Promise<void> {
  if (outcome !== 'wrong') return emit('recorded', outcome)
  asking.value = true
  await nextTick()
  place.value?.querySelector('button')?.focus()
}
function recordWrong(where?: Where): void {
  asking.value = false
  emit('recorded', 'wrong', where)
}
defineExpose({ press })
</script>

<template>
  <div>
    <div v-if="!asking" class="flex flex-wrap" :class="big ? 'gap-2 sm:gap-3' : 'gap-[5px]'">
      <button
        v-for="outcome in OUTCOMES"
        :key="outcome"
        type="button"
        class="plain-button"
        :class="[{ big }, told === outcome ? `told ${outcome}` : '']"
        :aria-pressed="told === undefined ? undefined : told === outcome"
        :disabled="busy"
        :aria-label="t('practice.outcome.of', { outcome, title })"
        @click="press(outcome)"
      >
        {{ t('practice.outcome', { outcome }) }}
      </button>
    </div>
    <div v-else ref="place" @keydown.esc.stop="asking = false">
      <WherePick :recipe="recipe" :inline="inline" @pick="recordWrong" @leave="asking = false" />
    </div>
  </div>
</template>

<style scoped>
.big {
  min-height: 64px;
  min-width: min(150px, 27vw);
  padding-inline: 8px;
  font-size: 20px;
}
.told {
  background: var(--color-ink);
  color: var(--color-page);
}
.told.right {
  border-color: var(--color-met);
  background: var(--color-met);
}
.told.wrong {
  border-color: var(--color-missing);
  background: var(--color-missing);
}
</style>
