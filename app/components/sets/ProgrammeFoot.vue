<script setup lang="ts">
import { NuxtLink } from '#components'
import type { Order } from '#core/syllabus'
import { t } from '~/composables/words'

/** Beneath the programme: its order for practice, and the way out of it. */
defineProps<{ setId: string; studies: number; busy: boolean }>()
const emit = defineEmits<{ order: [by: Order] }>()

const ORDERS = [
  { by: 'shape', words: t('sets.programme-foot.shape'), title: t('sets.programme-foot.order-hand-why') },
  { by: 'circle', words: t('sets.programme-foot.circle'), title: t('sets.programme-foot.order-circle-why') },
  { by: 'difficulty', words: t('sets.programme-foot.difficulty'), title: t('sets.programme-foot.order-easy-why') },
] as const
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule px-5 py-[9px] text-[14px]">
    <template v-if="studies">
      <span class="quiet" :title="t('sets.programme-foot.how-to-move')"
        ><kbd>{{ t('sets.programme-foot.alt') }}</kbd> <kbd>↑↓</kbd></span
      >
      <span role="group" :aria-label="t('sets.programme-foot.order')" class="flex gap-2">
        <span class="quiet">{{ t('sets.programme-foot.order-by') }}</span>
        <button
          v-for="each in ORDERS"
          :key="each.by"
          type="button"
          class="text-button"
          :title="each.title"
          :disabled="busy"
          @click="emit('order', each.by)"
        >
          {{ each.words }}
        </button>
      </span>
      <NuxtLink class="text-button ml-auto" :to="`/files?set=${setId}`">{{ t('files.export') }}</NuxtLink>
      <NuxtLink class="main-button leading-[22px]" :to="`/paper?set=${setId}`">{{
        t('sets.programme-foot.print')
      }}</NuxtLink>
    </template>
    <span v-else class="quiet">{{ t('sets.programme-foot.nothing-to-print') }}</span>
  </div>
</template>

<style scoped>
kbd {
  border: 1px solid var(--color-rule);
  border-radius: 3px;
  padding: 1px 5px;
  font-family: inherit;
  font-size: 12.5px;
}
</style>
