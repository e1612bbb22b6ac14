<script setup lang="ts">
import { definePageMeta } from '#imports'

/** The page as it was called before. */
definePageMeta({ redirect: '/settings' })
</script>

<template><div></div></template>
