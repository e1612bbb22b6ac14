<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Alternative } from '#core/fingering'
import { meetingWords } from '#core/together'
import type { Hand, RecipeInput } from '#core/study'
import type { RealisedStudy } from '#core/realise'
import { handsIn } from '~/engraving'
import type { Place } from '~/stores/desk'
import type { Lettered } from './letters'
import SchoolChoice from './SchoolChoice.vue'

const props = defineProps<{ study: RealisedStudy; lettered: readonly Lettered[]; selected: Place | null }>()
const emit = defineEmits<{
  point: [step: number | null]
  select: [place: Place]
  take: [hand: Hand, pattern: Alternative]
  change: [some: Partial<RecipeInput>]
}>()

const SHORT: Record<Hand, string> = { right: 'RH', left: 'LH' }
const INK: Record<Hand, string> = { right: 'text-rh', left: 'text-lh' }
const hands = computed(() => handsIn(props.study))
const chosen = ref<Hand>('right')
watch(
  () => props.selected?.hand,
  (hand) => hand && (chosen.value = hand),
)
const hand = computed(() => (hands.value.includes(chosen.value) ? chosen.value : hands.value[0]!))
/** Ruled-out patterns are shown only where there is nothing else, and then one. */
const alternatives = computed(() => {
  const all = props.study.hands[hand.value]!.alternatives
  const sensible = all.filter((each) => each.price < RULED_OUT)
  return sensible.length > 0 ? sensible : all.slice(0, 1)
})
const meetings = computed(() => {
  const { together, hands: parts } = props.study
  if (!together || !parts.right || !parts.left) return []
  const notes = (which: Hand) => parts[which]!.notes.map((note) => note.pitch)
  return meetingWords(together, notes('right'), notes('left'))
})
const patternWords = (each: Alternative): string => {
  const up = each.up.join(' ')
  const down = each.down.join(' ')
  return up === down ? up : `${up} up, ${down} down`
}
/** Beyond the school's first rule a figure says nothing any more. */
const RULED_OUT = 900
const price = (points: number): string =>
  points >= RULED_OUT ? 'out of the question here' : `costs ${Math.round(points * 10) / 10} more`
</script>

<template>
  <div class="text-[13.5px] leading-[1.42]">
    <div class="head">
      <h2>Why so</h2>
      <SchoolChoice :recipe="study.recipe" @change="emit('change', $event)" />
    </div>
    <ul>
      <li v-for="{ letter, reason } in lettered" :key="letter">
        <button
          type="button"
          class="note"
          @click="emit('select', { hand: reason.hand, index: reason.indices[0]! })"
          @pointerenter="emit('point', reason.indices[0]!)"
          @pointerleave="emit('point', null)"
        >
          <span class="letter">{{ letter }}</span>
          <span>
            <b :class="INK[reason.hand]">{{ SHORT[reason.hand] }}</b> {{ reason.text }}
            <span v-if="reason.price" class="quiet whitespace-nowrap">({{ price(reason.price) }})</span>
          </span>
        </button>
      </li>
    </ul>

    <template v-if="meetings.length">
      <div class="head"><h2>Hands together</h2></div>
      <ul>
        <li v-for="sentence in meetings" :key="sentence" class="py-[7px]">{{ sentence }}</li>
      </ul>
    </template>

    <div class="head">
      <h2>Or else</h2>
      <span class="flex gap-3">
        <button
          v-for="each in hands"
          :key="each"
          type="button"
          class="min-h-[24px]"
          :class="each === hand ? 'font-semibold' : 'quiet underline underline-offset-3'"
          :aria-pressed="each === hand"
          @click="chosen = each"
        >
          {{ each }} hand
        </button>
      </span>
    </div>
    <ul>
      <li v-for="each in alternatives" :key="patternWords(each)" class="flex items-center gap-3 py-[8px]">
        <span class="flex-1">
          <span class="block font-serif text-[15px] font-semibold" :class="INK[hand]">{{ patternWords(each) }}</span>
          <span class="quiet">{{ each.words }} ({{ price(each.price) }})</span>
        </span>
        <button
          type="button"
          class="plain-button"
          :aria-label="`Take ${patternWords(each)} for the ${hand} hand`"
          @click="emit('take', hand, each)"
        >
          Take
        </button>
      </li>
      <li v-if="alternatives.length === 0" class="quiet aside py-[7px]">Nothing else serves this hand.</li>
    </ul>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding: 8px 0 5px;
}
.head:not(:first-child) {
  margin-top: 14px;
}
h2 {
  font-size: 18px;
}
li {
  border-bottom: 1px solid var(--color-rule);
}
.note {
  display: grid;
  grid-template-columns: 22px 1fr;
  width: 100%;
  padding: 7px 0;
  text-align: left;
}
.note:hover {
  background: var(--color-sheet);
}
.letter {
  font-family: var(--font-serif);
  font-style: italic;
  font-weight: 650;
  font-size: 15px;
}
</style>
