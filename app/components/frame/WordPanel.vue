<script setup lang="ts">
import { autoUpdate, flip, offset, type Placement, shift, size, useFloating } from '@floating-ui/vue'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ref } from 'vue'

/**
 * A word or a button that opens a panel where it stands, and where there is room for it. The keyboard goes into the
 * panel as it opens, and comes back to the word as it closes.
 */
const props = withDefaults(
  defineProps<{
    words: string
    label?: string
    /** A word of a sentence, a button, or a small word aside. */
    look?: 'word' | 'button' | 'aside'
    placement?: Placement
    disabled?: boolean
  }>(),
  { look: 'word', placement: 'bottom-start', label: undefined },
)

const GAP = 6
const EDGE = 8
const word = ref<HTMLElement>()
const panel = ref<HTMLElement>()
const room = ref('')
// its place is watched only while it is open: watching costs a layout each time something else moves
const { floatingStyles } = useFloating(word, panel, {
  placement: () => props.placement,
  middleware: [
    offset(GAP),
    flip({ padding: EDGE }),
    shift({ padding: EDGE }),
    size({
      padding: EDGE,
      apply: ({ availableHeight }) => {
        room.value = `${Math.floor(availableHeight)}px`
      },
    }),
  ],
  whileElementsMounted: autoUpdate,
})
</script>

<template>
  <Popover v-slot="{ open }" as="span">
    <span ref="word">
      <PopoverButton
        :class="{ word: look === 'word', 'plain-button': look === 'button', small: look === 'aside' }"
        :aria-label="label"
        :disabled="disabled"
        ><slot name="word" />{{ words }}</PopoverButton
      >
    </span>
    <div v-if="open" ref="panel" class="z-30 w-max" :style="floatingStyles">
      <PopoverPanel v-slot="{ close }" focus class="choices fits" :style="{ maxHeight: room }">
        <slot :close="close" />
      </PopoverPanel>
    </div>
  </Popover>
</template>

<style scoped>
.choices.fits {
  position: static;
  margin-top: 0;
  max-width: calc(100vw - 16px);
  overflow: auto;
}
.small {
  border-bottom: 1px dotted var(--color-soft);
  color: var(--color-soft);
  font-size: 13px;
}
</style>
