<script setup lang="ts">
import { useColorMode, useEventListener } from '@vueuse/core'
import { NuxtLayout, NuxtPage } from '#components'
import { GROUND } from '~/composables/ground'
import { useDesk } from '~/stores/desk'

const desk = useDesk()
// dark for the evening: as the system wishes it until somebody chooses here
useColorMode(GROUND)
// what is not saved outlives the window in this browser; only where the browser keeps nothing does closing ask first
useEventListener(window, 'beforeunload', (event) => {
  if (!desk.safe && (desk.changed || desk.stashes.length > 0)) event.preventDefault()
})
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
</template>
