<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted, ref } from 'vue'
import { useHead } from '#imports'
import type { Page, PaperSize } from '#paper'
import { engravingReady } from '~/engraving'
import { t } from '~/composables/words'
import PaperPage from './PaperPage.vue'

/** The pages one under another, as large as there is room; the browser prints just these. */
const props = defineProps<{ pages: readonly Page[]; size: PaperSize }>()
const printing = ref(false)
const faced = ref(false)
onMounted(async () => {
  await engravingReady()
  faced.value = true
})
useEventListener('beforeprint', () => (printing.value = true))
useEventListener('afterprint', () => (printing.value = false))
useHead({
  style: [
    {
      key: 'page-size',
      innerHTML: computed(() => `@page { size: ${props.size === 'a4' ? 'A4' : 'letter'}; margin: 0; }`),
    },
  ],
})

/** Hands the pages to the browser's own print. */
async function print(): Promise<void> {
  printing.value = true
  await nextTick()
  window.print()
}
defineExpose({ print })
const labelOf = (at: number): string => t('paper.page', { at: at + 1, of: props.pages.length })
</script>

<template>
  <div v-if="faced">
    <ol class="grid gap-4">
      <li v-for="(page, at) in pages" :key="at" class="sheet">
        <PaperPage :page="page" :label="labelOf(at)" />
      </li>
    </ol>
    <Teleport to="body">
      <div v-if="printing" class="printed">
        <div v-for="(page, at) in pages" :key="at" class="leaf"><PaperPage :page="page" :label="labelOf(at)" /></div>
      </div>
    </Teleport>
  </div>
</template>

<style>
.printed {
  display: none;
}
@media print {
  .printed {
    display: block;
  }
  body:has(> .printed) > #__nuxt {
    display: none;
  }
  .printed .leaf {
    break-after: page;
    break-inside: avoid;
  }
  .printed .leaf:last-child {
    break-after: auto;
  }
}
</style>
<style scoped>
.sheet {
  border: 1px solid var(--color-rule);
  box-shadow: 0 1px 5px rgb(23 33 29 / 12%);
}
</style>
