<script setup lang="ts">
import { computed } from 'vue'
import { printedName } from '#core/pitch'
import { FINGERS } from '#core/fingering'
import type { Desk } from '~/stores/desk'

/** What can be done with the finger under the hand, for those without keys 1 to 5. */
const props = defineProps<{ desk: Desk }>()

const here = computed(() => {
  const { selected, study } = props.desk
  const part = selected && study?.hands[selected.hand]
  const note = part && part.notes[selected.index]
  if (!selected || !part || !note) return null
  return {
    place: selected,
    words: `${selected.hand} hand, note ${selected.index + 1}, ${printedName(note.pitch)}`,
    finger: part.fingers[selected.index]!,
    pinned: props.desk.pinAt(selected) !== undefined,
  }
})
</script>

<template>
  <div class="flex min-h-[40px] flex-wrap items-center gap-x-4 border-t border-rule px-4 py-[5px] text-[14px]">
    <template v-if="here">
      <span class="min-w-[210px]">{{ here.words }}</span>
      <span role="group" :aria-label="`Pin a finger: ${here.words}`" class="flex gap-1">
        <button
          v-for="finger in FINGERS"
          :key="finger"
          type="button"
          class="pin font-serif"
          :aria-pressed="here.finger === finger"
          :aria-label="`Pin finger ${finger}`"
          @click="desk.pin(here.place, finger)"
        >
          {{ finger }}
        </button>
      </span>
      <button v-if="here.pinned" type="button" class="text-button" @click="desk.free(here.place)">Free this pin</button>
    </template>
    <span v-else class="quiet">
      Click a finger, or tab to the score and use the arrow keys; 1 to 5 pins it, 0 frees it.
    </span>
    <button v-if="desk.pins.length" type="button" class="text-button ml-auto" @click="desk.setPins([])">
      Free {{ desk.pins.length === 1 ? 'the pin' : `all ${desk.pins.length} pins` }}
    </button>
  </div>
</template>

<style scoped>
.pin {
  width: 28px;
  height: 28px;
  border: 1px solid var(--color-rule);
  font-size: 15px;
}
.pin:hover {
  border-color: var(--color-ink);
}
.pin[aria-pressed='true'] {
  background: var(--color-ink);
  border-color: var(--color-ink);
  color: var(--color-sheet);
}
</style>
