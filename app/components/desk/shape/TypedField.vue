<script setup lang="ts">
import { t } from '~/composables/words'

/** A line that is typed and then used: its name, why it cannot be read, and what uses it. */
defineProps<{ id: string; label: string; most: number; ready: boolean; fault: string; example?: string }>()
const text = defineModel<string>({ required: true })
const emit = defineEmits<{ use: [] }>()
</script>

<template>
  <form class="px-[14px] pt-1 pb-2" @submit.prevent="ready && emit('use')">
    <label class="quiet block text-[13px]" :for="id">{{ label }}</label>
    <span class="flex gap-2">
      <input
        :id="id"
        v-model="text"
        class="field min-w-0 flex-1 font-serif"
        :placeholder="example"
        :aria-invalid="fault !== ''"
        :aria-describedby="`${id}-fault`"
        spellcheck="false"
        autocomplete="off"
        :maxlength="most"
      />
      <button type="submit" class="plain-button" :disabled="!ready">{{ t('desk.shape-it.take') }}</button>
    </span>
    <p :id="`${id}-fault`" class="min-h-[18px] max-w-[230px] text-[13px] leading-[1.3] text-missing" role="status">
      {{ fault }}
    </p>
    <slot />
  </form>
</template>
