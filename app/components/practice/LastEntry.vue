<script setup lang="ts">
import { computed } from 'vue'
import { materialName } from '#core/realise'
import { t, formatMessage } from '~/composables/words'
import { usePractice } from '~/stores/practice'

/** What was added to the record last, with a way back; beneath it what that changed in the plan. */
const practice = usePractice()
const first = computed(() => practice.last[0] ?? null)
</script>

<template>
  <div v-if="first" role="status">
    {{
      practice.last.length > 1
        ? t('practice.added.several', { count: practice.last.length })
        : t('practice.added', { title: formatMessage(materialName(first.row.recipe)), outcome: first.entry.outcome })
    }}
    <button type="button" class="text-button" :disabled="practice.busy" @click="practice.withdrawLast()">
      {{ t('practice.take-back') }}
    </button>
    <slot />
  </div>
</template>
