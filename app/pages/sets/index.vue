<script setup lang="ts">
import { definePageMeta } from '#imports'

/** Sets are found with their pupils. */
definePageMeta({ redirect: '/pupils' })
</script>

<template><div></div></template>
