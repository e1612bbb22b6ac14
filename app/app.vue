<script setup lang="ts">
import { useColorMode, useEventListener } from '@vueuse/core'
import { defineAsyncComponent } from 'vue'
import { NuxtLayout, NuxtPage } from '#components'
import { GROUND } from '~/composables/ground'
import { isSignInNeeded } from '~/composables/session'
import { allWords } from '~/composables/words'
import { useDesk } from '~/stores/desk'

/** Nobody is asked on one's own machine: it is fetched where it is wanted. */
const SignInSheet = defineAsyncComponent(async () => {
  await allWords()
  return import('~/components/people/SignInSheet.vue')
})
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
  <SignInSheet v-if="isSignInNeeded" />
</template>
