<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { NuxtLayout, NuxtPage } from '#components'
import { useDesk } from '~/stores/desk'

const desk = useDesk()
// closing the window asks first while something is unsaved, on whichever page; within Tactum it is set aside instead
useEventListener(window, 'beforeunload', (event) => {
  if (desk.changed || desk.asides.length > 0) event.preventDefault()
})
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
</template>
