<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { computed } from 'vue'
import { t } from '~/composables/words'

/** An address of this server, to be copied. */
const { path } = defineProps<{ path: string }>()
const address = computed(() => `${globalThis.location.origin}${path}`)
const { copy, copied, isSupported } = useClipboard()
</script>

<template>
  <p class="flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[14px]">
    <input
      class="field min-w-0 flex-1 font-mono text-[13px]"
      :value="address"
      readonly
      :aria-label="t('people.link.address')"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <button v-if="isSupported" type="button" class="text-button" @click="copy(address)">
      {{ copied ? t('people.link.copied') : t('people.link.copy') }}
    </button>
  </p>
</template>
