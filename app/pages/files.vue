<script setup lang="ts">
import { useHead } from '#imports'
import FilesIn from '~/components/files/FilesIn.vue'
import FilesOut from '~/components/files/FilesOut.vue'
import { t } from '~/composables/words'

useHead({ title: t('files.head') })
</script>

<template>
  <div class="pt-[22px]">
    <h1 class="text-[26px]">{{ t('files.title') }}</h1>
    <div class="mt-4 grid gap-x-14 gap-y-8 border-t border-ink pt-4 lg:grid-cols-2">
      <FilesOut />
      <FilesIn />
    </div>
  </div>
</template>
