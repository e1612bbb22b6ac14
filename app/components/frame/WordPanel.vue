<script setup lang="ts">
import { autoUpdate, flip, offset, shift, useFloating } from '@floating-ui/vue'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ref } from 'vue'

/** A word that opens a panel where it stands, and where there is room for it. */
defineProps<{ words: string; label: string }>()

const GAP = 6
const EDGE = 8
const word = ref<HTMLElement>()
const panel = ref<HTMLElement>()
// its place is watched only while it is open: watching costs a layout each time something else moves
const { floatingStyles } = useFloating(word, panel, {
  placement: 'bottom-start',
  middleware: [offset(GAP), flip({ padding: EDGE }), shift({ padding: EDGE })],
  whileElementsMounted: autoUpdate,
})
</script>

<template>
  <Popover v-slot="{ open }" as="span">
    <span ref="word">
      <PopoverButton class="word" :aria-label="label"><slot name="word" />{{ words }}</PopoverButton>
    </span>
    <div v-if="open" ref="panel" class="z-30 w-max" :style="floatingStyles">
      <PopoverPanel class="choices fits"><slot /></PopoverPanel>
    </div>
  </Popover>
</template>

<style scoped>
.choices.fits {
  position: static;
  margin-top: 0;
  max-width: calc(100vw - 16px);
  max-height: calc(100vh - 80px);
  overflow: auto;
}
</style>
