<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { type Outcome, OUTCOMES, type Where } from '#core/practice'
import { t } from '~/composables/words'
import type { Row } from '~/practice'
import WherePick from './WherePick.vue'

/** How it went, by one press; where it was wrong is asked, and can be left open. */
defineProps<{ title: string; row: Row; busy: boolean; big?: boolean }>()
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
        :class="{ big }"
        :disabled="busy"
        :aria-label="t('practice.outcome.of', { outcome, title })"
        @click="press(outcome)"
      >
        {{ t('practice.outcome', { outcome }) }}
      </button>
    </div>
    <div v-else ref="place" @keydown.esc.stop="asking = false">
      <WherePick :row="row" @pick="recordWrong" @leave="asking = false" />
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
</style>
