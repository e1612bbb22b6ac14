<script setup lang="ts">
import { computed } from 'vue'
import { printedName } from '#core/pitch'
import { FINGERS } from '#core/fingering'
import { isDegreePin, isGripPin, type Pin } from '#core/study'
import type { Desk } from '~/stores/desk'
import { hasDegrees } from '~/stores/deskPins'

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
    pinned: props.desk.pinAt(selected),
    /** Only where the octave comes again is there an every octave. */
    again: hasDegrees(study) && part.notes.some(({ degree }, at) => degree === note.degree && at !== selected.index),
  }
})
const freeWords = (pin: Pin): string =>
  isDegreePin(pin) ? 'Free every octave' : isGripPin(pin) ? 'Free this grip' : 'Free this pin'
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
      <button v-if="here.again" type="button" class="text-button" @click="desk.pinDegree(here.place)">
        {{ here.finger }} in every octave
      </button>
      <button type="button" class="text-button" @click="desk.pinGrip(here.place)">Pin this grip</button>
      <button v-if="here.pinned" type="button" class="text-button" @click="desk.free(here.place)">
        {{ freeWords(here.pinned) }}
      </button>
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
