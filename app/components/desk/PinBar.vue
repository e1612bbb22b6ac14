<script setup lang="ts">
import { computed } from 'vue'
import { printedName } from '#core/pitch'
import { FINGERS } from '#core/fingering'
import { lineFor, marksOf } from '#core/realise'
import { type AnyPin, isDegreePin, isGripPin } from '#core/study'
import { takesPins } from '~/components/why/others'
import type { Desk } from '~/stores/desk'
import { hasDegrees } from '~/stores/deskPins'

/** What can be done with the finger or stick under the hand, for those without keys to press. */
const props = defineProps<{ desk: Desk }>()

const STICK_WORDS: Record<string, string> = { R: 'right stick', L: 'left stick' }
const here = computed(() => {
  const { selected, study } = props.desk
  if (!selected || !study) return null
  const { notes } = lineFor(study, selected.hand)
  const note = notes[selected.index]
  if (!note) return null
  const sticks = selected.hand === 'sticks'
  return {
    place: selected,
    words: `${sticks ? '' : `${selected.hand} hand, `}note ${selected.index + 1}, ${printedName(note.pitch)}`,
    mark: marksOf(study, selected.hand)[selected.index]!,
    marks: sticks ? ['L', 'R'] : FINGERS.map(String),
    can: takesPins(study, selected.hand),
    stretch: sticks ? 'Pin this stretch' : 'Pin this grip',
    pinned: props.desk.pinAt(selected),
    /** Only where the octave comes again is there an every octave. */
    again: hasDegrees(study) && notes.some(({ degree }, at) => degree === note.degree && at !== selected.index),
  }
})
const label = (mark: string): string => `Pin ${STICK_WORDS[mark] ?? `finger ${mark}`}`
function freeWords(pin: AnyPin): string {
  if (isDegreePin(pin)) return 'Free every octave'
  if (!isGripPin(pin)) return 'Free this pin'
  return 'sticks' in pin ? 'Free this stretch' : 'Free this grip'
}
const hint = computed(() => {
  const { study } = props.desk
  if (!study?.sticking) return 'Click a finger, or tab to the score and use the arrow keys; 1 to 5 pins it, 0 frees it.'
  const keys = takesPins(study, 'sticks') ? '; R and L pin it, 0 frees it' : ' to go from note to note'
  return `Click a stick, or tab to the score and use the arrow keys${keys}.`
})
</script>

<template>
  <div class="flex min-h-[40px] flex-wrap items-center gap-x-4 border-t border-rule px-4 py-[5px] text-[14px]">
    <template v-if="here">
      <span class="min-w-[210px]">{{ here.words }}</span>
      <template v-if="here.can">
        <span role="group" :aria-label="`Pin: ${here.words}`" class="flex gap-1">
          <button
            v-for="mark in here.marks"
            :key="mark"
            type="button"
            class="pin font-serif"
            :aria-pressed="here.mark === mark"
            :aria-label="label(mark)"
            @click="desk.pin(here.place, mark)"
          >
            {{ mark }}
          </button>
        </span>
        <button v-if="here.again" type="button" class="text-button" @click="desk.pinDegree(here.place)">
          {{ here.mark }} in every octave
        </button>
        <button type="button" class="text-button" @click="desk.pinGrip(here.place)">{{ here.stretch }}</button>
      </template>
      <span v-else class="quiet">Which stick strikes is part of the pattern here.</span>
      <button v-if="here.pinned" type="button" class="text-button" @click="desk.free(here.place)">
        {{ freeWords(here.pinned) }}
      </button>
    </template>
    <span v-else class="quiet">{{ hint }}</span>
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
