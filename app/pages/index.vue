<script setup lang="ts">
import { navigateTo } from '#imports'

await navigateTo('/desk', { replace: true })
</script>

<template><div></div></template>
