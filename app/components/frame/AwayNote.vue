<script setup lang="ts">
import { currentTrouble } from '~/composables/connection'
import { t } from '~/composables/words'
</script>

<template>
  <p role="status" class="print:hidden">
    <span v-if="currentTrouble" class="block border-b border-rule bg-sheet px-[26px] py-2 text-near">{{
      currentTrouble === 'disk' ? t('frame.disk') : t('frame.away')
    }}</span>
  </p>
</template>
