<script setup lang="ts">
/** A mark of one letter's size that tells something by its shape, and says it. */
defineProps<{ label: string }>()
</script>

<template>
  <svg width="14" height="14" viewBox="0 0 14 14" role="img" class="shrink-0" :aria-label="label"><slot /></svg>
</template>
