<script setup lang="ts">
import { currentTrouble, isPageMissing } from '~/composables/connection'
import { t } from '~/composables/words'
</script>

<template>
  <p role="status" class="print:hidden">
    <span v-if="currentTrouble" class="block border-b border-rule bg-sheet px-[26px] py-2 text-near">{{
      currentTrouble === 'disk' ? t('frame.disk') : isPageMissing ? t('frame.page-missing') : t('frame.away')
    }}</span>
  </p>
</template>
