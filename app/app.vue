<script setup lang="ts">
import { NuxtLayout, NuxtPage } from '#components'
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
</template>
