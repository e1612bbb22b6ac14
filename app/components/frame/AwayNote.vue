<script setup lang="ts">
import { isAway } from '~/composables/connection'
import { t } from '~/composables/words'
</script>

<template>
  <p role="status" class="print:hidden">
    <span v-if="isAway" class="block border-b border-rule bg-sheet px-[26px] py-2 text-near">{{
      t('frame.away')
    }}</span>
  </p>
</template>
