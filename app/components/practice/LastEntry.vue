<script setup lang="ts">
import { materialName } from '#core/realise'
import { t, formatMessage } from '~/composables/words'
import { usePractice } from '~/stores/practice'

/** What was added to the record last, with a way back; beneath it what that changed in the plan. */
const practice = usePractice()
</script>

<template>
  <div v-if="practice.last" role="status">
    {{
      t('practice.added', {
        title: formatMessage(materialName(practice.last.row.recipe)),
        outcome: practice.last.entry.outcome,
      })
    }}
    <button type="button" class="text-button" :disabled="practice.busy" @click="practice.withdrawLast()">
      {{ t('practice.take-back') }}
    </button>
    <slot />
  </div>
</template>
