<script setup lang="ts">
import type { NuxtError } from '#app'
import { clearError } from '#imports'

defineProps<{ error: NuxtError }>()
</script>

<template>
  <main class="mx-auto max-w-[560px] px-6 py-24">
    <h1 class="text-[26px]">{{ error.statusCode === 404 ? 'A rest here, no music' : 'That was a wrong note' }}</h1>
    <p class="quiet mt-2">
      {{ error.statusCode === 404 ? 'There is no page at this address.' : error.message }}
    </p>
    <button type="button" class="main-button mt-6" @click="clearError({ redirect: '/desk' })">To the desk</button>
  </main>
</template>
