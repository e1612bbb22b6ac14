<script setup lang="ts">
import type { NuxtError } from '#app'
import { clearError } from '#imports'
import { t } from '~/composables/words'

defineProps<{ error: NuxtError }>()
</script>

<template>
  <main class="mx-auto max-w-[560px] px-6 py-24">
    <h1 class="text-[26px]">
      {{ error.statusCode === 404 ? t('frame.error.not-found') : t('frame.error.failed') }}
    </h1>
    <p class="quiet mt-2">
      {{ error.statusCode === 404 ? t('frame.error.no-page') : error.message }}
    </p>
    <button type="button" class="main-button mt-6" @click="clearError({ redirect: '/desk' })">
      {{ t('frame.error.to-desk') }}
    </button>
  </main>
</template>
