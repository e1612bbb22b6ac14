<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useHead, useRouter } from '#imports'
import { t } from '~/composables/words'

/** Above the page on screen only: the paper, and the browser's own print. */
const props = defineProps<{ ready: boolean }>()
const router = useRouter()
const paper = useStorage<'A4' | 'Letter'>('tactum-paper', 'A4')
const style = computed(() => `@page { size: ${paper.value === 'A4' ? 'A4' : 'letter'}; margin: 13mm 14mm 14mm; }`)
useHead({ style: [{ innerHTML: () => style.value, key: 'page-size' }] })
const print = () => props.ready && window.print()
</script>

<template>
  <div class="not-printed mb-6 flex items-center gap-5 border-b-[3px] border-double border-ink pb-3 text-[14px]">
    <button type="button" class="text-button" @click="router.back()">{{ t('print.paper-bar.back') }}</button>
    <fieldset class="flex gap-4">
      <legend class="sr-only">{{ t('print.paper-bar.paper') }}</legend>
      <label v-for="size in ['A4', 'Letter'] as const" :key="size" class="flex min-h-[24px] items-center gap-2">
        <input v-model="paper" type="radio" name="paper" :value="size" /> {{ size }}
      </label>
    </fieldset>
    <button type="button" class="main-button ml-auto" :disabled="!ready" @click="print">
      {{ t('print.paper-bar.print') }}
    </button>
  </div>
</template>
