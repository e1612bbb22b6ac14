<script setup lang="ts">
import { computed } from 'vue'
import { nameChoices } from '~/composables/nameChoices'
import { familyHere } from '~/composables/studio'
import { t } from '~/composables/words'
import { usePaper } from '~/stores/paper'
import TickList from './TickList.vue'
import WordRow from './WordRow.vue'

/** What stands with the notes of a sheet. */
const paper = usePaper()
const names = nameChoices()
const family = familyHere()
const look = computed(() => paper.choice.look)
const fingers = (['all', 'crossings', 'none'] as const).map((value) => ({
  value,
  words: t('paper.fingers.name', { fingers: value }),
}))
const hands = (['all', 'right', 'left'] as const).map((value) => ({
  value,
  words: t('paper.hands.name', { hands: value }),
}))
const bars = [0, 1, 2, 3, 4].map((value) => ({ value, words: t('paper.bars.name', { bars: value }) }))
const SWITCHES = ['grips', 'stair', 'map', 'steps', 'large', 'book', 'chordNames'] as const
/** Chords have names only where a board has buttons for them. */
const offered = SWITCHES.filter((each) => each !== 'chordNames' || family === 'accordion')
const switches = computed(() =>
  offered.map((value) => ({ value, words: t(`paper.${value}`, { family }), ticked: look.value[value] })),
)
</script>

<template>
  <div>
    <WordRow
      :label="t('paper.fingers', { family })"
      :value="look.fingers"
      :options="fingers"
      @choose="paper.look('fingers', $event)"
    />
    <WordRow :label="t('paper.names')" :value="look.names" :options="names" @choose="paper.look('names', $event)" />
    <WordRow :label="t('paper.hands')" :value="look.hands" :options="hands" @choose="paper.look('hands', $event)" />
    <WordRow :label="t('paper.bars')" :value="look.bars" :options="bars" @choose="paper.look('bars', $event)" />
    <TickList :label="t('paper.look')" :options="switches" @toggle="paper.look($event, !look[$event])" />
  </div>
</template>
