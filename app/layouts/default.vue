<script setup lang="ts">
import AwayNote from '~/components/frame/AwayNote.vue'
import DropAnywhere from '~/components/files/DropAnywhere.vue'
import TheHead from '~/components/frame/TheHead.vue'
import WelcomeBand from '~/components/studio/WelcomeBand.vue'
import { t } from '~/composables/words'
</script>

<template>
  <div class="min-h-screen">
    <a href="#content" class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2">
      {{ t('frame.default.skip') }}
    </a>
    <TheHead />
    <WelcomeBand />
    <AwayNote />
    <DropAnywhere />
    <main id="content" class="mx-auto max-w-[1280px] px-4 pb-10 sm:px-[26px]"><slot /></main>
  </div>
</template>
