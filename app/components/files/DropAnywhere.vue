<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import { ref } from 'vue'
import { navigateTo } from '#imports'
import { useFiles } from '~/stores/files'
import { t } from '~/composables/words'

/** A file may be dropped on any page: it is looked into among the files. */
const files = useFiles()
const page = ref<HTMLElement>(document.documentElement)
const { isOverDropZone } = useDropZone(page, {
  onDrop: (dropped) => {
    if (!dropped?.length) return
    void files.take(dropped)
    void navigateTo('/files')
  },
})
</script>

<template>
  <p
    v-if="isOverDropZone"
    class="pointer-events-none fixed inset-3 z-50 grid place-items-center border-2 border-dashed border-ink bg-page/90 font-serif text-[21px]"
  >
    {{ t('files.drop-here') }}
  </p>
</template>
