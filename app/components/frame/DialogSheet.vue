<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** A sheet over the page that wants an answer, or at least to be closed. */
defineProps<{ title: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog :open="true" class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-center justify-center p-6">
      <DialogPanel class="max-h-full w-[760px] overflow-auto border border-ink bg-sheet p-6">
        <DialogTitle class="font-serif text-[21px] font-semibold">{{ title }}</DialogTitle>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
